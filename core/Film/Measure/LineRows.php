<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Made;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\Run\RunFrames;

/**
 * Linemen and blockers: yards past the line when the ball leaves, the way of a puller, when a double is left, whom a
 * block reached.
 */
final readonly class LineRows
{
    /** The line is crossed here, yards: past the hands of the down men. */
    private const LINE_YD = 0.5;

    /** Nobody is at the kick point when the nearest man is farther than this from it, yards (product default). */
    private const NOBODY_YD = 3.5;

    public const NOBODY = 'nobody to kick: nearest man';

    /** A block is looked at for so long after the contact, and at least so long, seconds (product defaults). */
    private const HOLDS_S = 1.0;

    private const HELD_S = 0.4;

    /** A blocker who has his hands on his man this much later than planned has him, seconds (product default). */
    private const LATE_S = 0.3;

    /** A man this little to the side of the run, or on the other side, can be lost across the face, yards. */
    private const HEAD_UP_YD = 0.25;

    /** Blocks a man makes from where he stands. */
    private const IN_PLACE = [Verb::Base, Verb::Double, Verb::Reach, Verb::Scoop, Verb::Block, Verb::Hinge];

    public const PAST = 'his man past the line';

    public const ACROSS = 'his man across his face';

    public const PULL_DEPTH = 'pull: depth of his way';

    public const SPLIT_ENDS = 'end of the split block, past the line';

    public const CROSSES = 'crosses the line at';

    /** A defender this near to a way, and no deeper than this, fills it, yards (product defaults). */
    private const FILLS_YD = 0.8;

    private const FILLS_DEEP_YD = 2.5;

    private const PULLS = [Verb::Split, Verb::Kick, Verb::Wrap, Verb::Lead, Verb::Crack, Verb::Fill];

    public function __construct(private Measures $m)
    {
    }

    /** @return list<Row> */
    public function all(): array
    {
        $rows = [];
        foreach ($this->m->proof?->scene()->men ?? [] as $letter => $man) {
            array_push(
                $rows,
                ...$this->hole((string) $letter),
                ...$this->downfield((string) $letter, $man),
                ...$this->path((string) $letter, $man),
                ...$this->block((string) $letter),
                ...$this->held((string) $letter, $man),
            );
        }

        return $rows;
    }

    /**
     * Where the man with the ball crosses the line, of the ball's spot: his cut, or the way of a pull.
     *
     * @return list<Row>
     */
    private function hole(string $letter): array
    {
        $run = $this->m->run();
        $film = $this->m->film;
        $action = $film->seen('Q', 'action')?->value;
        $carrier =
            $run === null
                ? null
                : $run->carriers[(string) $action] ??
                    (array_values(
                        array_filter($run->carriers, fn (Carrier $c): bool => $c->letter === $film->chart?->carrier),
                    )[0] ??
                        null);
        $track = $carrier?->letter === $letter ? $this->m->track($letter) : null;
        $crosses = $track?->past(self::LINE_YD);
        if ($run === null || $carrier === null || $track === null || $crosses === null) {
            return [];
        }
        $at = $track->nearest($crosses);

        $planned = $carrier->path->x[$carrier->stepPast(self::LINE_YD)];

        // Where a man of theirs fills the way that was planned, wherever he goes instead is the other branch of his
        // rule.
        return [
            Row::of(
                $letter,
                self::CROSSES,
                'yd',
                $this->filled($run, $carrier, $planned, $crosses) ? null : $planned,
                $at->xYd,
                max(0.1, $at->sdXYd),
            ),
        ];
    }

    /**
     * Whether a defender the plan has elsewhere stands in a way across the line when the ball comes there (GRD-04,
     * OPT-06, INZ-20).
     */
    private function filled(RunProof $run, Carrier $carrier, float $xYd, float $t): bool
    {
        $plan = new RunFrames($run, $run->decider->carried($carrier->action, $run->byRule), $run->byRule);
        $in = fn (float $x, float $y): bool => abs($x - $xYd) < self::FILLS_YD && $y < self::FILLS_DEEP_YD;
        foreach ($this->m->defenders() as $role) {
            $him = $this->m->track($role)?->at($t);
            if (
                $him !== null &&
                $in($him->xYd, $him->yYd) &&
                ! $in(...$plan->defenderAt($role, (int) round($t / Path::STEP)))
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * How far a lineman is past the line when a pass leaves: the rule book allows so much
     * (RuleSet::ineligibleDownfieldYd).
     *
     * @return list<Row>
     */
    private function downfield(string $letter, Man $man): array
    {
        $out = $this->m->after('ball out');
        $throws = $this->m->pass() !== null || $this->m->film->thrownTo() !== null;
        $at = $out === null || ! $throws || ! $man->isLineman() ? null : $this->m->track($letter)?->at($out);

        return $at === null
            ? []
            : [
                Row::upTo(
                    $letter,
                    'downfield at ball out',
                    'yd',
                    $this->m->film->setting->situation->rules->ineligibleDownfieldYd(),
                    max(0.0, $at->yYd),
                    max(0.05, $at->sdYYd),
                ),
            ];
    }

    /**
     * Width and depth of a pull: how far behind the line his way bows and where he crosses it.
     *
     * @return list<Row>
     */
    private function path(string $letter, Man $man): array
    {
        $block = $this->m->jobs()->resolved->blocks[$letter] ?? null;
        $track = $this->m->track($letter);
        if ($block === null || $track === null || ! in_array($block->verb, self::PULLS, true) || $track->count() < 3) {
            return [];
        }
        $deepest = 0.0;
        $sd = 0.05;
        for ($t = max(0.0, $track->from()); $t <= $track->to(); $t += 0.1) {
            $now = $track->nearest($t);
            if ($now->yYd < $deepest) {
                [$deepest, $sd] = [$now->yYd, max(0.05, $now->sdYYd)];
            }
        }
        $end = $track->nearest($track->to());
        $made = $this->m->jobs()->made[$letter] ?? null;

        if ($block->verb === Verb::Split) {
            $wanted = $this->m->film->setting->schools->value('split-block');

            return [Row::of($letter, self::SPLIT_ENDS, 'yd', $wanted, $end->yYd, max(0.05, $end->sdYYd))];
        }

        return [
            $this->depthOfPull($letter, -$deepest, $sd),
            Row::of(
                $letter,
                'pull: width',
                'yd',
                $made?->xYd === null ? null : abs($made->xYd - $man->xYd),
                abs($end->xYd - $man->xYd),
                max(0.05, $end->sdXYd),
            ),
        ];
    }

    /** How deep he pulls; too deep by what the staff coaches, where it has said so (puller-distance). */
    private function depthOfPull(string $letter, float $deepYd, float $sd): Row
    {
        $most = $this->m->film->setting->schools->value('puller-distance');

        return $most === null
            ? Row::of($letter, self::PULL_DEPTH, 'yd', null, $deepYd, $sd)
            : Row::upTo($letter, self::PULL_DEPTH, 'yd', $most, $deepYd, $sd);
    }

    /**
     * What became of a down man a lineman has for himself: how far he came past the line or across the face of his
     * blocker, from the contact on; a tie is full credit (INZ-01, INZ-14). Across the face is from the backside to the
     * side of the run.
     *
     * @return list<Row>
     */
    private function held(string $letter, Man $man): array
    {
        $run = $this->m->jobs();
        $made = $run?->made[$letter] ?? null;
        $target = $run?->resolved->blocks[$letter]->target ?? null;
        $blocker = $this->m->track($letter);
        $his = $target === null ? null : $this->m->track($target);
        if (
            $run === null ||
            $target === null ||
            $blocker === null ||
            $his === null ||
            $made?->at === null ||
            ! $man->isLineman() ||
            ! in_array($run->resolved->blocks[$letter]->verb, self::IN_PLACE, true) ||
            ! $run->resolved->front->isOnLine($target)
        ) {
            return [];
        }
        $until = min($made->at + self::HOLDS_S, $his->to(), $blocker->to());
        if ($until < $made->at + self::HELD_S) {
            return [];
        }
        $sign = $run->resolved->run->side->sign();
        $start = [$blocker->nearest(max(0.0, $blocker->from())), $his->nearest(max(0.0, $his->from()))];
        $inside = $sign * ($start[1]->xYd - $start[0]->xYd);
        // What lasts counts, not a place of one picture.
        $past = $across = INF;
        $sd = [0.1, 0.1];
        foreach ([0.4, 0.2, 0.0] as $before) {
            [$b, $d] = [$blocker->nearest($until - $before), $his->nearest($until - $before)];
            $past = min($past, max(0.0, -$d->yYd));
            $across = min($across, $inside > self::HEAD_UP_YD ? 0.0 : max(0.0, $sign * ($d->xYd - $b->xYd)));
            $sd = [max($sd[0], $d->sdYYd), max($sd[1], hypot($b->sdXYd, $d->sdXYd))];
        }

        // At the edge of a jet it is enough to be in the way (SET-18).
        $edge = $run->resolved->run->scheme()->kind === RunKind::Jet && $inside > self::HEAD_UP_YD ? 'B' : 'A';
        $acrossRow = $this->m->film->setting->schools->isFor('SET-18', 'B', $edge)
            ? Row::of($letter, self::ACROSS, 'yd', null, $across, $sd[1])
            : Row::upTo($letter, self::ACROSS, 'yd', 0.0, $across, $sd[1]);

        // A man who is caught from behind is met beyond the line as it is planned.
        $planned = max(0.0, -(float) $made->yYd);

        return [Row::upTo($letter, self::PAST, 'yd', $planned, $past, $sd[0]), $acrossRow];
    }

    /** A puller with nobody to kick: how far the nearest man is from where he should have met him (JET-05). */
    private function nobody(string $letter, Made $made, RunProof $run): ?Row
    {
        $near = $run->resolved->blocks[$letter]->verb !== Verb::Kick || $made->xYd === null ? null
            : $this->m->nearestDefender(new Spot($made->xYd, (float) $made->yYd), (float) $made->at);

        return $near === null || $near->apart->yd < self::NOBODY_YD
            ? null
            : Row::of($letter, self::NOBODY, 'yd', null, $near->apart->yd, max(0.1, $near->apart->sdYd));
    }

    /** @return list<Row> */
    private function block(string $letter): array
    {
        $rows = [];
        $run = $this->m->jobs();
        $made = $run->made[$letter] ?? null;
        $target = $run->resolved->blocks[$letter]->target ?? null;
        $climb = $this->m->after('climb', $letter);
        if ($climb !== null) {
            $rows[] = Row::of($letter, 'climbs', 's', null, $climb, Measures::MARK_S * M_SQRT2);
        }
        // Where the film ends before they meet nothing is known of the block.
        $track = $this->m->track($letter);
        if ($run === null || $target === null || $made?->at === null || $track === null || $made->at > $track->to()) {
            return $rows;
        }
        if ($track->at($made->at) === null || $this->m->track($target)?->at($made->at) === null) {
            return $rows;
        }
        $nobody = $this->nobody($letter, $made, $run);
        if ($nobody !== null) {
            $rows[] = $nobody;
        } else {
            [$apart, $sd] = $this->nearest($letter, $target, $made->at);
            $rows[] = Row::upTo($letter, 'gap to his man', 'yd', 1.0, $apart, max(0.1, $sd));
        }

        return $rows;
    }

    /**
     * How near a blocker comes to his man at the moment he should be there, or a step later.
     *
     * @return array{float, float} yards and their doubt
     */
    private function nearest(string $letter, string $target, float $at): array
    {
        $nearest = null;
        for ($t = $at; $t <= $at + self::LATE_S + 1e-6; $t += Path::STEP) {
            $his = $this->m->track($letter)?->at($t);
            $theirs = $this->m->track($target)?->at($t);
            $apart = $his === null || $theirs === null ? null : $his->apart($theirs);
            $nearest = $apart !== null && $apart->yd < ($nearest->yd ?? INF) ? $apart : $nearest;
        }

        return [$nearest->yd ?? INF, $nearest->sdYd ?? 0.0];
    }
}
