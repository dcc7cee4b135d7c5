<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth\Catalogue;

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Truth\Truth;
use Jacotaxis\Core\Truth\Want;

/** What the trade says of passes, good and bad (common practice, no source). */
final class Passes
{
    /** @return list<Truth> */
    public static function all(): array
    {
        return [
            ...self::highLow(),
            ...self::deep(),
            ...self::crossers(),
            ...self::man(),
            ...self::bad(),
            ...self::good(),
        ];
    }

    /** @return list<Truth> */
    private static function highLow(): array
    {
        return [
            Truth::of(
                '1 smash against cover 2',
                Want::bound()->key('{side} corner')->throws('corner', 'hitch'),
                'gun {set} {side}: smash {side}',
                ['2x2', '2x2 wide'],
                ['cover 2'],
            ),
            Truth::of(
                '1 smash from three, a clear-out inside',
                Want::good()->throws('corner'),
                'gun {set} {side}: smash {side}',
                ['trips', 'trey'],
                ['cover 2'],
            ),
            Truth::of(
                '1 smash, the depth of the corner route',
                Want::bound()->key('{side} corner'),
                'gun 2x2 {side}: smash {side}; #2 {side} corner {yd}',
                ['2x2'],
                ['cover 2'],
            )
                ->depths('9', '9.5', '10', '10.5', '11', '11.5', '12')
                ->middle(),
            Truth::of(
                '2 smash against cover 1',
                Want::anything()->throws('corner'),
                'gun {set} {side}: smash {side}',
                ['2x2', 'trey', '2x2 wide'],
                ['cover 1'],
            ),
            Truth::of(
                '2 smash against quarters',
                Want::anything()->throws('hitch')->shuts('corner'),
                'gun {set} {side}: smash {side}',
                ['2x2', 'trips', 'trey', '2x2 wide'],
                ['cover 4'],
            ),
            Truth::of(
                '2 smash against cover 3: the corner route is capped',
                Want::anything()->shuts('corner'),
                'gun {set} {side}: smash {side}',
                ['2x2', 'trips', 'trey'],
                ['cover 3'],
            ),
            Truth::of(
                '5 curl-flat against cover 3',
                Want::bound()->key('curl to flat')->throws('curl', 'flat'),
                'gun {set} {side}: curl-flat {side}',
                ['2x2', 'trips', 'trey', '2x2 wide'],
                ['cover 3'],
            ),
            Truth::of(
                '5 curl-flat, the depth of the flat',
                Want::bound()->key('curl to flat'),
                'gun 2x2 {side}: curl-flat {side}; #2 {side} flat {yd}',
                ['2x2'],
                ['cover 3'],
            )
                ->depths('2.5', '2.75', '3', '3.25', '3.5', '4', '4.5', '5')
                ->middle(),
            Truth::of(
                '5 flood against cover 3',
                Want::good()->key('curl to flat', '{side} corner')->throws('flat'),
                'gun {set} {side}: flood {side}',
                ['trips', 'trey', 'bunch'],
                ['cover 3'],
            ),
            Truth::of(
                '7 slant-flat against a hard corner',
                Want::notCovered()->key('{side} corner')->throws('slant', 'flat'),
                'gun {set} {side}: slant-flat {side}',
                ['2x2', 'trips', 'trey', '2x2 wide'],
                ['cover 2'],
            ),
            Truth::of(
                '8 stick against cover 3',
                Want::good()->key('hook', 'flat'),
                'gun {set} {side}: stick {side}',
                ['trips', 'trey', 'bunch'],
                ['cover 3'],
            ),
            Truth::of(
                '8 stick against quarters',
                Want::good()->key('hook', 'flat'),
                'gun {set} {side}: stick {side}',
                ['trips', 'trey'],
                ['cover 4'],
            ),
            Truth::of(
                '8 stick against five under: the sit is there',
                Want::notCovered()->throws('sit'),
                'gun {set} {side}: stick {side}',
                ['trips', 'trey'],
                ['cover 2'],
            ),
        ];
    }

