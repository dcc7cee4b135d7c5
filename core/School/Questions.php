<?php

declare(strict_types=1);

namespace Jacotaxis\Core\School;

/** The catalogue of questions on which staffs disagree (common practice without a published source). */
final class Questions
{
    /** Questions of an older book that nothing follows: a book that answers them is still read. */
    private const GONE = ['SET-28', 'SET-30', 'SET-32', 'SET-33', 'SET-38'];

    /**
     * @var array<string, array{string, list<string>, string|null, string, string}> question, schools from A on,
     *     default, why, part
     */
    private const ALL = [
        'SET-01' => ['Time at the line on a vertical',
            ['what the win needs: it is the only win point', 'none sideways, get going'], 'A',
            'with the clock film decides', 'release'],
        'SET-02' => ['Aim off the shoulder against press', ['1 to 2 yd', '1 yd', 'just past the frame'], 'A',
            'the widest band', 'release'],
        'SET-03' => ['Side attacked first against press', ['his leverage side', 'opposite to where you go'], 'A',
            'he must declare', 'release'],
        'SET-04' => ['Set-up against press', ['quicks', 'one-step counter or hop', 'full steps'], 'A',
            'by the gap between them', 'release'],
        'SET-05' => ['The press man\'s hands', ['chop or rip', 'avoid by feet'], null, 'by the case: A when he jams',
            'release'],
        'SET-06' => ['What the press man keys', ['hips', 'upper body'], 'A', 'a fake needs both', 'release'],
        'SET-07' => ['Foot of the hitch break', ['inside drop', 'outside snap-down with gather'], 'A',
            'worth half a yard', 'film'],
        'SET-08' => ['Finish of a hitch', ['hold the ground', 'back to the ball'], 'A', 'he keeps the window', 'film'],
        'SET-09' => ['Stop against press', ['lean, throw him by', 'clean win'], 'A', 'leaves no space behind',
            'release'],
        'SET-10' => ['Tolerance of steps', ['up to 2 over if sudden', 'exact'], 'A', 'ground eaten is no fault',
            'film'],
        'SET-11' => ['Dig', ['speed cut, keeps moving', 'settles in the window'], 'A', 'the window moves with him',
            'words'],
        'SET-12' => ['Break of a corner route', ['10 yd', '12 yd or deeper'], 'A', 'deeper makes the throw late',
            'words'],
        'SET-13' => ['Post and the near safety', ['through him', 'up to 4 yd inside him'], 'A',
            'a safety let go is free for the over', 'proof'],
        'SET-14' => ['Now hitch against press', ['automatic go', 'go only by signal'], 'A', 'nobody has to be told',
            'conversion'],
        'SET-15' => ['Head-up man on a lineman', ['covered', 'uncovered, works a combination'], 'A',
            'override per snap', 'proof'],
        'SET-16' => ['Playside shade as cut key', ['skipped, next man', 'counts as first'], 'A', '', 'proof'],
        'SET-17' => ['Track of a zone run', ['gun: playside A; under center: B',
            'playside leg of the center to the line'], 'A', '', 'proof'],
        'SET-18' => ['A good block, hips', ['tie with displacement, never turned', 'in the way is enough, arm across'],
            null, 'by the case: B at the edge of a jet, else A', 'film'],
        'SET-19' => ['Give or pull', ['can he make the tackle', 'shoulders turned and crashing'], 'A',
            'whether he could have made it is what counts', 'proof'],
        'SET-20' => ['Half-in man of the box', ['ask', 'out', 'in'], 'A', 'the reason is stored', 'proof'],
        'SET-21' => ['Tight receiver on zone', ['inside man, leaves the corner', 'corner'], 'A', '', 'proof'],
        'SET-22' => ['One too many in the box', ['throw', 'run anyway'], 'A', '', 'proof'],
        'SET-23' => ['Order of a boot', ['low to high', 'middle, then flat'], 'A',
            'A tight-end roll, B boot off wide zone', 'words'],
        'SET-24' => ['Tight end on the boot side', ['fixed C gap', 'decides log or kick'], 'A', '', 'proof'],
        'SET-25' => ['Muddy log-or-kick key', ['log', 'kick'], null, 'ask; either is accepted when it is immediate',
            'proof'],
        'SET-26' => ['Deep curls without a fake', ['warned', 'allowed'], 'A', 'the corner plays them without one',
            'proof'],
        'SET-27' => ['Clock of the option pass', ['fake, one-two-three', 'earlier', 'none, finish the fake'], 'A', '',
            'proof'],
        'SET-29' => ['Back with a shallow', ['check, then flat', 'free release'], 'A', 'a sixth protector', 'words'],
        'SET-31' => ['Same-side shallow and dig with a mesh', ['drive', 'mesh'], 'A', 'the front side names a family',
            'words'],
        'SET-34' => ['Quarterback\'s path to the pitch',
            ['inside an overhang, wider off the end', 'replace the dive key, react to #2', 'behind the lead\'s edge'],
            'A', 'it forces him to decide', 'proof'],
        'SET-35' => ['Cut and low blocks', ['off', 'where the rules allow'], 'A', 'see the cautions', 'proof'],
        'SET-36' => ['Puller of the jet counter', ['tackle', 'guard'], 'A', 'a man too far to fill may swap them',
            'proof'],
        'SET-37' => ['Owner of a spoiled mesh', ['undetermined', 'runner', 'quarterback'], 'A', '', 'film'],
        'SET-39' => ['Split end on a boundary option', ['crack (see the cautions)', 'lock on the corner'], 'A',
            'by surface and time', 'proof'],
        'SET-40' => ['Back on a mesh', ['wheel', 'arrow'], 'A', 'B against zone or a safety rolling down', 'words'],
    ];

    /** @return array<string, Question> by id */
    public static function all(): array
    {
        $all = [];
        foreach (self::ALL as $id => [$question, $schools, $default, $why, $part]) {
            $all[$id] = new Question(
                $id,
                $question,
                array_combine(array_slice(['A', 'B', 'C'], 0, count($schools)), $schools),
                $default,
                $why,
                $part,
            );
        }

        return $all;
    }

    public static function default(string $id): ?string
    {
        return self::ALL[$id][2] ?? null;
    }

    /** Whether an older book may still answer a question that is not asked any more. */
    public static function isGone(string $id): bool
    {
        return in_array($id, self::GONE, true);
    }

    /** Whether a letter is one of the schools of a question. */
    public static function has(string $id, string $letter): bool
    {
        $at = array_search($letter, ['A', 'B', 'C'], true);

        return isset(self::ALL[$id]) && $at !== false && $at < count(self::ALL[$id][1]);
    }
}
