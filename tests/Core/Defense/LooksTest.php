<?php

use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Defense\Aligning\Aligned;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Count\Accounted;
use Jacotaxis\Core\Defense\Count\Edges;
use Jacotaxis\Core\Defense\Count\Gaps;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\StaffBook;

/**
 * Techniques of the men on the line, "left name" by side.
 *
 * @return list<string>
 */
function techniques(Aligned $a): array
{
    $line = array_filter($a->defenders, fn ($d): bool => $d->group === Group::Line);
    usort($line, fn ($x, $y): int => $x->xYd <=> $y->xYd);

    return array_values(array_map(fn ($d): string => (string) $d->technique, $line));
}

it('draws a sane picture of every front and shell against every formation, with and without a modifier, on every hash',
    function (string $set, string $front): void {
        foreach (Shells::names() as $shell) {
            $look = Look::of($front, $shell);
            foreach ([null, ...Formation::MODIFIERS] as $modifier) {
                foreach ([[Hash::Middle, Side::Right], [Hash::Left, Side::Left], [Hash::Right, Side::Left]] as [$hash,
                    $side]) {
                    $frame = PlayFrame::of(RuleSet::Nfhs, $hash, 40.0);
                    $lineup = Lineup::of((new Formation('gun', $set, $side, $modifier))->men($frame), $frame, $hash,
                        $side);
                    $men = Alignment::of($look, $lineup)->defenders;
                    $what = "$front, $shell against $set $modifier {$side->value} on {$hash->value}";
                    expect($men)->toHaveCount(11, $what)
                        ->and(array_unique(array_map(fn ($d): string => $d->role, $men)))->toHaveCount(11, $what);
                    foreach ($men as $n => $a) {
                        if ($a->yYd < 0.8 || $a->yYd > 20.0 || $a->xYd < $frame->sidelineX(Side::Left) + 0.9
                            || $a->xYd > $frame->sidelineX(Side::Right) - 0.9) {
                            $this->fail("$what: {$a->role} stands at {$a->xYd}, {$a->yYd}");
                        }
                        if ($a->job->kind === JobKind::Man && $a->takes === null) {
                            $this->fail("$what: {$a->role} has nobody to take");
                        }
                        foreach (array_slice($men, $n + 1) as $b) {
                            if (hypot($a->xYd - $b->xYd, $a->yYd - $b->yYd) < 0.68) {
                                $this->fail("$what: {$b->role} on {$a->role}");
                            }
                        }
                    }
                    foreach (Accounted::of($men, $lineup) as $letter => $roles) {
                        if ($roles === []) {
                            $this->fail("$what: nobody has $letter");
                        }
                    }
                    $gaps = Gaps::of($men, $lineup, $look);
                    $fit = array_filter($gaps, fn (?string $r): bool => $r !== null);
                    expect($gaps)->toHaveCount(8, $what)->and(count($fit))->toBeGreaterThanOrEqual(6,
                        "$what: ".json_encode($gaps));
                    foreach (Side::cases() as $s) {
                        expect(Edges::support($men, $look, $lineup, $s))
                            ->not->toBeNull("$what: no support {$s->value}");
                    }
                }
            }
        }
    })->with(Sets::names())->with(Fronts::names());

it('mirrors with the formation', function (string $set, string $front): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, Hash::Middle, 40.0);
    foreach (Shells::names() as $shell) {
        $at = fn (Side $side): array => array_map(
            fn ($d): array => [$d->xYd, $d->yYd],
            Alignment::of(
                Look::of($front, $shell),
                Lineup::of((new Formation('gun', $set, $side))->men($frame), $frame, Hash::Middle, $side),
            )->defenders,
        );
        $left = $at(Side::Left);
        foreach ($at(Side::Right) as $n => [$x, $y]) {
            expect($left[$n])->toEqualWithDelta([-$x, $y], 1e-6, "$front, $shell against $set");
        }
    }
})->with(Sets::names())->with(Fronts::names());

