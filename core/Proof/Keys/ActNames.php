<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Keys;

use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Scene\Scene;

/** Coaches' words for what a key does, from the direction in which he goes. */
final class ActNames
{
    /** A receiver moving sideways faster than this drags his man with him, yards a second. */
    private const MOVING = 3.0;

    public function __construct(private readonly Scene $scene)
    {
    }

    /** @return array{string, string} the words for going to the first and to the second place */
    public function pair(int $d, Act $a, Act $b): array
    {
        [$low, $high] = $a->yYd <= $b->yYd ? [$a, $b] : [$b, $a];
        $deep = $this->scene->defenders[$d]->job->kind === JobKind::Deep;
        $widens = ! $deep && abs($low->xYd) > abs($high->xYd) && $this->widens($d, $low);
        if (! $widens && $this->sideBySide($a, $b)) {
            $left = $a->xYd < $b->xYd;

            return [$this->take($a, $left), $this->take($b, ! $left)];
        }
        $words = match (true) {
            $deep => ['jump', 'stay'],
            $widens || $this->widens($d, $low) => ['widen', 'hang'],
            default => ['sit', 'sink'],
        };

        return $low === $a ? $words : [$words[1], $words[0]];
    }

    public function question(int $d, string $a, string $b): string
    {
        $who = $this->scene->defenders[$d]->role;
        [$one, $two] = [$this->scene->routes[$a]->spec->name, $this->scene->routes[$b]->spec->name];

        return $one === $two
            ? "Which $one does the $who take, $a or $b?"
            : "Does the $who take the $one by $a or the $two by $b?";
    }

    private function sideBySide(Act $a, Act $b): bool
    {
        return abs($a->xYd - $b->xYd) > 1.5 * abs($a->yYd - $b->yYd);
    }

    private function take(Act $act, bool $left): string
    {
        return 'take the '.($left ? 'left' : 'right').' '.$this->scene->routes[$act->toward]->spec->name;
    }

    /** The low threat runs away from him to the sideline. */
    private function widens(int $d, Act $low): bool
    {
        $path = $this->scene->routes[$low->toward]->path;
        $i = min(Path::STEPS - 1, (int) round(((float) $low->fromT + 0.6) / Path::STEP));

        return $path->vx[$i] * $this->scene->defenders[$d]->side->sign() > self::MOVING;
    }
}
