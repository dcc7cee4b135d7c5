<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

/**
 * Where a defender was seen to stand before the snap: how deep when they had lined up and when the ball was snapped, in
 * yards from the line of scrimmage, and on which side of the man before him.
 */
final readonly class DefenderStood
{
    /** Yards a depth may have. */
    public const DEEPEST_YD = 40.0;

    public function __construct(
        public string $defender,
        public float $linedUpYd,
        public float $atSnapYd,
        public ?Leverage $leverage = null,
    ) {
    }

    /**
     * @param  array{defender: string, linedUpYd: int|float, atSnapYd?: int|float, leverage?: string|null}  $stood
     */
    public static function read(array $stood): self
    {
        return new self(
            $stood['defender'],
            (float) $stood['linedUpYd'],
            (float) ($stood['atSnapYd'] ?? $stood['linedUpYd']),
            Leverage::tryFrom($stood['leverage'] ?? ''),
        );
    }

    /**
     * Read from words, as "free safety 8 then 13" or "left corner 7 inside"; null where they say no place.
     */
    public static function said(string $words): ?self
    {
        $sides = implode('|', array_map(fn (Leverage $l): string => $l->value, Leverage::cases()));
        $place = '/^(?<who>[a-z][a-z ]*?) (?<up>\d{1,2}(?:\.\d)?)(?: then (?<snap>\d{1,2}(?:\.\d)?))?(?: (?<side>'
            .$sides.'))?$/';
        if (preg_match($place, $words, $m) !== 1) {
            return null;
        }
        $atSnap = ($m['snap'] ?? '') === '' ? $m['up'] : $m['snap'];

        return max((float) $m['up'], (float) $atSnap) > self::DEEPEST_YD
            ? null
            : new self($m['who'], (float) $m['up'], (float) $atSnap, Leverage::tryFrom($m['side'] ?? ''));
    }

    public function words(): string
    {
        $moved = $this->atSnapYd === $this->linedUpYd ? '' : sprintf(' then %g', $this->atSnapYd);
        $side = $this->leverage === null ? '' : " {$this->leverage->value}";

        return sprintf('%s %g%s%s', $this->defender, $this->linedUpYd, $moved, $side);
    }

    /** @return array{defender: string, linedUpYd: float, atSnapYd: float, leverage: string|null} */
    public function write(): array
    {
        return ['defender' => $this->defender, 'linedUpYd' => $this->linedUpYd, 'atSnapYd' => $this->atSnapYd,
            'leverage' => $this->leverage?->value];
    }
}
