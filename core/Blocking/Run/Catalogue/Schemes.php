<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunScheme;
use Jacotaxis\Core\Blocking\Run\UnknownRun;

/**
 * The catalogue of runs: a rule per post, the first that holds in the order written. Linemen, tight ends and wings
 * without a rule go into the matching of the line, receivers stalk the man over them.
 */
final class Schemes
{
    /** Receivers who are given nothing else (common practice). */
    private const SUPPORT = [
        ['playside wide', 'stalk', 'corner playside'],
        ['backside wide', 'cut off', 'corner backside'],
    ];

    /** @var array<string, RunScheme>|null */
    private static ?array $all = null;

    /** @var list<JobRow>|null */
    private static ?array $support = null;

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::all());
    }

    public static function has(string $name): bool
    {
        return isset(self::all()[$name]);
    }

    /** @throws UnknownRun */
    public static function get(string $name): RunScheme
    {
        return self::all()[$name] ?? throw UnknownRun::scheme($name);
    }

    /**
     * Rules that come after a scheme's own.
     *
     * @return list<JobRow>
     */
    public static function support(): array
    {
        return self::$support ??= array_map(
            fn (array $r): JobRow => JobRow::read($r[0], '', $r[1], $r[2]),
            self::SUPPORT,
        );
    }

    /** @return array<string, RunScheme> by name */
    private static function all(): array
    {
        if (self::$all === null) {
            $schemes = [
                ...ZoneRuns::all(),
                ...GapRuns::all(),
                ...SweepRuns::all(),
                ...OptionRuns::all(),
                ...QuarterbackRuns::all(),
                ...ScreenPasses::all(),
            ];
            self::$all = array_combine(array_map(fn (RunScheme $s): string => $s->name, $schemes), $schemes);
        }

        return self::$all;
    }
}
