<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Film\Chart\DefenderStood;
use Jacotaxis\Core\Grade\Numbers\SnapRow;

/** Something that can be seen of one defender before the snap: how deep he stands, or on which side of his man. */
final readonly class Sign
{
    public function __construct(public string $defender, public SignKind $kind, public PreSnap $moment)
    {
    }

    /**
     * Everything that was charted of anybody by a moment.
     *
     * @param  list<SnapRow>  $snaps
     * @return list<self>
     */
    public static function charted(array $snaps, PreSnap $moment): array
    {
        $signs = [];
        foreach ($snaps as $snap) {
            foreach ($snap->stood as $one) {
                $signs["{$one->defender} depth"] = new self($one->defender, SignKind::Depth, $moment);
                if ($one->leverage !== null) {
                    $signs["{$one->defender} side"] = new self($one->defender, SignKind::Side, $moment);
                }
            }
        }
        ksort($signs);

        return array_values($signs);
    }

    /** Yards deep, or -1 inside, 0 head up, 1 outside; null where it was not charted. */
    public function of(SnapRow $snap): ?float
    {
        foreach ($snap->stood as $one) {
            if ($one->defender === $this->defender) {
                return $this->value($one);
            }
        }

        return null;
    }

    /** What is seen above a cut or up to it, in words. */
    public function words(float $cut, bool $above): string
    {
        if ($this->kind === SignKind::Depth) {
            return sprintf('%s %s than %g yd', $this->defender, $above ? 'deeper' : 'nearer', $cut);
        }
        $seen = match (true) {
            $cut > 0.0 => $above ? 'outside' : 'not outside',
            default => $above ? 'not inside' : 'inside',
        };

        return "{$this->defender} $seen";
    }

    private function value(DefenderStood $stood): ?float
    {
        return match (true) {
            $this->kind === SignKind::Side => $stood->leverage?->outward(),
            $this->moment === PreSnap::LinedUp => $stood->linedUpYd,
            default => $stood->atSnapYd,
        };
    }
}
