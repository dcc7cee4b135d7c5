<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Play\Behaviour\Deep;
use Jacotaxis\Core\Proof\Play\Behaviour\Mover;
use Jacotaxis\Core\Proof\Play\Behaviour\OverTop;
use Jacotaxis\Core\Proof\Play\Behaviour\Under;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * Runs the coverage by rule against the routes, step by step.
 *
 * Defenders see routes only (SeenRoute), never a call. Velocities follow what a man wants with the sprint law's own
 * lag, so a change of direction costs what it costs a runner.
 */
final class PlayOut
{
    /** @var array<int, Mover> coverage defenders by their place in the look */
    private array $movers = [];

    /** @var array<int, string> letter of the receiver by place of the man defender */
    private array $covers = [];

    /** @var array<int, Sorted> by place in the look */
    private readonly array $sorted;

    private readonly Sight $sight;

    private ?Tracks $byRule = null;

    /**
     * @param  array{int, Act}|null  $changed  a defender who does something else than his rule, which is the rule then
     */
    public function __construct(private readonly Scene $scene, private readonly ?array $changed = null)
    {
        $setting = $scene->setting;
        $letters = array_keys($scene->routes);
        $this->sorted = $sorted = PassOff::of($scene);
        $targets = $this->targets($letters, $sorted);
        $sights = [];
        $this->sight = $sights[(string) $setting->reaction] = Sight::of($scene, $setting->reaction, $targets);
        foreach ($scene->defenders as $d => $defender) {
            if ($defender->job->kind !== JobKind::Rush) {
                $reaction = $defender->reaction ?? $setting->reaction;
                if ($defender->job->kind === JobKind::Man) {
                    $this->covers[$d] = (string) ($sorted[$d]->defender ?? $defender)->takes;
                }
                $this->movers[$d] = $this->mover(
                    $sorted[$d]->defender ?? $defender,
                    $sights[(string) $reaction] ??= Sight::of($scene, $reaction, $targets),
                    $sorted[$d]->at ?? 0.0,
                );
            }
        }
        $this->neighbours();
    }

    /** Everybody plays his rule. */
    public function byRule(): Tracks
    {
        if ($this->byRule !== null) {
            return $this->byRule;
        }
        foreach ($this->movers as $mover) {
            $mover->start();
        }
        for ($i = 0; $i < Path::STEPS; $i++) {
            foreach ($this->movers as $mover) {
                $mover->record();
            }
            foreach ($this->movers as $mover) {
                $mover->play($i);
            }
            foreach ($this->movers as $mover) {
                $mover->move();
            }
        }

        $this->byRule = $this->tracks($this->movers);

        return $this->byRule =
            $this->changed === null
                ? $this->byRule
                : $this->byRule->with($this->changed[0], $this->withAct(...$this->changed));
    }

    /** One defender does something else; the others play their rule. Holds his track alone. */
    public function withAct(int $d, Act $act): Tracks
    {
        $rule = $this->byRule();
        if (! isset($this->movers[$d])) {
            // A rusher is no part of the coverage: he is told where he stands.
            $at = Path::standing($this->scene->defenders[$d]->xYd, $this->scene->defenders[$d]->yYd);

            return new Tracks([$d => $at->x], [$d => $at->y], [$d => $at->vx], [$d => $at->vy]);
        }
        if ($act->fromT === null) {
            return new Tracks([$d => $rule->x[$d]], [$d => $rule->y[$d]], [$d => $rule->vx[$d]], [$d => $rule->vy[$d]]);
        }
        $from = min(Path::STEPS - 1, (int) round($act->fromT / Path::STEP));
        $mover = $this->movers[$d];
        $taken = $act->toward === null || $act->fits ? null : $this->sight->index($act->toward);
        $mover->resume($rule, $d, $from);
        for ($i = $from; $i < Path::STEPS; $i++) {
            $mover->record();
            $mover->commit($i, $act->xYd, $act->yYd, $taken);
            $mover->move();
        }

        return $this->tracks([$d => $mover]);
    }

    /** Letter of the receiver a man defender has after men were passed off, or null. */
    public function covers(int $d): ?string
    {
        return $this->covers[$d] ?? null;
    }

    /** From when on a man knows whom he has, seconds: at the snap, but where men are passed off. */
    public function knowsFrom(int $d): float
    {
        return $this->sorted[$d]->at ?? 0.0;
    }

    /** @return list<int> places in the look of the men who cover */
    public function coverage(): array
    {
        return array_keys($this->movers);
    }

    /** @param  array<int, Mover>  $movers */
    private function tracks(array $movers): Tracks
    {
        $x = $y = $vx = $vy = [];
        foreach ($movers as $d => $mover) {
            [$x[$d], $y[$d], $vx[$d], $vy[$d]] = $mover->taken();
        }

        return new Tracks($x, $y, $vx, $vy);
    }

    private function mover(Defender $defender, Sight $sight, float $knowsFrom): Mover
    {
        $law = $this->scene->setting->level->of($defender->group);
        $target = $defender->takes ?? $this->matched($defender);
        $mine = $target === null ? null : $sight->index($target);

        return match ($defender->job->kind) {
            JobKind::Deep => new Deep(
                $defender,
                $law,
                $sight,
                $mine,
                $this->robbed($defender),
                $this->third($defender),
            ),
            JobKind::Man => $mine === null
                ? new Under($defender, $law, $sight)
                : new OverTop($defender, $law, $sight, $mine, $knowsFrom),
            default => new Under($defender, $law, $sight),
        };
    }

    /** Place of the outside receiver whom a safety who matches #2 robs. */
    private function robbed(Defender $defender): ?int
    {
        $letter = $defender->job->match === '#2' ? $this->scene->count->letter($defender->side, 1) : null;

        return $letter === null ? null : $this->sight->index($letter);
    }

    /** Place of the third receiver of the other side, for a safety who matches #2. */
    private function third(Defender $defender): ?int
    {
        $letter = $defender->job->match === '#2' ? $this->scene->count->letter($defender->side->opposite(), 3) : null;

        return $letter === null ? null : $this->sight->index($letter);
    }

    private function matched(Defender $defender): ?string
    {
        return $defender->job->match === null ? null
            : $this->scene->count->letter($defender->side, (int) $defender->job->match[1]);
    }

    /**
     * Place in the look of the man defender each receiver belongs to, or null.
     *
     * @param  list<string>  $letters
     * @param  array<int, Sorted>  $sorted  men passed off
     * @return list<int|null>
     */
    private function targets(array $letters, array $sorted): array
    {
        $targets = array_fill(0, count($letters), null);
        foreach ($this->scene->defenders as $d => $defender) {
            $defender = $sorted[$d]->defender ?? $defender;
            $taken = $defender->job->kind === JobKind::Man ? $defender->takes : null;
            $r = $taken === null ? false : array_search($taken, $letters, true);
            if ($r !== false) {
                $targets[$r] = $d;
            }
        }

        return array_values($targets);
    }

    /** Deep men share the field by the midlines between them. */
    private function neighbours(): void
    {
        $deep = array_filter($this->movers, fn (Mover $m): bool => $m instanceof Deep);
        uasort($deep, fn (Deep $a, Deep $b): int => $a->landmarkX() <=> $b->landmarkX());
        $deep = array_values($deep);
        foreach ($deep as $i => $mover) {
            $mover->between($deep[$i - 1] ?? null, $deep[$i + 1] ?? null);
        }
    }
}
