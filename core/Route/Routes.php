<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Kinematics\CutKind;

/** The catalogue of routes. Depths in yards past the line (common practice). */
final class Routes
{
    /** @var array<string, RouteShape>|null */
    private static ?array $all = null;

    /** @return array<string, RouteShape> by name */
    public static function all(): array
    {
        return self::$all ??= array_column([
            ['hitch', new RouteShape('hitch', Stem::Vertical, 6.0, CutKind::Settle, 0.0, Finish::Settle, inward: true,
                minDepthYd: 2.0, maxDepthYd: 12.0, insideStep: 2)],
            ['curl', new RouteShape('curl', Stem::Vertical, 12.0, CutKind::Drop, 155.0, Finish::ComeBack, inward: true,
                backYd: 2.0, minDepthYd: 6.0, maxDepthYd: 22.0, rhythm: true)],
            ['out', new RouteShape('out', Stem::Vertical, 10.0, CutKind::Drop, 90.0, Finish::Run, minDepthYd: 3.0,
                maxDepthYd: 20.0, rhythm: true)],
            ['dig', new RouteShape('dig', Stem::Vertical, 12.0, CutKind::Speed, 90.0, Finish::Run, inward: true,
                minDepthYd: 6.0, maxDepthYd: 22.0)],
            ['corner', new RouteShape('corner', Stem::Vertical, 10.0, CutKind::Drop, 45.0, Finish::Run, deep: true,
                minDepthYd: 4.0, slotS: 0.9)],
            ['post', new RouteShape('post', Stem::Vertical, 11.0, CutKind::Speed, 30.0, Finish::Run, inward: true,
                deep: true, minDepthYd: 4.0, threatensS: 0.5, threatensFromYd: 8.0)],
            ['seam', new RouteShape('seam', Stem::Landmark, 10.0, CutKind::Bend, 0.0, Finish::Run, deep: true,
                minDepthYd: 6.0)],
            ['go', new RouteShape('go', Stem::Vertical, 14.0, CutKind::Bend, 3.0, Finish::Run, deep: true,
                minDepthYd: 6.0)],
            ['shallow', new RouteShape('shallow', Stem::Across, 5.0, CutKind::Speed, 90.0, Finish::Run, inward: true,
                maxDepthYd: 8.0)],
            ['slant', new RouteShape('slant', Stem::Vertical, 3.0, CutKind::Speed, 50.0, Finish::Run, inward: true,
                maxDepthYd: 6.0)],
            ['quick out', new RouteShape('quick out', Stem::Vertical, 5.0, CutKind::Speed, 90.0, Finish::Run,
                minDepthYd: 3.0, maxDepthYd: 8.0, rhythm: true)],
            ['in', new RouteShape('in', Stem::Vertical, 5.0, CutKind::Speed, 90.0, Finish::Run, inward: true,
                minDepthYd: 3.0, maxDepthYd: 9.0, slotS: 0.8, threatensS: 0.6)],
            ['stop', new RouteShape('stop', Stem::Vertical, 9.0, CutKind::Settle, 0.0, Finish::Settle, inward: true,
                minDepthYd: 6.0, maxDepthYd: 14.0, insideStep: 3)],
            ['now hitch', new RouteShape('now hitch', Stem::Vertical, 5.0, CutKind::Settle, 0.0, Finish::Settle,
                inward: true, minDepthYd: 3.0, maxDepthYd: 7.0, counted: true, leadS: 0.35)],
            ['comeback', new RouteShape('comeback', Stem::Vertical, 16.0, CutKind::Drop, 150.0, Finish::ComeBack,
                backYd: 2.0, minDepthYd: 8.0, maxDepthYd: 22.0, rhythm: true)],
            ['over', new RouteShape('over', Stem::Vertical, 10.0, CutKind::Speed, 68.0, Finish::Run, inward: true,
                minDepthYd: 6.0, maxDepthYd: 18.0, slotS: 0.6, threatensS: 0.3, passesYd: [12.5, 5.0])],
            ['bender', new RouteShape('bender', Stem::Landmark, 12.0, CutKind::Speed, 25.0, Finish::Run, deep: true,
                minDepthYd: 8.0)],
            ['sit', new RouteShape('sit', Stem::Inside, 5.5, CutKind::Settle, 0.0, Finish::Settle, inward: true,
                minDepthYd: 3.0, maxDepthYd: 9.0)],
            ['wheel', new RouteShape('wheel', Stem::Wheel, 2.0, CutKind::Speed, 0.0, Finish::Run, deep: true,
                minDepthYd: 1.0, maxDepthYd: 5.0, slotS: 0.9)],
            ['arrow', new RouteShape('arrow', Stem::ToFlat, 3.0, CutKind::Speed, 84.0, Finish::Run, maxDepthYd: 5.0,
                leadS: 0.1)],
            ['swing', new RouteShape('swing', Stem::ToFlat, 0.0, CutKind::Speed, 90.0, Finish::Run, minDepthYd: -2.0,
                maxDepthYd: 2.0, leadS: 0.1)],
            ['bubble', new RouteShape('bubble', Stem::ToFlat, -1.0, CutKind::Speed, 90.0, Finish::Run, minDepthYd: -2.0,
                maxDepthYd: 1.0, counted: true)],
            ['flat', new RouteShape('flat', Stem::ToFlat, 4.0, CutKind::Speed, 84.0, Finish::Run, maxDepthYd: 7.0,
                leadS: 0.1)],
            ['choice', new RouteShape('choice', Stem::Vertical, 6.0, CutKind::Settle, 0.0, Finish::Settle, inward: true,
                minDepthYd: 4.0, maxDepthYd: 9.0)],
            ['slide', new RouteShape('slide', Stem::Behind, 2.5, CutKind::Speed, 90.0, Finish::Settle, inward: true,
                minDepthYd: 0.0, maxDepthYd: 5.0, sellS: 0.4)],
            ['sneak flat', new RouteShape('sneak flat', Stem::Through, 3.0, CutKind::Speed, 90.0, Finish::Settle,
                inward: true, minDepthYd: 1.0, maxDepthYd: 6.0, sellS: 0.6)],
            ['chip flat', new RouteShape('chip flat', Stem::ToFlat, 3.0, CutKind::Speed, 84.0, Finish::Settle,
                maxDepthYd: 6.0, sellS: 0.6)],
            ['crack seam', new RouteShape('crack seam', Stem::Crack, 4.0, CutKind::Plant, 0.0, Finish::Run,
                inward: true, deep: true, minDepthYd: 2.0, maxDepthYd: 9.0, threatensS: 0.5)],
            ['leak', new RouteShape('leak', Stem::Late, 9.0, CutKind::Bend, 20.0, Finish::Run, inward: true, deep: true,
                minDepthYd: 5.0, maxDepthYd: 16.0, sellS: 1.2, leadS: 0.9)],
            ['post-corner', new RouteShape('post-corner', Stem::Double, 10.0, CutKind::Drop, 45.0, Finish::Run,
                deep: true, minDepthYd: 5.0, maxDepthYd: 16.0, fakeDeg: -30.0)],
            ['corner-post', new RouteShape('corner-post', Stem::Double, 10.0, CutKind::Drop, 30.0, Finish::Run,
                inward: true, deep: true, minDepthYd: 5.0, maxDepthYd: 16.0, fakeDeg: -45.0)],
            ['hitch-go', new RouteShape('hitch-go', Stem::Double, 5.5, CutKind::Plant, 0.0, Finish::Run, inward: true,
                deep: true, minDepthYd: 3.0, maxDepthYd: 12.0, fakeDeg: 20.0)],
            ['slant-go', new RouteShape('slant-go', Stem::Double, 3.0, CutKind::Plant, 0.0, Finish::Run, inward: true,
                deep: true, minDepthYd: 2.0, maxDepthYd: 6.0, fakeDeg: 50.0)],
            ['whip', new RouteShape('whip', Stem::Double, 3.0, CutKind::Plant, 95.0, Finish::Run, minDepthYd: 2.0,
                maxDepthYd: 7.0, fakeDeg: -65.0)],
            ['angle', new RouteShape('angle', Stem::Double, 2.5, CutKind::Plant, 50.0, Finish::Run, inward: true,
                minDepthYd: 1.0, maxDepthYd: 6.0, fakeDeg: -60.0)],
            ['back shoulder', new RouteShape('back shoulder', Stem::Vertical, 14.0, CutKind::Settle, 0.0,
                Finish::Settle, minDepthYd: 8.0, maxDepthYd: 22.0, rhythm: true)],
            ['out-up', new RouteShape('out-up', Stem::Double, 5.0, CutKind::Plant, 0.0, Finish::Run, deep: true,
                minDepthYd: 3.0, maxDepthYd: 12.0, fakeDeg: 80.0)],
        ], 1, 0);
    }

    public static function has(string $name): bool
    {
        return isset(self::all()[$name]);
    }

    public static function get(string $name): RouteShape
    {
        return self::all()[$name] ?? throw UnknownRoute::named($name, array_keys(self::all()));
    }
}
