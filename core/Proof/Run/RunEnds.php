<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Ball\Hurry;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/** Where a run ends and what it is worth: the man who carries it is met, the ball is thrown, the passer is down. */
final readonly class RunEnds
{
    /** How far from a carrier's lane, and how deep, a blocked man is at the point, yards. */
    private const POINT_YD = [3.0, 7.5];

    /** @param  list<string>  $free  roles of the men nobody blocks */
    public function __construct(private Scene $scene, private Resolved $resolved, private array $free)
    {
    }

    /** The throw of a run-pass option, behind the man who is read. */
    public function thrown(Outcome $pass, ?string $behind): RunOutcome
    {
        $route = $pass->letter === null ? null : $this->scene->routes[$pass->letter]->spec->name;
        $why = $pass->open()
            ? "$route".($behind === null ? '' : " behind the $behind").": {$pass->why}"
            : lcfirst($pass->why);

        return new RunOutcome(
            'throw',
            $pass->letter,
            $route ?? 'nobody',
            $pass->open() ? $pass->margin : ($pass->best ?? $pass->margin),
            $pass->gainYd,
            null,
            $pass->line?->yYd,
            $pass->line?->xYd,
            $pass->line?->outAt() ?? 1.2,
            $why,
            $pass->worth,
            $this->scene->setting->situation->runSuccessYd(),
            $pass,
            $route,
        );
    }

    /** What a carrier gains who keeps a lead, until the first man meets him at a step of his way. */
    public function carried(Carrier $carrier, float $margin, int $step, ?string $first): RunOutcome
    {
        $past = $carrier->path->y[$step];
        $situation = $this->scene->setting->situation;
        $gain = min($past, $situation->toGoalYd());
        $why = match (true) {
            $first === null => sprintf('%s gets through untouched, %s', $carrier->letter, $carrier->where),
            $past >= $situation->toGoalYd() => sprintf(
                '%s is over the goal line before the %s, %s',
                $carrier->letter,
                $first,
                $carrier->where,
            ),
            default => sprintf('the %s meets %s at %.1f yd, %s', $first, $carrier->letter, $gain, $carrier->where),
        };
        $worth = Worth::ofRun($past, $situation->successYd(), $this->blocksAt($carrier))->within(
            $situation->toGoalYd(),
        );
        if ($carrier->thrownAt !== null) {
            [$qx, $qy] = $this->scene->launch();
            [$x, $y] = $carrier->path->at($carrier->from);
            $worth = $worth->caughtOver(hypot($x - $qx, $y - $qy));
        }

        return new RunOutcome(
            $carrier->action,
            $carrier->letter,
            $carrier->where,
            $margin,
            $gain,
            $first,
            $first === null ? null : $past,
            $first === null ? null : $carrier->path->x[$step],
            $carrier->pitched->leaves ?? $carrier->from,
            $why,
            $worth,
            $situation->runSuccessYd(),
        );
    }

    /** Somebody is at the passer before the ball of a screen leaves. */
    public function sacked(Carrier $carrier, Hurry $hurry): RunOutcome
    {
        [$qx, $qy] = $this->scene->launch();
        $situation = $this->scene->setting->situation;

        return new RunOutcome(
            'sack',
            'Q',
            'behind the line',
            $hurry->atS - (float) $carrier->thrownAt,
            $qy,
            $hurry->role,
            $qy,
            $qx,
            $hurry->atS,
            sprintf(
                'the %s is at Q at %.2f s, the ball to %s leaves at %.2f',
                $hurry->role,
                $hurry->atS,
                $carrier->letter,
                (float) $carrier->thrownAt,
            ),
            Worth::ofRun($qy, $situation->successYd(), 0),
            $situation->runSuccessYd(),
        );
    }

    /** How many blocks near a carrier's lane have to hold. */
    private function blocksAt(Carrier $carrier): int
    {
        if ($carrier->thrownAt !== null) {
            return $this->blocksInSpace();
        }
        $x = $carrier->path->x[$carrier->stepPast(0.0)];
        $near = array_filter(
            $this->resolved->front->men,
            fn (Defender $d): bool => ! in_array($d->role, $this->free, true) &&
                abs($d->xYd - $x) <= self::POINT_YD[0] &&
                $d->yYd <= self::POINT_YD[1],
        );

        return count($near);
    }

    /** Every man who goes out in front of a screen or blocks for it outside has to hold. */
    private function blocksInSpace(): int
    {
        return count(array_filter(
            $this->resolved->blocks,
            fn (Block $b): bool => $b->target !== null
                && in_array($b->verb, [Verb::Lead, Verb::Kick, Verb::Stalk], true)
                && $this->resolved->front->u($b->target) > $this->resolved->front->middle(),
        ));
    }
}
