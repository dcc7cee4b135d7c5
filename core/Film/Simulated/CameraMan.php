<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Simulated;

use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Film\FilmDocument;

/**
 * Who holds the simulated camera: from the press box (wide) or from behind the offense (tight). He follows the ball
 * late and smoothly, and zooms in a little once the play is under way. Deterministic.
 */
final readonly class CameraMan
{
    /** How late he follows, seconds, and how much closer he is at the end. */
    private const LAG_S = 0.7;

    private const ZOOM = 0.14;

    /** Seconds from the snap over which he zooms. */
    private const ZOOM_S = 2.5;

    private const STEP_S = 0.05;

    /**
     * @param  list<array{float, float}>  $toward  field yards the picture is centred on, every STEP_S of film
     * @param  array{float, float, float}  $from
     */
    private function __construct(
        public string $angle,
        private array $toward,
        private array $from,
        private float $focalPx,
        public int $widthPx,
        public int $heightPx,
        private bool $moves,
    ) {
    }

    /** @param  bool  $moves  whether he pans and zooms, or holds the camera where it was before the snap */
    public static function of(
        FilmedRun $run,
        string $angle = FilmDocument::WIDE,
        int $widthPx = 640,
        int $heightPx = 360,
        bool $moves = true,
    ): self {
        $frame = $run->proof->scene()->frame;
        [$bx, $by] = [$frame->ballXYd, $frame->ballYYd];
        $wide = $angle === FilmDocument::WIDE;
        $from = $wide ? [RuleSet::WIDTH_YD + 21.0, $by + 7.0, 17.0] : [RuleSet::WIDTH_YD / 2.0, $by - 34.0, 11.0];
        [$cx, $cy] = $wide ? [$bx + 7.0, $by + 6.5] : [$bx, $by + 5.0];
        $toward = [];
        $k = $moves ? self::STEP_S / self::LAG_S : 0.0;
        for ($t = 0.0; $t <= $run->duration() + self::STEP_S; $t += self::STEP_S) {
            [$x, $y] = $frame->toField(...array_slice($run->ball($t), 0, 2));
            // Before the snap he shows both teams; then he goes with the ball.
            if ($t > FilmedRun::BEFORE + 0.2) {
                $cx += $k * (($wide ? 0.5 * ($bx + 7.0) + 0.5 * $x : $x) - $cx);
                $cy += $k * (($wide ? $y + 3.0 : $y + 5.0) - $cy);
            }
            $toward[] = [$cx, $cy];
        }

        return new self($angle, $toward, $from, ($wide ? 0.98 : 1.55) * $widthPx, $widthPx, $heightPx, $moves);
    }

    /**
     * Place on the ground in the middle of the picture, field yards.
     *
     * @return array{float, float}
     */
    public function toward(float $filmS): array
    {
        $f = max(0.0, min(count($this->toward) - 1.001, $filmS / self::STEP_S));
        $i = (int) $f;
        $f -= $i;
        $aim = [0.0, 0.0];
        foreach ([0, 1] as $n) {
            $aim[$n] = $this->toward[$i][$n] + $f * ($this->toward[$i + 1][$n] - $this->toward[$i][$n]);
        }

        return [$aim[0], $aim[1]];
    }

    /** The camera as it points at a moment of the film. */
    public function at(float $filmS): Camera
    {
        $in = $this->moves ? self::ZOOM * max(0.0, min(1.0, ($filmS - FilmedRun::BEFORE) / self::ZOOM_S)) : 0.0;

        return new Camera(
            $this->widthPx,
            $this->heightPx,
            $this->focalPx * (1.0 + $in),
            $this->from,
            $this->toward($filmS),
            -0.004,
        );
    }
}
