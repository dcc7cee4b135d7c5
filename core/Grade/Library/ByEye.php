<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Library;

use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Grade\Placement;

/**
 * What a coach says of a man by eye, in the order a rep is looked at: sub-marks, plus or minus, and facts with an
 * answer or a number (FLM-03 to FLM-07, FLM-09). One rep may be praised and corrected; a guess is kept and counts for
 * nothing (REC-08).
 */
final class ByEye
{
    public const PLUS = 'plus';

    public const MINUS = 'minus';

    /** By group: name, the part of the grade it belongs to, and what a minus is in the library. */
    private const SUBMARKS = [
        'quarterback' => [
            'count' => ['alignment', null], 'footwork' => ['technique', 'FLT-46'],
            'mesh or fake' => ['technique', 'FLT-45'], 'eyes' => ['eyes', null],
            'ball out' => ['technique', 'FLT-47'], 'placement' => ['technique', 'FLT-49'],
            'speed' => ['technique', 'FLT-49'], 'base' => ['technique', 'FLT-46'],
        ],
        'backs' => [
            'stance and spot' => ['alignment', null], 'steps to the mesh' => ['technique', 'FLT-40'],
            'eyes' => ['eyes', 'FLT-42'], 'press' => ['technique', null], 'cut' => ['technique', 'FLT-41'],
            'pitch relation' => ['assignment', 'FLT-43'], 'set to block' => ['technique', 'FLT-44'],
            'catch' => ['technique', 'FLT-21'], 'finish' => ['effort', null],
        ],
        'receivers' => [
            'start' => ['technique', 'FLT-01'], 'aim' => ['technique', 'FLT-03'], 'rhythm' => ['technique', 'FLT-04'],
            'release plant' => ['technique', 'FLT-05'], 'break' => ['technique', 'FLT-08'],
            'shoulders' => ['technique', 'FLT-10'], 'eyes' => ['eyes', 'FLT-11'], 'catch' => ['technique', 'FLT-21'],
            'finish' => ['effort', null], 'block made' => ['assignment', 'FLT-22'],
        ],
        'tight ends' => [
            'stance and spot' => ['alignment', null], 'sell' => ['technique', 'FLT-36'],
            'path' => ['technique', 'FLT-38'], 'contact' => ['technique', null], 'aim' => ['technique', 'FLT-38'],
            'block made' => ['assignment', 'FLT-39'], 'catch' => ['technique', 'FLT-21'], 'finish' => ['effort', null],
        ],
        'line' => [
            'stance and spot' => ['alignment', null], 'first step' => ['technique', 'FLT-27'],
            'near hip or base' => ['assignment', 'FLT-30'], 'hands' => ['technique', 'FLT-31'],
            'square' => ['technique', 'FLT-27'],
            'takeover' => ['assignment', 'FLT-29'], 'climb' => ['technique', 'FLT-28'], 'finish' => ['effort', null],
        ],
    ];

    private const CATCHERS = ['receivers', 'tight ends', 'backs'];

    private const BLOCKERS = ['line', 'tight ends', 'backs', 'receivers'];

    private const YES_NO = ['yes', 'no'];

    /** Whom it is said of, the answers or the unit, and what is meant. */
    private const FACTS = [
        'break foot' => [self::CATCHERS, ['inside', 'outside'], 'the foot he breaks off'],
        'gathers' => [self::CATCHERS, self::YES_NO, 'takes an extra count to gather before the break'],
        'quicks planned' => [['receivers'], 'steps', 'quick steps the release asks for'],
        'quicks' => [['receivers'], 'steps', 'quick steps he takes'],
        'toes reached' => [['receivers'], self::YES_NO, 'eats the cushion up to the defender\'s toes'],
        'sudden' => [['receivers'], self::YES_NO, 'leaves the quicks suddenly'],
        'pressed' => [['receivers', 'tight ends'], self::YES_NO, 'a man is in his face'],
        'gap at the top' => [self::CATCHERS, 'yd', 'yards to the defender at the break'],
        'break depth' => [self::CATCHERS, 'yd', 'depth of the break, within a yard'],
        'undercut' => [self::CATCHERS, self::YES_NO, 'a defender cuts in under him'],
        'sell steps' => [['tight ends', 'receivers'], 'steps', 'hard steps of the sell before he leaves'],
        'method' => [self::CATCHERS, ['two hands', 'one hand', 'low', 'ball swung'], 'how he catches and carries it'],
        'block' => [self::BLOCKERS, ['reach', 'push', 'kick', 'log', 'seal', 'cut off', 'none'],
            'what became of his block'],
        'moving at contact' => [['backs', 'tight ends', 'line'], self::YES_NO,
            'is still moving when he meets the rusher'],
        'second contact' => [['line', 'tight ends'], self::YES_NO, 'reaches his man and looks for more work'],
        'cuts' => [['backs', 'quarterback'], 'cuts', 'how often he cuts with the ball'],
        'ball at' => [['quarterback'], Placement::PLACES, 'where the ball is when it is caught or should be'],
        'ball hung' => [['quarterback'], self::YES_NO, 'the ball hangs, so that its man is hit as he reaches for it'],
        'ball shown' => [['backs', 'quarterback'], self::YES_NO, 'the fake shows the ball'],
        'frees another' => [FaultKeys::GROUPS, self::YES_NO, 'clears out, rubs, fakes or captures for another man'],
        'branch taken' => [FaultKeys::GROUPS, self::YES_NO, 'takes the rule\'s other branch on the fly, and rightly'],
        'foul' => [FaultKeys::GROUPS, ['shove', 'hold', 'other'], 'what he does against the rules, called or not'],
    ];

