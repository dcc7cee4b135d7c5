<?php

use Jacotaxis\Core\Film\Chart\Leverage;
use Jacotaxis\Core\Scout\Cut;
use Jacotaxis\Core\Scout\PreSnap;
use Jacotaxis\Core\Scout\Sign;
use Jacotaxis\Core\Scout\SignKind;
use Jacotaxis\Core\Scout\Tells;

it('finds the depth that parts two coverages of one picture, judged on the game left out', function (): void {
    $tells = Tells::of(twoGames('cover 2', 'cover 4', 8, fn (string $shell, int $n): array => [
        stood('left corner', $shell === 'cover 4' ? 8.0 : 5.0),
        stood('free safety', 11.0 + $n % 3),
    ]));

    expect($tells)->toHaveCount(1)
        ->and($tells[0]->from)->toBe('two high')
        ->and($tells[0]->words())->toBe('Left corner deeper than 6.5 yd: cover 4. Left corner nearer than 6.5 yd: '
            .'cover 2. It shows as soon as they have lined up.')
        ->and([$tells[0]->right?->hits, $tells[0]->right?->of])->toBe([32, 32])
        ->and($tells[0]->byFrequency)->toBe(0.5)
        ->and($tells[0]->ids)->toHaveCount(32);
});

it('says that a tell shows only at the snap where they lined up alike', function (): void {
    $tells = Tells::of(twoGames('cover 2', 'cover 4', 8, fn (string $shell): array => [
        stood('strong safety', 11.0, $shell === 'cover 4' ? 8.0 : 11.0),
    ]));

    expect($tells[0]->cut?->sign->moment)->toBe(PreSnap::AtSnap)
        ->and($tells[0]->words())->toEndWith('It shows at the snap.');
});

it('finds the side of his man a corner stands on', function (): void {
    $tells = Tells::of(twoGames('cover 1', 'cover 3', 8, fn (string $shell): array => [
        stood('right corner', 7.0, null, $shell === 'cover 1' ? Leverage::Inside : Leverage::Outside),
    ]));

    expect($tells[0]->from)->toBe('one high')
        ->and($tells[0]->cut?->sign->kind)->toBe(SignKind::Side)
        ->and($tells[0]->right?->share())->toBe(1.0);
});

it('takes a coverage that is disguised for what it shows', function (): void {
    $rows = array_map(
        fn ($row) => $row->shell === 'cover 3'
            ? scouted($row->id, 'cover 3', $row->reel, ['stood' => $row->stood, 'wrinkle' => 'shows cover 2'])
            : $row,
        twoGames('cover 2', 'cover 3', 8, fn (string $shell): array => [
            stood('strong safety', 11.0, $shell === 'cover 3' ? 8.0 : 11.0),
        ]),
    );

    expect(Tells::of($rows)[0]->from)->toBe('two high');
    // Nor does a blitz with nobody deep start like two high.
    expect(Tells::of(twoGames('cover 2', 'cover 0', 8, fn (): array => [stood('strong safety', 11.0)])))->toBe([]);
    // One and two high do not start alike: nobody asks what tells them apart.
    expect(Tells::of(twoGames('cover 2', 'cover 3', 8, fn (): array => [stood('strong safety', 11.0)])))->toBe([]);
});

it('does not call a tell what one game alone has', function (): void {
    // In the first game the corner gives it away, in the second he stands the other way round.
    $rows = twoGames('cover 2', 'cover 4', 10, fn (): array => []);
    $rows = array_map(fn ($row) => scouted($row->id, (string) $row->shell, $row->reel, ['stood' => [
        stood('left corner', ($row->shell === 'cover 4') === ($row->reel === 'one') ? 8.0 : 5.0),
    ]]), $rows);
    $tell = Tells::of($rows)[0];

    expect($tell->enough)->toBeTrue()
        ->and($tell->cut)->toBeNull()
        ->and($tell->right?->hits)->toBe(0)
        ->and($tell->words())->toBe('cover 2 or cover 4: nothing that was charted tells them apart.');
});

