<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;

/** Nobody stands on top of another and everybody stands on the field: of two too near the later one gives way. */
final class Apart
{
    /** Least distance of two men, yards: shoulder to shoulder on the line, more behind it. */
    private const YD = 1.0;

    private const DOWN_YD = 0.7;

    /** Nearer to the ball than this a man is on the line, yards. */
    private const LINE_YD = 1.3;

    /** Nearest to the sideline, yards. */
    private const EDGE_YD = 1.0;

    /**
     * @param  list<Defender>  $men  the line first
     * @return list<Defender>
     */
    public static function of(array $men, PlayFrame $frame): array
    {
        $left = $frame->sidelineX(Side::Left) + self::EDGE_YD;
        $right = $frame->sidelineX(Side::Right) - self::EDGE_YD;
        for ($round = 0; $round < 8; $round++) {
            $moved = false;
            foreach ($men as $i => $a) {
                for ($j = $i + 1; $j < count($men); $j++) {
                    $b = $men[$j];
                    $need = $men[$i]->yYd < self::LINE_YD && $b->yYd < self::LINE_YD ? self::DOWN_YD : self::YD;
                    if (hypot($men[$i]->xYd - $b->xYd, $men[$i]->yYd - $b->yYd) < $need - 1e-9) {
                        $men[$j] = self::aside($men[$i], $b, $need);
                        $moved = true;
                    }
                }
            }
            foreach ($men as $i => $man) {
                $men[$i] = $man->at(max($left, min($right, $man->xYd)), $man->yYd);
            }
            if (! $moved) {
                break;
            }
        }

        return $men;
    }

    /** A man near the line steps outside, one behind it steps back. */
    private static function aside(Defender $a, Defender $b, float $need): Defender
    {
        if ($b->yYd < 2.5) {
            $out = $b->xYd === $a->xYd ? $b->side->sign() : ($b->xYd <=> $a->xYd);
            $out = abs($b->xYd) > 2.0 ? ($b->xYd <=> 0.0) : $out;

            return $b->at(
                $a->xYd + $out * sqrt(max(0.0, $need ** 2 - ($a->yYd - $b->yYd) ** 2)) + $out * 1e-6,
                $b->yYd,
            );
        }

        return $b->at($b->xYd, $a->yYd + sqrt(max(0.0, $need ** 2 - ($a->xYd - $b->xYd) ** 2)) + 0.2);
    }
}
