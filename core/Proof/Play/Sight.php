<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

use Jacotaxis\Core\Proof\Scene\Scene;

/** What the defense sees of the routes: with the common reaction, and late across a man's leverage. */
final readonly class Sight
{
    private const BEHIND_BALL_YD = 0.5;

    /**
     * @param  list<string>  $letters
     * @param  list<SeenRoute>  $quick
     * @param  list<SeenRoute>  $slow
     * @param  list<int|null>  $manned  defender who has the receiver man to man
     */
    public function __construct(
        public array $letters,
        public array $quick,
        public array $slow,
        public array $manned,
        public Scene $scene,
        public float $reaction,
    ) {
    }

    /** The routes as seen with a reaction, seconds. @param  list<int|null>  $manned */
    public static function of(Scene $scene, float $reaction, array $manned): self
    {
        $quick = $slow = [];
        foreach ($scene->routes as $route) {
            $quick[] = SeenRoute::of($route, $reaction, 0.0);
            $slow[] = SeenRoute::of($route, $reaction, $scene->setting->hips);
        }

        return new self(array_keys($scene->routes), $quick, $slow, $manned, $scene, $reaction);
    }

    public function index(string $letter): ?int
    {
        $at = array_search($letter, $this->letters, true);

        return $at === false ? null : $at;
    }

    /** The route as a man with a leverage sees it: a break to the side he does not keep comes late. */
    public function by(int $receiver, string $leverage): SeenRoute
    {
        if ($leverage === 'none') {
            return $this->quick[$receiver];
        }
        $run = $this->scene->routes[$this->letters[$receiver]];
        $across = sin(deg2rad($run->break()->toDeg));
        $x = $this->scene->men[$run->letter]->xYd;
        // A back behind the ball has no side of his own: any way is out for him.
        $lateral = abs($x) < self::BEHIND_BALL_YD ? abs($across) : $across * ($x < 0.0 ? -1.0 : 1.0);
        $kept = $leverage === 'outside' ? 1.0 : -1.0;

        return $lateral * $kept < -0.2 ? $this->slow[$receiver] : $this->quick[$receiver];
    }
}
