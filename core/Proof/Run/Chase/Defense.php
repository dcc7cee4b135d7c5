<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Chase;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Proof\Run\Ball\Carriers;
use Jacotaxis\Core\Proof\Run\Ball\Hurry;
use Jacotaxis\Core\Proof\Run\Ball\ShownPass;
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

    /** A sweep shown the other way draws a man along at a share of his speed, at most so far, yards. */
    private const FLOWS = 0.6;

    private const DRAWN_YD = 4.0;

    /** A man who plays the pass of this picture first comes this much later, seconds. */
    private const HONEST_S = 0.9;

    private ?ShownPass $shown;

    /** @param  list<string>  $honest  roles of men who stay home for the pass */
    public function __construct(private Scene $scene, private Resolved $resolved, private array $honest = [])
    {
        $scheme = $resolved->run->scheme();
        $setS = $scheme->screen->setS ?? 0.0;
        $this->shown = $scheme->showsPass
            ? new ShownPass(
                $scene,
                Carriers::SNAP_S + $scheme->meshS,
                $scheme->screen === null,
                $setS > 0.0 ? Carriers::SNAP_S + $setS : null,
            )
            : null;
    }

    public function tackler(string $role): Tackler
    {
        $d = $this->resolved->front->men[$role];
        $scheme = $this->resolved->run->scheme();
        if ($scheme->screen !== null && $this->hasReceiver($d)) {
            // Who has the receiver of a screen man to man goes with him from when he leaves.
            $leaves = Carriers::SNAP_S + $scheme->screen->sellsS;

            return new Tackler(
                $role,
                $d->xYd,
                $d->yYd,
                $leaves + ($d->reaction ?? $this->scene->setting->reaction),
                $this->scene->setting->level->of($d->group),
                self::TACKLE_YD,
            );
        }
        if ($this->shown !== null) {
            $runner = $this->resolved->who(Verb::Carry);

            return $this->shown->tackler($d, self::TACKLE_YD, $d->takes !== null && $d->takes === $runner);
        }
        [$x, $y] = $d->movement === null ? [$d->xYd, $d->yYd] : $d->movement->to($d->xYd, $d->yYd);
        $moves = $d->movement === null ? 0.0 : $d->movement->kind->lasts();
        $law = $this->scene->setting->level->of($d->group);
        $sees = max($moves, $this->sees($d));
        $comes = $this->turnsBackAt($d);
        if ($comes === null) {
            return new Tackler($role, $x, $y, $sees, $law, self::TACKLE_YD);
        }
        // With the run he is shown he goes the other way until the ball comes back; a deep man waits where he is.
        $chases = $d->group->isBacker() || $d->group === Group::Safety;
        $flows = $chases && $d->job->kind !== JobKind::Deep
            ? min(self::DRAWN_YD, self::FLOWS * $law->distance(max(0.0, $comes - $sees)))
            : 0.0;

        return new Tackler(
            $role,
            $x - $flows * $this->resolved->run->side->sign(),
            $y,
            $comes,
            $law,
            self::TACKLE_YD,
        );
    }

    /** When a man sees the ball of a sweep come back the other way; null where no sweep is shown him. */
    private function turnsBackAt(Defender $d): ?float
    {
        $scheme = $this->resolved->run->scheme();
        $carrier = $this->resolved->who(Verb::Carry);
        $side = $this->resolved->run->side;
        // Who stands outside on the side it comes back to looks for it; who has the man with the ball goes with him.
        $looks = $d->xYd * $side->sign() > $this->scene->lineup->surfaceXYd($side)
            || $d->takes !== null && $d->takes === $carrier;
        if ($scheme->kind !== RunKind::Jet || $scheme->flowYd >= 0.0 || $looks) {
            return null;
        }
        $comes = $carrier === null ? 0.0 : Carriers::comesAroundAt($this->scene, $carrier);

        return max(Carriers::SNAP_S + $scheme->meshS, $comes) + ($d->reaction ?? $this->scene->setting->reaction);
    }

    /** Whether he has the man of a screen man to man and goes with him. */
    public function hasReceiver(Defender $d): bool
    {
        return $this->resolved->run->scheme()->screen !== null
            && $d->takes !== null
            && $d->takes === $this->resolved->who(Verb::Carry);
    }

    /** Who of the rush is at the passer before a screen is thrown, or null. */
    public function hurry(float $thrownAt): ?Hurry
    {
        return $this->shown === null ? null : Hurry::before($thrownAt, $this->scene, $this->resolved, $this->shown);
    }

    /** Whether the play looks like another until the ball is where it goes. */
    public function shows(): bool
    {
        $scheme = $this->resolved->run->scheme();

        return $scheme->showsPass || $scheme->kind === RunKind::Jet && $scheme->flowYd < 0.0;
    }

    /**
     * Where a man is while he plays what he is shown, before he sees what it is.
     *
     * @return array{float, float}|null width and depth, yards; null from the moment he goes to the ball
     */
    public function whileShown(string $role, float $t): ?array
    {
        if (! $this->shows()) {
            return null;
        }
        $tackler = $this->tackler($role);
        $d = $this->resolved->front->men[$role];
        if ($t >= $tackler->delay) {
            return null;
        }
        if ($this->shown !== null) {
            return array_slice($this->shown->at($d, $t), 0, 2);
        }
        $share = $tackler->delay <= 0.0 ? 1.0 : $t / $tackler->delay;

        return [
            $d->xYd + $share * ($tackler->xYd - $d->xYd),
            $d->yYd + $share * ($tackler->yYd - $d->yYd),
        ];
    }

    /** When he goes, seconds from the snap. */
    public function sees(Defender $d): float
    {
        $sees = self::SEES_S[$d->group->value];
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
        if ($scheme->flowYd < 0.0 && ($d->role === $last || $d->group->isBacker())) {
            // Who flows with the action away has to come back.
            return self::FREEZE_S * min(1.0, -$scheme->flowYd / self::FLOW_YD);
        }
        if ($scheme->gives || ! $scheme->isOption() || ! $d->group->isBacker()
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