it('puts the techniques where the front has them (common practice)',
    function (string $front, string $formation, array $techniques): void {
        expect(techniques(aligned("$front, cover 3", $formation)))->toBe($techniques);
    })->with([
        ['4-3 over', 'gun 2x2 right', ['5', '1', '3', '5']],
        ['4-3 over', 'gun trey right', ['5', '1', '3', '9']],
        ['4-3 over', 'gun trey left', ['9', '3', '1', '5']],
        ['4-3 under', 'gun trey right', ['5', '3', '1', '5']],
        ['4-2 nickel', 'gun 2x2 right', ['5', '1', '3', '5']],
        ['4-4', 'I right', ['5', '2', '2', '5']],
        ['3-4', 'I right', ['5', '0', '5']],
        ['5-2', 'I right', ['9', '5', '0', '5']],
        ['3-3 stack', 'gun trips right', ['5', '0', '5']],
        ['tite', 'gun 2x2 right', ['4i', '0', '4i']],
        ['bear', 'I right', ['9', '3', '0', '3']],
        ['6-1', 'double-slot right', ['4i', '2', '2', '4i']],
        ['6-2', 'I left', ['4', '1', '1', '4']],
    ]);

it('sends four and covers with seven, whatever the front; cover 0 sends six and fire zone five', function (
    string $front,
    string $shell,
): void {
    $men = aligned("$front, $shell", 'gun 2x2 right')->defenders;
    $rush = count(array_filter($men, fn ($d): bool => $d->rushes()));
    expect($rush)->toBe(['cover 0' => 6, 'fire zone' => 5][$shell] ?? 4);
})->with(Fronts::names())->with(Shells::names());

it('plays as many deep as the shell says', function (string $shell, int $deep, string $middle): void {
    $men = aligned("4-2 nickel, $shell", 'gun 2x2 right')->defenders;
    expect(count(array_filter($men, fn ($d): bool => $d->isDeep())))
        ->toBe($deep)
        ->and(Shells::get($shell)->middle())
        ->toBe($middle);
})->with([
    ['cover 0', 0, 'open'],
    ['cover 1', 1, 'closed'],
    ['cover 1 robber', 1, 'closed'],
    ['cover 2', 2, 'open'],
    ['tampa 2', 3, 'open'],
    ['2-man', 2, 'open'],
    ['cover 3', 3, 'closed'],
    ['cover 3 weak', 3, 'closed'],
    ['cover 3 cloud', 3, 'closed'],
    ['cover 4', 4, 'open'],
    ['cover 4 trap', 2, 'open'],
    ['cover 6', 3, 'open'],
    ['fire zone', 3, 'closed'],
]);

it('has every eligible man to man when it is man, corners on the widest and a backer on the back',
    function (string $look, string $formation, array $pairs): void {
        $takes = [];
        foreach (aligned($look, $formation)->defenders as $d) {
            if ($d->takes !== null) {
                $takes[$d->takes] = $d->role;
            }
        }
        expect(array_intersect_key($takes, $pairs))->toEqual($pairs);
    })->with([
        ['4-2 nickel, cover 1', 'gun 2x2 right', ['Z' => 'right corner', 'X' => 'left corner', 'H' => 'nickel',
            'Y' => 'strong safety', 'R' => 'will']],
        ['4-2 nickel, cover 1', 'gun trips right', ['Z' => 'right corner', 'X' => 'left corner', 'H' => 'nickel',
            'Y' => 'strong safety', 'R' => 'will']],
        ['4-3 over, cover 1', 'I right', ['X' => 'left corner', 'Z' => 'right corner']],
        ['4-2 nickel, cover 0', 'gun empty right', ['Z' => 'right corner', 'X' => 'left corner', 'H' => 'nickel']],
        ['3-4, cover 1, safety rotates weak', 'gun 2x2 right', ['X' => 'left corner', 'Z' => 'right corner']],
    ]);

it('moves the safety where the words say and shows two high before',
    function (string $look, string $down, string $side, string $middle): void {
        $a = aligned($look, 'gun 2x2 right');
        $man = $a->role($down);
        expect($man->job->kind)
            ->not->toBe(JobKind::Deep)
            ->and(Side::ofX($man->xYd)->value)
            ->toBe($side)
            ->and($man->yYd)
            ->toBeGreaterThan(9.5)
            ->and($a->role($middle)->job->wideYd)
            ->toEqualWithDelta(0.0, 0.6);
    })->with([
        ['4-2 nickel, cover 3, safety rotates weak', 'free safety', 'left', 'strong safety'],
        ['4-2 nickel, cover 3, safety rotates strong', 'strong safety', 'right', 'free safety'],
        ['4-2 nickel, cover 3, safety rotates left', 'free safety', 'left', 'strong safety'],
        ['4-2 nickel, cover 3, shows cover 2', 'free safety', 'left', 'strong safety'],
    ]);

