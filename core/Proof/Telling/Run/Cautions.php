<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Proof\Run\RunProof;

/**
 * Where a run can hurt somebody the product says so, names the rule book and defers to the officials, the state
 * association and the athletic trainer. Rule numbers are from memory.
 */
final class Cautions
{
    /**
     * @var array<string, array{string, string, array{string, string, string}}> by verb: code, sentence, rule in the
     *     three books
     */
    private const BLOCKS = [
        'crack' => ['crack', 'comes back toward the ball at a man who may not see him: a blind-side block must be '
            .'made with open hands, from the front and above the waist', ['NFHS 9-4-3n', 'NCAA 9-1-18', 'NFL 12-2-7']],
        'cut off' => ['low-block',
            'cuts off the backside: stay above the waist outside the free-blocking zone, and never low on a man '
                .'somebody else has (chop)', ['NFHS 2-17 and 9-3', 'NCAA 9-1-6', 'NFL 12-2-4']],
        'scoop' => ['low-block', 'scoops through a man a partner is on: no low block there, it is a chop',
            ['NFHS 9-3-6', 'NCAA 9-1-10', 'NFL 12-2-3']],
        'split' => ['wham', 'comes across at full speed on a man who looks into the backfield: shoulders up, from '
            .'the front', ['NFHS 9-4-3n', 'NCAA 9-1-18', 'NFL 12-2-7']],
    ];

    /** Linemen down the field on a ball caught behind the line, in the three books. */
    private const SCREEN = ['NFHS 7-5-12', 'NCAA 7-3-10', 'NFL 8-3-1'];

    /** Where a staff blocks low and the book of the level has it (SET-35). */
    private const LOW = 'may go low only from the front, inside the free-blocking zone, and never on a man somebody '
        .'else has (chop)';

    /** @return list<Finding> */
    public static function of(RunProof $proof): array
    {
        $findings = [];
        $book = $proof->scene->setting->situation->rules;
        $n = ['nfhs' => 0, 'ncaa' => 1, 'nfl' => 2][$book->value];
        foreach ($proof->resolved->blocks as $letter => $block) {
            if (isset(self::BLOCKS[$block->verb->value]) && $block->target !== null) {
                [$code, $text, $rules] = self::BLOCKS[$block->verb->value];
                $low =
                    $code === 'low-block' &&
                    $book !== RuleSet::Nfhs &&
                    $proof->scene->setting->schools->is('SET-35', 'B');
                $text = $low ? self::LOW : $text;
                $findings[$code] ??= new Finding(
                    "caution-$code",
                    Finding::INFO,
                    $letter,
                    "$letter $text ({$rules[$n]}, from memory). The rule book, the officials and the state "
                        .'association decide.',
                    $rules[$n],
                );
            }
        }
        if ($proof->resolved->run->scheme()->screen !== null) {
            $findings['screen'] = new Finding(
                'caution-screen',
                Finding::INFO,
                null,
                'Linemen may be past the line because the ball is caught behind it; blocks in space are made from '
                    .'the front and above the waist, and a man who chases may not see them ('.self::SCREEN[$n]
                    .', from memory). The rule book, the officials and the state association decide.',
                self::SCREEN[$n],
            );
        }
        $hits = array_intersect(array_keys($proof->carriers), ['pull', 'keep']);
        if ($hits !== []) {
            $findings['hits'] = new Finding(
                'caution-quarterback',
                Finding::INFO,
                'Q',
                'The quarterback carries the ball or a fake into contact: count his hits in the week and the game, '
                    .'and ask the athletic trainer after every blow to the head.',
                'PAC-19',
            );
        }

        return array_values($findings);
    }
}