    /** Facts that are a fault or praise of the library by themselves: what, how it is compared, with what, id. */
    private const SAYS = [
        ['moving at contact', 'is', ['yes'], 'FLT-44'], ['cuts', 'over', 1.0, 'FLT-41'],
        ['sell steps', 'under', 2.0, 'FLT-36'], ['ball shown', 'is', ['no'], 'FLT-45'],
        ['method', 'is', ['one hand', 'low', 'ball swung'], 'FLT-21'], ['foul', 'is', ['shove', 'hold'], 'FLT-20'],
        ['ball hung', 'is', ['yes'], 'FLT-49'],
        ['second contact', 'is', ['yes'], 'PRS-04'], ['frees another', 'is', ['yes'], 'PRS-03'],
        ['branch taken', 'is', ['yes'], 'PRS-06'],
    ];

    /**
     * What can be said of a group, sub-marks first.
     *
     * @return list<array{what: string, part: string|null, values: list<string>|null, unit: string|null, means: string}>
     */
    public static function of(string $group): array
    {
        $rows = [];
        foreach (self::SUBMARKS[$group] as $what => [$part, $fault]) {
            $rows[] = ['what' => $what, 'part' => $part, 'values' => [self::PLUS, self::MINUS], 'unit' => null,
                'means' => $fault === null ? $part : 'a minus is '.Library::entry($fault)['label']];
        }
        foreach (self::FACTS as $what => [$groups, $answers, $means]) {
            if (in_array($group, $groups, true)) {
                $rows[] = ['what' => $what, 'part' => null, 'values' => is_array($answers) ? $answers : null,
                    'unit' => is_string($answers) ? $answers : null, 'means' => $means];
            }
        }

        return $rows;
    }

    /** @return list<string> every word that may be said of a man */
    public static function words(): array
    {
        return array_values(
            array_unique([
                ...array_merge(...array_map(array_keys(...), array_values(self::SUBMARKS))),
                ...array_keys(self::FACTS),
            ]),
        );
    }

    /**
     * The sub-marks of a man as seen.
     *
     * @return list<array{what: string, part: string, mark: int, fault: string|null}> in the order a rep is looked at
     */
    public static function marks(FilmDocument $film, string $man): array
    {
        $marks = [];
        foreach (self::SUBMARKS[FaultKeys::group($man)] as $what => [$part, $fault]) {
            $value = $film->seen($man, $what)?->value;
            if ($value === self::PLUS || $value === self::MINUS) {
                $marks[] = ['what' => $what, 'part' => $part, 'mark' => $value === self::PLUS ? 1 : -1,
                    'fault' => $value === self::PLUS ? null : $fault];
            }
        }

        return $marks;
    }

    /**
     * Faults and praise that follow from what was said of a man.
     *
     * @return list<string> ids of the library
     */
    public static function proposed(FilmDocument $film, string $man): array
    {
        $ids = array_values(array_filter(
            array_column(self::marks($film, $man), 'fault'),
            fn (?string $fault): bool => $fault !== null && $fault !== '',
        ));
        foreach (self::SAYS as [$what, $how, $with, $id]) {
            $value = $film->seen($man, $what)?->value;
            $so = match (true) {
                is_array($with) => in_array($value, $with, true),
                ! is_float($value) => false,
                default => $how === 'over' ? $value > $with : $value < $with,
            };
            if ($so) {
                $ids[] = $id;
            }
        }

        return array_values(array_unique($ids));
    }
}