it('rolls the zones under a safety who comes down on the nickel\'s side', function (): void {
    $a = aligned('4-2 nickel, cover 3, safety rotates strong', 'gun 2x2 right');
    expect($a->role('strong safety')->job->wideYd)->toBeGreaterThan(10.0)
        ->and($a->role('will')->job->wideYd)->toBeLessThan(-10.0)
        ->and(abs($a->role('nickel')->job->wideYd))->toBeLessThan(8.0);
});

it('plays cover 6 to the field, wherever the receivers are', function (Hash $hash, string $words, Side $field): void {
    $a = aligned('4-2 nickel, cover 6', $words, $hash);
    expect($a->role("{$field->value} corner")->isDeep())->toBeTrue()
        ->and($a->role("{$field->opposite()->value} corner")->isDeep())->toBeFalse();
})->with([
    [Hash::Left, 'gun 2x2 right', Side::Right],
    [Hash::Right, 'gun 2x2 right', Side::Left],
    [Hash::Left, 'gun trips left', Side::Right],
    [Hash::Middle, 'gun trips left', Side::Left],
]);

it('sends who the words send', function (string $look, string $formation, array $rush): void {
    $sent = array_map(
        fn ($d): string => $d->role,
        array_filter(aligned($look, $formation)->defenders, fn ($d): bool => $d->rushes()),
    );
    expect(array_values(array_intersect($rush, $sent)))->toBe($rush);
})->with([
    ['5-2, cover 3, edge pressure right', 'gun 2x2 right', ['right end', 'left end']],
    ['4-2 nickel, cover 1, edge pressure strong', 'gun 2x2 right', ['nickel']],
    ['4-2 nickel, cover 3, edge pressure weak', 'gun 2x2 right', ['strong safety']],
    ['4-2 nickel, cover 3, W blitz', 'gun 2x2 right', ['will']],
    ['4-2 nickel, cover 3, mike blitz, will blitz', 'gun 2x2 right', ['mike', 'will']],
    ['bear, cover 0, six rush', 'gun 2x2 right', ['right tackle', 'nose', 'left tackle']],
    ['3-4, fire zone', 'gun 2x2 right', ['jack', 'nose', 'will']],
]);

it('counts the rush', function (string $look, int $rush): void {
    expect(count(array_filter(aligned($look, 'gun 2x2 right')->defenders, fn ($d): bool => $d->rushes())))->toBe($rush);
})->with([
    ['bear, cover 0, six rush', 6],
    ['bear, cover 0, seven rush', 7],
    ['4-2 nickel, cover 3, five rush', 5],
    ['4-2 nickel, cover 1, six rush', 6],
    ['4-2 nickel, cover 3, mike blitz', 5],
    ['5-2, cover 3, edge pressure field', 5],
]);

it('changes one man by words', function (string $words, string $role, Closure $is): void {
    $plain = aligned('4-2 nickel, cover 3', 'gun 2x2 right')->role($role);
    expect($is(aligned("4-2 nickel, cover 3, $words", 'gun 2x2 right')->role($role), $plain))->toBeTrue();
})->with([
    ['corners press', 'left corner', fn ($d, $was): bool => $d->yYd < 1.5 && $was->yYd > 5.0],
    ['right corner off 9', 'right corner', fn ($d): bool => $d->yYd === 9.0],
    ['corners inside', 'right corner', fn ($d, $was): bool => $d->xYd < 18.0 && $d->job->leverage === 'inside'],
    ['corners outside', 'right corner', fn ($d): bool => $d->xYd > 18.0 && $d->job->leverage === 'outside'],
    ['nickel press', 'nickel', fn ($d): bool => $d->yYd < 1.5],
    ['walked W', 'will', fn ($d, $was): bool => $d->yYd < 1.5 && $d->xYd === $was->xYd],
    ['2i on RG', 'right tackle', fn ($d): bool => $d->technique === '2i' && $d->over === 'RG'],
    ['mike plays deep middle', 'mike', fn ($d): bool => $d->isDeep()],
    ['nickel plays man on H', 'nickel', fn ($d): bool => $d->takes === 'H' && $d->job->kind === JobKind::Man],
    ['mike reacts in 0.4 s', 'mike', fn ($d): bool => $d->reaction === 0.4],
    ['will at -3 6', 'will', fn ($d): bool => [$d->xYd, $d->yYd] === [-3.0, 6.0]],
    ['right end upfield', 'right end', fn ($d): bool => $d->movement->kind->value === 'upfield'],
    ['left tackle slants right', 'left tackle', fn ($d): bool => $d->movement->side === Side::Right],
]);

