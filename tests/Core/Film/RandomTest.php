<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Film\Chart\Chain;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Columns;
use Jacotaxis\Core\Film\Chart\OpenQuestions;
use Jacotaxis\Core\Film\Chart\Prediction;
use Jacotaxis\Core\Film\Chart\QuickEntry;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\Chart\Revisions;
use Jacotaxis\Core\Grade\Numbers\Groups;
use Jacotaxis\Core\Grade\Numbers\Report;
use Jacotaxis\Core\Grade\Numbers\SnapRow;

/* What holds of any game, charted in any way: seeded, so that a failure comes back. */

/**
 * @template T
 *
 * @param  list<T>  $of
 * @return T
 */
function anyOf(array $of): mixed
{
    return $of[mt_rand(0, count($of) - 1)];
}

/** A snap as somebody might chart it. */
function anyChart(): Chart
{
    $maybe = fn (mixed $v): mixed => mt_rand(0, 3) === 0 ? null : $v;
    $result = $maybe(anyOf(Result::cases()));
    $toGo = (float) mt_rand(1, 20);
    $at = (float) mt_rand(1, 99);

    return new Chart(
        number: $maybe(mt_rand(1, 200)), quarter: $maybe(mt_rand(1, 5)), clockS: $maybe(mt_rand(0, 720)),
        score: $maybe(['us' => mt_rand(0, 60), 'them' => mt_rand(0, 60)]), series: $maybe(mt_rand(1, 14)),
        down: $maybe(mt_rand(1, 4)), toGoYd: $maybe($toGo), ballOnYd: $maybe($at), hash: $maybe(anyOf(Hash::cases())),
        personnel: $maybe(anyOf(['11', '12', '20', '00', '23'])),
        formation: $maybe(anyOf(['gun 2x2', 'under center I right', 'gun trips left, splits 3 ft'])),
        motion: $maybe(anyOf(['H jet left', 'Y trade right'])), result: $result, gainYd: $result?->moves() === true
            ? $maybe((float) mt_rand(-12, 60)) : null, touchdown: $result?->moves() === true && mt_rand(0, 9) === 0,
        carrier: $maybe(anyOf(['Q', 'R', 'H', 'X', 'Z', 'Y'])), penalty: mt_rand(0, 6) > 0 ? null
            : ['by' => anyOf(['us', 'them']), 'yards' => (float) anyOf([5, 10, 15]),
                'what' => anyOf(['', 'holding', 'offside, late']), 'nullified' => (bool) mt_rand(0, 1)],
        note: $maybe(anyOf(['late hit', "two\nlines", 'a "quoted" word, and a comma', '=1+1', 'Überläufer', '  ',
            '-'])),
    );
}

it('REC-03: a game goes on from snap to snap without contradicting itself', function (int $seed): void {
    mt_srand($seed);
    $snap = new Chart(number: 1, quarter: 1, score: ['us' => 0, 'them' => 0], series: 1, down: 1, toGoYd: 10.0,
        ballOnYd: (float) mt_rand(5, 60), hash: Hash::Middle);
    for ($n = 0; $n < 150; $n++) {
        $result = anyOf(Result::cases());
        $left = 100.0 - (float) $snap->ballOnYd;
        $gain = $result->moves() ? (float) max(-(int) $snap->ballOnYd, min((int) $left, mt_rand(-8, 22))) : null;
        $snap = $snap->with(['result' => $result, 'gainYd' => $gain, 'touchdown' => $gain === $left]);
        if (mt_rand(0, 11) === 0 && ! $snap->touchdown && ! $result->losesBall()) {
            $snap = $snap->with(['penalty' => ['by' => anyOf(['us', 'them']), 'yards' => (float) anyOf([5, 10]),
                'what' => 'hold', 'nullified' => $result === Result::NoPlay]]);
        }
        $next = Chain::after($snap);
        $next = $next->ballOnYd === null ? $next->with(['ballOnYd' => (float) mt_rand(5, 60)]) : $next;
        $where = "{$snap->place()} {$result->value} ".($gain ?? '').' then '.$next->place();
        expect(Chain::check($snap, $next))->toBe([], $where)->and($next->number)->toBe($snap->number + 1);
        expect($next->down === null || $next->down >= 1 && $next->down <= 4)->toBeTrue($where)
            ->and($next->toGoYd === null || $next->toGoYd > 0.0)->toBeTrue($where)
            ->and($next->ballOnYd >= 0.0 && $next->ballOnYd <= 100.0)->toBeTrue($where)
            ->and($next->series === $snap->series || $next->series === $snap->series + 1)->toBeTrue($where);
        if ($next->series !== $snap->series) {
            expect($next->down)->toBe(1, $where);
        }
        expect(Chain::did($snap, $next))->toEndWith('.')->and(Chain::made($snap, $next) ?? '.')->toEndWith('.');
        $snap = $next->with([
            'down' => $next->down ?? 1,
            'toGoYd' => $next->toGoYd ?? 10.0,
            'ballOnYd' => max(1.0, min(99.0, (float) $next->ballOnYd)),
            'penalty' => null,
        ]);
    }
})->with(range(1, 12));

