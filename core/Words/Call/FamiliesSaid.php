<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Concept\Families\Form;
use Jacotaxis\Core\Concept\Families\Recognition;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Words\NotUnderstood;

/** Whether the families that were said are there once everybody has his route. */
final class FamiliesSaid
{
    /**
     * What to tell of a family that is not there any more because a man of it was told to run something else.
     *
     * @return list<string>
     *
     * @throws NotUnderstood two families that share a man cannot both be there
     */
    public static function told(CallDraft $draft, Drawn $drawn): array
    {
        $gone = array_filter(
            $draft->families,
            fn (array $said): bool => ! self::runsIt($said['family'], $draft) &&
                self::isGone($said['family'], $said['sides'], $drawn),
        );
        if ($gone === []) {
            return [];
        }
        $lost = array_values($gone)[0]['family']->name;
        if (count($draft->families) === 1) {
            return ["with what else is said it is no $lost any more"];
        }
        $names = implode(' and ', array_map(fn (array $f): string => $f['family']->name, $draft->families));
        throw NotUnderstood::because(
            "$names ask the same man for two routes: say them on two sides, or say who runs what.",
            $lost,
        );
    }

    /** With a run the back has the ball: a family with a part for him is there without it. */
    private static function runsIt(Family $family, CallDraft $draft): bool
    {
        return $draft->run !== null && array_filter($family->forms, fn (Form $f): bool => $f->back !== null) !== [];
    }

    /**
     * Who wants more men than a side has is told of as assumed already.
     *
     * @param  list<Side>  $sides
     */
    private static function isGone(Family $family, array $sides, Drawn $drawn): bool
    {
        $hasMen = fn (Side $side): bool => count($drawn->count->on($side)) >= $family->least();
        $isThere = fn (Side $side): bool => Recognition::form($family, $side, $drawn) !== null;

        return array_filter($sides === [] ? Side::cases() : $sides, $hasMen) !== [] &&
            array_filter(Side::cases(), $isThere) === [];
    }
}
