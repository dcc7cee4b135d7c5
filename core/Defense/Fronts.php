<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

/**
 * The catalogue of fronts (common practice), strong side of the front first.
 *
 * `line`: men who rush from the line as [letter, name, side, technique, technique outside a tight end if another].
 * Second level by slot, the slots that shells give jobs to: M and W in the box, N the overhang or edge of the strong
 * side,
 * SS when the front has an overhang in the second safety's place. Places: `box` [side, yards from the middle, depth],
 * `edge` [technique, yards wider, depth], `apex` over the slot, `over` between the line and the slot, `overhang`
 * outside the surface. `rare` fronts are left out of a sheet unless they are asked for.
 */
final class Fronts
{
    private const ALL = [
        '4-3 over' => ['line' => [['E', 'end', 'strong', '5', '9'], ['T', 'tackle', 'strong', '3'],
            ['T', 'tackle', 'weak', '1'], ['E', 'end', 'weak', '5']],
            'N' => ['S', 'sam', 'front', ['over']], 'M' => ['M', 'mike', 'strong', ['box', 0.9, 4.5]],
            'W' => ['W', 'will', 'weak', ['box', 1.8, 4.5]],
            'words' => 'three-technique to the strength, Sam over the tight end or slot'],
        '4-2 nickel' => ['line' => [['E', 'end', 'strong', '5'], ['T', 'tackle', 'strong', '3'],
            ['T', 'tackle', 'weak', '1'], ['E', 'end', 'weak', '5']],
            'N' => ['N', 'nickel', 'pass', ['apex']], 'M' => ['M', 'mike', 'strong', ['box', 1.9, 4.5]],
            'W' => ['W', 'will', 'weak', ['box', 1.9, 4.5]],
            'words' => 'four down, two backers, a fifth back over the slot'],
        '4-4' => ['line' => [['E', 'end', 'strong', '5'], ['T', 'tackle', 'strong', '2'], ['T', 'tackle', 'weak', '2'],
            ['E', 'end', 'weak', '5']],
            'N' => ['S', 'sam', 'front', ['overhang']], 'M' => ['M', 'mike', 'strong', ['box', 1.17, 4.0]],
            'W' => ['W', 'will', 'weak', ['box', 1.17, 4.0]],
            'SS' => ['V', 'rover', ['overhang']], 'words' => 'four down, inside backers over the guards, two overhangs'],
        '3-4' => ['line' => [['E', 'end', 'strong', '5'], ['T', 'nose', 'strong', '0'], ['E', 'end', 'weak', '5'],
            ['J', 'jack', 'weak', ['9', 0.5, 1.6]]],
            'N' => ['S', 'sam', 'front', ['edge', '9', 0.5, 1.6, true]],
            'M' => ['M', 'mike', 'strong', ['box', 1.17, 4.75]], 'W' => ['W', 'will', 'weak', ['box', 1.17, 4.75]],
            'words' => 'three down, backers over the guards, outside backers on the edge or walked out'],
        '5-2' => ['line' => [['T', 'tackle', 'strong', '5'], ['T', 'nose', 'strong', '0'], ['T', 'tackle', 'weak', '5'],
            ['E', 'end', 'weak', '9']],
            'N' => ['E', 'end', 'front', ['edge', '9', 0.0, 1.0, false]],
            'M' => ['M', 'mike', 'strong', ['box', 1.17, 3.75]], 'W' => ['W', 'will', 'weak', ['box', 1.17, 3.75]],
            'words' => 'five on the line, two backers over the guards'],
        '3-3 stack' => ['line' => [['E', 'end', 'strong', '5'], ['T', 'nose', 'strong', '0'], ['E', 'end', 'weak', '5'],
            ['S', 'sam', 'strong', ['5', 0.0, 4.5]]],
            'N' => ['N', 'nickel', 'pass', ['overhang']], 'M' => ['M', 'mike', 'strong', ['box', 0.0, 4.5]],
            'W' => ['W', 'will', 'weak', ['box', 2.7, 4.5]],
            'SS' => ['V', 'rover', ['overhang']], 'words' => 'three backers stacked behind three down men; the strong one is the fourth rusher'],
        'tite' => ['line' => [['E', 'end', 'strong', '4i'], ['T', 'nose', 'strong', '0'], ['E', 'end', 'weak', '4i'],
            ['J', 'jack', 'weak', ['9', 1.0, 1.4]]],
            'N' => ['S', 'sam', 'front', ['edge', '9', 1.0, 1.4, true]],
            'M' => ['M', 'mike', 'strong', ['box', 1.17, 5.2]], 'W' => ['W', 'will', 'weak', ['box', 1.17, 5.2]],
            'words' => 'ends inside the tackles, a nose, edge men outside'],
        'bear' => ['line' => [['T', 'tackle', 'strong', '3'], ['T', 'nose', 'strong', '0'],
            ['T', 'tackle', 'weak', '3'], ['E', 'end', 'weak', '9']],
            'N' => ['E', 'end', 'front', ['edge', '9', 0.0, 1.0, false]],
            'M' => ['M', 'mike', 'strong', ['box', 1.3, 3.0]], 'W' => ['W', 'will', 'weak', ['box', 1.3, 3.0]],
            'words' => 'all three inside men covered, ends outside, backers close'],
        '4-3 under' => ['rare' => true, 'line' => [['E', 'end', 'strong', '5'], ['T', 'nose', 'strong', '1'],
            ['T', 'tackle', 'weak', '3'], ['E', 'end', 'weak', '5']],
            'N' => ['S', 'sam', 'front', ['edge', '9', 0.0, 1.0, false]],
            'M' => ['M', 'mike', 'strong', ['box', 1.8, 4.5]], 'W' => ['W', 'will', 'weak', ['box', 0.9, 4.5]],
            'words' => 'nose to the strength, three-technique away, Sam on the line'],
        '6-1' => ['rare' => true, 'line' => [['G', 'guard', 'strong', '2'], ['G', 'guard', 'weak', '2'],
            ['T', 'tackle', 'strong', '4i'], ['T', 'tackle', 'weak', '4i']],
            'N' => ['E', 'end', 'front', ['edge', '7', 0.0, 1.0, false]],
            'W' => ['E', 'end', 'weak', ['edge', '7', 0.0, 1.0, false]],
            'M' => ['M', 'mike', 'strong', ['box', 0.0, 4.0]],
            'words' => 'six on the line, one backer'],
        '6-2' => ['rare' => true, 'line' => [['G', 'guard', 'strong', '1'], ['G', 'guard', 'weak', '1'],
            ['T', 'tackle', 'strong', '4'], ['T', 'tackle', 'weak', '4']],
            'N' => ['E', 'end', 'front', ['edge', '9', 0.0, 1.0, false]],
            'M' => ['M', 'mike', 'strong', ['box', 1.6, 4.0]], 'W' => ['W', 'will', 'weak', ['box', 1.6, 4.0]],
            'SS' => ['E', 'end', ['edge', '9', 0.0, 1.0, false]], 'words' => 'six on the line, two backers'],
        '4-1 dime' => ['rare' => true, 'line' => [['E', 'end', 'strong', '5'], ['T', 'tackle', 'strong', '3'],
            ['T', 'tackle', 'weak', '1'], ['E', 'end', 'weak', '5']],
            'N' => ['N', 'nickel', 'pass', ['apex']], 'M' => ['M', 'mike', 'strong', ['box', 0.0, 4.5]],
            'W' => ['D', 'dime', 'weak', ['box', 3.0, 5.0]],
            'words' => 'four down, one backer, a sixth back in the place of the other'],
        '3-2 dime' => ['rare' => true, 'line' => [['E', 'end', 'strong', '5'], ['T', 'nose', 'strong', '0'],
            ['E', 'end', 'weak', '5'], ['J', 'jack', 'weak', ['9', 0.8, 1.4]]],
            'N' => ['N', 'nickel', 'pass', ['apex']], 'M' => ['M', 'mike', 'strong', ['box', 0.8, 4.5]],
            'W' => ['D', 'dime', 'weak', ['box', 3.4, 5.0]],
            'words' => 'three down and an edge man, one backer, six backs'],
        '3-1 quarter' => ['rare' => true, 'line' => [['E', 'end', 'strong', '5'], ['T', 'nose', 'strong', '0'],
            ['E', 'end', 'weak', '5'], ['V', 'rover', 'weak', ['9', 1.2, 3.5]]],
            'N' => ['N', 'nickel', 'pass', ['apex']], 'M' => ['M', 'mike', 'strong', ['box', 0.0, 4.5]],
            'W' => ['D', 'dime', 'weak', ['box', 3.4, 5.0]],
            'words' => 'three down, one backer, seven backs; one of them rushes'],
        '5-3' => ['rare' => true, 'line' => [['T', 'tackle', 'strong', '4'], ['T', 'nose', 'strong', '0'],
            ['T', 'tackle', 'weak', '4'], ['E', 'end', 'weak', '9']],
            'N' => ['E', 'end', 'front', ['edge', '9', 0.0, 1.0, false]],
            'M' => ['M', 'mike', 'strong', ['box', 0.0, 4.0]], 'W' => ['W', 'will', 'weak', ['box', 2.6, 4.0]],
            'SS' => ['S', 'sam', ['overhang']], 'words' => 'five on the line, three backers'],
    ];

