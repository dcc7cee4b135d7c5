<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

/**
 * Where a still picture lies on the field: a plane projective map fitted to clicked field marks.
 *
 * Field yards map to pixels by (h0 X + h1 Y + h2, h3 X + h4 Y + h5) / (h6 X + h7 Y + 1) in coordinates shifted and
 * scaled to order one. Fitted by the direct linear transform, then by Gauss-Newton on the pixel errors, which are the
 * click errors; the spread of the fit gives the doubt at every place.
 */
final readonly class Calibration
{
    /** A point farther than this from its fit is refused, in one-sigma errors of its click. */
    public const MOST_CLICKS = 5.5;

    /**
     * How many clicks the error of a hand is worth beside what the misfit of the points says of it: where it is known
     * how large the picture was shown, and where it is not.
     */
    private const SAID_WORTH = 2.0;

    private const UNSAID_WORTH = 0.5;

    /**
     * @param  list<float>  $h
     * @param  list<list<float>>  $spread  covariance of $h
     * @param  array{float, float, float}  $field  shift x, shift y and scale of the field coordinates
     * @param  array{float, float, float}  $picture
     * @param  float  $clickPx  one-sigma error of a click by this hand on this picture, pixels
     */
    private function __construct(
        private array $h,
        private array $spread,
        private array $field,
        private array $picture,
        public float $residualPx,
        public float $clickPx,
    ) {
    }

    /**
     * @param  list<FieldClick>  $points
     *
     * @throws BadCalibration
     */
    public static function of(array $points): self
    {
        PointCheck::check($points);
        [$fit, $missPx] = self::fitted($points);
        $clicks = array_map(fn (float $m, FieldClick $p): float => $m / $p->clickPx, $missPx, $points);
        if (Matrix::most($clicks) > self::MOST_CLICKS) {
            $at = self::culprit($points, $clicks);
            throw BadCalibration::offPaint($at, $missPx[$at], self::MOST_CLICKS * $points[$at]->clickPx);
        }

        return $fit;
    }

    /**
     * The picture on the field by these points, however well they agree, and the pixels by which each misses.
     *
     * @param  list<FieldClick>  $points
     * @return array{self, list<float>}
     *
     * @throws BadCalibration
     */
    private static function fitted(array $points): array
    {
        $field = PlaneFit::frame(array_column($points, 'fieldXYd'), array_column($points, 'fieldYYd'));
        $picture = PlaneFit::frame(array_column($points, 'xPx'), array_column($points, 'yPx'));
        $pairs = array_map(fn (FieldClick $p): array => [
            ($p->fieldXYd - $field[0]) / $field[2], ($p->fieldYYd - $field[1]) / $field[2],
            ($p->xPx - $picture[0]) / $picture[2], ($p->yPx - $picture[1]) / $picture[2],
            $picture[2] / $p->clickPx,
        ], $points);
        [$h, $spread] = PlaneFit::refined(PlaneFit::direct($pairs), $pairs);
        $missPx = PlaneFit::misses($h, $pairs, $picture[2]);
        $said = array_filter($points, fn (FieldClick $p): bool => $p->saidPx !== null);
        $worse = self::worse(
            array_map(fn (float $m, FieldClick $p): float => $m / $p->clickPx, $missPx, $points),
            $said === [] ? self::UNSAID_WORTH : self::SAID_WORTH,
        );
        $spread = array_map(fn (array $row): array => array_map(fn (float $v): float => $v * $worse, $row), $spread);
        $residualPx = sqrt(self::squares($missPx) / count($points));
        $clickPx = sqrt($worse) * array_sum(array_column($points, 'clickPx')) / count($points);

        return [new self($h, $spread, $field, $picture, $residualPx, $clickPx), $missPx];
    }

    /**
     * By how much the variance of a click is larger than stated: what the misfit of the points says, as far as they
     * are more than the four a picture needs, beside what the hand's own error is worth.
     *
     * @param  list<float>  $clicks  misses in one-sigma errors of each click
     * @param  float  $worth  of the hand's own error, clicks
     */
    private static function worse(array $clicks, float $worth): float
    {
        $free = 2 * count($clicks) - 8;

        return max(1.0, (2.0 * $worth + self::squares($clicks)) / (2.0 * $worth + $free));
    }

    /** @param  list<float>  $of */
    private static function squares(array $of): float
    {
        return array_sum(array_map(fn (float $v): float => $v * $v, $of));
    }

    /**
     * Four places of the field around the middle of the calibrated marks.
     *
     * @return list<array{float, float}> field yards
     */
    public function corners(): array
    {
        [$x, $y, $s] = $this->field;

        return [[$x - $s, $y - $s], [$x + $s, $y - $s], [$x - $s, $y + $s], [$x + $s, $y + $s]];
    }

    /** @return array{float, float} pixels of a place on the field */
    public function toPicture(float $fieldXYd, float $fieldYYd): array
    {
        [$u, $v] = PlaneFit::apply($this->h, ($fieldXYd - $this->field[0]) / $this->field[2],
            ($fieldYYd - $this->field[1]) / $this->field[2]);

        return [$u * $this->picture[2] + $this->picture[0], $v * $this->picture[2] + $this->picture[1]];
    }

    /**
     * @return array{float, float} field yards of a pixel on the ground
     *
     * @throws BadCalibration above the horizon
     */
    public function toField(float $xPx, float $yPx): array
    {
        [$a, $b] = $this->toFrame($xPx, $yPx);

        return [$a * $this->field[2] + $this->field[0], $b * $this->field[2] + $this->field[1]];
    }

    /**
     * One-sigma doubt in yards across and along the field, and of the worse direction, at a pixel: the click's own
     * error and the fit's.
     *
     * @return array{float, float, float}
     */
    public function doubt(float $xPx, float $yPx, ?float $clickPx = null): array
    {
        [$a, $b] = $this->toFrame($xPx, $yPx);
        [$u, $v] = PlaneFit::apply($this->h, $a, $b);
        [$rowU, $rowV, $w] = PlaneFit::rows($this->h, $a, $b, $u, $v);
        $click = (($clickPx ?? $this->clickPx) / $this->picture[2]) ** 2;
        $uu = $click + PlaneFit::form($rowU, $this->spread, $rowU);
        $uv = PlaneFit::form($rowU, $this->spread, $rowV);
        $vv = $click + PlaneFit::form($rowV, $this->spread, $rowV);
        $j = [[($this->h[0] - $u * $this->h[6]) / $w, ($this->h[1] - $u * $this->h[7]) / $w],
            [($this->h[3] - $v * $this->h[6]) / $w, ($this->h[4] - $v * $this->h[7]) / $w]];
        $det = $j[0][0] * $j[1][1] - $j[0][1] * $j[1][0];
        $i = [[$j[1][1] / $det, -$j[0][1] / $det], [-$j[1][0] / $det, $j[0][0] / $det]];
        $xx = $i[0][0] ** 2 * $uu + 2 * $i[0][0] * $i[0][1] * $uv + $i[0][1] ** 2 * $vv;
        $yy = $i[1][0] ** 2 * $uu + 2 * $i[1][0] * $i[1][1] * $uv + $i[1][1] ** 2 * $vv;
        $xy = $i[0][0] * $i[1][0] * $uu + ($i[0][0] * $i[1][1] + $i[0][1] * $i[1][0]) * $uv + $i[0][1] * $i[1][1] * $vv;
        $worst = ($xx + $yy) / 2 + sqrt((($xx - $yy) / 2) ** 2 + $xy ** 2);

        return [sqrt($xx) * $this->field[2], sqrt($yy) * $this->field[2], sqrt($worst) * $this->field[2]];
    }

    /** @return array{float, float} */
    private function toFrame(float $xPx, float $yPx): array
    {
        $u = ($xPx - $this->picture[0]) / $this->picture[2];
        $v = ($yPx - $this->picture[1]) / $this->picture[2];
        $h = $this->h;
        $at = Matrix::solve(
            [[$h[0] - $u * $h[6], $h[1] - $u * $h[7]], [$h[3] - $v * $h[6], $h[4] - $v * $h[7]]],
            [$u - $h[2], $v - $h[5]],
        );
        if ($at === null || $h[6] * $at[0] + $h[7] * $at[1] + 1.0 <= 1e-6) {
            throw BadCalibration::behind();
        }

        return [$at[0], $at[1]];
    }

    /**
     * The point without which the others agree best.
     *
     * @param  list<FieldClick>  $points
     * @param  list<float>  $misses
     */
    private static function culprit(array $points, array $misses): int
    {
        $best = (int) array_search(Matrix::most($misses), $misses, true);
        $least = INF;
        foreach (count($points) > 5 ? array_keys($points) : [] as $i) {
            $rest = $points;
            unset($rest[$i]);
            try {
                $residual = self::fitted(array_values($rest))[0]->residualPx;
            } catch (BadCalibration) {
                continue;
            }
            if ($residual < $least) {
                [$least, $best] = [$residual, $i];
            }
        }

        return $best;
    }
}