it('puts a man sent up to the line beside whoever stands there',
    function (string $front, string $set, string $who): void {
        $men = aligned("$front, cover 3, walked $who", "gun $set right")->defenders;
        $man = array_values(array_filter($men, fn ($d): bool => $d->role === $who))[0];
        expect($man->yYd)->toBeLessThan(1.5);
        foreach ($men as $d) {
            expect($d->role === $who || hypot($d->xYd - $man->xYd, $d->yYd - $man->yYd) >= 0.69)->toBeTrue(
                "$who beside the {$d->role}",
            );
        }
    })->with(['4-2 nickel', '3-3 stack', 'bear', '4-4'])->with(['2x2', 'trey', 'double-wing'])->with(['mike', 'will']);

it('runs a changed defender in the proof and says so', function (string $words, string $said): void {
    $call = 'gun 2x2: smash right';
    $plain = proof($call, 'cover 3');
    $hand = proof($call, "cover 3, $words");
    $n = array_search('nickel', array_map(fn ($d): string => $d->role, $hand->scene->defenders), true);
    $at = fn ($p): array => [$p->playOut->byRule()->x[$n][30], $p->playOut->byRule()->y[$n][30]];
    expect($at($hand))->not->toEqualWithDelta($at($plain), 0.3);
    $texts = array_map(fn ($f): string => $f->text, Jacotaxis\Core\Proof\Telling\Findings\Findings::of($hand));
    expect(implode("\n", $texts))->toContain($said);
})->with([
    ['nickel scrapes', 'The nickel was given a movement: scrapes'],
    ['nickel reacts in 0.9 s', 'The nickel reacts in 0.90 s'],
    ['nickel plays deep half, nickel crosses left', 'crosses left'],
]);

it('writes a look in words and as a document and reads both back', function (string $words): void {
    $look = LookParser::parse($words);
    expect(LookParser::parse($look->words()))
        ->toEqual($look)
        ->and(LookDocument::read(LookDocument::write($look)))
        ->toEqual($look);
})->with([
    '4-2 nickel, cover 3',
    '4-3 over, cover 2, corners press',
    '3-4, cover 1, safety rotates weak, walked W',
    '5-2, cover 3, edge pressure field',
    '4-2 nickel, cover 6',
    '4-2 nickel, cover 3, 2i on RG',
    'bear, cover 0, six rush',
    '3-3 stack, cover 3 cloud, shows cover 4',
    'tite, quarters, sam blitz, jack upfield',
    '6-1, tampa 2, front to boundary',
    '4-4, 2-man, corners press, corners inside, left corner off 7.5',
    '4-2 nickel, cover 4 trap, mike reacts in 0.35 s, mike slants left',
    '4-3 under, cover 1 robber, motion rotate, front stays',
    '6-2, fire zone, will at 10 4.5',
    '4-2 nickel, cover 3, nickel plays man on H, will plays deep half, safeties off 11',
]);

it('reads any look of the catalogue with any clauses back (random looks)', function (int $seed): void {
    mt_srand($seed);
    $pick = fn (array $from) => $from[mt_rand(0, count($from) - 1)];
    for ($n = 0; $n < 60; $n++) {
        $clauses = [
            'corners press',
            'safety rotates '.$pick(LookParser::SIDES),
            'edge pressure '.$pick(LookParser::SIDES),
            $pick(['five', 'six']).' rush',
            'walked mike',
            'mike '.$pick(['blitz', 'scrapes', 'slants left', 'crosses right']),
            'shows '.$pick(Shells::names()),
            'left corner off '.mt_rand(3, 12),
            'free safety plays '.$pick(['deep half', 'robber', 'hook']),
            $pick(['3', '2i', '1']).' on '.$pick(['LG', 'RG']),
            'motion '.$pick(Look::MOTION),
            'front to '.$pick(LookParser::SIDES),
        ];
        shuffle($clauses);
        $words = implode(', ', [
            $pick(Fronts::names()),
            $pick(Shells::names()),
            ...array_slice($clauses, 0, mt_rand(0, 4)),
        ]);
        $look = LookParser::parse($words);
        expect(LookParser::parse($look->words()))->toEqual($look, $words)
            ->and(LookDocument::read(LookDocument::write($look)))->toEqual($look, $words);
    }
})->with([1, 2, 3]);

