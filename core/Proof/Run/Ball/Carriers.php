<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Blocking\Run\Front\CutKey;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\PathBuilder;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * The ways the ball may go in a run: the back's track, the quarterback's path by his key, the pitch. Yards and seconds.
 */
final class Carriers
{
    /** The snap takes this long before anybody has the ball. */
    public const SNAP_S = 0.15;

    /** Where hands meet beside the quarterback, yards. */
    private const MESH_YD = 0.7;

    /**
     * Path of the quarterback by the pitch key: inside an overhang to force a decision, wider off the last man of the
     * line (OPT-04), yards.
     */
    private const OFF_OVERHANG_YD = -0.9;

    private const OFF_LINE_YD = 0.4;

    /** How much wider he runs behind the edge of a lead, yards (product default). */
    private const BEHIND_LEAD_YD = 0.8;

    /** How far the ball is ridden down the line, and how fast the quarterback moves there, yards and yards a second. */
    private const RIDE_YD = 1.2;

    private const RIDES_YD_S = 2.5;

    /** From the mesh to the look outside and the ball's leaving, seconds (product default). */
    private const PULLED_S = 0.45;

    /** From the mesh to the look outside, seconds: what the man there does then decides. */
    public const LOOKS_S = 0.25;

    /** From so wide a man comes around behind the line for the ball, yards. */
    private const COMES_AROUND_YD = 4.0;

    /** Inside the man he reads on the side of the play, yards. */
    public const INSIDE_READ_YD = 1.3;

    private readonly Lanes $lanes;

    private readonly Thrown $thrown;

    private readonly int $sign;

    public function __construct(private readonly Scene $scene, private readonly Resolved $resolved)
    {
        $this->lanes = new Lanes($scene->lineup, $resolved->run->side);
        $this->thrown = new Thrown($scene, $resolved);
        $this->sign = $resolved->run->side->sign();
    }

    /**
     * @param  string|null  $outside  who may be thrown to once the ball is pulled
     * @return array<string, Carrier> by action
     */
    public function all(?string $outside = null): array
    {
        if ($this->resolved->run->scheme()->screen !== null) {
            return array_filter(['throw' => $this->thrown->screen($this->resolved->run->scheme()->screen)]);
        }
        $carriers = [];
        $keep = $this->keep();
        $pitch = $keep === null ? null : $this->pitch($keep);
        foreach (['give' => $this->give(), 'pull' => $this->pull(), 'keep' => $keep,
            'pitch' => $pitch] as $action => $carrier) {
            if ($carrier !== null) {
                $carriers[$action] = $carrier;
            }
        }
        if ($outside !== null && isset($carriers['pull'])) {
            $carriers['throw'] = $this->thrown->quick($outside, $carriers['pull']->from + self::PULLED_S);
        }

        return $carriers;
    }

    /** When who comes from outside is at the quarterback for the ball, seconds; 0 for a man of the backfield. */
    public static function comesAroundAt(Scene $scene, string $letter): float
    {
        $man = $scene->men[$letter];
        $away = abs($man->xYd - $scene->men['Q']->xYd);

        return $man->inMotion() || $man->isBack() || $away < self::COMES_AROUND_YD
            ? 0.0
            : self::SNAP_S + $scene->setting->law($letter)->time($away);
    }

    /** The gap the run goes to here: by the cut key where the runner reads one, else the scheme's own. */
    public function gap(): string
    {
        $scheme = $this->resolved->run->scheme();

        return $scheme->cuts ? CutKey::of($this->resolved, $this->scene->setting->schools)->gap : $scheme->entry;
    }

