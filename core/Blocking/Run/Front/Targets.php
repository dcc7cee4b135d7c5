<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Front;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;

/** Finds the defender a rule's words mean: the first of its selectors whom nobody has yet. */
final readonly class Targets
{
    /** Every selector; besides, the role of a defender means himself. */
    public const WORDS = [
        'over', 'nose', 'shade', 'on tackle', 'next out', '#1', '#2', '#3', '#4', 'first down playside',
        'next line out',
        'emol playside', 'emol backside', 'edge outside the tight end',
        'backer outside the surface', 'end inside the edge playside', 'end inside the edge backside',
        'overhang playside', 'overhangs playside',
        'overhang backside', 'outside backer playside', 'outside backer backside', 'support playside',
        'support backside',
        'support safety playside', 'support no corner', 'third no corner', 'on the puller', 'not support',
        'corner playside', 'corner backside', 'playside safety',
        'backside safety', 'other safety', 'free safety', 'backside deep', 'inside backer', 'backside backer',
        'inside backer playside', 'outside the tackle', 'in the closed gap', 'left for the lead',
        'left on the back side', 'first to the alley',
    ];

    /** A man this far behind the ball is not ahead of a back who leads, yards. */
    private const AHEAD_YD = 1.5;

    /** Where a back with the ball turns up outside: so far past the end of the line, and so deep, yards. */
    private const ALLEY_YD = [4.0, 3.0];

    /** A safety and his corner stand at most so far from the receiver they play over, yards. */
    private const OVER_YD = 4.5;

    /** An overhang so near the line and the tight end can be kicked out, yards (product default). */
    private const EDGE_DEEP_YD = 5.0;

    private const EDGE_WIDE_YD = 4.0;

    public function __construct(private FrontRead $front, private Posts $posts)
    {
    }

    /**
     * @param  list<string>  $selectors  the first choice first
     * @param  list<string>  $taken  roles that are blocked or read already
     */
    public function find(array $selectors, string $letter, array $taken): ?string
    {
        foreach ($selectors as $words) {
            foreach ($this->all($words, $letter) as $role) {
                if (! in_array($role, $taken, true)) {
                    return $role;
                }
            }
        }

        return null;
    }

    /**
     * Everybody the words may mean, the first choice first.
     *
     * @return list<string>
     */
    public function all(string $words, string $letter): array
    {
        $front = $this->front;
        $play = $front->playside;
        $back = $play->opposite();
        if (isset($front->men[$words])) {
            return [$words];
        }
        $found = match ($words) {
            'over' => $this->over($letter),
            'nose' => $front->nose(),
            'shade' => $front->shade(),
            'inside backer' => $front->fromTackle($front->backers)[0] ?? null,
            'on the puller' => $this->onPuller($letter),
            'on tackle' => $front->optionCount()[0] ?? null,
            'next out' => $front->optionCount()[1] ?? null,
            '#1', '#2', '#3', '#4' => $front->optionCount()[(int) $words[1] - 1] ?? null,
            'first down playside' => $front->firstDown(),
            'next line out' => $front->firstDown() === null ? null : $front->lineOutside($front->firstDown()),
            'emol playside' => $front->emol($play),
            'emol backside' => $front->emol($back),
            'edge outside the tight end' => $this->outsideTheTightEnd(),
            'end inside the edge playside' => $this->second($front->line, true),
            'end inside the edge backside' => $this->second($front->line, false),
            'overhang playside' => $front->overhang($play),
            'overhang backside' => $front->overhang($back),
            'outside backer playside' => $this->last([...$front->backers, ...$front->overhangs], true),
            'outside backer backside' => $this->last([...$front->backers, ...$front->overhangs], false),
            'support playside' => $front->support['playside'],
            'support backside' => $front->support['backside'],
            'support safety playside' => $this->supportSafety(),
            'support no corner' => $this->noCorner($front->support['playside']),
            'third no corner' => $this->noCorner($front->optionCount()[2] ?? null),
            'other safety' => $front->safety($play) === $front->freeSafety() ? null : $front->safety($play),
            'not support' => $front->support['playside'] === $front->corner($play)
                ? $front->safety($play)
                : $front->corner($play),
            'corner playside' => $front->corner($play),
            'corner backside' => $front->corner($back),
            'playside safety' => $front->safety($play),
            'backside safety' => $front->safety($back),
            'free safety', 'backside deep' => $front->freeSafety(),
            default => false,
        };

        return match (true) {
            $found === false => $this->several($words, $letter),
            $found === null => [],
            default => [$found],
        };
    }

    /**
     * Who sets the edge where the last man of the line stands inside the tight end, who blocks down on him: the
     * overhang, when he is near enough to be kicked out.
     */
    private function outsideTheTightEnd(): ?string
    {
        $end = $this->posts->letter('playside end');
        $last = $this->front->emol($this->front->playside);
        $edge = $this->front->overhang($this->front->playside);
        if ($end === null || $last === null || $edge === null || $this->front->u($last) > $this->posts->u($end)) {
            return null;
        }
        $wing = $this->posts->letter('playside wing') ?? $end;
        $near = $this->front->men[$edge]->yYd <= self::EDGE_DEEP_YD &&
            $this->front->u($edge) <= max($this->posts->u($end), $this->posts->u($wing)) + self::EDGE_WIDE_YD;

        return $near ? $edge : null;
    }

    /**
     * Backers and overhangs who stand outside of everybody who blocks at the edge of the play, the nearest first.
     *
     * @return list<string>
     */
    private function outsideTheSurface(): array
    {
        $edge = max(array_map(
            fn (?string $letter): float => $letter === null ? 0.0 : $this->posts->u($letter),
            [
                $this->posts->letter('playside tackle'),
                $this->posts->letter('playside end'),
                $this->posts->letter('playside wing'),
            ],
        ));
        $men = array_filter(
            [...$this->front->backers, ...$this->front->overhangs],
            fn (string $role): bool => $this->front->u($role) > $edge,
        );
        usort($men, fn (string $a, string $b): int => $this->front->u($a) <=> $this->front->u($b));

        return $men;
    }

    private function noCorner(?string $role): ?string
    {
        return $role === null || $this->front->men[$role]->group === Group::Corner ? null : $role;
    }

    /** The man on the neighbor of the back side who pulls: guard and tackle fill for one another. */
    private function onPuller(string $letter): ?string
    {
        $puller = $this->posts->letter(
            $this->posts->post($letter) === 'backside guard' ? 'backside tackle' : 'backside guard',
        );

        return $puller === null ? null : $this->front->on($puller);
    }

    /**
     * Words that may mean more than one man.
     *
     * @return list<string>
     */
    private function several(string $words, string $letter): array
    {
        $backers = $this->front->backers;

        return match ($words) {
            'inside backer playside' => array_values(
                array_filter($this->front->fromTackle($backers), fn (string $r): bool => $this->front->u($r) > -0.6),
            ),
            'backside backer' => $backers,
            'backer outside the surface' => $this->outsideTheSurface(),
            'in the closed gap' => $this->inClosedGap($letter),
            'overhangs playside' => array_values(
                array_filter($this->front->overhangs, fn (string $r): bool => $this->front->u($r) > 0.0),
            ),
            'outside the tackle' => array_values(array_filter([...$backers, ...$this->front->overhangs],
                fn (string $r): bool => $this->front->u($r) > $this->front->end($this->front->playside) + 0.8)),
            'left for the lead' => $this->ahead([...$this->front->fromTackle($backers),
                ...array_reverse($this->front->line)]),
            'left on the back side' => $this->backSide(),
            'first to the alley' => $this->toTheAlley(),
            default => [],
        };
    }

    /**
     * Men on the line between a tackle and his guard: who shuts the gap has them.
     *
     * @return list<string>
     */
    private function inClosedGap(string $letter): array
    {
        $tackle = $this->posts->u($letter);
        $guard = $this->posts->u((string) $this->posts->letter('backside guard'));

        return array_values(
            array_filter(
                $this->front->line,
                fn (string $r): bool => $this->front->movedU($r) > $tackle - 0.1 &&
                    $this->front->movedU($r) < $guard - 0.1,
            ),
        );
    }

    /**
     * Men a back who leads meets on his way: those of the play side and the middle.
     *
     * @param  list<string>  $roles
     * @return list<string>
     */
    private function ahead(array $roles): array
    {
        return array_values(
            array_filter($roles, fn (string $r): bool => $this->front->u($r) > $this->front->middle() - self::AHEAD_YD),
        );
    }

    /**
     * Men of the box behind the play, from the inside out, those on the line first.
     *
     * @return list<string>
     */
    private function backSide(): array
    {
        $behind = fn (array $roles): array => array_reverse(
            array_values(
                array_filter($roles, fn (string $r): bool => $this->front->movedU($r) < $this->front->middle()),
            ),
        );

        return [...$behind($this->front->line), ...$behind($this->front->backers)];
    }

    /**
     * Men off the line, the one nearest the alley of the play's side first.
     *
     * @return list<string>
     */
    private function toTheAlley(): array
    {
        $front = $this->front;
        $wide = $front->end($front->playside) + self::ALLEY_YD[0];
        $away = fn (string $r): float => hypot($front->u($r) - $wide, $front->depth($r) - self::ALLEY_YD[1]);
        $roles = array_values(
            array_filter(array_keys($front->men), fn (string $r): bool => ! $front->isOnLine($r)),
        );
        usort($roles, fn (string $a, string $b): int => $away($a) <=> $away($b));

        return $roles;
    }

    /** The man on a lineman, else who plays over a receiver. */
    private function over(string $letter): ?string
    {
        $on = $this->front->on($letter);
        if ($on !== null || $this->posts->lineup->men[$letter]->isLineman()) {
            return $on;
        }
        $u = $this->posts->u($letter);
        $near = array_filter(
            array_keys($this->front->men),
            fn (string $r): bool => abs($this->front->u($r) - $u) <= self::OVER_YD &&
                $this->front->depth($r) < 10.0 &&
                ! $this->front->isOnLine($r),
        );
        usort(
            $near,
            fn (string $a, string $b): int => abs($this->front->u($a) - $u) + 0.3 * $this->front->depth($a) <=>
                abs($this->front->u($b) - $u) + 0.3 * $this->front->depth($b),
        );

        return $near[0] ?? null;
    }

    private function supportSafety(): ?string
    {
        $support = $this->front->support['playside'];

        return $support !== null && $this->front->men[$support]->group === Group::Safety
            ? $support
            : $this->front->safety($this->front->playside);
    }

    /** @param  list<string>  $roles */
    private function last(array $roles, bool $playside): ?string
    {
        $roles = array_values(array_filter($roles, fn (string $r): bool => ($this->front->u($r) > 0.0) === $playside));
        usort($roles, fn (string $a, string $b): int => abs($this->front->u($b)) <=> abs($this->front->u($a)));

        return $roles[0] ?? null;
    }

    /**
     * The man inside the last one on the line.
     *
     * @param  list<string>  $line
     */
    private function second(array $line, bool $playside): ?string
    {
        $line = array_values(
            array_filter(
                $playside ? array_reverse($line) : $line,
                fn (string $r): bool => $this->front->u($r) > 0.0 === $playside,
            ),
        );

        return $line[1] ?? null;
    }

    /** The side a word for a side of the play means. */
    public function side(string $word): Side
    {
        return $word === 'backside' ? $this->front->playside->opposite() : $this->front->playside;
    }
}