it('has two schools of technique names that never meet',
    function (string $technique, string $other, string $covers): void {
        $l = lineup('gun trey right');
        expect(Technique::named($technique, 'count out'))
            ->toBe($other)
            ->and(Technique::meant($other, 'count out'))
            ->toBe($technique)
            ->and(Technique::covers($technique, Side::Right, $l))
            ->toBe($covers)
            ->and(Technique::x($technique, Side::Right, lineup('gun trey right')))
            ->toEqualWithDelta(-Technique::x($technique, Side::Left, lineup('gun trey left')), 1e-9);
        expect(array_unique(Technique::known('count out')))->toHaveCount(count(Technique::known()));
    })->with([
        ['0', '0', 'C'],
        ['1', 'shade', 'C'],
        ['2i', '1', 'RG'],
        ['2', '2', 'RG'],
        ['3', '3', 'RG'],
        ['4i', '4i', 'RT'],
        ['4', '4', 'RT'],
        ['5', '5', 'RT'],
        ['6i', '7', 'Y'],
        ['6', '6', 'Y'],
        ['7', '7i', 'Y'],
        ['9', '9', 'Y'],
    ]);

it('reads a technique in the staff\'s own school', function (string $said, array $means): void {
    $book = new StaffBook(school: 'count out');
    expect(LookParser::parse("4-2 nickel, cover 3, $said", $book)->techniques)->toBe([$means]);
})->with([['1 on RG', ['2i', 'RG']], ['shade on C', ['1', 'C']]]);

it('slides to an unbalanced line, or stays', function (): void {
    $slid = aligned('3-4, cover 3', 'gun unbalanced right')->role('nose');
    $stays = aligned('3-4, cover 3, front stays', 'gun unbalanced right')->role('nose');
    expect($slid->over)->toBe('RG')
        ->and($slid->xYd)->toEqualWithDelta(3.5 / 3.0, 0.01)
        ->and($stays->over)->toBe('C')
        ->and($stays->xYd)->toEqualWithDelta(0.0, 0.01);
});

it('sets the front where the words say', function (string $words, array $techniques): void {
    expect(techniques(aligned("4-2 nickel, cover 3, front to $words", 'gun trips right', Hash::Right)))->toBe(
        $techniques,
    );
})->with([
    ['left', ['5', '3', '1', '5']],
    ['right', ['5', '1', '3', '5']],
    ['field', ['5', '3', '1', '5']],
    ['boundary', ['5', '1', '3', '5']],
    ['weak', ['5', '3', '1', '5']],
]);

it('answers motion: bumps, travels or stays', function (string $look, float $least, float $most): void {
    $situation = Jacotaxis\Core\Field\Situation::of();
    $call = Jacotaxis\Core\Words\CallParser::parse('gun 2x2 right, H short left to 6 wide: X go');
    $before = Lineup::of($call->snap($situation->frame())->before, $situation->frame(), Hash::Middle, Side::Right);
    $a = Alignment::of(LookParser::parse($look), $call->lineup($situation), $before);
    $nickel = $a->role('nickel');
    expect($nickel->xYd - $a->before[array_search($nickel, $a->defenders, true)]->xYd)
        ->toBeGreaterThanOrEqual($least)
        ->toBeLessThanOrEqual($most);
})->with([
    ['4-2 nickel, cover 1', -16.0, -10.0],
    ['4-2 nickel, cover 3, motion stay', 0.0, 0.0],
    ['4-2 nickel, cover 3', -6.0, 0.0],
    ['4-2 nickel, cover 3, motion travel', -25.0, -15.0],
]);

it('names what it does not know', function (Closure $make, string $message): void {
    expect($make)->toThrow(UnknownLook::class, $message);
})->with([
    [fn () => Look::of('9-9', 'cover 3'), 'No front is called "9-9"'],
    [fn () => Look::of('bear', 'cover 12'), 'No shell is called'],
    [fn () => Look::of('bear', 'cover 3')->with(['rushers' => 2]), 'three to eight'],
    [fn () => Look::of('bear', 'cover 3')->with(['shown' => 'x']), 'No shell'],
    [
        fn () => Alignment::of(Look::of('3-4', 'cover 3')->changing('nickel', ['walked' => true]), lineup('gun 2x2')),
        'no "nickel"',
    ],
    [fn () => aligned('4-2 nickel, cover 3, mike at 0 5, will at 0.1 5', 'gun 2x2 right'), 'stand on one spot'],
    [fn () => aligned('4-2 nickel, cover 3, 9 on LG', 'gun 2x2 right'), 'There is no 9 technique on LG'],
]);
