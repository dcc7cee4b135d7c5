<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Footwork;

/** Rushers against protectors: who comes free, from which side and when, and who is hot then. Seconds from the snap. */
final readonly class Protection
{
    /** As near as this a free man hurries the throw, yards (product default). */
    private const HURRY_YD = 2.0;

    /** Protectors more than rushers for whom the pocket is reckoned: a free helper and a back who checks. */
    private const USUAL_SPARE = 2;

    /** How much surer every further double team makes the pocket, seconds (product default). */
    private const DOUBLE_BUYS_S = 0.3;

    private function __construct(
        public int $rushers,
        public int $protectors,
        /** Role of the first free rusher, or null. */
        public ?string $free,
        public ?Side $freeSide,
        public float $arrivalAt,
        /** Letter of the man who gets the ball when somebody is free, or null. */
        public ?string $hot,
    ) {
    }

    public static function of(Scene $scene): self
    {
        $rushers = count(array_filter($scene->defenders, fn (Defender $d): bool => $d->rushes()));
        $protectors =
            5 +
            count(
                array_filter(
                    $scene->lineup->eligible(),
                    fn (string $l): bool => $l !== $scene->passer()
                        && (! isset($scene->call->routes[$l]) || $scene->call->routes[$l]->checks),
                ),
            );
        [$qx, $qy] = $scene->launch();
        $first = null;
        $at = INF;
        foreach ($scene->pickup->free as $free) {
            $way = hypot($free->xYd - $qx, $free->yYd - $qy) - self::HURRY_YD;
            $time = $scene->setting->level->of($free->group)->time(max(0.1, $way));
            [$first, $at] = $time < $at ? [$free, $time] : [$first, $at];
        }
        if ($first === null) {
            return new self($rushers, $protectors, null, null, $scene->pocket(), null);
        }
        $side = Side::ofX($first->xYd);

        return new self(
            $rushers,
            $protectors,
            $first->role,
            $side,
            min($at, $scene->pocket()),
            $scene->call->hot ?? self::hotOn($scene, $side),
        );
    }

    /** The protection of a roll when a man meets the passer at a moment, or nobody does before the pocket is gone. */
    public static function meeting(Scene $scene, ?string $role, Side $side, float $at): self
    {
        $usual = self::of($scene);

        return new self(
            $usual->rushers,
            $usual->protectors,
            $role,
            $role === null ? null : $side,
            $at,
            $role === null ? null : $scene->call->hot ?? self::hotOn($scene, $side),
        );
    }

    /**
     * Without a word the earliest-breaking numbered or check route on the free man's side. A crosser is on the side he
     * runs into (MSH-14); where nobody else is, one who only starts there.
     */
    private static function hotOn(Scene $scene, Side $side): ?string
    {
        $first = [];
        foreach ($scene->routes as $letter => $run) {
            $named = in_array($letter, $scene->reads, true) || $run->spec->flag?->value === 'check-down';
            $starts = Side::ofX($run->break()->xYd) === $side;
            $ends = $run->spec->shape()->crosses() ? $run->to === $side : $starts;
            if ($named && ($starts || $ends)) {
                $first[$letter] = [! $ends, $run->break()->t];
            }
        }
        asort($first);

        return array_key_first($first);
    }

    /** From when on a hot throw may leave: one step and out. */
    public static function hotFrom(float $breakAt): float
    {
        return max($breakAt, Footwork::Quick->setAt());
    }

    /**
     * Protected: nobody is free, or every read may be thrown before he is there.
     *
     * @param  array<string, Reading>  $readings
     */
    public function verdict(array $readings): string
    {
        if ($this->free === null) {
            return 'protected';
        }
        $lost = array_filter($readings, fn (Reading $r): bool => $r->number !== null
            && $r->killedBy === $this->kills());
        $alive = array_filter($readings, fn (Reading $r): bool => $r->number !== null && $r->live());
        $hot = $this->hot === null ? null : ($readings[$this->hot] ?? null);

        return match (true) {
            $lost === [] && $alive !== [] => 'protected',
            $hot !== null && $hot->live() => 'hot',
            default => 'free',
        };
    }

    /**
     * How long before the rush a ball leaves, seconds. More protectors than usual make it surer that the pocket stands,
     * they plan no later read.
     */
    public function spareS(float $outAtS): float
    {
        $doubles = $this->free === null ? max(0, $this->protectors - $this->rushers - self::USUAL_SPARE) : 0;

        return $this->arrivalAt + self::DOUBLE_BUYS_S * $doubles - $outAtS;
    }

    /** Why a read is lost whose slot ends after the rush is there. */
    public function kills(): string
    {
        return sprintf('%s is there at %.1f s', $this->free ?? 'the rush', $this->arrivalAt);
    }
}
