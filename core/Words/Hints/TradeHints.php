<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Hints;

use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Trade\Phrases;

/** What coaches say and the language has other words for, or asks about: how to say it. Common practice. */
final class TradeHints
{
    private const SAY = [
        '(?:double move|double pass)' => 'Say what it is: "Z hitch-go", "X slant-go", or "toss right back pass".',
        'gf counter' => 'Say counter, and who leads through: "counter right; F wrap".',
        'switch' => 'Say switch verticals, or who runs what: "Z seam, H go".',
        '(?:near|far)' => 'Say the set, and where the back stands: "gun 2x2 right, R left"; or strong I, weak I.',
        '(?:gun|pistol) (?:strong|weak)' => 'Say the set, and where the back stands: "pistol 2x2 right, R left".',
        'dash' => 'Say half-boot with its side: the passer leaves the pocket.',
        '(?:pump|stutter)' => 'Say the double move: "Z hitch-go", "Z slant-go" or "Z out-up".',
        '(?:twirl|tail)(?: motion)?' => 'Say who moves and how: "H pitch right".',
        'lead zone' => 'Say the run, and who leads: "zone left; H insert", or iso.',
        'fold' => 'Say who goes where: "zone left; RG climb mike".',
        'outs' => 'Say how deep: "quick outs", or each man: "Z out 12".',
        'china' => 'Say who runs what: "#1 hitch, #2 corner" is smash.',
        'throwback screen' => 'Say who gets it and where: slip screen, tight end screen or tunnel screen '
            .'with its side.',
        'middle screen' => 'Say who gets it: slip screen, tight end screen or tunnel screen with its side.',
        'post, curl' => 'Say who runs them: "Z post, H curl".',
        'two man' => 'Say the two routes: the rest stay in with seven-man.',
        '2 man route' => 'Say the two routes: the rest stay in with seven-man.',
        'delay' => 'Say what he does before he goes: "Y chip flat" or "Y slide".',
        'double screen' => 'Say which screen gets the ball, and its side.',
        '(?:3|three) wide' => 'Say the set by its receivers: trips, or 2x2.',
        'option {side}' => 'Say which option: triple, midline, speed option, lead option or counter option.',
        '(?:down g|g lead)' => 'Say the run and who kicks: "belly right; RG kick", or power or trap with its side.',
        'chip' => 'Say what he does after it: "R chip flat".',
        'sticks' => 'Say stick, or who runs what to the sticks: "Z dig, H curl".',
        'motion' => 'Say which motion: "Z jet", "Z short", "Z orbit", "Z return" or "Z shift right".',
        'qb follow' => 'Say quarterback iso, or isolated dive, with its side.',
        '(?:two|2) verticals' => 'Say who runs them: "X go, Z go", with seven-man protection: "max".',
        'both (?:te|tight ends?)s?' => 'Say them by their letters: "Y & H shallow".',
        'single wing' => 'Say wildcat, or gun wing with its side.',
        'fake tunnel' => 'Say what comes after the fake: "X tunnel; Y seam", or the double move.',
        'down {side}' => 'Say the run and who kicks: "belly right; RG kick", or power or trap with its side.',
        'reduced' => 'Say it of the set: "gun 2x2 condensed", "gun trips tight".',
        'read safety' => 'Say which defender is the key: "key strong safety".',
        'read flat defender' => 'Say which defender is the key: "key nickel", "key right corner".',
        '(?:vs press|if off)' => 'Say the route he runs here; what it becomes against a look is set in the staff book.',
        '(?:bash counter|counter(?: {side})? bash)' => 'Say what the quarterback runs and whom he reads:'
            .' "quarterback counter right" or '
            .'"power read right".',
        'nod' => 'Say the double move: "Y hitch-go", or where he goes: "Y seam".',
        'fake bubble' => 'Say what comes after the fake: "H bubble; Z go", or the double move: "H out-up".',
    ];

    /** What is asked where no run is understood behind it. */
    private const ACTION = [
        'pa(?!\s+{said run})' => 'Say the run that is faked: "PA zone left, ...".',
        'play action(?!\s+{said run})' => 'Say the run that is faked: "play action zone left, ...".',
    ];