it('does not call noise a tell: of forty films drawn without one it names none', function (): void {
    $named = 0;
    for ($seed = 1; $seed <= 40; $seed++) {
        mt_srand($seed);
        $tells = Tells::of(twoGames('cover 2', 'cover 4', 20, fn (): array => [
            stood('left corner', mt_rand(8, 18) / 2.0),
            stood('right corner', mt_rand(8, 18) / 2.0),
            stood('free safety', mt_rand(18, 28) / 2.0),
            stood('strong safety', mt_rand(18, 28) / 2.0, mt_rand(14, 28) / 2.0),
        ]));
        $named += count(array_filter($tells, fn ($t): bool => $t->cut !== null));
    }

    expect($named)->toBe(0);
});

it('does not call a cut a tell that is right no more often than naming the usual coverage', function (): void {
    // Forty of one and eight of the other, nearly alike: always naming the first is right 83 times of a hundred.
    $rows = [];
    foreach (['one', 'two'] as $game) {
        for ($n = 0; $n < 20; $n++) {
            $rows[] = scouted("$game a$n", 'cover 2', $game, ['stood' => [stood('left corner', 4.0 + $n % 5)]]);
        }
        for ($n = 0; $n < 4; $n++) {
            $rows[] = scouted("$game b$n", 'cover 4', $game, ['stood' => [stood('left corner', 6.0 + $n % 3)]]);
        }
    }

    expect(Tells::of($rows)[0]->cut)->toBeNull()
        ->and(Tells::of($rows)[0]->byFrequency)->toEqualWithDelta(40 / 48, 1e-9);
});

it('says that there is not enough film', function (int $each, bool $oneGame): void {
    $rows = twoGames('cover 2', 'cover 4', $each, fn (string $shell): array => [
        stood('left corner', $shell === 'cover 4' ? 8.0 : 5.0),
    ]);
    $rows = $oneGame ? array_values(array_filter($rows, fn ($r): bool => $r->reel === 'one')) : $rows;
    $tell = Tells::of($rows)[0];

    expect($tell->enough)->toBeFalse()
        ->and($tell->cut)->toBeNull()
        ->and($tell->words())->toContain('not enough film');
})->with([
    'six snaps of either' => [3, false],
    'one game' => [20, true],
]);

it('does not look at snaps without places', function (): void {
    expect(Tells::of([scouted('a', 'cover 2'), scouted('b', 'cover 4')]))->toBe([]);
});

it('cuts where there is most room, and by the mean of both shares right', function (): void {
    // Seven of cover 2 at 5 and one at 9, two of cover 4 at 8: cutting at 6.5 gets 7 of 8 and 2 of 2.
    $rows = array_map(fn (int $n): \Jacotaxis\Core\Grade\Numbers\SnapRow => scouted("a$n", 'cover 2', 'one', [
        'stood' => [stood('left corner', $n === 7 ? 9.0 : 5.0)],
    ]), range(0, 7));
    $rows[] = scouted('b0', 'cover 4', 'one', ['stood' => [stood('left corner', 8.0)]]);
    $rows[] = scouted('b1', 'cover 4', 'one', ['stood' => [stood('left corner', 8.0)]]);
    $cut = Cut::best($rows, Sign::charted($rows, PreSnap::LinedUp), 'cover 2', 'cover 4');

    expect($cut?->at)->toBe(6.5)
        ->and([$cut?->above, $cut?->below])->toBe(['cover 4', 'cover 2'])
        ->and($cut?->says($rows[7]))->toBe('cover 4')
        ->and($cut?->says(scouted('none', 'cover 2')))->toBeNull();
});

it('says a sign in words', function (SignKind $kind, float $cut, bool $above, string $words): void {
    expect((new Sign('left corner', $kind, PreSnap::AtSnap))->words($cut, $above))->toBe($words);
})->with([
    [SignKind::Depth, 6.5, true, 'left corner deeper than 6.5 yd'],
    [SignKind::Depth, 6.75, false, 'left corner nearer than 6.75 yd'],
    [SignKind::Side, 0.5, true, 'left corner outside'],
    [SignKind::Side, 0.5, false, 'left corner not outside'],
    [SignKind::Side, -0.5, true, 'left corner not inside'],
    [SignKind::Side, -0.5, false, 'left corner inside'],
]);
