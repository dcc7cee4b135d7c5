<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Route\Stem;

/** What the defense sees of the routes: with the common reaction, and late across a man's leverage. */
final readonly class Sight
{
    private const BEHIND_BALL_YD = 0.5;

    /**
     * How much later a man without help behind him leaves the vertical for a break, seconds (settled by the truths).
     */
    private const HONOURS_S = 0.2;

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

    /**
     * The routes as seen with a reaction, seconds.
     *
     * @param  list<int|null>  $manned
     */
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

    /** The route as the man who has it alone sees it: with nobody deep behind him he honours the go a beat longer. */
    public function alone(int $receiver, string $leverage): SeenRoute
    {
        $run = $this->scene->routes[$this->letters[$receiver]];
        $helped =
            array_filter($this->scene->defenders, fn (Defender $d): bool => $d->job->kind === JobKind::Deep) !== [];
        if ($helped || $run->spec->shape()->stem !== Stem::Vertical) {
            return $this->by($receiver, $leverage);
        }
        $turns = $this->crosses($receiver, $leverage) ? $this->scene->setting->hips : 0.0;

        return SeenRoute::of($run, $this->reaction, $turns + self::HONOURS_S);
    }

    /** The route as a man with a leverage sees it: a break to the side he does not keep comes late. */
    public function by(int $receiver, string $leverage): SeenRoute
    {
        return $this->crosses($receiver, $leverage) ? $this->slow[$receiver] : $this->quick[$receiver];
    }

    /** Whether the break goes to the side that leverage does not keep. */
    private function crosses(int $receiver, string $leverage): bool
    {
        if ($leverage === 'none') {
            return false;
        }
        $run = $this->scene->routes[$this->letters[$receiver]];
        $across = sin(deg2rad($run->break()->toDeg));
        $x = $this->scene->men[$run->letter]->xYd;
        // A back behind the ball has no side of his own: any way is out for him.
        $lateral = abs($x) < self::BEHIND_BALL_YD ? abs($across) : $across * ($x < 0.0 ? -1.0 : 1.0);
        $kept = $leverage === 'outside' ? 1.0 : -1.0;

        return $lateral * $kept < -0.2;
    }
}