    /** Names two men of a front may share. */
    private const SIDED = ['end', 'tackle', 'guard'];

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(strval(...), array_keys(self::ALL));
    }

    /**
     * What a sheet is drawn over when nothing is said.
     *
     * @return list<string>
     */
    public static function usual(): array
    {
        return array_values(array_filter(self::names(), fn (string $f): bool => ! isset(self::ALL[$f]['rare'])));
    }

    public static function has(string $name): bool
    {
        return isset(self::ALL[$name]);
    }

    /** @return array<string, mixed> the front's own data */
    public static function get(string $name): array
    {
        return self::ALL[$name] ?? throw UnknownLook::front($name);
    }

    /**
     * The eleven by role; of two men of one name the left and the right one.
     *
     * @return list<string>
     */
    public static function roles(string $name): array
    {
        $front = self::get($name);
        $roles = ['left corner', 'right corner', 'free safety'];
        $others = [$front['N'][1], $front['M'][1], $front['W'][1], $front['SS'][1] ?? 'strong safety'];
        foreach ([...array_column($front['line'], 1), ...$others] as $man) {
            array_push($roles, ...in_array($man, self::SIDED, true) ? ["left $man", "right $man"] : [$man]);
        }

        return array_values(array_unique($roles));
    }

    public static function words(string $name): string
    {
        return self::get($name)['words'];
    }
}
