<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;
use Jacotaxis\Core\Words\Tokens;
use Jacotaxis\Core\Words\Trade\Phrases;
use Jacotaxis\Core\Words\Trade\TradePlaces;

/** Where a call divides: what stands before the colon and after it, also where no colon is said. */
final class CallParts
{
    /**
     * A run may stand without a colon: its part then begins at its own word. So may routes, where one reading remains.
     *
     * @return array{string, string} formation and what goes with it; routes or run
     *
     * @throws NotUnderstood
     */
    public static function of(string $words, StaffBook $book): array
    {
        $said = preg_split('/,?\s*\brpo\b\s*:?/i', $words, 2) ?: [$words];
        if (str_contains($said[0], ':')) {
            [$formation, $rest] = explode(':', $words, 2) + [1 => ''];

            return [$formation, $rest];
        }

        return self::atRun($words) ?? self::atRoutes($words, $book) ?? throw self::notFound($words, $book);
    }

    /** What is not a formation is the word to tell of; a formation alone says no call. */
    private static function notFound(string $words, StaffBook $book): NotUnderstood
    {
        try {
            FormationParser::parse($words, book: $book);
        } catch (NotUnderstood $e) {
            return $e;
        }

        return NotUnderstood::missing('colon, no routes and no run', 'gun 2x2: smash right, or gun 2x2: zone right');
    }

    /**
     * The first run in the words that is neither faked nor a motion.
     *
     * @return array{string, string}|null
     */
    private static function atRun(string $words): ?array
    {
        $shown = '(?!\s+(?:left |right |field |boundary |weak |strong )?(?:fake|flicker|back pass|motion))';
        $pattern = '/[,\s]\s*((?:[xzhyrf]\s+)?('.Phrases::runs(Schemes::names()).')\b'.$shown.')/i';
        preg_match_all($pattern, $words, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[1] as $n => [$said, $at]) {
            // "F jet left" is a motion, "F belly left" a run with its carrier.
            $run = $found[2][$n][0];
            $isMotion = $run !== $said && MotionKind::tryFrom(strtolower($run)) !== null;
            if (! $isMotion) {
                return [rtrim(substr($words, 0, $at), ", \t"), substr($words, $at)];
            }
        }

        return null;
    }

    /**
     * The longest beginning that is a formation, before a family or a man with his route.
     *
     * @return array{string, string}|null
     */
    private static function atRoutes(string $words, StaffBook $book): ?array
    {
        $starts = [
            ...array_map(strval(...), array_keys(Drawn::catalogue($book->families))),
            ...self::assignments(),
            ...array_keys(Routes::all()),
        ];
        preg_match_all('/[\s,]+/', $words, $gaps, PREG_OFFSET_CAPTURE);
        foreach (array_reverse($gaps[0]) as [$gap, $at]) {
            $head = substr($words, 0, $at);
            $body = substr($words, $at + strlen($gap));
            if ((new Tokens($body))->phrase($starts) !== null && self::isFormation($head, $book)) {
                return [$head, $body];
            }
        }

        return null;
    }

    /**
     * The same call with its formation first, wherever it is said: "triple right, double-slot", "half-slide right, gun
     * 2x2, drive". What belongs to the formation goes before the colon, everything else after it in the order it was
     * said; null where no formation is found but at the beginning.
     */
    public static function turned(string $words, StaffBook $book): ?string
    {
        $parts = explode('|', $words, 2);
        [$situation, $call] = count($parts) === 2 ? ["$parts[0]| ", trim($parts[1])] : ['', trim($words)];
        $last = str_contains($call, ':') ? null : self::saidLast($call, $book);
        if ($last !== null) {
            return $situation.$last;
        }
        $said = array_values(array_filter(
            preg_split('/\s*[,;:]\s*/', $call) ?: [],
            fn (string $part): bool => $part !== '',
        ));
        foreach ($said as $n => $part) {
            $found = self::formationIn($part, $book);
            [$before, $formation, $after] = $found ?? ['', '', ''];
            // A formation that stands first and alone is where it belongs.
            $moves = $n > 0 || $before !== '' || ($after !== '' && str_contains($call, ':'));
            if ($formation !== '' && $moves) {
                $others = [...array_slice($said, 0, $n), $before, $after, ...array_slice($said, $n + 1)];

                return $situation.self::inOrder($formation, $others);
            }
        }

        return null;
    }

    private static function saidLast(string $call, StaffBook $book): ?string
    {
        preg_match_all('/[\s,]+/', $call, $gaps, PREG_OFFSET_CAPTURE);
        foreach ($gaps[0] as [$gap, $at]) {
            $formation = substr($call, $at + strlen($gap));
            if ($at > 0 && self::beginsWithASet($formation) && self::isFormation($formation, $book)) {
                return "$formation: ".substr($call, 0, $at);
            }
        }

        return null;
    }

    /**
     * The longest formation in some words that begins with a set or with where the quarterback stands, with what stands
     * before and after it.
     *
     * @return array{string, string, string}|null
     */
    private static function formationIn(string $part, StaffBook $book): ?array
    {
        $words = preg_split('/\s+/', $part) ?: [];
        for ($from = 0; $from < count($words); $from++) {
            if (! self::beginsWithASet(implode(' ', array_slice($words, $from)))) {
                continue;
            }
            for ($long = count($words) - $from; $long > 0; $long--) {
                $formation = implode(' ', array_slice($words, $from, $long));
                if (self::isFormation($formation, $book)) {
                    return [
                        implode(' ', array_slice($words, 0, $from)),
                        $formation,
                        implode(' ', array_slice($words, $from + $long)),
                    ];
                }
            }
        }

        return null;
    }

    private static function beginsWithASet(string $words): bool
    {
        $names = Phrases::runs([...Sets::names(), ...Sets::quarterbacks()]);

        return preg_match("/^(?:$names)(?![\\w-])/i", $words) === 1;
    }

    /** @param  list<string>  $others  what was said beside the formation, in order */
    private static function inOrder(string $formation, array $others): string
    {
        $head = [$formation];
        $body = [];
        $parted = array_merge(...array_map(TradePlaces::parted(...), $others));
        foreach ($parted as $part) {
            if ($part !== '') {
                $goesBefore = TradePlaces::belongsBefore($part) || Footwork::tryFrom(strtolower($part)) !== null;
                $goesBefore ? $head[] = $part : $body[] = $part;
            }
        }

        return implode(', ', $head).': '.implode(', ', $body);
    }

    private static function isFormation(string $head, StaffBook $book): bool
    {
        try {
            FormationParser::read($head, $head, new CallDraft, $book);
        } catch (NotUnderstood) {
            return false;
        }

        return true;
    }

    /**
     * How an assignment may begin: a letter and a route.
     *
     * @return list<string>
     */
    private static function assignments(): array
    {
        $found = ['insides', 'everybody', '#1', '#2', '#3'];
        foreach (Man::SKILL as $letter) {
            foreach (array_keys(Routes::all()) as $route) {
                $found[] = strtolower($letter)." $route";
            }
        }

        return $found;
    }
}
