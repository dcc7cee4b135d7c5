<?php

use Jacotaxis\Core\Defense\Aligning\Named;
use Jacotaxis\Core\Field\Hash;

/* Whom a word of a look means against a formation (common practice, no source). */

it('finds the man a word means', function (string $who, string $front, string $set, Hash $hash, array $roles): void {
    $aligned = aligned("$front, cover 3", $set, $hash);
    $lineup = lineup($set, $hash);
    expect(array_map(
        fn (int $n): string => $aligned->defenders[$n]->role,
        Named::in($who, $aligned->defenders, $lineup),
    ))->toBe($roles);
})->with([
    'a role' => ['mike', '4-2 nickel', 'gun 2x2', Hash::Middle, ['mike']],
    'a letter' => ['M', '4-2 nickel', 'gun 2x2', Hash::Middle, ['mike']],
    'a group' => ['corners', '4-2 nickel', 'gun 2x2', Hash::Middle, ['right corner', 'left corner']],
    'the strong corner' => ['strong corner', '4-2 nickel', 'gun trips right', Hash::Middle, ['right corner']],
    'the same, turned over' => ['strong corner', '4-2 nickel', 'gun trips left', Hash::Middle, ['left corner']],
    'the corner into the boundary' => ['boundary corner', '4-2 nickel', 'gun 2x2', Hash::Left, ['left corner']],
    'the corner to the field' => ['field corner', '4-2 nickel', 'gun 2x2', Hash::Left, ['right corner']],
    'the weak end' => ['weak end', '4-2 nickel', 'gun trips right', Hash::Middle, ['left end']],
    'the strong tackle' => ['strong tackle', '4-2 nickel', 'gun trips right', Hash::Middle, ['right tackle']],
    'the end, not the edge man' => ['weak end', '3-4', 'gun trips right', Hash::Middle, ['left end']],
    'the backer on the weak side' => ['weak backer', '4-2 nickel', 'gun trips right', Hash::Middle, ['will']],
    'the safety to the field' => ['field safety', '4-2 nickel', 'gun 2x2', Hash::Right, ['free safety']],
    'the ends' => ['ends', '4-2 nickel', 'gun trips right', Hash::Middle, ['right end', 'left end']],
    'the line' => ['line', '3-4', 'gun trips right', Hash::Middle, ['right end', 'nose', 'left end', 'jack']],
    'no tackles here' => ['tackles', '3-4', 'gun 2x2', Hash::Middle, []],
    'who overhangs to the field' => ['field overhang', '4-2 nickel', 'gun trips right', Hash::Left, ['nickel']],
    'nobody of that name' => ['jack', '4-2 nickel', 'gun 2x2', Hash::Middle, []],
]);

it('does not take strong safety for a man by his side: it is a role', function (): void {
    expect(Named::bySide())->not->toContain('strong safety')->toContain('weak end', 'field safety');
});

it('changes the man who is named by his side', function (): void {
    $men = aligned('4-2 nickel, cover 3, boundary corner press', 'gun 2x2', Hash::Left)->defenders;
    $depth = array_column(array_map(fn ($d): array => ['r' => $d->role, 'y' => $d->yYd], $men), 'y', 'r');
    expect($depth['left corner'])->toBeLessThan(2.0)->and($depth['right corner'])->toBeGreaterThan(4.0);
});

it('lets one rush and one drop in a creeper: four still come', function (string $look): void {
    $men = aligned($look, 'gun trips right')->defenders;
    expect(array_filter($men, fn ($d): bool => $d->rushes()))->toHaveCount(4);
})->with(['4-2-5 c3 will creeper', '4-2-5 quarters, sim pressure mike', '3-4 cover 3, creeper will']);
