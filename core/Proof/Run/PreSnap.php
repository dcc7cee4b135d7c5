<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Defense\Aligning\ByHand;
use Jacotaxis\Core\Defense\Count\Box;
use Jacotaxis\Core\Defense\Count\Outside;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * What is decided before the snap: count the box, look at the side, look at the corner (RPO-06). With more men in the
 * box than blockers the throw is right (CNT-03); a throw chosen on the count goes to the side numbers, grass or
 * leverage favor.
 */
final readonly class PreSnap
{
    /**
     * @param  string|null  $letter  who is thrown to on the count, or null
     * @param  bool  $throws  whether the throw is right before the snap
     */
    private function __construct(public Box $box, public ?string $letter, public bool $throws, public string $why)
    {
    }

    public static function of(Scene $scene, Resolved $resolved): self
    {
        $box = Box::of(
            $scene->defenders,
            $scene->lineup,
            $scene->setting->schools,
            array_column($resolved->keys, 'role'),
            ByHand::counted($scene->defenders, $scene->look, $scene->lineup, 'out'),
            ByHand::counted($scene->defenders, $scene->look, $scene->lineup, 'in'),
        );
        $tooMany = $resolved->unaccounted !== [] && $box->free() > 0 && $scene->setting->schools->is('SET-22', 'A');
        $quick = null;
        $cancelled = [];
        foreach ($scene->reads as $letter) {
            if (($scene->routes[$letter] ?? null)?->spec->shape()->counted !== true) {
                continue;
            }
            $side = Side::ofX($scene->men[$letter]->xYd);
            $outside = Outside::of($side, $scene->defenders, $scene->lineup, $box->in);
            if ($outside->yes()) {
                $quick ??= $letter;
            } else {
                $cancelled[] = "{$side->value} cancelled: {$outside->words()}";
            }
        }
        $counted = array_filter($scene->reads, fn (string $l): bool => $scene->routes[$l]->spec->shape()->counted);
        $later = count($counted) < count($scene->reads);
        $throws = $tooMany && ($quick !== null || $later);

        return new self($box, $quick, $throws, implode(' ', [$box->words(), ...$cancelled]));
    }
}
