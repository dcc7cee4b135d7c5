<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Matching;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;

/**
 * Who blocks whom in a drop-back pass: every rusher goes to the protector whose gap or man he is, the cheapest way
 * round.
 *
 * A sliding lineman owns the gap to the slide; a man lineman the man on him; a tight end who stays the edge on his
 * side; a back who stays what the line leaves: behind the slide, or the backer who comes.
 */
final readonly class Pickup
{
    /** How far from himself a lineman in man takes a rusher, yards. */
    private const MAN_YD = 1.8;

    /** How far outside the last man of the line his gap reaches, yards. */
    private const EDGE_YD = 3.0;

    /** Cost of a rusher nobody has, in yards of reach, and of a block out of a man's zone. */
    private const FREE = 60.0;

    private const OUT_OF_ZONE = 100.0;

    /** A back steps to either side of the ball, at this cost against the line's own men. */
    private const BACK = 2.0;

    /**
     * @param  array<string, string>  $takes  role of the rusher by letter of the protector
     * @param  list<Defender>  $free  rushers nobody has
     * @param  Resolved|null  $shown  the run the line blocks behind its action, or null for a drop-back pass
     */
    private function __construct(
        public array $takes,
        public array $free,
        public Side $slide,
        public string $slides,
        public ?Resolved $shown = null,
    ) {
    }

    /**
     * Behind a run action the line blocks the run it shows (PRO-01, PRO-08): each keeps the man he has in the run, who
     * comes although the run has nobody for him goes to a man without one.
     *
     * @param  list<Defender>  $rushers  in their lanes
     * @param  list<string>  $staying  letters besides the linemen who stay in
     * @param  string|null  $unblocked  role of a rusher whom the call leaves alone
     */
    public static function behind(
        Resolved $shown,
        Lineup $lineup,
        array $rushers,
        array $staying,
        ?string $unblocked = null,
    ): self {
        $alone = array_values(array_filter($rushers, fn (Defender $d): bool => $d->role === $unblocked));
        $rushers = array_values(array_filter($rushers, fn (Defender $d): bool => $d->role !== $unblocked));
        $roles = array_map(fn (Defender $d): string => $d->role, $rushers);
        $takes = [];
        foreach ([...Man::LINEMEN, ...$staying] as $letter) {
            $has = $shown->blocks[$letter]->target ?? null;
            if ($has !== null && in_array($has, $roles, true) && ! in_array($has, $takes, true)) {
                $takes[$letter] = $has;
            }
        }
        $left = array_values(array_filter($rushers, fn (Defender $d): bool => ! in_array($d->role, $takes, true)));
        $spare = array_values(
            array_filter(
                [...Man::LINEMEN, ...$staying],
                fn (string $l): bool => ! isset($takes[$l]) && ($shown->blocks[$l] ?? null)?->verb->pulls() !== true,
            ),
        );
        [$more, $free] = self::divide($lineup, $left, $spare, 'none', $shown->run->side);
        $takes += $more;
        if ($free !== []) {
            // Somebody would come free: then all but the pullers look for work, and the pass rule comes before the
            // run's.
            $pulls = array_filter(
                $takes,
                fn (string $l): bool => ($shown->blocks[$l] ?? null)?->verb->pulls() === true,
                ARRAY_FILTER_USE_KEY,
            );
            $rest = array_values(array_filter($rushers, fn (Defender $d): bool => ! in_array($d->role, $pulls, true)));
            $others = array_values(array_filter(
                [...Man::LINEMEN, ...$staying],
                fn (string $l): bool => ($shown->blocks[$l] ?? null)?->verb->pulls() !== true,
            ));
            [$again, $still] = self::divide($lineup, $rest, $others, 'none', $shown->run->side);
            [$takes, $free] = count($still) < count($free) ? [$pulls + $again, $still] : [$takes, $free];
        }

        return new self($takes, [...$alone, ...$free], $shown->run->side, 'none', $shown);
    }

    /**
     * @param  list<Defender>  $rushers  in their lanes
     * @param  list<string>  $staying  letters besides the linemen who stay in
     * @param  string|null  $unblocked  role of a rusher whom the call leaves alone
     * @param  Side|null  $readSide  side of the first read: without a word the slide goes away from it (PRO-10)
     */
    public static function of(
        Lineup $lineup,
        array $rushers,
        array $staying,
        ?Protecting $protection,
        ?Side $readSide,
        ?string $unblocked = null,
    ): self {
        $alone = array_values(array_filter($rushers, fn (Defender $d): bool => $d->role === $unblocked));
        $rushers = array_values(array_filter($rushers, fn (Defender $d): bool => $d->role !== $unblocked));
        $scheme = $protection->scheme ?? Scheme::HalfSlide;
        $slide =
            $protection?->side !== null && ! $scheme->rolls()
                ? $protection->side
                : ($readSide ?? Side::Right)->opposite();
        [$takes, $free] = self::divide($lineup, $rushers, [...Man::LINEMEN, ...$staying], $scheme->slides(), $slide);

        return new self($takes, [...$alone, ...$free], $slide, $scheme->slides());
    }

    /**
     * The cheapest way to give rushers to protectors.
     *
     * @param  list<Defender>  $rushers
     * @param  list<string>  $letters
     * @return array{array<string, string>, list<Defender>} role by letter, and whom nobody has
     */
    private static function divide(Lineup $lineup, array $rushers, array $letters, string $slides, Side $slide): array
    {
        $cost = [];
        foreach ($rushers as $r => $rusher) {
            $cost[$r] = array_map(fn (string $l): float => self::cost($lineup, $l, $rusher, $slides, $slide), $letters);
            foreach (array_keys($rushers) as $n) {
                // Of two the outer one is left: he has the longer way.
                $cost[$r][] = self::FREE - 0.5 * abs($rusher->xYd) - 0.2 * $rusher->yYd;
            }
        }
        $takes = $free = [];
        foreach (Matching::best(array_values($cost)) as $r => $column) {
            if (isset($letters[$column])) {
                $takes[$letters[$column]] = $rushers[$r]->role;
            } else {
                $free[] = $rushers[$r];
            }
        }

        return [$takes, $free];
    }

    /** Yards a protector has to go beyond his own zone for a rusher. */
    private static function cost(Lineup $lineup, string $letter, Defender $rusher, string $slides, Side $slide): float
    {
        $man = $lineup->men[$letter];
        $x = $rusher->xYd;
        if (! $man->isLineman()) {
            return $man->isBack() ? self::back($man, $rusher, $lineup, $slides, $slide) : self::end($man, $rusher);
        }
        $sliding = $slides === 'all' || ($slides === 'half' && self::inSlide($lineup, $man, $slide));
        if (! $sliding) {
            $away = abs($x - $man->xYd);
            $on = $rusher->over === $letter ? -0.5 : 0.0;
            $edge =
                $lineup->end(Side::ofX($man->xYd === 0.0 ? 1.0 : $man->xYd))->letter === $letter &&
                abs($x) > abs($man->xYd)
                    ? self::EDGE_YD
                    : self::MAN_YD;

            return $away <= $edge
                ? $away + $on + ($rusher->group === Group::Backer && $rusher->yYd > 2.0 ? 1.0 : 0.0)
                : self::OUT_OF_ZONE + $away;
        }
        $line = $lineup->line();
        $at = array_search($letter, array_map(fn (Man $m): string => $m->letter, $line), true);
        $next = $at === false ? null : $line[$at + $slide->sign()] ?? null;
        $from = $man->xYd - 0.5 * $slide->sign();
        $to = $next === null ? $man->xYd + $slide->sign() * self::EDGE_YD : $next->xYd + 0.3 * $slide->sign();
        $low = min($from, $to);
        $high = max($from, $to);
        $outside = max(0.0, $low - $x, $x - $high);

        return $outside < 0.6 ? abs($x - 0.5 * ($low + $high)) + $outside : self::OUT_OF_ZONE + $outside;
    }

    /** The center and the side of the slide. */
    private static function inSlide(Lineup $lineup, Man $man, Side $slide): bool
    {
        return $man->xYd * $slide->sign() >= $lineup->line()[2]->xYd * $slide->sign() - 0.1;
    }

    private static function end(Man $man, Defender $rusher): float
    {
        $out = ($rusher->xYd - $man->xYd) * $man->side()->sign();

        return $out > -2.0 && $out < 5.0 ? 1.0 + abs($out) : self::OUT_OF_ZONE + abs($out);
    }

    private static function back(Man $man, Defender $rusher, Lineup $lineup, string $slides, Side $slide): float
    {
        $behind = -$slide->sign() * ($rusher->xYd - $lineup->line()[2]->xYd);
        $zone = match ($slides) {
            'all', 'half' => $behind >= -0.5 ? 0.0 : 8.0,
            default => $rusher->group === Group::Line ? 12.0 : 0.0,
        };

        return self::BACK + $zone + 0.3 * abs($rusher->xYd - $man->xYd);
    }
}
