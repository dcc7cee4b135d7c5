<?php

/* Every question of the staff book changes something: the same thing asked under two schools. */

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Measure\Row;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\School\Question;
use Jacotaxis\Core\School\Questions;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\StaffBook;

function under(
    string $call,
    string $look,
    string $id,
    string $letter,
    ?Situation $situation = null,
    Level $level = Level::HighSchool,
): Proven {
    $schools = Schools::of([$id => $letter]);

    return Proving::of(
        CallParser::parse($call, $situation, new StaffBook(schools: $schools)),
        LookParser::parse($look),
        new Setting($situation ?? Situation::of(), $level, schools: $schools),
    );
}

/** A measure of a film under a school. */
function rowUnder(string $call, string $look, string $measure, string $man, string $id, string $letter): ?Row
{
    $film = filmed($call, $look);
    $setting = new Setting($film->setting->situation, schools: Schools::of([$id => $letter]));
    $rows = (new Measures(
        new FilmDocument(
            $film->call,
            $film->look,
            $setting,
            $film->marks,
            $film->calibrations,
            $film->plots,
            $film->moves,
        ),
    ))->rows();

    return array_values(array_filter($rows, fn (Row $r): bool => $r->measure === $measure && $r->man === $man))[0] ??
        null;
}

/**
 * @return array<string, array{string, string, string, Closure(string): mixed}> id, a school, another, what it changes
 */
function schoolsAsked(): array
{
    $college = Situation::of(rules: RuleSet::Ncaa);
    $low = function (string $l) use ($college): string {
        $findings = Told::report(
            under('gun 2x2: zone right', '4-3 over, cover 3', 'SET-35', $l, $college, Level::College),
        )['findings'];

        return implode(
            ' ',
            array_column(array_filter($findings, fn (array $f): bool => $f['code'] === 'caution-low-block'), 'text'),
        );
    };
    $keep = function (string $l): array {
        $proof = under('under center double-slot right: triple right', '4-4, cover 3', 'SET-34', $l);
        assert($proof instanceof RunProof);

        return array_map(fn (int $i): float => round($proof->carriers['keep']->path->x[$i], 2), [18, 22, 26, 30, 34]);
    };
    $split = function (string $l): string {
        $proof = under('gun two-back right, freeze right: freeze option left', '4-4, cover 3', 'SET-39', $l);
        assert($proof instanceof RunProof);

        return implode(' / ', array_map(fn (Block $b): string => $b->words(), $proof->resolved->blocks));
    };
    $calls = fn (string $l): string => implode(' / ',
        array_column(Told::jobs(under('under center wing right, outside zone left fake, boot right: H over 12, X post; Y block; read H, X', '4-3 over, cover 3', 'SET-24', $l)), 'job'));
    $box = fn (string $l): array => [($p = Told::report(under('gun 2x2 right: zone right',
        '4-3 over, cover 3, sam at 5.5 4', 'SET-20', $l))['picture'])['box'], $p['boxHalf']];
    $clock = fn (string $l): ?array => array_column(Told::report(under('under center double-slot, triple right fake: Z post, H flat; read H, Z',
        '4-4, cover 3', 'SET-27', $l))['reads'], 'slot', 'man')['H'];

    $release = fn (string $id): Closure => function (string $l) use ($id): string {
        $release = under('gun 2x2 right: Z go; read Z', '4-2 nickel, cover 1, corners press', $id, $l)->scene()
            ->releases['Z'];

        return "{$release->steps} / {$release->reads}";
    };
    $jobs = fn (string $id, string $call, string $look): Closure => function (string $l) use (
        $id,
        $call,
        $look,
    ): string {
        $proof = under($call, $look, $id, $l);
        assert($proof instanceof RunProof);

        return implode(' / ', array_map(fn (Block $b): string => $b->words(), $proof->resolved->blocks));
    };
    $gap = fn (string $l): string => (string) json_encode(
        Told::report(under('gun 2x2: zone right', '4-3 under, cover 3', 'SET-16', $l))['run']['cutKey'],
    );
    $curls = fn (string $l): bool => in_array(
        'deep-curls',
        array_column(
            Told::report(
                under('under center 2x2: Z curl 16, X curl 16; read Z, X', '4-2 nickel, cover 3', 'SET-26', $l),
            )['findings'],
            'code',
        ),
        true,
    );

    return [
        'SET-04' => ['SET-04', 'A', 'B', $release('SET-04')],
        'SET-06' => ['SET-06', 'A', 'B', $release('SET-06')],
        'SET-16' => ['SET-16', 'A', 'B', $gap],
        'SET-21' => ['SET-21', 'A', 'B', $jobs('SET-21', 'gun 2x2 condensed right: zone right', '4-3 over, cover 3')],
        'SET-26' => ['SET-26', 'A', 'B', $curls],
        'SET-36' => ['SET-36', 'A', 'B', $jobs('SET-36', 'under center wing right, Z jet left: jet counter right',
            '4-4, cover 3')],
        'SET-08' => ['SET-08', 'A', 'B', fn (string $l): ?float => rowUnder('gun 2x2 right: Z hitch 6; read Z',
            '4-2 nickel, cover 3', 'depth after the break', 'Z', 'SET-08', $l)?->planned],
        'SET-18' => ['SET-18', 'A', 'B', fn (string $l): ?float => rowUnder('gun 2x2 right: zone right',
            '4-2 nickel, cover 3', 'his man across his face', 'RT', 'SET-18', $l)?->error() !== null],
        'SET-20' => ['SET-20', 'A', 'C', $box],
        'SET-20 out' => ['SET-20', 'A', 'B', $box],
        'SET-24' => ['SET-24', 'A', 'B', $calls],
        'SET-27' => ['SET-27', 'A', 'C', $clock],
        'SET-34' => ['SET-34', 'A', 'B', $keep],
        'SET-34 wide' => ['SET-34', 'A', 'C', $keep],
        'SET-35' => ['SET-35', 'A', 'B', $low],
        'SET-39' => ['SET-39', 'A', 'B', $split],
    ];
}

