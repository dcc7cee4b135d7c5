<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Route\RouteRunner;

/** The routes of a call as short lines for a thumbnail, yards in the play frame. */
final class Sketch
{
    /** Steps between two points of a line, and seconds drawn after the break. */
    private const EVERY = 6;

    private const TAIL = 0.8;

    /** @return list<array{man: string, read: int|null, points: list<array{float, float}>}> */
    public static function of(Call $call): array
    {
        $frame = ($call->situation ?? Situation::of())->frame();
        $men = $call->men($frame);
        $lines = [];
        foreach ($call->routes as $letter => $spec) {
            $run = RouteRunner::path($men[$letter], $spec, $frame, Level::HighSchool->receiver());
            $until = (int) (($run->break()->t + self::TAIL) / $run->path::STEP);
            $points = [];
            for ($i = 0; $i <= $until; $i += self::EVERY) {
                $points[] = [round($run->path->x[$i], 1), round($run->path->y[$i], 1)];
            }
            $lines[] = ['man' => $letter, 'read' => $call->readNumber($letter), 'points' => [...$points, [round($run->path->x[$until], 1), round($run->path->y[$until], 1)]]];
        }

        return $lines;
    }
}
