<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Defense\Front\Front;
use Jacotaxis\Core\Defense\Front\LineMan;
use Jacotaxis\Core\Defense\Front\Place;
use Jacotaxis\Core\Defense\Front\SecondMan;

/** The catalogue of fronts (common practice), the strong side of each first. Another front is another row. */
final class Fronts
{
    /** @var array<string, Front>|null */
    private static ?array $rows = null;

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(strval(...), array_keys(self::rows()));
    }

    /**
     * What a sheet is drawn over when nothing is said.
     *
     * @return list<string>
     */
    public static function usual(): array
    {
        return array_values(array_filter(self::names(), fn (string $name): bool => ! self::rows()[$name]->rare));
    }

    public static function has(string $name): bool
    {
        return isset(self::rows()[$name]);
    }

    /** @throws UnknownLook */
    public static function get(string $name): Front
    {
        return self::rows()[$name] ?? throw UnknownLook::front($name);
    }

    /** @return array<string, Front> by name */
    private static function rows(): array
    {
        return self::$rows ??= array_column(self::all(), null, 'name');
    }

    /** @return list<Front> */
    private static function all(): array
    {
        return [
            new Front(
                '4-3 over',
                'three-technique to the strength, Sam over the tight end or slot',
                [
                    LineMan::strong('E', 'end', '5', '9'),
                    LineMan::strong('T', 'tackle', '3'),
                    LineMan::weak('T', 'tackle', '1'),
                    LineMan::weak('E', 'end', '5'),
                ],
                new SecondMan('S', 'sam', Place::between()),
                new SecondMan('M', 'mike', Place::box(0.9, 4.5)),
                new SecondMan('W', 'will', Place::box(1.8, 4.5)),
            ),
            new Front(
                '4-2 nickel',
                'four down, two backers, a fifth back over the slot',
                [
                    LineMan::strong('E', 'end', '5'),
                    LineMan::strong('T', 'tackle', '3'),
                    LineMan::weak('T', 'tackle', '1'),
                    LineMan::weak('E', 'end', '5'),
                ],
                new SecondMan('N', 'nickel', Place::apex()),
                new SecondMan('M', 'mike', Place::box(1.9, 4.5)),
                new SecondMan('W', 'will', Place::box(1.9, 4.5)),
                passStrength: true,
            ),
            new Front(
                '4-4',
                'four down, inside backers over the guards, two overhangs',
                [
                    LineMan::strong('E', 'end', '5'),
                    LineMan::strong('T', 'tackle', '2'),
                    LineMan::weak('T', 'tackle', '2'),
                    LineMan::weak('E', 'end', '5'),
                ],
                new SecondMan('S', 'sam', Place::overhang()),
                new SecondMan('M', 'mike', Place::box(1.17, 4.0)),
                new SecondMan('W', 'will', Place::box(1.17, 4.0)),
                second: new SecondMan('V', 'rover', Place::overhang()),
            ),
            new Front(
                '3-4',
                'three down, backers over the guards, outside backers on the edge or walked out',
                [
                    LineMan::strong('E', 'end', '5'),
                    LineMan::strong('T', 'nose', '0'),
                    LineMan::weak('E', 'end', '5'),
                    LineMan::weak('J', 'jack', '9')->standing(0.5, 1.6),
                ],
                new SecondMan('S', 'sam', Place::edge('9', 0.5, 1.6, walks: true)),
                new SecondMan('M', 'mike', Place::box(1.17, 4.75)),
                new SecondMan('W', 'will', Place::box(1.17, 4.75)),
            ),
            new Front(
                '5-2',
                'five on the line, two backers over the guards',
                [
                    LineMan::strong('T', 'tackle', '5'),
                    LineMan::strong('T', 'nose', '0'),
                    LineMan::weak('T', 'tackle', '5'),
                    LineMan::weak('E', 'end', '9'),
                ],
                new SecondMan('E', 'end', Place::edge('9', 0.0, 1.0)),
                new SecondMan('M', 'mike', Place::box(1.17, 3.75)),
                new SecondMan('W', 'will', Place::box(1.17, 3.75)),
            ),
            new Front(
                '3-3 stack',
                'three backers stacked behind three down men; the strong one is the fourth rusher',
                [
                    LineMan::strong('E', 'end', '5'),
                    LineMan::strong('T', 'nose', '0'),
                    LineMan::weak('E', 'end', '5'),
                    LineMan::strong('S', 'sam', '5')->standing(0.0, 4.5),
                ],
                new SecondMan('N', 'nickel', Place::overhang()),
                new SecondMan('M', 'mike', Place::box(0.0, 4.5)),
                new SecondMan('W', 'will', Place::box(2.7, 4.5)),
                second: new SecondMan('V', 'rover', Place::overhang()),
                passStrength: true,
            ),
            new Front(
                'tite',
                'ends inside the tackles, a nose, edge men outside',
                [
                    LineMan::strong('E', 'end', '4i'),
                    LineMan::strong('T', 'nose', '0'),
                    LineMan::weak('E', 'end', '4i'),
                    LineMan::weak('J', 'jack', '9')->standing(1.0, 1.4),
                ],
                new SecondMan('S', 'sam', Place::edge('9', 1.0, 1.4, walks: true)),
                new SecondMan('M', 'mike', Place::box(1.17, 5.2)),
                new SecondMan('W', 'will', Place::box(1.17, 5.2)),
            ),
            new Front(
                'bear',
                'all three inside men covered, ends outside, backers close',
                [
                    LineMan::strong('T', 'tackle', '3'),
                    LineMan::strong('T', 'nose', '0'),
                    LineMan::weak('T', 'tackle', '3'),
                    LineMan::weak('E', 'end', '9'),
                ],
                new SecondMan('E', 'end', Place::edge('9', 0.0, 1.0)),
                new SecondMan('M', 'mike', Place::box(1.3, 3.0)),
                new SecondMan('W', 'will', Place::box(1.3, 3.0)),
            ),
            new Front(
                '4-3 under',
                'nose to the strength, three-technique away, Sam on the line',
                [
                    LineMan::strong('E', 'end', '5'),
                    LineMan::strong('T', 'nose', '1'),
                    LineMan::weak('T', 'tackle', '3'),
                    LineMan::weak('E', 'end', '5'),
                ],
                new SecondMan('S', 'sam', Place::edge('9', 0.0, 1.0)),
                new SecondMan('M', 'mike', Place::box(1.8, 4.5)),
                new SecondMan('W', 'will', Place::box(0.9, 4.5)),
                rare: true,
            ),
            new Front(
                '6-1',
                'six on the line, one backer',
                [
                    LineMan::strong('G', 'guard', '2'),
                    LineMan::weak('G', 'guard', '2'),
                    LineMan::strong('T', 'tackle', '4i'),
                    LineMan::weak('T', 'tackle', '4i'),
                ],
                new SecondMan('E', 'end', Place::edge('7', 0.0, 1.0)),
                new SecondMan('M', 'mike', Place::box(0.0, 4.0)),
                new SecondMan('E', 'end', Place::edge('7', 0.0, 1.0)),
                rare: true,
            ),
            new Front(
                '6-2',
                'six on the line, two backers',
                [
                    LineMan::strong('G', 'guard', '1'),
                    LineMan::weak('G', 'guard', '1'),
                    LineMan::strong('T', 'tackle', '4'),
                    LineMan::weak('T', 'tackle', '4'),
                ],
                new SecondMan('E', 'end', Place::edge('9', 0.0, 1.0)),
                new SecondMan('M', 'mike', Place::box(1.6, 4.0)),
                new SecondMan('W', 'will', Place::box(1.6, 4.0)),
                second: new SecondMan('E', 'end', Place::edge('9', 0.0, 1.0)),
                rare: true,
            ),
            new Front(
                '4-1 dime',
                'four down, one backer, a sixth back in the place of the other',
                [
                    LineMan::strong('E', 'end', '5'),
                    LineMan::strong('T', 'tackle', '3'),
                    LineMan::weak('T', 'tackle', '1'),
                    LineMan::weak('E', 'end', '5'),
                ],
                new SecondMan('N', 'nickel', Place::apex()),
                new SecondMan('M', 'mike', Place::box(0.0, 4.5)),
                new SecondMan('D', 'dime', Place::box(3.0, 5.0)),
                passStrength: true,
                rare: true,
            ),
            new Front(
                '3-2 dime',
                'three down and an edge man, one backer, six backs',
                [
                    LineMan::strong('E', 'end', '5'),
                    LineMan::strong('T', 'nose', '0'),
                    LineMan::weak('E', 'end', '5'),
                    LineMan::weak('J', 'jack', '9')->standing(0.8, 1.4),
                ],
                new SecondMan('N', 'nickel', Place::apex()),
                new SecondMan('M', 'mike', Place::box(0.8, 4.5)),
                new SecondMan('D', 'dime', Place::box(3.4, 5.0)),
                passStrength: true,
                rare: true,
            ),
            new Front(
                '3-1 quarter',
                'three down, one backer, seven backs; one of them rushes',
                [
                    LineMan::strong('E', 'end', '5'),
                    LineMan::strong('T', 'nose', '0'),
                    LineMan::weak('E', 'end', '5'),
                    LineMan::weak('V', 'rover', '9')->standing(1.2, 3.5),
                ],
                new SecondMan('N', 'nickel', Place::apex()),
                new SecondMan('M', 'mike', Place::box(0.0, 4.5)),
                new SecondMan('D', 'dime', Place::box(3.4, 5.0)),
                passStrength: true,
                rare: true,
            ),
            new Front(
                '5-3',
                'five on the line, three backers',
                [
                    LineMan::strong('T', 'tackle', '4'),
                    LineMan::strong('T', 'nose', '0'),
                    LineMan::weak('T', 'tackle', '4'),
                    LineMan::weak('E', 'end', '9'),
                ],
                new SecondMan('E', 'end', Place::edge('9', 0.0, 1.0)),
                new SecondMan('M', 'mike', Place::box(0.0, 4.0)),
                new SecondMan('W', 'will', Place::box(2.6, 4.0)),
                second: new SecondMan('S', 'sam', Place::overhang()),
                rare: true,
            ),
        ];
    }
}
