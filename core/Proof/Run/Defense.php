<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\JobKind;
use Jacotaxis\Core\Proof\Scene\Scene;

/** How every defender plays the run: where he starts, when he goes, how fast. Yards and seconds. */
final readonly class Defense
{
    /**
     * When a man of a group sees where the run goes, seconds from the snap (product defaults; a backer reads linemen,
     * DEF-03).
     */
    private const SEES_S = ['line' => 0.15, 'edge' => 0.25, 'backer' => 0.35, 'safety' => 0.7, 'corner' => 0.9];

    /** A man who has a receiver man to man looks at him first, seconds. */
    private const MAN_S = 0.5;

    /** A deep zone man stays over the top until the ball is past the passer, seconds. */
    private const DEEP_S = 0.25;

    /** The last man of the other side looks for the reverse and the boot before he chases, seconds. */
    private const BACKSIDE_S = 0.5;

    /** A runner at full speed is stopped by a body, not by an arm: so near must a man be, yards. */
    private const TACKLE_YD = 0.6;

    /**
     * A backfield freeze holds the backers who read it (FRZ-01), and a jet or counter action the backside ones,
     * seconds.
     */
    private const FREEZE_S = 0.5;

    /** An action away that makes them flow so far costs as much, yards. */
    private const FLOW_YD = 1.4;

    /** A man who plays the pass of this picture first comes this much later, seconds. */
    private const HONEST_S = 0.9;

    /** @param  list<string>  $honest  roles of men who stay home for the pass */
    public function __construct(private Scene $scene, private Resolved $resolved, private array $honest = [])
    {
    }

    public function tackler(string $role): Tackler
    {
        $d = $this->resolved->front->men[$role];
        [$x, $y] = $d->movement === null ? [$d->xYd, $d->yYd] : $d->movement->to($d->xYd, $d->yYd);
        $moves = $d->movement === null ? 0.0 : $d->movement->kind->lasts();

        return new Tackler(
            $role,
            $x,
            $y,
            max($moves, $this->sees($d)),
            $this->scene->setting->level->of($d->group),
            self::TACKLE_YD,
        );
    }

    /** When he goes, seconds from the snap. */
    public function sees(Defender $d): float
    {
        $sees = self::SEES_S[$d->group] ?? 0.35;
        $own = $d->reaction === null ? 0.0 : $d->reaction - $this->scene->setting->reaction;
        $man = $d->job->kind === JobKind::Man ? self::MAN_S : 0.0;
        $deep = $d->job->kind === JobKind::Deep && $d->yYd > 9.0 ? self::DEEP_S : 0.0;

        $edge = $this->resolved->front->emol($this->resolved->run->side->opposite()) === $d->role && ! in_array(
            $d->role,
            array_column($this->resolved->keys, 'role'),
            true,
        );

        $honest = in_array($d->role, $this->honest, true) ? self::HONEST_S : 0.0;

        return max(0.05, $sees + $own + $man + $deep + $honest + ($edge ? self::BACKSIDE_S : 0.0) + $this->hold($d));
    }

    /** What the backfield's action does to a man who reads it, seconds. */
    public function hold(Defender $d): float
    {
        $scheme = $this->resolved->run->scheme();
        $last = $this->resolved->front->emol($this->resolved->run->side->opposite());
        if ($scheme->flowYd < 0.0 && ($d->role === $last || in_array($d->group, ['backer', 'edge'], true))) {
            // Who flows with the action away has to come back.
            return self::FREEZE_S * min(1.0, -$scheme->flowYd / self::FLOW_YD);
        }
        if ($scheme->gives || ! $scheme->isOption() || ! in_array($d->group, ['backer', 'edge'], true)
            || $d->yYd < 2.0) {
            return 0.0;
        }
        $freezes =
            $this->scene->call->fake !== null || $this->resolved->who(Verb::Fake) !== null || $scheme->fakes !== [];

        return $freezes && abs($d->xYd) <= $this->scene->lineup->surfaceXYd($this->resolved->run->side)
            ? self::FREEZE_S
            : 0.0;
    }
}