    /** @return list<Truth> */
    private static function deep(): array
    {
        return [
            Truth::of(
                '3 four verticals against cover 3',
                Want::bound()->key('free safety')->throws('seam'),
                'gun {set}: four verticals',
                ['2x2', '2x2 wide', '2x2 left'],
                ['cover 3'],
            ),
            Truth::of(
                '3 four verticals from trips and stacks against cover 3',
                Want::good()->key('free safety'),
                'gun {set} {side}: four verticals',
                ['trips', 'trey', 'stack'],
                ['cover 3'],
            ),
            Truth::of(
                '3 four verticals against quarters: not good',
                Want::notGood(),
                'gun {set}: four verticals',
                ['2x2', '2x2 wide', 'trips right', 'trips left', 'trey right'],
                ['cover 4'],
            ),
            Truth::of(
                '4 post-dig against quarters',
                Want::bound()->key('safety')->throws('post', 'dig'),
                'gun {set} {side}: post-dig {side}',
                ['2x2', 'trips', '2x2 wide'],
                ['cover 4'],
            ),
            Truth::of(
                '4 post-dig, the depth of the dig',
                Want::bound()->key('safety'),
                'gun 2x2 {side}: post-dig {side}; #2 {side} dig {yd}',
                ['2x2'],
                ['cover 4'],
            )
                ->depths('11', '11.5', '12', '12.5', '13', '13.5', '14')
                ->middle(),
            Truth::of(
                '4 post-dig against cover 3: the post is capped',
                Want::anything()->shuts('post'),
                'gun {set} {side}: post-dig {side}',
                ['2x2', 'trips', 'trey'],
                ['cover 3'],
            ),
            Truth::of(
                '21 scissors against quarters',
                Want::good()->key('safety', '{side} corner'),
                'gun {set} {side}: scissors {side}',
                ['2x2', '2x2 wide', 'trips'],
                ['cover 4'],
            ),
            Truth::of(
                '21 post-wheel against cover 3',
                Want::notCovered()->throws('wheel'),
                'gun {set} {side}: post-wheel {side}',
                ['2x2', '2x2 wide', 'trips'],
                ['cover 3'],
            ),
        ];
    }

    /** @return list<Truth> */
    private static function crossers(): array
    {
        return [
            Truth::of(
                '6 mesh against man',
                Want::notCovered()->throws('shallow|wheel|sit'),
                'gun {set} {side}: mesh {side}',
                ['2x2', 'trips', 'bunch', 'trey'],
                ['cover 1'],
            ),
            Truth::of(
                '6 mesh against zone: the sit',
                Want::good()->opens('sit'),
                'gun {set} {side}: mesh {side}',
                ['2x2', 'trips', 'bunch', 'trey'],
                ['cover 3', 'cover 2'],
            ),
            Truth::of(
                '9 drive against cover 3',
                Want::bound()->key('hook')->throws('dig', 'shallow'),
                'gun {set} {side}: drive {side}',
                ['2x2', 'trey'],
                ['cover 3'],
            ),
            Truth::of(
                '9 drive against quarters and wide splits',
                Want::notCovered()->throws('shallow'),
                'gun {set} {side}: drive {side}',
                ['2x2', '2x2 wide', 'trips'],
                ['cover 4', 'cover 6'],
            ),
            Truth::of(
                '9 drive against five under',
                Want::notCovered()->key('hook', 'middle', 'curl to flat'),
                'gun {set} {side}: drive {side}',
                ['2x2', '2x2 wide', 'trips'],
                ['cover 2', 'tampa 2'],
            ),
            Truth::of(
                '9 drive from trips',
                Want::good()->key('hook', 'middle', 'curl to flat'),
                'gun trips {side}: drive {side}',
                ['trips'],
                ['cover 3'],
            ),
            Truth::of(
                '9 levels against cover 3',
                Want::notCovered()->key('hook'),
                'gun {set} {side}: levels {side}',
                ['2x2', '2x2 wide', 'trey'],
                ['cover 3'],
            ),
            Truth::of(
                '19 the flat pulls the double onto #1',
                Want::notCovered(),
                'gun 2x2: #2 right flat, #1 right dig 12, X dig 14; read Z, X',
                ['2x2'],
                ['cover 6'],
            )->hash(Hash::Left),
        ];
    }

    /** @return list<Truth> */
    private static function man(): array
    {
        return [
            Truth::of(
                '7 slant-flat against man: the rub',
                Want::good(),
                'gun {set} {side}: slant-flat {side}',
                ['2x2', 'stack', 'bunch'],
                ['cover 1'],
            ),
            Truth::of(
                '23 crossers against 2-man',
                Want::notCovered(),
                'gun {set} {side}: mesh {side}',
                ['2x2', 'trips', 'trey'],
                ['2-man'],
            ),
            Truth::of(
                '23 slant against press in cover 0',
                Want::notCovered()->throws('slant'),
                'gun {set}: Z slant, H go clear, X slant, Y go clear; read Z, X',
                ['2x2 right', '2x2 left'],
                ['cover 0, six rush, corners press'],
            ),
            Truth::of(
                '23 an out-break against an inside trail',
                Want::notCovered(),
                'gun 2x2 right: Z out {yd}, H seam clear; X go clear, Y seam clear; read Z',
                ['2x2'],
                ['2-man'],
            )->depths('8', '9', '10', '11', '12'),
            Truth::of(
                '13 no five-step read against six rushers',
                Want::notGood(),
                'gun empty {side}, five: post-dig {side}',
                ['empty'],
                ['cover 0, six rush'],
            ),
        ];
    }

