<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Ball\Hurry;
use Jacotaxis\Core\Proof\Run\Chase\Pursuit;
use Jacotaxis\Core\Proof\Scene\NeededBlock;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/** Where a run ends and what it is worth: the man who carries it is met, the ball is thrown, the passer is down. */
final readonly class RunEnds
{
    /**
     * Chances that a block holds as long as it has to: two on one, on the line, on a backer, in space (settled by the
     * shares of the whole).
     */
    private const HOLDS_DOUBLED = 0.97;

    private const HOLDS_LINE = 0.92;

    private const HOLDS_BACKER = 0.87;

    private const HOLDS_SPACE = 0.72;

    public function __construct(private Scene $scene, private Resolved $resolved, private Pursuit $pursuit)
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
            action: 'throw',
            letter: $pass->letter,
            where: $route ?? 'nobody',
            margin: $pass->open() ? $pass->margin : ($pass->best ?? $pass->margin),
            gainYd: $pass->gainYd,
            firstFree: null,
            metYYd: $pass->line?->yYd,
            metXYd: $pass->line?->xYd,
            outAt: $pass->line?->outAt() ?? 1.2,
            why: $why,
            worth: $pass->worth,
            needYd: $this->scene->setting->situation->runSuccessYd(),
            pass: $pass,
            route: $route,
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

        return new RunOutcome(
            action: $carrier->action,
            letter: $carrier->letter,
            where: $carrier->where,
            margin: $margin,
            gainYd: $gain,
            firstFree: $first,
            metYYd: $first === null ? null : $past,
            metXYd: $first === null ? null : $carrier->path->x[$step],
            outAt: $carrier->pitched->leaves ?? $carrier->from,
            why: $why,
            worth: fn (): Worth => $this->worthOf($carrier, $past, $step),
            needYd: $situation->runSuccessYd(),
        );
    }

    private function worthOf(Carrier $carrier, float $past, int $step): Worth
    {
        $situation = $this->scene->setting->situation;
        $worth = Worth::ofRun($past, $situation->successYd(), $this->needed($carrier, $step))->within(
            $situation->toGoalYd(),
        );
        if ($carrier->thrownAt === null) {
            return $worth;
        }
        [$qx, $qy] = $this->scene->launch();
        [$x, $y] = $carrier->path->at($carrier->from);

        return $worth->caughtOver(hypot($x - $qx, $y - $qy));
    }

    /** Somebody is at the passer before the ball of a screen leaves. */
    public function sacked(Carrier $carrier, Hurry $hurry): RunOutcome
    {
        [$qx, $qy] = $this->scene->launch();
        $situation = $this->scene->setting->situation;

        return new RunOutcome(
            action: 'sack',
            letter: 'Q',
            where: 'behind the line',
            margin: $hurry->atS - (float) $carrier->thrownAt,
            gainYd: $qy,
            firstFree: $hurry->role,
            metYYd: $qy,
            metXYd: $qx,
            outAt: $hurry->atS,
            why: sprintf(
                'the %s is at Q at %.2f s, the ball to %s leaves at %.2f',
                $hurry->role,
                $hurry->atS,
                $carrier->letter,
                (float) $carrier->thrownAt,
            ),
            worth: Worth::ofRun($qy, $situation->successYd(), []),
            needYd: $situation->runSuccessYd(),
        );
    }

    /**
     * The blocks a carrier needs before the first free man meets him.
     *
     * @return list<NeededBlock>
     */
    private function needed(Carrier $carrier, int $before): array
    {
        $needed = [];
        foreach ($this->pursuit->offTheirBlocks($carrier, $before) as $role => $metYd) {
            $needed[] = new NeededBlock($this->holds($role), $metYd);
        }

        return $needed;
    }

    /** Two on one hold best, a man in space is held worst. */
    private function holds(string $role): float
    {
        $man = $this->resolved->front->men[$role];

        return match (true) {
            count($this->resolved->blockersOf($role)) > 1 => self::HOLDS_DOUBLED,
            $this->resolved->front->isOnLine($role) => self::HOLDS_LINE,
            $man->group->isSecondary() => self::HOLDS_SPACE,
            default => self::HOLDS_BACKER,
        };
    }
}
