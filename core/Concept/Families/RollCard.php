<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Arrival;
use Jacotaxis\Core\Offense\Motion\Snap;

/**
 * Who runs what when the passer rolls to a side: the tight end of that side is the short man (PAC-03). A man who
 * arrives there in motion is the deep man; whoever was deep goes to the post, and the split end across has the middle
 * (PAC-04).
 */
final readonly class RollCard
{
    public function __construct(private Lineup $lineup, private Snap $snap)
    {
    }

    /**
     * The routes that differ from the count's, each with the reason why.
     *
     * @return list<RollRoute>
     */
    public function deal(Form $form, Side $roll): array
    {
        if ($form->roll === null) {
            return [];
        }
        $mover = $this->mover($roll);

        return $mover === null
            ? $this->toTheTightEnd($form->roll, $roll)
            : $this->withMotion($form->roll, $roll, $mover);
    }

    /** @return list<RollRoute> */
    private function toTheTightEnd(RollRoles $roles, Side $roll): array
    {
        $tight = $this->lineup->tightEnd($roll);
        $wide = $this->lineup->count->letter($roll, 1);
        $why = 'the tight end on the side of the roll stays short';

        return $tight === null || $tight->letter === $wide
            ? []
            : [RollRoute::of($tight->letter, $roles->short, $roll, $why)];
    }

    /** @return list<RollRoute> */
    private function withMotion(RollRoles $roles, Side $roll, string $mover): array
    {
        $short = $this->shortMan($roles, $roll, $mover);
        $dealt = [RollRoute::of($mover, $roles->deep, $roll, 'in motion to the side of the roll he is the deep man')];
        if ($short !== null) {
            $dealt[] = $short;
        }
        $taken = [$mover, $short?->letter];
        $wide = array_values(array_diff($this->lineup->count->on($roll), $taken))[0] ?? null;
        if ($wide !== null) {
            $dealt[] = RollRoute::of($wide, $roles->moved, $roll, "$mover is deep now");
        }
        $across = array_values(array_diff($this->lineup->count->on($roll->opposite()), $taken))[0] ?? null;
        if ($across !== null) {
            $dealt[] = RollRoute::of($across, $roles->middle, $roll->opposite(), "with $mover there he has the middle");
        }

        return $dealt;
    }

    /** The tight end of that side, the other's behind the line, else the second man who stood there. */
    private function shortMan(RollRoles $roles, Side $roll, string $mover): ?RollRoute
    {
        $tight = $this->lineup->tightEnd($roll)?->letter;
        $behind = $this->lineup->tightEnd($roll->opposite())?->letter;
        $second = array_values(array_diff($this->lineup->count->on($roll), [$mover]))[1] ?? null;

        return match (true) {
            $tight !== null => RollRoute::of($tight, $roles->short, $roll, 'the tight end stays short'),
            $behind !== null => RollRoute::of($behind, $roles->behind, $roll, 'the tight end, behind the line'),
            $second !== null => RollRoute::of($second, $roles->short, $roll, 'the inside man stays short'),
            default => null,
        };
    }

    /** Who is on the side of the roll at the snap, in motion, and did not stand there before. */
    private function mover(Side $roll): ?string
    {
        foreach ($this->snap->arrivals as $arrival) {
            if ($this->arrives($arrival, $roll)) {
                return $arrival->motion->who;
            }
        }

        return null;
    }

    private function arrives(Arrival $arrival, Side $roll): bool
    {
        $stoodThere = ! $arrival->before->isBack() && $arrival->before->side() === $roll;

        return ! $arrival->motion->kind->sets() &&
            ! $stoodThere &&
            ! $arrival->atSnap->isBack() &&
            $arrival->atSnap->side() === $roll;
    }
}
