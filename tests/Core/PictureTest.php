<?php

use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Defense\Technique;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\OutOfField;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Formations;
use Jacotaxis\Core\Offense\Legality;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\ReceiverCount;

it('has the three fields (Rule 1 of each book, from memory)', function (RuleSet $rules, float $hashFt, float $betweenFt, float $downfield): void {
    expect($rules->hashFromSidelineYd() * 3.0)->toEqualWithDelta($hashFt, 1e-9)
        ->and((RuleSet::WIDTH_YD - 2.0 * $rules->hashFromSidelineYd()) * 3.0)->toEqualWithDelta($betweenFt, 1e-9)
        ->and($rules->ineligibleDownfieldYd())->toBe($downfield);
})->with([
    'high school' => [RuleSet::Nfhs, 53.0 + 4.0 / 12.0, 53.0 + 4.0 / 12.0, 2.0],
    'college' => [RuleSet::Ncaa, 60.0, 40.0, 3.0],
    'professional' => [RuleSet::Nfl, 70.75, 18.5, 1.0],
]);

it('turns play yards into field yards and back', function (Hash $hash): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, $hash, 35.0);
    expect($frame->toPlay(...$frame->toField(7.5, -3.25)))->toEqualWithDelta([7.5, -3.25], 1e-12)
        ->and($frame->sidelineX(Side::Right) - $frame->sidelineX(Side::Left))->toEqualWithDelta(160.0 / 3.0, 1e-12);
})->with(Hash::cases());

it('refuses downs and spots no field has', function (int $down, float $toGo, float $ball): void {
    expect(fn () => Situation::of(down: $down, toGoYd: $toGo, ballOnYd: $ball))->toThrow(OutOfField::class);
})->with([[0, 10, 40], [5, 10, 40], [1, 0, 40], [1, -3, 40], [1, 70, 40], [1, 10, 0], [1, 10, 100], [1, NAN, 40], [1, INF, 40], [1, 10, NAN]]);

it('asks 40, 60, 100 and 100 percent of the distance (Carroll, Palmer and Thorn 1988)', function (int $down, float $need): void {
    expect(Situation::of(down: $down)->successYd())->toBe($need);
})->with([[1, 4.0], [2, 6.0], [3, 10.0], [4, 10.0]]);

it('counts receivers from the sideline in', function (string $set, Side $side, array $left, array $right, Side $strength): void {
    $count = ReceiverCount::of(Formations::men('gun', $set, $side, PlayFrame::of(RuleSet::Nfhs, Hash::Middle, 40.0)));
    expect($count->left)->toBe($left)->and($count->right)->toBe($right)->and($count->backs)->toBe(['R'])->and($count->strength(Hash::Middle, $side))->toBe($strength);
})->with([
    ['2x2', Side::Right, ['X', 'Y'], ['Z', 'H'], Side::Right],
    ['2x2', Side::Left, ['Z', 'H'], ['X', 'Y'], Side::Left],
    ['trips', Side::Right, ['X'], ['Z', 'H', 'Y'], Side::Right],
    ['trips', Side::Left, ['Z', 'H', 'Y'], ['X'], Side::Left],
]);

it('keeps every formation in bounds, legal and apart on every hash', function (string $set, Side $side, RuleSet $rules, Hash $hash): void {
    $frame = PlayFrame::of($rules, $hash, 40.0);
    $men = Formations::men('gun', $set, $side, $frame);
    expect($men)->toHaveCount(11)->and(Legality::check($men, $rules))->toBe([]);
    foreach ($men as $man) {
        expect($man->xYd)->toBeGreaterThan($frame->sidelineX(Side::Left) + 3.0)->toBeLessThan($frame->sidelineX(Side::Right) - 3.0);
    }
})->with(['2x2', 'trips'])->with(Side::cases())->with(RuleSet::cases())->with(Hash::cases());