    private const LOOKS = [
        '(?:one|1|two|2)[ -]gap(?:ping|ped)?' => 'Leave it out: how the line plays its gaps changes no job here.',
        '(?:wide )?9s' => 'Say where they stand, yards wide and deep: "left end at -5.5 1".',
        '(?:cover 3 )?cloud (?:to (?:the )?)?(?:weak|boundary)' => 'Say what the corner and the safety over him play: '
            .'"cover 3, left corner plays flat".',
        'inverted?' => 'Say cover 2 invert.',
        'ilb' => 'Say who he is in this front: "mike blitz", "will blitz"; both are "ilbs blitz".',
        '(?<=cover \d )blitz$' => 'Say who comes: "mike blitz", "edge pressure field"; or how many: "five rush".',
        'olb' => 'Say who he is in this front: "sam blitz", "jack blitz".',
        'safeties' => 'Say where each stands, yards wide and deep: "free safety at 0 12".',
        'box' => 'Say the front: who is in the box follows from it.',
        'linebackers' => 'Say how deep each stands: "mike at 1 5".',
        '(?:both )?outside backers' => 'Say who they are in this front: "sam blitz, jack blitz".',
        'olbs' => 'Say who they are in this front: "sam blitz, jack blitz".',
        '(?:prevent|hail mary)' => 'Say the front and the shell: "4-1 dime, cover 4" or "3-1 quarter, three high".',
        'who plays hook' => 'Say who drops of the four who rush: "weak end drops".',
        'drop 8' => 'Say who drops of the four who rush: "weak end drops".',
        '3 man rush' => 'Say who drops of the four who rush: "weak end drops".',
        'three man rush' => 'Say who drops of the four who rush: "weak end drops".',
        '(?:rush|bring|send)s? (?:3|three)' => 'Say who drops of the four who rush: "weak end drops".',
        'cover 8' => 'Staffs mean different coverages by it: say cover 6 or cover 2 and who plays what.',
        'cover 9' => 'Staffs mean different coverages by it: say cover 3 or cover 4 and who plays what.',
        'split field' => 'Say cover 6, or the shell and what one man plays: "cover 4, left corner plays flat".',
        'wide 9' => 'Say where they stand, yards wide and deep: "left end at -5.5 1".',
        'end drops' => 'Say which end: "weak end drops".',
        'end comes' => 'Say which end: "weak end blitz".',
        'walk' => 'Say where he stands, yards wide and deep: "sam at 9 5".',
        'walks out' => 'Say where he stands, yards wide and deep: "sam at 9 5".',
        'fire zone strong' => 'Say who comes: "fire zone, nickel blitz".',
        'fire zone weak' => 'Say who comes: "fire zone, will blitz".',
        'backers tight' => 'Say how deep: "mike at 1 3".',
        'apex(?:ed)?' => 'Say where he stands, yards wide and deep: "will at -6 5".',
        'show(?:s|ing)? (?:blitz|pressure)' => 'Say who is walked up: "walked mike, walked will".',
        'walked out' => 'Say where he stands, yards wide and deep: "sam at 9 5".',
        'green dogs?' => 'Who comes because his man stays in is said as a rusher: "mike comes".',
        'cross dog' => 'Say who comes: "mike blitz, will blitz".',
        'over the top' => 'Say bracket, and on whom: "bracket X".',
        'corner clouds?' => 'Say what he plays: "left corner plays flat".',
        'overload' => 'Say who comes: "nickel blitz, will blitz".',
        'stunt' => 'Say who moves: "left end crosses, left tackle spikes".',
        'twists?' => 'Say who moves: "left tackle crosses, right tackle spikes".',
        'poach' => 'Say what he plays: "free safety plays man on H".',
        'sims?(?: {side})?(?! pressure)' => 'Say who comes and who drops: "will comes, strong end drops".',
        'sim pressure' => 'Say who comes and who drops: "will comes, strong end drops".',
        'simulated pressure' => 'Say who comes and who drops: "will comes, strong end drops".',
        'creeper' => 'Say who comes and who drops: "will comes, strong end drops".',
        '(?<!field |boundary |left |right |strong |weak )corner blitz' => 'Say which corner: "field corner'
            .' blitz", "boundary corner blitz" or "left corner blitz".',
        'a[ -]gap (?:blitz|pressure)' => 'Say who comes: "mike blitz"; both backers are "double A gap blitz".',
        'corner cat' => 'Say which corner: "field corner blitz", "boundary corner blitz" or "left corner blitz".',
    ];

    /** How to say what a call holds and the language has not, or null. */
    public static function of(string $words, NotUnderstood $refused): ?NotUnderstood
    {
        return self::among(self::SAY + self::ACTION, Meanings::CALL, $words, $refused);
    }

    /** A number no rule of the trade reads: of a protection, or of a call. */
    public static function ofNumber(NotUnderstood $refused): ?NotUnderstood
    {
        $word = $refused->word;

        return preg_match('/^\d{2,3}$/', $word) !== 1 || ! $refused->isNo() ? null : NotUnderstood::because(
            "What $word means is the staff's own: give it a meaning in the staff book, or leave it out.",
            $word,
        );
    }

    /** The same of a look. */
    public static function ofLook(string $words, NotUnderstood $refused): ?NotUnderstood
    {
        $noShell = $refused->isNo('shell') || $refused->isNo('front');
        $meanings = $noShell ? Meanings::LOOK + Meanings::COVERAGE : Meanings::LOOK;

        return self::among(self::LOOKS, $meanings, $words, $refused);
    }

    /**
     * What was said and has a hint: first one that holds the refused word, then any where a word is unknown.
     *
     * @param  array<string, string>  $hints  how to say it, by the pattern of what was said
     * @param  array<string, list<string>>  $meanings  what may stand in its place, by the pattern of what was said
     */
    private static function among(array $hints, array $meanings, string $words, NotUnderstood $refused): ?NotUnderstood
    {
        $any = null;
        foreach (array_keys($meanings + $hints) as $pattern) {
            if (preg_match('/(?<![\w-])'.Phrases::filled($pattern).'(?![\w-])/i', $words, $m) !== 1) {
                continue;
            }
            $word = strtolower($m[0]);
            $may = $meanings[$pattern] ?? [];
            $hint = NotUnderstood::because(
                "\"$word\": ".($may === [] ? $hints[$pattern] : Meanings::asked($may)),
                $word,
                $may,
            );
            if ($refused->isIn($word)) {
                return $hint;
            }
            $any ??= $hint;
        }

        return $refused->isNo() ? $any : null;
    }
}
