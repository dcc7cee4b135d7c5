<?php

use Jacotaxis\Core\Defense\Front\Front;
use Jacotaxis\Core\Defense\Front\LineMan;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Shell\Shell;
use Jacotaxis\Core\Defense\Shell\ShellMan;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Kinematics\Group;

/** @return list<string> techniques of the line, the strong side's widest first */
function lineOf(Front $front): array
{
    return array_map(fn (LineMan $m): string => ($m->strong ? '' : '-').$m->technique, $front->line);
}

/** @return array<string, int> how many men of a shell do what */
function jobKinds(Shell $shell): array
{
    $kinds = array_map(fn (ShellMan $m): string => $m->job->kind->name, array_values($shell->men()));
    $count = array_count_values($kinds);
    ksort($count);

    return $count;
}

it('has each front as coaches draw it', function (string $name, array $line, array $behind): void {
    $front = Fronts::get($name);
    expect(lineOf($front))->toBe($line)
        ->and($front->behind())->toBe($behind)
        ->and(count($front->line) + count($front->behind()) + ($front->man('SS') === null ? 4 : 3))->toBe(11);
})->with([
    ['4-3 over', ['5', '3', '-1', '-5'], ['sam', 'mike', 'will']],
    ['4-3 under', ['5', '1', '-3', '-5'], ['sam', 'mike', 'will']],
    ['4-2 nickel', ['5', '3', '-1', '-5'], ['nickel', 'mike', 'will']],
    ['4-4', ['5', '2', '-2', '-5'], ['sam', 'mike', 'will', 'rover']],
    ['3-4', ['5', '0', '-5', '-9'], ['sam', 'mike', 'will']],
    ['5-2', ['5', '0', '-5', '-9'], ['end', 'mike', 'will']],
    ['3-3 stack', ['5', '0', '-5', '5'], ['nickel', 'mike', 'will', 'rover']],
    ['tite', ['4i', '0', '-4i', '-9'], ['sam', 'mike', 'will']],
    ['bear', ['3', '0', '-3', '-9'], ['end', 'mike', 'will']],
    ['6-1', ['2', '-2', '4i', '-4i'], ['end', 'mike', 'end']],
    ['6-2', ['1', '-1', '4', '-4'], ['end', 'mike', 'will', 'end']],
    ['5-3', ['4', '0', '-4', '-9'], ['end', 'mike', 'will', 'sam']],
    ['4-1 dime', ['5', '3', '-1', '-5'], ['nickel', 'mike', 'dime']],
    ['3-2 dime', ['5', '0', '-5', '-9'], ['nickel', 'mike', 'dime']],
    ['3-1 quarter', ['5', '0', '-5', '-9'], ['nickel', 'mike', 'dime']],
]);

it('gives each shell its jobs by kind of man', function (string $name, array $kinds, string $middle): void {
    $shell = Shells::get($name);
    expect(jobKinds($shell))->toBe($kinds)
        ->and($shell->middle())->toBe($middle)
        ->and(array_diff($shell->support, array_keys($shell->men())))->toBe([])
        ->and(array_diff(array_keys($shell->downOnOverhang), array_keys($shell->men())))->toBe([])
        ->and(array_diff(array_keys($shell->overhangSent), array_keys($shell->men())))->toBe([]);
})->with([
    ['cover 0', ['Man' => 7], 'open'],
    ['cover 1', ['Deep' => 1, 'Man' => 6], 'closed'],
    ['cover 1 robber', ['Deep' => 1, 'Man' => 5, 'Under' => 1], 'closed'],
    ['2-man', ['Deep' => 2, 'Man' => 5], 'open'],
    ['cover 2', ['Deep' => 2, 'Under' => 5], 'open'],
    ['tampa 2', ['Deep' => 3, 'Under' => 4], 'open'],
    ['cover 3', ['Deep' => 3, 'Under' => 4], 'closed'],
    ['cover 3 weak', ['Deep' => 3, 'Under' => 4], 'closed'],
    ['cover 3 cloud', ['Deep' => 3, 'Under' => 4], 'closed'],
    ['cover 3 match', ['Deep' => 3, 'Under' => 4], 'closed'],
    ['cover 4', ['Deep' => 4, 'Under' => 3], 'open'],
    ['cover 4 trap', ['Deep' => 2, 'Under' => 5], 'open'],
    ['cover 6', ['Deep' => 3, 'Under' => 4], 'open'],
    ['fire zone', ['Deep' => 3, 'Rush' => 1, 'Under' => 3], 'closed'],
    ['cover 2 invert', ['Deep' => 2, 'Under' => 5], 'open'],
    ['three high', ['Deep' => 3, 'Under' => 4], 'open'],
]);

it('covers every row with a case of its own', function (): void {
    expect(Fronts::names())->toHaveCount(15)
        ->and(Shells::names())->toHaveCount(16)
        ->and(Fronts::usual())->each->not->toBeIn(['6-1', '6-2', '4-3 under'])
        ->and(count(Fronts::usual()) * count(Shells::usual()))->toBe(96);
});

it('gives whoever stands in a place that place\'s job: a sixth back has the will\'s', function (): void {
    $men = Shells::get('cover 3')->men();
    expect($men['W']->job->kind)->toBe(JobKind::Under)
        ->and(Fronts::get('4-1 dime')->man('W')?->group())->toBe(Group::Safety)
        ->and(Fronts::get('4-2 nickel')->man('W')?->group())->toBe(Group::Backer)
        ->and(Fronts::get('6-1')->man('W')?->group())->toBe(Group::Edge)
        ->and(Fronts::get('4-2 nickel')->man('SS'))->toBeNull();
});

it('names the rows it has when one is unknown', function (): void {
    expect(fn () => Fronts::get('7-7'))->toThrow(UnknownLook::class, '4-3 over')
        ->and(fn () => Shells::get('cover 9'))->toThrow(UnknownLook::class, 'cover 3');
});