    /** @return list<Truth> */
    private static function bad(): array
    {
        $alone = fn (string $route): string => "gun 2x2 right: Z $route, H seam clear; X go clear, Y seam clear; "
            .'read Z';
        $other = fn (
            string $route,
        ): string => "gun trips left: X $route; Z go clear, H seam clear, Y flat clear; read X";
        $bad = fn (string $name, string $route, string ...$shells): Truth => Truth::of(
            "22 $name: not good",
            Want::notGood(),
            $alone($route),
            ['2x2'],
            array_values($shells),
        )->andCalls($other($route));

        return [
            $bad('a hitch into press', 'hitch 6', 'cover 1, corners press'),
            $bad('a hitch into a squat corner', 'hitch 6', 'cover 2'),
            $bad('a hitch into 2-man', 'hitch 6', '2-man'),
            $bad('a curl into 2-man', 'curl 12', '2-man'),
            $bad('a quick out into a cloud corner', 'quick out 5', 'cover 2'),
            $bad('an out into a cloud corner', 'out 10', 'cover 2'),
            $bad('a comeback into a cloud corner', 'comeback 16', 'cover 2'),
            $bad('a slant into 2-man', 'slant', '2-man'),
            $bad('a dig into 2-man', 'dig 12', '2-man'),
            $bad('a dig into inside leverage', 'dig 12', 'cover 1'),
            $bad('a curl under a sinking corner', 'curl 12', 'cover 2'),
            Truth::of('22 a lone post under a middle safety: not good', Want::notGood(),
                'gun 2x2 right: Z post, H flat clear; X hitch clear, Y flat clear; read Z', ['2x2'],
                ['cover 3', 'cover 1'])
                ->andCalls('gun trips left: X post; Z hitch clear, H hitch 6 clear, Y flat clear; read X'),
            Truth::of('22 a lone seam under a middle safety: not good', Want::notGood(),
                'gun 2x2 right: H seam, Z hitch clear; X hitch clear, Y flat clear; read H', ['2x2'], ['cover 3'])
                ->fronts('4-2 nickel', '3-4'),
            Truth::of('22 a lone go against quarters: not good', Want::notGood(),
                'gun 2x2 right: Z go, H flat clear; X hitch clear, Y flat clear; read Z', ['2x2'],
                ['cover 4', 'cover 3']),
            Truth::of('22 a lone dig through a hook man: not good', Want::notGood(),
                'gun 2x2 right: H dig {yd}, Z go clear; X go clear, Y seam clear; read H', ['2x2'], ['cover 3'])
                ->depths('9', '9.5', '10', '10.5', '11', '11.5', '12'),
            Truth::of('22 a lone dig into a robber: not good', Want::notGood(),
                'gun 2x2 right: H dig {yd}, Z go clear; X go clear, Y go clear; read H', ['2x2'], ['cover 1 robber'])
                ->depths('10', '11', '12', '13'),
            Truth::of('22 two short men before one flat corner: not good', Want::notGood(),
                'gun 2x2 right: Z quick out 5, H flat; X go clear, Y seam clear; read Z, H', ['2x2'], ['cover 2']),
            Truth::of('22 a bubble into equal numbers: not good', Want::notGood(),
                'gun 2x2 {side}: #2 {side} bubble {side}; #1 {side} go clear; #1 {other} go clear, #2 {other} seam '
                    .'clear; read #2 {side}', ['2x2'], ['cover 2']),
            Truth::of('22 four verticals on the four: not good', Want::notGood(), 'gun {set}: four verticals',
                ['2x2', 'trips right'], ['cover 4', 'cover 3', 'cover 2'])->in('1st & goal, ball on +4'),
            Truth::of('22 the post runs out of field', Want::anything()->shuts('post'),
                'gun 2x2 {side}: post-dig {side}', ['2x2'], ['cover 4'])->in('1st & goal, ball on +5'),
            Truth::of('22 stick on third and fifteen: not good', Want::notGood(), 'gun trips {side}: stick {side}',
                ['trips'], ['cover 3', 'cover 4'])->in('3rd & 15, ball on -35'),
            Truth::of('22 quick game on third and thirteen: not good', Want::notGood(), 'gun 2x2: slant-flat both',
                ['2x2'], ['cover 4', 'cover 3'])->in('3rd & 13, ball on -35'),
        ];
    }

    /** @return list<Truth> */
    private static function good(): array
    {
        return [
            Truth::of(
                '23 a quick out under an off man inside',
                Want::good(),
                'gun 2x2 right: Z quick out {yd}, H seam clear; X go clear, Y seam clear; read Z',
                ['2x2'],
                ['cover 1'],
            )->depths('4', '5', '6'),
            Truth::of(
                '23 hitches against soft thirds',
                Want::good()->throws('hitch'),
                'gun {set}: hitches both',
                ['2x2', '2x2 wide'],
                ['cover 3'],
            ),
        ];
    }
}
