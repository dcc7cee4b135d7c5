<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;

/** Numbers, grass and leverage on one side, and whether the quick throw is there (CNT-07 to CNT-09). */
final readonly class Outside
{
    /** A corner this far off gives the throw in front of him, yards (product default). */
    private const GRASS_YD = 5.5;

    /** Nearer than this he presses, yards (product default). */
    public const PRESS_YD = 3.0;

    /** A bubble defender this far inside his man is out-leveraged, yards (product default). */
    private const LEVERAGE_YD = 1.0;

    /** A defender running out faster than this is already on his way to the bubble, yards a second. */
    private const PULLING = 2.0;

    /** Deeper men do not count against the quick throw, yards. */
    private const UNDER_YD = 10.0;

    private function __construct(
        public Side $side,
        public int $ours,
        public int $theirs,
        /** Cushion of the corner on #1, yards; null when nobody is on him. */
        public ?float $grassYd,
        /**
         * How far inside the bubble's receiver his man stands, yards; negative when outside; null when nobody is there.
         */
        public ?float $leverageYd,
        public bool $pulling,
    ) {
    }

    /**
     * @param  list<Defender>  $defenders
     * @param  list<string>  $box  roles counted in the box
     * @param  array<string, float>  $running  yards a second by role, outward positive
     */
    public static function of(Side $side, array $defenders, Lineup $lineup, array $box, array $running = []): self
    {
        $men = array_map(fn (string $l): Man => $lineup->men[$l], $lineup->count->on($side));
        $detached = array_values(
            array_filter($men, fn (Man $m): bool => abs($m->xYd) > $lineup->surfaceXYd($side) + 0.5),
        );
        $near = array_values(
            array_filter(
                $defenders,
                fn (Defender $d): bool => $d->yYd < self::UNDER_YD &&
                    ! in_array($d->role, $box, true) &&
                    Side::ofX($d->xYd) === $side &&
                    ! $d->rushes(),
            ),
        );
        $first = $detached[0] ?? null;
        $inner = $detached[min(1, count($detached) - 1)] ?? null;
        $corner = $first === null ? null : self::nearest($first, $near);
        $bubble =
            $inner === null || $inner === $first
                ? null
                : self::nearest($inner, array_values(array_filter($near, fn (Defender $d): bool => $d !== $corner)));

        return new self($side, count($detached), count($near),
            $corner === null ? null : round($corner->yYd - max(0.0, $first->yYd), 1),
            $bubble === null ? null : round(abs($inner->xYd) - abs($bubble->xYd), 1),
            $bubble !== null && ($running[$bubble->role] ?? 0.0) >= self::PULLING);
    }

    public function numbers(): bool
    {
        return $this->ours >= 2 && $this->ours > $this->theirs;
    }

    public function grass(): bool
    {
        return $this->ours > 0 && ($this->grassYd === null || $this->grassYd >= self::GRASS_YD);
    }

    public function leverage(): bool
    {
        return $this->leverageYd !== null && $this->leverageYd >= self::LEVERAGE_YD && ! $this->pulling;
    }

    /** Whether the quick throw to this side is correct. */
    public function yes(): bool
    {
        return $this->ours > 0 &&
            ! ($this->pulling && ! $this->grass()) &&
            ($this->numbers() || $this->grass() || $this->leverage());
    }

    /** bubble, now hitch, go or null: what the quick throw would be. */
    public function throw(): ?string
    {
        return match (true) {
            $this->ours === 0 => null,
            $this->ours === 1 && $this->grassYd !== null && $this->grassYd < self::PRESS_YD => 'go',
            ! $this->yes() => null,
            $this->grass() && ! ($this->numbers() && ! $this->pulling) => 'now hitch',
            $this->ours >= 2 && ! $this->pulling => 'bubble',
            default => 'now hitch',
        };
    }

    public function words(): string
    {
        if ($this->ours === 0) {
            return 'Nobody split out here.';
        }
        $parts = ["{$this->ours} on {$this->theirs}".($this->numbers() ? ', numbers are ours' : '')];
        $parts[] =
            $this->grassYd === null
                ? 'nobody on the outside man'
                : sprintf('corner %.1f yd off%s', $this->grassYd, $this->grass() ? ', grass' : '');
        if ($this->leverageYd !== null) {
            $parts[] = $this->pulling
                ? 'the bubble defender is already running out'
                : sprintf(
                    'bubble defender %.1f yd %s%s',
                    abs($this->leverageYd),
                    $this->leverageYd >= 0.0 ? 'inside' : 'outside',
                    $this->leverage() ? ', leverage' : '',
                );
        }
        $throw = $this->throw();

        return implode('; ', $parts).'. '.($throw === null ? 'Cancelled.' : ucfirst("$throw is there."));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['ours' => $this->ours, 'theirs' => $this->theirs, 'grassYd' => $this->grassYd,
            'leverageYd' => $this->leverageYd,
            'numbers' => $this->numbers(), 'grass' => $this->grass(), 'leverage' => $this->leverage(),
            'yes' => $this->yes(), 'throw' => $this->throw(), 'why' => $this->words()];
    }

    /** @param  list<Defender>  $men */
    private static function nearest(Man $man, array $men): ?Defender
    {
        usort($men, fn (Defender $a, Defender $b): int => abs($a->xYd - $man->xYd) <=> abs($b->xYd - $man->xYd));

        return $men !== [] && abs($men[0]->xYd - $man->xYd) < 6.0 ? $men[0] : null;
    }
}
