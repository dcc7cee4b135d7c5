<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\PathBuilder;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\School\Schools;

/**
 * How a receiver gets past a man in his face (REL-01): side and distance of the aim, set-up, read point, the answer to
 * what the defender does, finish. Yards and seconds; times are product defaults.
 */
final readonly class Release
{
    /** A route that breaks at most this deep, or runs inside at once, is its own way back from the fake, yards. */
    private const SHORT_YD = 4.0;

    /** What the man in his face may do, and the seconds the planned answer costs on top of the set-up. */
    public const REACTIONS = ['sits' => 0.0, 'jumps' => -0.05, 'hesitates' => -0.1, 'bails' => -9.0, 'jams' => 0.25];

    /**
     * Reaction of the man in his face => for how long he does it, his speed sideways toward the aim and upfield as
     * shares (product defaults).
     */
    private const FIRST = ['sits' => [1.2, 0.0, 0.0], 'jumps' => [0.7, 0.9, 0.0], 'hesitates' => [0.9, 0.0, 0.0],
        'bails' => [0.5, 0.0, 0.7], 'jams' => [0.6, 0.1, -0.1]];

    /** Forward yards at the aim point, and where he is back on his line. */
    private const AIM_DEPTH_YD = 0.8;

    private const BACK_DEPTH_YD = 4.0;

    /** How far to the other side he wins when the man jumps out, yards. */
    private const COUNTER_YD = 1.0;

    /** A gap at most this wide is tight: two quicks do; wider asks for two full steps, yards and seconds. */
    private const TIGHT_YD = 1.6;

    private const QUICKS_S = 0.2;

    private const FULL_S = 0.3;

    private const COUNTER_S = 0.15;

    private function __construct(
        public string $purpose,
        public Side $aim,
        public float $aimYd,
        public string $steps,
        public float $setUpS,
        public string $reads,
        public string $finish,
        public string $reaction,
        public string $leverage,
        /** Whether the route breaks to the sideline on the side he has won (REL-08). */
        private bool $rides,
    ) {
    }

    /** The plan against a man who reacts so, or null: he gives ground and nothing is needed. */
    public static function against(RouteSpec $route, Facing $facing, Schools $schools, string $reaction = 'sits'): ?self
    {
        $plan = self::plan($route, $facing, $schools, $reaction);

        return $reaction === 'bails' ? null : $plan;
    }

    public static function plan(RouteSpec $route, Facing $facing, Schools $schools, string $reaction = 'sits'): self
    {
        $home = $facing->man->side();
        $leverage = $facing->leverage === 'outside' ? $home : $home->opposite();
        $shape = $route->shape();
        $goes = $route->side ?? ($shape->inward ? $home->opposite() : $home);
        $side = match (true) {
            $route->release !== null => $route->release === 'outside' ? $home : $home->opposite(),
            $schools->is('SET-03', 'B') => $goes->opposite(),
            default => $leverage,
        };
        $tight = $facing->cushionYd <= self::TIGHT_YD;
        $purpose = self::purpose($route);
        [$steps, $time] = match (true) {
            $purpose === 'vertical' && $schools->is('SET-01', 'B') => ['none sideways, off the ball and up', 0.0],
            $schools->is('SET-04', 'B') => ['one step the wrong way, then bump back', self::COUNTER_S],
            $schools->is('SET-04', 'C') || ! $tight => ['two full open steps', self::FULL_S],
            default => ['two quicks', self::QUICKS_S],
        };

        return new self(
            purpose: $purpose,
            aim: $side,
            aimYd: match ($schools->choice('SET-02')) {
                'B' => 1.0,
                'C' => 0.5,
                default => 1.5,
            },
            steps: $steps,
            setUpS: max(0.0, $time + self::REACTIONS[$reaction]),
            reads: $schools->is('SET-06', 'B') ? 'his shoulders' : 'his hips',
            finish: match ($purpose) {
                'vertical' => 'stack on top of him, then regain width',
                'stop' => $schools->is('SET-09', 'B')
                    ? 'win clean, then break'
                    : 'stay on his inside hip without a gap and throw him by at the break',
                default => 'back on the line of the stem',
            },
            reaction: $reaction,
            leverage: $facing->leverage,
            rides: $shape->deep && $goes === $home && $side === $home && $shape->angleDeg > 20.0,
        );
    }

    /**
     * What the man in his face does first.
     *
     * @return array{float, float, float} seconds, share of his speed sideways, share upfield
     */
    public static function firstStep(string $reaction): array
    {
        return self::FIRST[$reaction] ?? [0.0, 0.0, 0.0];
    }

    /** Seconds from the snap until he is past the man, on his own line again. */
    public function pastAt(RunRoute $run): float
    {
        foreach ($run->path->y as $i => $y) {
            if ($y - $run->path->y[0] >= self::BACK_DEPTH_YD) {
                return $i * Path::STEP;
            }
        }

        return (Path::STEPS - 1) * Path::STEP;
    }

    /** Cuts a release puts in front of those of a route. */
    public static function cuts(RouteSpec $route): int
    {
        return self::isShort($route) ? 1 : 2;
    }

    private static function isShort(RouteSpec $route): bool
    {
        return $route->shape()->stem === Stem::Across ||
            ($route->shape()->stem === Stem::Vertical &&
                ! $route->shape()->straight() &&
                $route->depth() <= self::SHORT_YD);
    }

    /** Puts the first steps in front of a path. */
    public function start(PathBuilder $build, Man $man, RouteSpec $route): void
    {
        if (self::isShort($route)) {
            $build
                ->to($man->xYd + 0.5 * $this->aim->sign() * $this->aimYd, $man->yYd + 0.5 * self::AIM_DEPTH_YD)
                ->cut(CutKind::Plant);

            return;
        }
        $away = $this->reaction === 'jumps' ? self::COUNTER_YD : 0.0;
        $build->to($man->xYd + $this->aim->sign() * $this->aimYd, $man->yYd + self::AIM_DEPTH_YD)->cut(CutKind::Plant)
            ->to($man->xYd - $this->aim->sign() * $away, $man->yYd + self::BACK_DEPTH_YD)->cut(CutKind::Bend);
    }

    /**
     * What he does about each reaction (REL-05 to REL-07).
     *
     * @return array<string, string>
     */
    public function answers(Schools $schools): array
    {
        $away = $this->leverage === 'outside' ? 'inside' : 'outside';
        $hands = match (true) {
            $schools->isFor('SET-05', 'B', 'A') => 'slip him by the feet',
            $this->purpose === 'vertical' => 'rip: the outside arm under',
            default => 'chop the punching arm, then clear the other',
        };

        $sits = $this->rides
            ? 'leverage is captured: two quicks inside first, or he rides you into the sideline'
            : "leverage is captured: two quicks $away, then speed by him";

        return [
            'sits' => $sits,
            'jumps' => "he is off balance: win $away",
            'hesitates' => 'the same two quicks, then speed',
            'bails' => 'no more steps sideways: eat the ground, chase his hip',
            'jams' => $hands,
        ];
    }

    private static function purpose(RouteSpec $route): string
    {
        $shape = $route->shape();

        return match (true) {
            $shape->deep => 'vertical',
            $route->finish() !== Finish::Run && $route->depth() >= 8.0 => 'stop',
            default => 'break',
        };
    }
}
