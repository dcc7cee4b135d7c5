<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Grade\Interval;

/**
 * What was found of two coverages that start from one picture: the cut that tells them apart, how often it was right
 * in games it had not seen, and what always naming the more frequent one would have been right.
 */
final readonly class Tell
{
    /**
     * @param  string  $from  the picture both start from, as "two high"
     * @param  array<string, int>  $charted  snaps by coverage
     * @param  Cut|null  $cut  null where nothing tells them apart, or not enough is charted
     * @param  Interval|null  $right  in games left out; null where not enough is charted
     * @param  list<string>  $ids  snaps it was judged on
     */
    public function __construct(
        public string $from,
        public array $charted,
        public bool $enough,
        public ?Cut $cut = null,
        public ?Interval $right = null,
        public float $byFrequency = 0.0,
        public array $ids = [],
    ) {
    }

    /** One line for a coach. */
    public function words(): string
    {
        $pair = implode(' or ', array_keys($this->charted));
        if (! $this->enough) {
            $counts = implode(', ', array_map(
                fn (string $shell, int $n): string => "$n of $shell",
                array_keys($this->charted),
                $this->charted,
            ));

            return "$pair: not enough film ($counts with places charted).";
        }
        if ($this->cut === null) {
            return "$pair: nothing that was charted tells them apart.";
        }

        return sprintf(
            '%s: %s. %s: %s. It shows %s.',
            ucfirst($this->cut->sign->words($this->cut->at, true)),
            $this->cut->above,
            ucfirst($this->cut->sign->words($this->cut->at, false)),
            $this->cut->below,
            $this->cut->sign->moment->value,
        );
    }

    /**
     * @return array{from: string, charted: array<string, int>, enough: bool, told: bool, words: string,
     *     right: array{hits: int, of: int, share: float|null, low: float, high: float}|null, byFrequency: float,
     *     ids: list<string>}
     */
    public function toArray(): array
    {
        return ['from' => $this->from, 'charted' => $this->charted, 'enough' => $this->enough,
            'told' => $this->cut !== null, 'words' => $this->words(), 'right' => $this->right?->toArray(),
            'byFrequency' => round($this->byFrequency, 3), 'ids' => $this->ids];
    }
}
