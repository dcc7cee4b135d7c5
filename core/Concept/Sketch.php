<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\RouteRunner;

/** The routes of a call, and the ways of a run, as short lines for a thumbnail, yards in the play frame. */
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
            $lines[] = ['man' => $letter, 'read' => $call->readNumber($letter),
                'points' => [...$points, [round($run->path->x[$until], 1), round($run->path->y[$until], 1)]]];
        }

        return $call->run === null ? $lines : [...self::run($call, $men), ...$lines];
    }

    /**
     * Who may have the ball in a run, from his spot through the gap the scheme aims at.
     *
     * @param  array<string, Man>  $men
     * @return list<array{man: string, read: int|null, points: list<array{float, float}>}>
     */
    private static function run(Call $call, array $men): array
    {
        $run = $call->run ?? throw new \LogicException('a pass has no run');
        $scheme = $run->scheme();
        $posts = Posts::of($call->lineup($call->situation ?? Situation::of()), $run->side);
        $wide =
            ['center' => 0.2, 'G' => 1.4, 'A' => 0.6, 'B' => 1.8, 'C' => 3.2, 'D' => 5.0, 'edge' => 7.5][
                $scheme->entry
            ] ?? 1.0;
        $carrier = $scheme->gives ? $run->who ?? $posts->first($scheme->carriers) : 'Q';
        $pitch = $posts->first($scheme->pitch);
        $lines = [];
        foreach ([[$carrier, $wide, 1], [$pitch, $wide + 6.0, null]] as [$letter, $u, $read]) {
            if ($letter !== null && isset($men[$letter])) {
                $x = round($u * $run->side->sign(), 1);
                $lines[] = ['man' => $letter, 'read' => $read,
                    'points' => [[round($men[$letter]->xYd, 1), round($men[$letter]->yYd, 1)],
                        [round($x - 0.8 * $run->side->sign(), 1), -1.5], [$x, 1.0], [$x, 8.0]]];
            }
        }

        return $lines;
    }
}
