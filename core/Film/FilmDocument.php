<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Calibrate\Carried;
use Jacotaxis\Core\Film\Calibrate\FieldClick;
use Jacotaxis\Core\Film\Calibrate\View;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Drawing\Drawing;
use Jacotaxis\Core\Proof\Scene\Setting;

/**
 * A snap worked on: what was called against what (either may be unknown yet), the marks, and for each angle the
 * calibrations, how the picture moved between them, the plots and what was drawn. All times are on the clock of the
 * first angle.
 */
final readonly class FilmDocument
{
    public const WIDE = 'wide';

    public const ANGLES = [self::WIDE, 'tight'];

    /**
     * @param  list<Mark>  $marks
     * @param  list<array{angle: string, atS: float, points: list<FieldClick>}>  $calibrations
     * @param  list<Plot>  $plots
     * @param  list<array{angle: string, fromS: float, toS: float, h: list<float>, inliers: int, missPx: float}>  $moves
     * @param  list<Seen>  $seen
     * @param  list<Drawing>  $drawings
     */
    public function __construct(
        public ?Call $call,
        public ?Look $look,
        public Setting $setting,
        public array $marks = [],
        public array $calibrations = [],
        public array $plots = [],
        public array $moves = [],
        public array $seen = [],
        public ?Chart $chart = null,
        public array $drawings = [],
    ) {
    }

    /** Seconds of the clip at which something happens, or null when it is not marked. */
    public function mark(string $kind, ?string $man = null, ?int $n = null): ?float
    {
        foreach ($this->marks as $mark) {
            if ($mark->kind === $kind && ($man === null || $mark->man === $man) && ($n === null || $mark->n === $n)) {
                return $mark->atS;
            }
        }

        return null;
    }

    /** What was seen of a man by eye, or null. A guess counts only when it is asked for. */
    public function seen(string $man, string $what, bool $guesses = false): ?Seen
    {
        foreach ($this->seen as $seen) {
            if ($seen->man === $man && $seen->what === $what && ($seen->certain || $guesses)) {
                return $seen;
            }
        }

        return null;
    }

    /** The man the ball was thrown to, or null. */
    public function thrownTo(): ?string
    {
        foreach (['ball out', 'catch'] as $kind) {
            foreach ($this->marks as $mark) {
                if ($mark->kind === $kind && $mark->man !== null && $mark->man !== Mark::UNKNOWN) {
                    return $mark->man;
                }
            }
        }

        return null;
    }

    /**
     * Where the picture of an angle lies on the field at a moment, or null when that angle was never calibrated.
     *
     * @throws BadCalibration
     */
    public function view(float $atS, string $angle = self::WIDE): ?View
    {
        return $this->carried($angle)->at($atS);
    }

    /** The calibrations of an angle and how its picture moved; one fits them once for many moments. */
    public function carried(string $angle): Carried
    {
        $of = fn (array $rows): array => array_values(array_filter($rows,
            fn (array $r): bool => $r['angle'] === $angle));

        return new Carried($of($this->calibrations), $of($this->moves));
    }

    /** @return list<string> angles with a calibration */
    public function angles(): array
    {
        return array_values(array_unique(array_column($this->calibrations, 'angle')));
    }
}
