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
    /** What the default sheet leaves out: fronts and shells seen rarely. */
    private const RARE_FRONTS = ['6-1', '6-2', '4-3 under'];

    private const RARE_SHELLS = ['fire zone'];

    /**
     * @param  list<string>|null  $fronts  names, ['all'], or null for the usual eight
     * @param  list<string>|null  $shells  names, ['all'], or null for the usual twelve
     * @return list<Look> front by front
     *
     * @throws UnknownLook
     */
    public static function of(?array $fronts = null, ?array $shells = null): array
    {
        $looks = [];
        foreach (self::names($fronts, Fronts::names(), self::RARE_FRONTS) as $front) {
            foreach (self::names($shells, Shells::names(), self::RARE_SHELLS) as $shell) {
                $looks[] = Look::of($front, $shell);
            }
        }

        return $looks;
    }

    /**
     * @param  list<string>|null  $said
     * @param  list<string>  $all
     * @param  list<string>  $rare
     * @return list<string>
     */
    private static function names(?array $said, array $all, array $rare): array
    {
        return match (true) {
            $said === null || $said === [] => array_values(array_diff($all, $rare)),
            $said === ['all'] => $all,
            default => $said,
        };
    }
}
