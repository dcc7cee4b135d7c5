<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RunRoute;

/** A call and a look standing on the field: the twenty-two spots, the count and the timed routes. */
final readonly class Scene
{
    /**
     * @param  array<string, Man>  $men
     * @param  list<Defender>  $defenders
     * @param  array<string, RunRoute>  $routes
     */
    private function __construct(
        public Call $call,
        public Look $look,
        public Setting $setting,
        public PlayFrame $frame,
        public array $men,
        public ReceiverCount $count,
        public Side $strong,
        public array $defenders,
        public array $routes,
        public Footwork $drop,
    ) {
    }

    public static function of(Call $call, Look $look, Setting $setting): self
    {
        $frame = $setting->situation->frame();
        $men = $call->men($frame);
        $count = ReceiverCount::of($men);
        $strong = $count->strength($setting->situation->hash, $call->side);
        $law = $setting->level->receiver();
        $routes = [];
        foreach ($call->routes as $letter => $spec) {
            $routes[$letter] = RouteRunner::path($men[$letter], $spec, $frame, $law);
        }

        return new self($call, $look, $setting, $frame, $men, $count, $strong,
            Alignment::of($look, $men, $count, $frame, $strong), $routes, $call->drop ?? self::drop($call, $routes));
    }

    /** Where the quarterback throws from. @return array{float, float} */
    public function launch(): array
    {
        $q = $this->men['Q'];

        return [$q->xYd, $q->yYd - $this->drop->depthYd()];
    }

    /**
     * The drop that fits the first two reads; nobody drops deeper than five steps for them unless the call says so.
     *
     * @param  array<string, RunRoute>  $routes
     */
    private static function drop(Call $call, array $routes): Footwork
    {
        $breaks = [];
        foreach (array_slice($call->reads, 0, 2) as $letter) {
            $breaks[] = $routes[$letter]->break()->t;
        }
        $fitting = $breaks === [] ? Footwork::Three : Footwork::fitting(max($breaks));

        return $fitting === Footwork::Seven ? Footwork::Five : $fitting;
    }
}
