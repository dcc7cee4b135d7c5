<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Hints;

/**
 * Words by which staffs mean different things: what each may mean, in words of the language that can stand in its
 * place.
 * Common practice.
 */
final class Meanings
{
    /** Of calls, by the pattern of what was said. */
    public const CALL = [
        'pro(?= {side}|:)' => ['2x2 closed', 'split-back', 'I'],
        '^\s*strong (?:right|left|rt|lt)' => ['strong I', 'I', '2x2 closed'],
        '^\s*(?:(?:gun|pistol) )?nasty' => ['2x2 tight', 'trips tight', 'ace tight'],
        'wr screen' => ['bubble screen', 'now screen', 'tunnel screen'],
        '(?:rub|pick)' => ['slant-flat', 'spot-rub'],
        'wedge' => ['quarterback sneak', 'dive'],
        'twins' => ['2x2', 'trips', 'twins wing', 'twins I', 'wing-slot'],
        'slot' => ['2x2', 'wing-slot', 'double-slot'],
        'pair' => ['2x2', '2x2 closed', 'twins wing'],
        'trio' => ['trips', 'trey', 'bunch', 'nub'],
        'deuce' => ['2x2', '2x2 closed', 'ace'],
        'double tight i' => ['power I', 'full house', 'ace'],
        'cluster' => ['bunch', 'stack'],
        '(?<!buck |jet |toss |fly |speed )sweep' => ['buck', 'jet', 'toss', 'pin and pull'],
        '(?<!bubble |now |tunnel |slip |swing |end |middle |throwback |double |wr )screen(?!'
            .' {side})' => ['bubble screen', 'now screen',
                'tunnel screen', 'slip screen'],
        'double screen' => ['bubble screen', 'slip screen', 'tunnel screen'],
        'throwback screen' => ['slip screen', 'tight end screen', 'tunnel screen'],
        'middle screen' => ['slip screen', 'tight end screen', 'tunnel screen'],
        'trap option' => ['trap', 'speed option'],
        '(?:heavy|jumbo)' => ['full house', 'power I', 'double-wing', 'ace'],
        'goal line(?= {side}|,)' => ['full house', 'power I', 'double-wing', 'ace'],
        'stack i' => ['I', 'power I', 'full house'],
        'criss cross' => ['counter', 'jet counter', 'reverse'],
        'option(?= {side})' => ['triple', 'midline', 'speed option', 'lead option', 'counter option'],
        'cross[ -]?buck' => ['counter', 'trap'],
        'deuces' => ['2x2', '2x2 closed', 'ace'],
        'tackle trap' => ['trap', 'dart'],
        'qb? (?:zone|trap|wrap|run)' => ['quarterback iso', 'quarterback power', 'quarterback counter', 'power read'],
        'hi(?:gh)?[ -]lo(?:w)?' => ['drive', 'levels', 'post-dig', 'curl-flat'],
        'triangle' => ['spot', 'curl-flat', 'stick'],
        'outside veer' => ['triple', 'lead option', 'speed option'],
        'counter iso' => ['counter', 'iso'],
        'qb follow' => ['quarterback iso', 'dive'],
        '(?:mid|middle) zone' => ['zone', 'outside zone'],
        'follow' => ['drive', 'levels', 'shallow cross'],
        '(?:bash counter|counter(?: {side})? bash)' => ['quarterback counter', 'power read'],
        'crossers' => ['mesh', 'shallow cross', 'drive'],
        'single wing' => ['wildcat', 'gun wing'],
    ];

    /** Of looks. */
    public const LOOK = [
        '(?<!fire )zone' => ['cover 2', 'cover 3', 'cover 4', 'cover 6'],
        'mofc' => ['cover 1', 'cover 3'],
        'mofo' => ['cover 2', '2-man', 'cover 4', 'cover 6'],
        '(?:4|four) down' => ['4-3 over', '4-3 under', '4-2 nickel', '4-4'],
        '(?:3|three) down' => ['3-4', '3-3 stack', 'tite', '3-2 dime'],
        '(?:2|two) high' => ['cover 2', 'tampa 2', '2-man', 'cover 4', 'cover 6'],
        '(?:2|two) deep' => ['cover 2', 'tampa 2', '2-man', 'cover 4'],
        '(?:1|one|single) high' => ['cover 1', 'cover 3'],
        'man coverage' => ['cover 0', 'cover 1', '2-man'],
        'cover 7' => ['cover 4', 'cover 4 trap', 'cover 6', 'cover 1'],
        'even(?: front)?' => ['4-3 over', '4-3 under', '4-2 nickel', '4-4'],
        'eagle' => ['bear', '4-3 under', '5-2'],
        'light box' => ['4-2 nickel', '4-1 dime', '3-2 dime'],
        '(?:6|six)(?: man| in the)? box' => ['4-2 nickel', '3-3 stack', 'tite'],
        '(?:7|seven)(?: man| in the)? box' => ['4-3 over', '4-3 under', '3-4', 'bear'],
        '(?:8|eight)(?: man| in the)? box' => ['4-4', '5-3', '5-2'],
        '4-3 stack' => ['4-3 over', '4-3 under'],
        '3-4 under' => ['4-3 under', '3-4', '5-2'],
        'penny' => ['tite', 'bear', '5-2'],
    ];

    /** Of looks where no shell is understood. */
    public const COVERAGE = ['man' => ['cover 0', 'cover 1', '2-man']];

    /** @param  list<string>  $meanings */
    public static function asked(array $meanings): string
    {
        $last = array_pop($meanings);

        return 'Staffs mean different things by it: say '.implode(', ', $meanings)." or $last.";
    }
}