it('changes something', function (string $id, string $one, string $other, Closure $asked): void {
    expect($asked($one))->not->toEqual($asked($other));
})->with(schoolsAsked());

it('goes by the case where the staff has not chosen',
    function (string $id, array $chosen, string $case, string $letter): void {
        expect(Schools::of($chosen)->isFor($id, $letter, $case))->toBeTrue();
    })->with([
        'an option' => ['SET-19', [], 'A', 'A'],
        'a zone read' => ['SET-19', [], 'B', 'B'],
        'chosen' => ['SET-19', ['SET-19' => 'A'], 'B', 'A'],
    ]);

it('has no question that nothing follows', function (): void {
    $read = implode(
        "\n",
        array_map(
            fn (string $f): string => (string) file_get_contents($f),
            array_filter(
                explode(
                    "\n",
                    (string) shell_exec('find '.escapeshellarg(dirname(__DIR__, 3).'/core').' -name "*.php"'),
                ),
                fn (string $f): bool => $f !== '' && ! str_ends_with($f, 'Questions.php'),
            ),
        ),
    );
    $unread = array_filter(
        array_keys(Questions::all()),
        fn (string $id): bool => ! str_contains($read, "'$id'") && ! str_contains($read, "school $id"),
    );
    expect(array_values($unread))
        ->toBe([])
        ->and(array_filter(Questions::all(), fn (Question $q): bool => ! isset(Question::PARTS[$q->part])))
        ->toBe([]);
});

it('still reads a book that answers a question of before', function (): void {
    expect(Schools::of(['SET-33' => 'A', 'SET-02' => 'B'])->chosen)->toBe(['SET-02' => 'B']);
});
