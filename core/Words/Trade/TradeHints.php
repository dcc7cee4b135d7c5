<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Words\NotUnderstood;

/** What coaches say and the language has other words for, or asks about: how to say it. Common practice. */
final class TradeHints
{
    private const SAY = [
        '(?:pro {side}|(?:gun|pistol|under center) pro)' => 'Staffs mean two sets by it: say split-back or I.',
        'wr screen' => 'Say which: bubble screen, now screen or tunnel screen, with its side.',
        'rub' => 'There are several rubs: say slant-flat, spot-rub, or the two routes, "Z slant; H wheel".',
        'wedge' => 'The nearest are quarterback sneak, whose line wedges, and dive: say which.',
        'twins' => 'Staffs mean two sets by it: say 2x2, or trips, or wing-slot with its side.',
        'slot' => 'Say which set: 2x2, wing-slot or double-slot.',
        'pair' => 'Say the set by its receivers: 2x2, trips, trey or bunch.',
        'trio' => 'Say the set by its receivers: trips, trey or bunch.',
        'deuce' => 'Staffs mean two sets by it: say 2x2 or ace.',
        'outs' => 'Say how deep: "quick outs", or each man: "Z out 12".',
        'double tight i' => 'Say power I, full house or ace.',
        'china' => 'Say who runs what: "#1 hitch, #2 corner" is smash.',
        'cluster' => 'Say bunch, or stack.',
        'sweep' => 'There are several sweeps: say buck, jet, toss, or pin and pull.',
        'throwback screen' => 'Say who gets it and where: slip screen, tight end screen or tunnel screen '
            .'with its side.',
        'middle screen' => 'Say who gets it: slip screen, tight end screen or tunnel screen with its side.',
        'lead strong' => 'Say iso, or lead option, with its side.',
        'lead weak' => 'Say iso, or lead option, with its side.',
        'post, curl' => 'Say who runs them: "Z post, H curl".',
        'two man' => 'Say the two routes: the rest stay in with seven-man.',
        '2 man route' => 'Say the two routes: the rest stay in with seven-man.',
        'trap option' => 'Say trap, or speed option.',
        'delay' => 'Say what he does before he goes: "Y chip flat" or "Y slide".',
        '(?:heavy|jumbo)' => 'Say the set: full house, power I, double-wing or ace with its side.',
        'double posts?' => 'Say who runs them: "Z post, H post".',
        'stack i' => 'Say I, power I or full house.',
        'tail motion' => 'Say who moves and how: "H pitch right".',
        'double screen' => 'Say which screen gets the ball, and its side.',
        '(?:3|three) wide' => 'Say the set by its receivers: trips, or 2x2.',
        'criss cross' => 'Say which: counter, jet counter or reverse, with its side.',
        'option {side}' => 'Say which option: triple, midline, speed option, lead option or counter option.',
        '(?:down g|g lead)' => 'Say the run and who kicks: "belly right; RG kick", or power or trap with its side.',
        'gh counter' => 'Say counter, and who leads through: "counter right; H wrap".',
        'gf counter' => 'Say counter, and who leads through: "counter right; F wrap".',
        'tackle trap' => 'Say trap or dart, with its side.',
        'qb? (?:zone|trap)' => 'Say quarterback iso, quarterback power, quarterback counter or power read.',
        'chip' => 'Say what he does after it: "R chip flat".',
        'hi(?:gh)?[ -]lo(?:w)?' => 'Say which: drive, levels, post-dig or curl-flat.',
        'triangle' => 'Say which: spot, curl-flat or stick.',
        'sticks' => 'Say stick, or who runs what to the sticks: "Z dig, H curl".',
        'motion' => 'Say which motion: "Z jet", "Z short", "Z orbit", "Z return" or "Z shift right".',
        'outside veer' => 'Say which option: triple, lead option or speed option, with its side.',
        'qb follow' => 'Say quarterback iso, or isolated dive, with its side.',
        'single wing' => 'Say wildcat, or gun wing with its side.',
        'counter iso' => 'Say which: counter or iso, with its side.',
        'fake tunnel' => 'Say what comes after the fake: "X tunnel; Y seam", or the double move.',
        'down {side}' => 'Say the run and who kicks: "belly right; RG kick", or power or trap with its side.',
        'reduced' => 'Say it of the set: "gun 2x2 condensed", "gun trips tight".',
        'read safety' => 'Say which defender is the key: "key strong safety".',
        'read flat defender' => 'Say which defender is the key: "key nickel", "key right corner".',
        '(?:vs press|if off)' => 'Say the route he runs here; what it becomes against a look is set in the staff book.',
        '(?:near|far)' => 'Say strong I or weak I, or two-back with its side.',
        'nub' => 'A tight end alone away from three: say trey to the side of the three, or wing-slot.',
        '(?:bash counter|counter bash)' => 'Say what the quarterback runs and whom he reads: "quarterback counter right" or '
            .'"power read right".',
        'nod' => 'Say the double move: "Y hitch-go", or where he goes: "Y seam".',
        'switch' => 'Say who runs what: "Z seam, H go".',
        'fake bubble' => 'Say what comes after the fake: "H bubble; Z go", or the double move: "H out-up".',
    ];

    /** What is asked where no run is understood behind it. */
    private const ACTION = [
        'pa' => 'Say the run that is faked: "PA zone left, ...".',
        'play action' => 'Say the run that is faked: "play action zone left, ...".',
    ];

    /** Where no shell is understood. */
    private const COVERAGES = ['man' => 'Man is cover 0, cover 1 or 2-man: say which.'];

