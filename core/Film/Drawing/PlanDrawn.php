<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Drawing;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Film\Calibrate\View;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;

/** The plan laid over the picture in perspective: every called path, and where its man should be at that moment. */
final class PlanDrawn
{
    private readonly ?Proven $proof;

    public function __construct(private readonly FilmDocument $film)
    {
        $this->proof =
            $film->call === null || $film->look === null ? null : Proving::of($film->call, $film->look, $film->setting);
    }

    /**
     * @return array{plan: list<array{man: string, kind: string, line: list<array{float, float}>, now: array{float,
     *     float}|null, breakPx: array{float, float}|null}>} pixels
     */
    public function on(View $view, float $atS): array
    {
        $snap = $this->film->mark('snap');
        if ($this->proof === null || $snap === null) {
            return ['plan' => []];
        }
        $plan = [];
        $frame = $this->proof->scene()->frame;
        foreach (self::paths($this->proof) as $man => [$kind, $path, $breakAt]) {
            $line = [];
            for ($t = 0.0; $t <= min(4.5, max(1.5, ($breakAt ?? 2.0) + 1.2)); $t += 0.1) {
                $line[] = self::onPicture($view, $frame, ...$path->at($t));
            }
            $line = array_values(array_filter($line));
            if (count($line) > 1) {
                $plan[] = ['man' => (string) $man, 'kind' => $kind, 'line' => $line, 'now' => $atS < $snap ? null
                    : self::onPicture($view, $frame, ...$path->at($atS - $snap)),
                    'breakPx' => $breakAt === null ? null : self::onPicture($view, $frame, ...$path->at($breakAt))];
            }
        }

        return ['plan' => $plan];
    }

    /**
     * @return array<string, array{string, Path, float|null}> kind, path and break of
     *     everybody who has one
     */
    private static function paths(Proven $proof): array
    {
        $paths = [];
        foreach ($proof->scene()->routes as $letter => $run) {
            $paths[$letter] = ['route', $run->path, $run->break()->t];
        }
        foreach ($proof instanceof RunProof ? $proof->carriers : [] as $action => $carrier) {
            $paths[$carrier->letter] ??= [(string) $action, $carrier->path, null];
        }

        return $paths;
    }

    /** @return array{float, float}|null */
    private static function onPicture(View $view, PlayFrame $frame, float $xYd, float $yYd): ?array
    {
        $place = $view->sees(...$frame->toField($xYd, $yYd));

        return $place === null ? null : [round($place[0], 1), round($place[1], 1)];
    }
}
