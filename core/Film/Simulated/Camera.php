<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Simulated;

/**
 * A simulated film camera: a pinhole with a little barrel distortion, held by hand in a press box.
 *
 * World: field yards X, Y and height Z. The picture has its origin at the top left, pixels.
 */
final readonly class Camera
{
    /** @var array{list<float>, list<float>, list<float>} unit vectors right, down and forward */
    private array $axes;

    /**
     * @param  array{float, float, float}  $from  where the lens is, yards
     * @param  array{float, float}  $toward  place on the ground in the middle of the picture
     */
    public function __construct(
        public int $widthPx,
        public int $heightPx,
        public float $focalPx,
        public array $from,
        private array $toward,
        public float $distortion = 0.0,
    ) {
        $forward = self::unit([$toward[0] - $from[0], $toward[1] - $from[1], -$from[2]]);
        $right = self::unit([$forward[1], -$forward[0], 0.0]);
        $down = [
            $forward[1] * $right[2] - $forward[2] * $right[1],
            $forward[2] * $right[0] - $forward[0] * $right[2],
            $forward[0] * $right[1] - $forward[1] * $right[0],
        ];
        $this->axes = [$right, $down, $forward];
    }

    /**
     * Place on the ground in the middle of the picture, field yards.
     *
     * @return array{float, float}
     */
    public function middle(): array
    {
        return $this->toward;
    }

    /**
     * @param  array{float, float}  $shake  pixels the hand moved the picture
     * @return array{float, float, float}|null x, y in pixels and pixels a yard there; null behind the lens
     */
    public function project(float $fieldXYd, float $fieldYYd, float $heightYd = 0.0, array $shake = [0.0, 0.0]): ?array
    {
        $d = [$fieldXYd - $this->from[0], $fieldYYd - $this->from[1], $heightYd - $this->from[2]];
        [$right, $down, $forward] = array_map(
            fn (array $axis): float => $axis[0] * $d[0] + $axis[1] * $d[1] + $axis[2] * $d[2],
            $this->axes,
        );
        if ($forward <= 0.5) {
            return null;
        }
        $x = $right / $forward;
        $y = $down / $forward;
        $bend = 1.0 + $this->distortion * ($x * $x + $y * $y);

        return [
            $this->widthPx / 2.0 + $this->focalPx * $x * $bend + $shake[0],
            $this->heightPx / 2.0 + $this->focalPx * $y * $bend + $shake[1],
            $this->focalPx / $forward,
        ];
    }

    /**
     * The hand's slight movement: a slow sway and a little tremble, pixels; the same for the same time.
     *
     * @return array{float, float}
     */
    public static function shake(float $t, float $px = 0.5): array
    {
        return [
            $px * (sin(2.1 * $t + 0.4) + 0.3 * sin(11.0 * $t)),
            $px * (cos(1.7 * $t) - cos(0.0) + 0.3 * sin(9.0 * $t + 1.0)),
        ];
    }

    /**
     * @param  list<float>  $v
     * @return list<float>
     */
    private static function unit(array $v): array
    {
        $n = sqrt($v[0] ** 2 + $v[1] ** 2 + $v[2] ** 2);

        return array_map(fn (float $c): float => $c / $n, $v);
    }
}
