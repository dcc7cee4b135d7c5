<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

/** The catalogue of families, in the order in which recognition tests them (CAL-04). */
final class Families
{
    /** @var array<string, Family>|null */
    private static ?array $all = null;

    /** @return array<string, Family> by name */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach (
                [
                    ...self::tested(),
                    ...self::mesh(),
                    ...self::deep(),
                    ...self::quick(),
                    ...self::outside(),
                    ...self::moved(),
                    ...self::others(),
                ] as $family
            ) {
                self::$all[$family->name] = $family;
            }
        }

        return self::$all;
    }

    public static function has(string $name): bool
    {
        return isset(self::all()[$name]);
    }

    public static function get(string $name): Family
    {
        return self::all()[$name];
    }

    /** @return list<Family> */
    private static function mesh(): array
    {
        $order = fn (int $front, int $other): array => [
            'back',
            "front $front",
            'route sit',
            'route post|corner',
            "other $other",
        ];
        $back = 'wheel|arrow|swing';

        // Outside pair or inside pair may mesh; the sit and the top are whoever is left (MSH-01).
        return [new Family('mesh', [
            new Form([1 => 'post|corner', 2 => 'sit at ball', 3 => 'shallow 6'], [1 => 'shallow 5'], $order(3, 1),
                back: $back, otherOptional: []),
            new Form([1 => 'post|corner', 2 => 'shallow 6', 3 => 'sit at ball'], [1 => 'shallow 5'], $order(2, 1),
                back: $back, otherOptional: []),
            new Form([1 => 'shallow 6', 2 => 'post|corner'], [1 => 'shallow 5', 2 => 'sit at ball'], $order(1, 1),
                back: $back, otherOptional: []),
            new Form([1 => 'shallow 6', 2 => 'sit at ball'], [1 => 'shallow 5', 2 => 'post|corner'], $order(1, 1),
                back: $back, otherOptional: []),
            new Form([1 => 'post|corner', 2 => 'shallow 6'], [1 => 'sit|post|corner', 2 => 'shallow 5'], $order(2, 2),
                back: $back, otherOptional: []),
            new Form([1 => 'post|corner', 2 => 'sit at ball', 3 => 'shallow 6'], [1 => 'go', 2 => 'shallow 5'],
                ['front 3', 'route sit', 'route post|corner', 'other 2'], otherOptional: [1]),
        ], across: true)];
    }

    /**
     * Those whose order of tests is a rule (CAL-04).
     *
     * @return list<Family>
     */
    private static function tested(): array
    {
        return [
            new Family('post-dig', [new Form([1 => 'post', 2 => 'dig'], [1 => 'shallow'],
                ['front 2', 'front 1', 'other 1'])]),
            new Family('inverted post-dig', [new Form([1 => 'dig', 2 => 'post|seam|choice|bender'], [1 => 'shallow'],
                ['front 2', 'front 1', 'other 1'])], alsoCalled: 'dagger type'),
            new Family('levels', [new Form([1 => 'in', 2 => 'dig 10'], reads: ['front 2', 'front 1'])]),
            new Family('drive', [new Form([1 => 'shallow', 2 => 'dig'], [1 => 'hitch', 2 => 'corner'],
                ['front 1', 'front 2'])]),
            new Family('shallow cross', [
                new Form([2 => 'dig'], [1 => 'shallow'], ['front 2', 'other 1'], otherOptional: []),
                new Form([2 => 'dig'], [2 => 'shallow'], ['front 2', 'other 2'], otherOptional: []),
                new Form([1 => 'dig'], [1 => 'shallow'], ['front 1', 'other 1'], otherOptional: []),
            ], across: true),
        ];
    }

    /** @return list<Family> */
    private static function deep(): array
    {
        return [
            new Family('go-dig', [new Form([1 => 'go', 2 => 'dig at sticks'], reads: ['front 2'])]),
            new Family('scissors', [new Form([1 => 'post', 2 => 'corner'], reads: ['front 2', 'front 1'])]),
            new Family('post-wheel', [
                new Form([1 => 'post', 2 => 'wheel'], reads: ['front 2', 'front 1']),
                new Form([1 => 'post'], reads: ['back', 'front 1'], back: 'wheel'),
            ]),
            new Family('switch verticals', [new Form([1 => 'seam', 2 => 'wheel'], reads: ['front 1', 'front 2'])],
                alsoCalled: 'switch'),
            new Family('double posts', [new Form([1 => 'post', 2 => 'post'], reads: ['front 2', 'front 1'])]),
            new Family('crack-seam-wheel', [
                new Form([1 => 'crack seam', 2 => 'wheel'], reads: ['front 1', 'front 2']),
                new Form([1 => 'crack seam'], reads: ['front 1', 'back'], back: 'wheel'),
            ]),
            new Family('yankee', [
                new Form([1 => 'post'], [1 => 'over'], ['other 1', 'front 1'], otherOptional: []),
                new Form([1 => 'post'], [2 => 'over'], ['other 2', 'front 1'], otherOptional: []),
            ], across: true, alsoCalled: 'post-over', protects: true),
            new Family('deep curls', [new Form([1 => '~curl 16'], [1 => '~curl 16'], ['front 1', 'other 1'],
                otherOptional: [])], across: true),
        ];
    }

    /** @return list<Family> */
    private static function quick(): array
    {
        return [
            new Family('hitches', [new Form([1 => 'hitch', 2 => 'hitch'], [1 => 'hitch', 2 => 'hitch'],
                ['front 1', 'front 2'])]),
            new Family('slant-swing', [new Form([1 => 'slant'], [4 => 'swing|bubble'], ['front 1', 'other 4'],
                otherOptional: [])], across: true, alsoCalled: 'slant with a fast fourth man'),
            new Family('slant-flat', [new Form([1 => 'slant', 2 => 'flat|arrow'], reads: ['front 1', 'front 2'])]),
            new Family('double slants', [new Form([1 => 'slant', 2 => 'slant'], reads: ['front 2', 'front 1'])]),
            new Family('stick', [
                new Form([1 => 'go', 2 => 'flat|arrow', 3 => 'sit|quick out'], [1 => 'slant'], ['front 3', 'front 2']),
                new Form([1 => 'go', 2 => 'sit|quick out'], [1 => 'slant'], ['front 2', 'back'],
                    back: 'flat|arrow|swing'),
            ]),
            new Family('spot', [
                new Form([1 => 'sit', 2 => 'corner', 3 => 'flat|arrow'], reads: ['front 2', 'front 1', 'front 3']),
                new Form([1 => 'sit', 2 => 'corner'], reads: ['front 2', 'front 1', 'back'], back: 'flat|arrow|swing'),
                new Form([1 => 'sit', 2 => 'corner', 3 => 'flat|arrow'], reads: ['front 2', 'front 1'], optional: [3]),
            ]),
            new Family('spot-rub', [new Form([1 => 'sit'], reads: ['back', 'front 1'], back: 'flat|arrow|swing')]),
        ];
    }

    /** @return list<Family> */
    private static function outside(): array
    {
        return [
            new Family('flood', [
                new Form([1 => 'go|post', 2 => 'out 12|corner|comeback', 3 => 'flat|arrow|chip flat'], [1 => 'shallow'],
                    ['front 2', 'front 3', 'other 1']),
                new Form([1 => 'go', 2 => 'out 12|corner'], [1 => 'shallow'], ['front 2', 'back', 'other 1'],
                    back: 'flat|arrow|swing'),
                new Form([1 => 'go', 2 => 'out 12', 3 => 'flat|arrow|chip flat'], [1 => 'shallow'],
                    ['front 2', 'other 1'], optional: [3]),
            ], alsoCalled: 'sail'),
            new Family('smash', [new Form([1 => 'hitch|stop', 2 => 'corner'], reads: ['front 2', 'front 1'])]),
            new Family('curl-flat', [
                new Form([1 => 'curl', 2 => 'flat|arrow'], reads: ['front 1', 'front 2']),
                new Form([1 => 'curl'], reads: ['front 1', 'back'], back: 'flat|arrow|swing'),
            ]),
            new Family('four verticals', [
                new Form([1 => 'go', 2 => 'seam|bender', 3 => 'seam|bender|choice|over across'],
                    [1 => 'go', 2 => 'seam|bender'],
                    ['front 2', 'other 2', 'front 3', 'front 1', 'other 1'], optional: [3]),
            ], across: true),
        ];
    }

    /** @return list<Family> */
    private static function moved(): array
    {
        return [
            new Family('leak', [new Form([1 => 'post'], [1 => 'go'], ['route leak'], any: ['leak across'])],
                from: 'boot flood'),
            new Family('boot flood', [new Form([1 => 'corner', 2 => 'flat'], [1 => 'over 12'],
                ['route flat|slide|chip flat|sneak flat', 'route over'],
                any: ['flat|slide|chip flat|sneak flat|arrow', 'over', 'corner|post|post-corner'],
                roll: new RollRoles('corner 10', 'flat', 'slide', 'over 12', 'post'))], rolls: true),
            new Family('roll-out crossers', [new Form([2 => 'flat'], [1 => 'over'],
                ['route over|shallow', 'route flat|arrow'], any: ['over|shallow', 'flat|arrow|quick out'])],
                rolls: true),
            new Family('short post', [new Form([1 => 'go', 2 => '~post 6'], reads: ['front 2'])]),
        ];
    }

    /**
     * Tested last: each is part of another family's picture.
     *
     * @return list<Family>
     */
    private static function others(): array
    {
        return [
            new Family('spacing', [
                new Form([1 => 'hitch', 2 => 'sit', 3 => 'flat|arrow'], [1 => 'slant'],
                    ['front 2', 'front 1', 'front 3']),
                new Form([1 => 'hitch', 2 => 'sit'], [1 => 'slant'], ['front 2', 'front 1', 'back'],
                    back: 'flat|arrow|swing'),
            ]),
            new Family('quick outs', [new Form([1 => 'quick out', 2 => 'seam'], [1 => 'quick out', 2 => 'seam'],
                ['front 1', 'front 2'])]),
            new Family('hitch-seam', [new Form([1 => 'hitch|stop', 2 => 'seam'], [1 => 'hitch|stop', 2 => 'seam'],
                ['front 1', 'front 2'])]),
            new Family('out-flat', [new Form([1 => 'out', 2 => 'flat|arrow'], reads: ['front 1', 'front 2'])]),
            new Family('fade-flat', [new Form([1 => 'go', 2 => 'flat|arrow'], reads: ['front 1', 'front 2'])]),
            new Family('fade-out', [new Form([1 => 'go', 2 => 'quick out'], [1 => 'go', 2 => 'quick out'],
                ['front 1', 'front 2'])]),
            new Family('texas', [new Form([2 => 'seam|post|corner'], [1 => 'dig'], ['back', 'front 2'],
                back: 'angle')]),
            new Family('comebacks', [new Form([1 => 'comeback', 2 => 'seam'], [1 => 'comeback', 2 => 'seam'],
                ['front 1', 'other 1'])]),
            new Family('curls', [new Form([1 => 'curl', 2 => 'curl|seam'], [1 => 'curl', 2 => 'curl|seam'],
                ['front 1', 'front 2'])]),
        ];
    }
}
