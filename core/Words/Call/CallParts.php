<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;
use Jacotaxis\Core\Words\Tokens;
use Jacotaxis\Core\Words\Trade\Phrases;

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
        $shown = '(?!\s+(?:left |right |field |boundary )?(?:fake|flicker|back pass|motion))';
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

    /** A call that says its formation last, "triple right, double-slot", with it first; null where it does not. */
    public static function turned(string $words, StaffBook $book): ?string
    {
        $parts = explode('|', $words, 2);
        [$situation, $call] = count($parts) === 2 ? $parts : [null, $words];
        if (str_contains($call, ':')) {
            return null;
        }
        preg_match_all('/[\s,]+/', $call, $gaps, PREG_OFFSET_CAPTURE);
        foreach ($gaps[0] as [$gap, $at]) {
            $formation = substr($call, $at + strlen($gap));
            if ($at > 0 && self::isFormation($formation, $book)) {
                $turned = "$formation: ".substr($call, 0, $at);

                return $situation === null ? $turned : "$situation| $turned";
            }
        }

        return null;
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
        $found = ['insides', '#1', '#2', '#3'];
        foreach (Man::SKILL as $letter) {
            foreach (array_keys(Routes::all()) as $route) {
                $found[] = strtolower($letter)." $route";
            }
        }

        return $found;
    }
}