it('gives every shell eleven men, none on another, none on the wrong side of the ball', function (string $shell, string $set, Side $side, Hash $hash): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, $hash, 40.0);
    $men = Formations::men('gun', $set, $side, $frame);
    $count = ReceiverCount::of($men);
    $defenders = Alignment::of(Look::of('4-2 nickel', $shell), $men, $count, $frame, $count->strength($hash, $side));
    expect($defenders)->toHaveCount(11)->and(array_unique(array_map(fn ($d) => $d->role, $defenders)))->toHaveCount(11);
    foreach ($defenders as $n => $a) {
        expect($a->yYd)->toBeGreaterThan(0.5)->and($a->xYd)->toBeGreaterThan($frame->sidelineX(Side::Left))->toBeLessThan($frame->sidelineX(Side::Right));
        foreach (array_slice($defenders, $n + 1) as $b) {
            expect(hypot($a->xYd - $b->xYd, $a->yYd - $b->yYd))->toBeGreaterThan(0.6, "{$a->role} on {$b->role}");
        }
    }
})->with(Shells::names())->with(['2x2', 'trips'])->with(Side::cases())->with(Hash::cases());

it('moves a defender by hand and refuses men who do not exist or stand on one spot', function (array $spots, ?string $message): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, Hash::Middle, 40.0);
    $men = Formations::men('gun', '2x2', Side::Right, $frame);
    $align = fn () => Alignment::of(Look::of('4-2 nickel', 'cover 2', $spots), $men, ReceiverCount::of($men), $frame, Side::Right);
    $message === null ? expect($align()[4]->yYd)->toBe(9.0) : expect($align)->toThrow(UnknownLook::class, $message);
})->with([
    [['right corner' => [17.0, 9.0]], null],
    [['spare man' => [1.0, 2.0]], 'no "spare man"'],
    [['mike' => [0.0, 4.5], 'will' => [0.1, 4.5]], 'stand on one spot'],
]);

it('places techniques on their linemen', function (string $technique, string $covers): void {
    expect(Technique::covers($technique, Side::Right))->toBe($covers)->and(Technique::x($technique, Side::Left))->toEqualWithDelta(-Technique::x($technique, Side::Right), 1e-12);
})->with([['0', 'C'], ['1', 'C'], ['2i', 'RG'], ['2', 'RG'], ['3', 'RG'], ['4i', 'RT'], ['4', 'RT'], ['5', 'RT']]);

it('finds what breaks the rules and cures it with the move it names', function (array $spots, RuleSet $rules, array $out, string $code, string $man): void {
    $frame = PlayFrame::of($rules, Hash::Middle, 40.0);
    $men = Formations::men('gun', '2x2', Side::Right, $frame, $spots);
    $findings = array_values(array_filter(Legality::check($men, $rules, $out), fn ($f) => $f->severity === 'fault'));
    expect($findings[0]->code ?? null)->toBe($code)->and($findings[0]->man)->toBe($man)->and($findings[0]->rule)->not->toBeNull();
    $move = $findings[0]->move;
    $men[$move['man']] = new Man($move['man'], $move['xYd'], $move['yYd']);
    expect(array_filter(Legality::check($men, $rules, $out), fn ($f) => $f->severity === 'fault'))->toBe([]);
})->with([
    'covered receiver' => [['Y' => [-9.0, -0.5]], RuleSet::Nfhs, ['Y'], 'covered', 'Y'],
    'five back, high school' => [['Z' => [18.0, -1.5]], RuleSet::Nfhs, [], 'backfield', 'Z'],
    'five back, college' => [['Z' => [18.0, -1.5]], RuleSet::Ncaa, [], 'backfield', 'Z'],
    'six on the line, professional: the smallest fix is the nearest man' => [['X' => [-18.0, -2.0]], RuleSet::Nfl, [], 'backfield', 'Y'],
    'lineman off the line' => [['LG' => [-1.17, -1.2], 'Y' => [-9.0, -1.5], 'X' => [-18.0, -0.5], 'H' => [19.5, -0.5], 'Z' => [15.0, -1.5]], RuleSet::Nfhs, [], 'line-off', 'LG'],
]);