    private const LOOKS = [
        'zone' => 'Say which: cover 2, cover 3, cover 4 or cover 6.',
        'mofc' => 'With the middle closed it is cover 1 or cover 3: say which.',
        'mofo' => 'With the middle open it is cover 2, 2-man, cover 4 or cover 6: say which.',
        'olb' => 'Say who he is in this front: "sam blitz", "jack blitz".',
        'safeties' => 'Say where each stands, yards wide and deep: "free safety at 0 12".',
        'box' => 'Say the front: who is in the box follows from it.',
        'olbs' => 'Say who they are in this front: "sam blitz, jack blitz".',
        'prevent' => 'Say the front and the shell: "4-1 dime, cover 4" or "3-1 quarter, three high".',
        '(?:4|four) down' => 'Say which: 4-3 over, 4-3 under, 4-2 nickel or 4-4.',
        '(?:3|three) down' => 'Say which: 3-4, 3-3 stack, tite or 3-2 dime.',
        'who plays hook' => 'Say who drops of the four who rush: "weak end drops".',
        'drop 8' => 'Say who drops of the four who rush: "weak end drops".',
        '3 man rush' => 'Say who drops of the four who rush: "weak end drops".',
        'three man rush' => 'Say who drops of the four who rush: "weak end drops".',
        'rush three' => 'Say who drops of the four who rush: "weak end drops".',
        '2 high' => 'Two deep shells are cover 2, tampa 2, 2-man, cover 4 and cover 6: say which.',
        'two high' => 'Two deep shells are cover 2, tampa 2, 2-man, cover 4 and cover 6: say which.',
        '1 high' => 'With one deep it is cover 1 or cover 3: say which.',
        'one high' => 'With one deep it is cover 1 or cover 3: say which.',
        'single high' => 'With one deep it is cover 1 or cover 3: say which.',
        'man coverage' => 'Man is cover 0, cover 1 or 2-man: say which.',
        'cover 7' => 'Staffs mean different coverages by it: say cover 4, cover 4 trap, cover 6 or cover 1.',
        'cover 8' => 'Staffs mean different coverages by it: say cover 6 or cover 2 and who plays what.',
        'cover 9' => 'Staffs mean different coverages by it: say cover 3 or cover 4 and who plays what.',
        'even front' => 'Say which: 4-3 over, 4-3 under, 4-2 nickel or 4-4.',
        'eagle' => 'Staffs mean two fronts by it: say bear or 4-3 under.',
        'split field' => 'Say cover 6, or the shell and what one man plays: "cover 4, left corner plays flat".',
        'wide 9' => 'Say where they stand, yards wide and deep: "left end at -5.5 1".',
        'end drops' => 'Say which end: "weak end drops".',
        'end comes' => 'Say which end: "weak end blitz".',
        'walk' => 'Say where he stands, yards wide and deep: "sam at 9 5".',
        'walks out' => 'Say where he stands, yards wide and deep: "sam at 9 5".',
        'fire zone strong' => 'Say who comes: "fire zone, nickel blitz".',
        'fire zone weak' => 'Say who comes: "fire zone, will blitz".',
        'backers tight' => 'Say how deep: "mike at 1 3".',
        'walked out' => 'Say where he stands, yards wide and deep: "sam at 9 5".',
        'green dog' => 'Who comes because his man stays in is said as a rusher: "mike comes".',
        'overload' => 'Say who comes: "nickel blitz, will blitz".',
        'stunt' => 'Say who moves: "left end crosses, left tackle spikes".',
        'twist' => 'Say who moves: "left tackle crosses, right tackle spikes".',
        'poach' => 'Say what he plays: "free safety plays man on H".',
        'sim pressure' => 'Say who comes and who drops: "will comes, strong end drops".',
        'simulated pressure' => 'Say who comes and who drops: "will comes, strong end drops".',
        'creeper' => 'Say who comes and who drops: "will comes, strong end drops".',
        'corner blitz' => 'Say which corner: "field corner blitz", "boundary corner blitz" or "left corner blitz".',
        'corner cat' => 'Say which corner: "field corner blitz", "boundary corner blitz" or "left corner blitz".',
    ];

    /** How to say what a call holds and the language has not, or null. */
    public static function of(string $words, NotUnderstood $refused): ?NotUnderstood
    {
        return self::among(self::SAY + self::ACTION, $words) ?? self::noSet($words, $refused);
    }

    /** A call that begins with what is done says no formation. */
    private static function noSet(string $words, NotUnderstood $refused): ?NotUnderstood
    {
        $begins = [...Sets::names(), 'gun', 'pistol', 'under center'];
        $said = preg_match('/(?<![\w-])(?:'.Phrases::anyOf($begins).')(?![\w-])/i', $words) === 1;

        return $said || ! $refused->isNo('set') ? null : NotUnderstood::because(
            'No formation is said: begin with gun, pistol or under center and a set, as in "gun trips right: ...".',
            $refused->word,
        );
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

        return self::among($noShell ? self::LOOKS + self::COVERAGES : self::LOOKS, $words);
    }

    /** @param  array<string, string>  $hints  how to say it, by the pattern of what was said */
    private static function among(array $hints, string $words): ?NotUnderstood
    {
        foreach ($hints as $said => $hint) {
            $pattern = '/(?<![\w-])'.Phrases::filled((string) $said).'(?![\w-])/i';
            if (preg_match($pattern, $words, $m) === 1) {
                $word = strtolower($m[0]);

                return NotUnderstood::because("\"$word\": $hint", $word);
            }
        }

        return null;
    }
}