it('reads back every snap it writes into a row', function (int $seed): void {
    mt_srand($seed);
    for ($n = 0; $n < 60; $n++) {
        $chart = anyChart();
        // What is only blanks is nothing.
        $chart = $chart->with(['note' => trim((string) $chart->note) === '' ? null : $chart->note]);
        $call = anyOf(['gun 2x2 right: smash right', null]);
        $read = Columns::read(Columns::write($chart, $call, null, 'sit'));
        expect($read['errors'])->toBe([])
            ->and($read['chart'])->toEqual($chart)
            ->and([$read['call'], $read['look'], $read['choice']])->toBe([$call, null, 'sit']);
        expect(Chart::read(...array_values($chart->write())))->toEqual($chart);
    }
})->with(range(1, 6));

it('reads every snap that is said in the quick entry', function (int $seed): void {
    mt_srand($seed);
    $prediction = Prediction::of([], ['zone', 'smash', 'power'], ['cover 3' => 9, 'cover 2' => 4]);
    for ($n = 0; $n < 80; $n++) {
        $c = anyChart();
        $at =
            $c->ballOnYd === null || $c->ballOnYd === 0.0
                ? null
                : ($c->ballOnYd === 50.0
                    ? '@50'
                    : ($c->ballOnYd < 50.0
                        ? "@-{$c->ballOnYd}"
                        : '@'.(100 - $c->ballOnYd)));
        $gain = $c->result?->moves() === true ? $c->gainYd ?? 3.0 : null;
        $c = $c->with(['gainYd' => $gain]);
        $parts = array_filter(
            [
                $at,
                $c->down === null || $c->toGoYd === null ? null : "{$c->down}&{$c->toGoYd}",
                $c->hash === null ? null : 'h'.$c->hash->value[0],
                $c->quarter === null ? null : "q{$c->quarter}",
                $c->clockS === null ? null : sprintf('%d:%02d', intdiv($c->clockS, 60), $c->clockS % 60),
                $c->score === null ? null : "={$c->score['us']}-{$c->score['them']}",
                $c->series === null ? null : "v{$c->series}",
                $c->personnel === null ? null : "p{$c->personnel}",
                $c->carrier === null ? null : ">{$c->carrier}",
                $c->result === null ? null : $c->result->letter().($gain ?? '').($c->touchdown ? 't' : ''),
            ],
            fn (?string $p): bool => $p !== null,
        );
        shuffle($parts);
        $line = implode(' ', $parts);
        $read = QuickEntry::read($line, $prediction, fn (): array => [])['chart'];
        foreach (['hash', 'quarter', 'clockS', 'score', 'series', 'personnel', 'carrier', 'result', 'gainYd',
            'touchdown'] as $field) {
            if ($c->{$field} !== null) {
                expect($read->{$field})->toEqual($c->{$field}, "$line: $field");
            }
        }
        if ($at !== null) {
            expect($read->ballOnYd)->toBe($c->ballOnYd, $line);
        }
        if ($c->down !== null && $c->toGoYd !== null) {
            expect([$read->down, $read->toGoYd])->toBe([$c->down, $c->toGoYd], $line);
        }
    }
})->with(range(1, 6));

