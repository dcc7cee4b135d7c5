<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\JobKind;

/** Rushers against protectors: who comes free and when the quarterback must be rid of the ball, seconds from the snap. */
final readonly class Protection
{
    private function __construct(
        public int $rushers,
        public int $protectors,
        /** Role of the first free rusher, or null. */
        public ?string $free,
        public float $arrivalAt,
    ) {
    }

    public static function of(Scene $scene): self
    {
        $rush = array_values(array_filter($scene->defenders, fn (Defender $d): bool => $d->job->kind === JobKind::Rush));
        $protectors = 0;
        foreach ($scene->men as $man) {
            $stays = ! isset($scene->routes[$man->letter]) || $scene->routes[$man->letter]->spec->checks;
            $protectors += ! $man->isQuarterback() && $stays ? 1 : 0;
        }
        if (count($rush) <= $protectors) {
            return new self(count($rush), $protectors, null, $scene->setting->pocket);
        }
        usort($rush, fn (Defender $a, Defender $b): int => abs($b->xYd) <=> abs($a->xYd));
        [$qx, $qy] = $scene->launch();
        $free = $rush[0];
        $way = hypot($free->xYd - $qx, $free->yYd - $qy) - $scene->setting->reachYd;

        return new self(count($rush), $protectors, $free->role, $scene->setting->level->lineman()->time($way));
    }

    /** @param  array<string, Reading>  $readings */
    public function verdict(array $readings): string
    {
        if ($this->free === null) {
            return 'protected';
        }
        $reads = array_filter($readings, fn (Reading $r): bool => $r->number !== null);
        $lost = array_filter($reads, fn (Reading $r): bool => ! $r->live());

        return $lost === [] ? 'protected' : (count($lost) < count($reads) ? 'hot' : 'free');
    }
}
