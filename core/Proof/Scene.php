<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Aligning\Aligned;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RunRoute;

/** A call and a look standing on the field: the twenty-two spots, the count and the timed routes. */
final readonly class Scene
{
    /**
     * @param  array<string, Man>  $men  at the snap
     * @param  list<Defender>  $defenders  at the snap
     * @param  array<string, RunRoute>  $routes
     */
    private function __construct(
        public Call $call,
        public Look $look,
        public Setting $setting,
        public PlayFrame $frame,
        public Snap $snap,
        public Lineup $before,
        public Lineup $lineup,
        public array $men,
        public ReceiverCount $count,
        public Side $strong,
        public Aligned $aligned,
        public array $defenders,
        public array $routes,
        public Footwork $drop,
    ) {
    }

    public static function of(Call $call, Look $look, Setting $setting): self
    {
        $situation = $setting->situation;
        $frame = $situation->frame();
        $snap = $call->snap($frame, $setting->clock());
        $lineup = Lineup::of($snap->men, $frame, $situation->hash, $call->formation->side);
        $before = $call->motions === [] ? $lineup : Lineup::of($snap->before, $frame, $situation->hash, $call->formation->side);
        $routes = [];
        foreach ($call->routes as $letter => $spec) {
            $routes[$letter] = RouteRunner::path($snap->men[$letter], $spec, $frame, $setting->law($letter));
        }
        $aligned = Alignment::of($look, $lineup, $before);

        return new self($call, $look, $setting, $frame, $snap, $before, $lineup, $snap->men, $lineup->count, $lineup->strong,
            $aligned, $aligned->defenders, $routes, $call->drop ?? self::drop($call, $routes));
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