    private function give(): ?Carrier
    {
        $letter = $this->resolved->who(Verb::Carry);
        if ($letter === null) {
            return null;
        }
        $scheme = $this->resolved->run->scheme();
        $man = $this->scene->men[$letter];
        $gap = $this->gap();
        $edge = $gap === 'edge';
        $u = $edge ? $this->edge() : $this->lanes->u($gap);
        $q = $this->scene->men['Q'];
        $behind = $man->inMotion() ? $man->yYd : min($q->yYd - 0.2, -1.6);
        $meshU = $man->inMotion()
            ? 0.5
            : max(-1.0, min(1.0, $this->u($letter))) * 0.3 + self::MESH_YD * ($u >= 0.0 ? 0.4 : -0.4);
        $start = new PathBuilder($this->scene->setting->law($letter), $man->xYd, $man->yYd, $man->vxYd, $man->vyYd);
        $start->inside(
            $this->scene->frame->sidelineX(Side::Left) + 0.4,
            $this->scene->frame->sidelineX(Side::Right) - 0.4,
        );
        if (! $edge) {
            $start->to($this->x($meshU), max($behind, $man->yYd + 0.3 < $behind ? $behind : $man->yYd + 0.2));
        } else {
            $start->to($this->x(max($u - 2.0, $this->u($letter) + 0.2)), min(-2.2, $man->yYd + 0.4));
        }
        $path = $edge
            ? $start->round($this->x($u + 0.5), -2.4, $this->x($u + 1.0), 1.5)->run(12.0 * $this->sign)
            : $start->cut(CutKind::Bend)->to($this->x($u), 0.2)->cut(CutKind::Bend)->run(0.0);

        return new Carrier(
            'give',
            $letter,
            $man->inMotion() ? $path : $path->delayed(self::SNAP_S),
            max($this->reached($path, $scheme->meshS), $edge ? self::comesAroundAt($this->scene, $letter) : 0.0),
            $this->lanes->words($gap),
        );
    }

    /** The quarterback replaces the man he read, tight and straight up (INZ-23, VER-07). */
    private function pull(): ?Carrier
    {
        $key = $this->resolved->key('give');
        // With a pitch key he keeps off that man: one way, not two.
        if ($key === null || ! $this->resolved->run->scheme()->gives || $this->resolved->key('pitch') !== null) {
            return null;
        }
        $front = $this->resolved->front;
        $option = $this->resolved->run->scheme()->isOption();
        $u = $front->u($key);
        // Off the dive key of an option he goes just outside him; off the last man of the backside he replaces him.
        $inside = ! $option && $u > 0.0;
        $to = match (true) {
            $option => $u + 0.5,
            $inside => max($this->lanes->u('B'), $u - self::INSIDE_READ_YD),
            default => $u,
        };
        $start = $this->scene->men['Q'];
        $from = $this->resolved->run->scheme()->meshS + self::SNAP_S;
        [$mx, $my] = $this->mesh();
        $path = new PathBuilder(
            $this->scene->setting->law('Q'),
            $mx,
            $my,
            $option ? self::RIDES_YD_S * $this->sign : 0.0,
        );
        if (! $option && ! $inside) {
            // Around the man who came inside, then straight up.
            $to += 0.5 * ($u <=> 0.0);
            $path->to($this->x(0.75 * $to), min(-2.0, 0.55 * $start->yYd))->cut(CutKind::Bend);
        }
        $path = $path->to($this->x($to), 0.3)->cut(CutKind::Bend)->run(0.0);
        $path = $this->after($from, $start->xYd, $start->yYd, $path);
        $side = $u >= 0.0 ? $this->resolved->run->side : $this->resolved->run->side->opposite();

        return new Carrier(
            'pull',
            'Q',
            $path,
            $from,
            $inside ? "{$side->value} side, inside the $key" : "{$side->value} edge, replacing the $key",
        );
    }

    /** He keeps off the pitch key. */
    private function keep(): ?Carrier
    {
        $key = $this->resolved->key('pitch');
        $scheme = $this->resolved->run->scheme();
        if ($scheme->isQuarterbacks()) {
            return $this->own();
        }
        if (! $scheme->isOption() || $key === null && $scheme->gives) {
            return null;
        }
        $start = $this->scene->men['Q'];
        $front = $this->resolved->front;
        $edge = $this->edge();
        $off = match (true) {
            $key === null => 0.0,
            $front->isOnLine($key) => self::OFF_LINE_YD,
            default => self::OFF_OVERHANG_YD,
        };
        $u = $key === null || ! $front->isOnLine($key) && $front->depth($key) > 6.0 ? $edge : max(
            $this->lanes->u('B'),
            $front->u($key) + $off - 1.0,
        );
        if ($scheme->shovels) {
            $u = max($edge, $front->u((string) $key) + self::OFF_LINE_YD);
        }
        $from = $scheme->gives ? $scheme->meshS + self::SNAP_S : self::SNAP_S;
        [$mx, $my] = $scheme->gives ? $this->mesh() : [$start->xYd, $start->yYd];
        // Over the spot the dive key left, or wider behind the edge of the lead (SET-34).
        $schools = $this->scene->setting->schools;
        $dive = $this->resolved->key('give');
        $over = $dive !== null && $schools->is('SET-34', 'B') ? max(0.5, $front->u($dive)) : $u - 1.2;
        $u += $schools->is('SET-34', 'C') ? self::BEHIND_LEAD_YD : 0.0;
        $path = (new PathBuilder(
            $this->scene->setting->law('Q'),
            $mx,
            $my,
            $scheme->gives ? self::RIDES_YD_S * $this->sign : 0.0,
        ))
            ->to($this->x($over), min(-0.8, $start->yYd + 1.5))
            ->cut(CutKind::Bend)
            ->to($this->x($u), 0.6)
            ->cut(CutKind::Speed)
            ->run(0.0);
        $path = $this->after($from + ($scheme->gives ? 0.0 : 0.15), $start->xYd, $start->yYd, $path);

        return new Carrier(
            'keep',
            'Q',
            $path,
            $from,
            $key === null || $front->depth($key) > 6.0
                ? "{$this->resolved->run->side->value} alley"
                : "{$this->resolved->run->side->value} alley, ".($scheme->shovels ? 'outside' : 'inside')." the $key",
        );
    }