it('counts every snap once in every way of putting them together', function (int $seed): void {
    mt_srand($seed);
    $rows = [];
    for ($n = 0; $n < 120; $n++) {
        $c = anyChart();
        $rows[] = new SnapRow(
            id: "s$n",
            call: anyOf(['zone', 'smash', null]),
            family: anyOf(['zone', 'smash', null]),
            formation: $c->formation,
            motion: $c->motion,
            personnel: $c->personnel,
            front: anyOf(['3-4', 'bear', null]),
            shell: anyOf(['cover 2', null]),
            defender: anyOf(['corner', null]),
            choice: anyOf(['sit', 'sink', null]),
            down: $c->down,
            toGoYd: $c->toGoYd,
            ballOnYd: $c->ballOnYd,
            hash: $c->hash?->value,
            quarter: $c->quarter,
            result: $c->result?->value,
            gainYd: $c->gainYd,
            touchdown: $c->touchdown,
            run: (bool) mt_rand(0, 1),
            done: anyOf(['throw', 'give', null]),
            decision: anyOf(['right', 'wrong', 'forced', 'right but late', null]),
            box: anyOf([5, 6, 7, null]),
            nullified: $c->nullified(),
            penaltyBy: $c->penalty['by'] ?? null,
        );
    }
    $report = new Report($rows);
    $all = $report->all();
    $counting = array_filter(
        $rows,
        fn (SnapRow $r): bool => ! $r->nullified && ($r->result === null || Result::from($r->result)->counts()),
    );
    expect($all['tries'])->toBe(count($counting));
    foreach (array_keys(Groups::BY) as $by) {
        $groups = $report->by($by);
        $ids = array_merge(...array_column($groups, 'ids'));
        expect($ids)->toHaveCount($all['tries'], $by)->and(array_unique($ids))->toHaveCount($all['tries'], $by);
        foreach (['explosive', 'negative', 'throws', 'complete', 'drops', 'touchdowns', 'fouls'] as $number) {
            expect(array_sum(array_column($groups, $number)))->toBe($all[$number], "$by $number");
        }
        expect(array_sum(array_map(fn (array $g): int => $g['success']['hits'], $groups)))->toBe(
            $all['success']['hits'],
            $by,
        );
    }
    foreach (['box', 'choice'] as $by) {
        $table = $report->decisions($by);
        // The read and the result are two totals of the same cells.
        expect(array_sum(array_map(fn (array $r): int => $r['read']['of'], $table['rows'])))
            ->toBe($table['read']['of'])
            ->and(array_sum(array_map(fn (array $r): int => $r['result']['of'], $table['rows'])))
            ->toBe($table['result']['of']);
    }
})->with(range(1, 6));

it('FLM-10: keeps what every revised mark was, and nothing else', function (int $seed): void {
    mt_srand($seed);
    $kinds = ['snap', 'break', 'ball out', 'catch', 'mesh', 'hips turned'];
    $old = ['marks' => array_map(fn (string $k): array => ['kind' => $k, 'atS' => mt_rand(0, 500) / 100, 'man' => 'H'],
        $kinds)];
    $new = ['marks' => []];
    $changed = [];
    foreach ($old['marks'] as $mark) {
        $does = mt_rand(0, 2);
        if ($does === 0) {
            $changed[] = $mark['kind'].' H';
        } else {
            $new['marks'][] = ['atS' => $mark['atS'] + ($does === 1 ? 0.0 : 0.1)] + $mark;
            $does === 1 ?: $changed[] = $mark['kind'].' H';
        }
    }
    $new['marks'][] = ['kind' => 'free', 'label' => 'new one', 'atS' => 1.0];
    $kept = Revisions::kept($old, $new, 'Dale', '2026-09-20');
    expect(array_map(fn (array $h): string => substr($h['question'], 6), $kept['settled'] ?? []))
        ->toEqualCanonicalizing($changed)
        ->and($kept['marks'])
        ->toBe($new['marks']);
    expect(Revisions::kept($new, $new, 'Dale', '2026-09-20'))->toBe($new);
})->with(range(1, 10));

it('settles every question it asks, one at a time, until none is open', function (int $seed): void {
    mt_srand($seed);
    $d = ['call' => null, 'look' => null, 'marks' => [], 'plots' => [], 'seen' => []];
    for ($n = 0; $n < 8; $n++) {
        $d['marks'][] = ['kind' => anyOf(['break', 'catch']), 'atS' => $n / 2,
            'man' => anyOf(['?', 'H'])] + (mt_rand(0, 1) === 0 ? ['certain' => false] : []);
        $d['plots'][] = ['id' => "p$n", 'man' => anyOf(['?', 'X']), 'atS' => $n / 2, 'xPx' => 1,
            'yPx' => 1] + (mt_rand(0, 1) === 0 ? ['angle' => 'tight'] : []);
        $d['seen'][] = anyOf([['man' => 'Q', 'what' => 'owner', 'value' => 'undetermined'],
            ['man' => 'X', 'what' => 'start', 'value' => 'minus', 'certain' => false],
            ['man' => 'X', 'what' => 'cuts', 'value' => 1]]);
    }
    $answers = ['call' => 'gun 2x2 right: smash right', 'look' => '4-2 nickel, cover 2', 'man' => 'Z', 'mark' => 'yes',
        'guess' => 'no', 'owner' => 'call'];
    for ($asked = count(OpenQuestions::of($d)); $asked > 0; $asked = count(OpenQuestions::of($d))) {
        $q = anyOf(OpenQuestions::of($d));
        $before = count($d['settled'] ?? []);
        $d = OpenQuestions::settle($d, $q['id'], $answers[$q['kind']], 'Dale', '2026-09-20');
        expect(count($d['settled']))->toBe($before + 1)->and(count(OpenQuestions::of($d)))->toBeLessThanOrEqual($asked);
        expect($before)->toBeLessThan(60, 'it never ends');
    }
    expect(OpenQuestions::of($d))->toBe([]);
})->with(range(1, 6));
