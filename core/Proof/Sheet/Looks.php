<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Defense\UnknownLook;

/** The looks a sheet is drawn over: fronts times shells. */
final class Looks
{
    /**
     * @param  list<string>|null  $fronts  names, ['all'], or null for the usual ones
     * @param  list<string>|null  $shells  names, ['all'], or null for the usual ones
     * @return list<Look> front by front
     *
     * @throws UnknownLook
     */
    public static function of(?array $fronts = null, ?array $shells = null): array
    {
        $looks = [];
        foreach (self::names($fronts, Fronts::names(), Fronts::usual()) as $front) {
            foreach (self::names($shells, Shells::names(), Shells::usual()) as $shell) {
                $looks[] = Look::of($front, $shell);
            }
        }

        return $looks;
    }

    /**
     * @param  list<string>|null  $said
     * @param  list<string>  $all
     * @param  list<string>  $usual
     * @return list<string>
     */
    private static function names(?array $said, array $all, array $usual): array
    {
        return match (true) {
            $said === null || $said === [] => $usual,
            $said === ['all'] => $all,
            default => $said,
        };
    }
}