    /** The quarterback's own run: he shows what he shows, then follows into the gap. */
    private function own(): Carrier
    {
        $scheme = $this->resolved->run->scheme();
        $start = $this->scene->men['Q'];
        $u = $this->lanes->u($this->gap());
        $path = (new PathBuilder($this->scene->setting->law('Q'), $start->xYd, $start->yYd))
            ->to($this->x(0.6 * $u), min(-0.8, 0.45 * $start->yYd))->cut(CutKind::Bend)
            ->to($this->x($u), 0.2)->cut(CutKind::Bend)->run(0.0);
        $from = self::SNAP_S + $scheme->meshS;

        return new Carrier('keep', 'Q', $path->delayed($from), $from, $this->lanes->words($this->gap()));
    }

    private function pitch(Carrier $keep): ?Carrier
    {
        $letter = $this->resolved->who(Verb::Pitch);

        if ($letter === null) {
            return null;
        }
        $pitches = new Pitches($this->scene, $this->resolved, $this->lanes, $this->gap(), $this->edge());

        return $pitches->to($letter, $keep);
    }

    /**
     * Where the ball is ridden: beside the guard on an option, where he stands on a zone run.
     *
     * @return array{float, float}
     */
    private function mesh(): array
    {
        $q = $this->scene->men['Q'];
        $option = $this->resolved->run->scheme()->isOption() && $this->resolved->run->scheme()->entry !== 'center';

        return [$q->xYd + ($option ? self::RIDE_YD * $this->sign : 0.0), $q->yYd];
    }

    /** A path that begins at a moment, after he has come from where he stood. */
    private function after(float $from, float $xYd, float $yYd, Path $path): Path
    {
        $late = $path->delayed($from);
        $x = $late->x;
        $y = $late->y;
        $n = (int) round($from / Path::STEP);
        for ($i = 0; $i < $n; $i++) {
            $x[$i] = $xYd + $i / $n * ($path->x[0] - $xYd);
            $y[$i] = $yYd + $i / $n * ($path->y[0] - $yYd);
        }

        return new Path(array_values($x), array_values($y), $late->vx, $late->vy, $late->cuts);
    }

    private function edge(): float
    {
        $blocked = [];
        foreach ($this->resolved->blocks as $block) {
            if (
                $block->blocks() &&
                $block->target !== null &&
                in_array($block->verb, [Verb::Edge, Verb::Reach, Verb::Base, Verb::Load, Verb::Lead, Verb::Arc], true)
            ) {
                $blocked[] = $block->target;
            }
        }
        $key = $this->resolved->key('pitch');

        return $this->lanes->edgeU(
            $this->resolved->front,
            $this->resolved->posts,
            $key === null ? $blocked : array_values(array_diff($blocked, [$key])),
            $this->resolved->run->scheme()->wideYd,
        );
    }

    private function x(float $u): float
    {
        return $u * $this->sign;
    }

    private function u(string $letter): float
    {
        return $this->scene->men[$letter]->xYd * $this->sign;
    }

    /** When a path passes its mesh: the scheme's time, or later when the way is longer. */
    private function reached(Path $path, float $meshS): float
    {
        $cut = $path->cuts[0]->t ?? $meshS;

        return max($meshS, min($cut, $meshS + 0.8));
    }
}
