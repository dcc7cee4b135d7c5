<?php

namespace Database\Seeders;

use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Film\Calibrate\FieldMarks;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Simulated\Camera;
use Jacotaxis\Core\Film\Simulated\PictureMove;

/**
 * Works on a demo snap as a coach would click it: marks, calibrations, followed paint and plots within a pixel of the
 * ground truth.
 */
final class DemoFilm
{
    /** Seconds between two plots of a man who is followed, and of the others. */
    private const OFTEN_S = 0.3;

    private const SELDOM_S = 0.8;

    /** When the coach drew, seconds after the snap, and how wide his ring is, yards. */
    private const DRAWN_S = 0.8;

    private const RING_YD = 1.1;

    /** Field marks clicked on a picture. */
    private const CLICKS = 12;

    /** @param  array<string, mixed>  $truth */
    private function __construct(private readonly array $truth, private readonly string $angle)
    {
    }

    /**
     * @param  array<string, mixed>  $document  as charted
     * @param  array<string, array<string, mixed>>  $truths  ground truth by angle
     * @param  list<string>  $followed  men plotted often
     * @param  array<string, string>  $drawn  words by the man they stand beside
     * @return array<string, mixed>
     */
    public static function worked(array $document, array $truths, array $followed, array $drawn = []): array
    {
        $document =
            ['marks' => self::marks($truths[FilmDocument::WIDE]), 'calibrations' => [], 'moves' => [], 'plots' => []] +
            $document;
        foreach ($truths as $angle => $truth) {
            $film = new self($truth, $angle);
            $document['calibrations'] = [...$document['calibrations'], ...$film->calibrations()];
            $document['moves'] = [...$document['moves'], ...$film->moves()];
            $document['plots'] = [
                ...$document['plots'],
                ...$film->plots($angle === FilmDocument::WIDE ? $followed : array_slice($followed, 0, 1)),
            ];
        }

        if ($drawn !== []) {
            $document['drawings'] = (new self($truths[FilmDocument::WIDE], FilmDocument::WIDE))->drawings($drawn);
        }

        return $document;
    }

    /**
     * A ring under each man and a word beside him, on one moment of the play.
     *
     * @param  array<string, string>  $words  by man
     * @return list<array<string, mixed>>
     */
    private function drawings(array $words): array
    {
        $at = round($this->truth['marks']['snap'] + self::DRAWN_S, 2);
        $camera = $this->camera($at);
        $drawings = [];
        foreach ($words as $man => $word) {
            [$x, $y] = $this->spot((string) $man, $at);
            $place = function (float $on) use ($camera, $x, $y, $at): array {
                $seen = $camera->project($x, $y + $on, 0.0, Camera::shake($at)) ?? [0.0, 0.0];

                return [round($seen[0], 1), round($seen[1], 1)];
            };
            $ring = [$place(0.0), $place(self::RING_YD)];
            $drawings[] = ['id' => 'ring-'.count($drawings), 'kind' => 'ring', 'atS' => $at, 'points' => $ring];
            $drawings[] = ['id' => 'word-'.count($drawings), 'kind' => 'word', 'atS' => $at,
                'points' => [$place(2.0 * self::RING_YD)], 'word' => $word];
        }

        return $drawings;
    }

    /**
     * @param  array<string, mixed>  $truth
     * @return list<array<string, mixed>>
     */
    private static function marks(array $truth): array
    {
        $marks = [];
        foreach ($truth['marks'] as $name => $at) {
            [$kind, $man] = str_starts_with($name, 'break ') ? ['break', substr($name, 6)]
                : [$name, ['back foot' => 'Q', 'ball out' => $truth['thrownTo'], 'catch' => $truth['thrownTo']][$name]
                ?? null];
            $marks[] = array_filter(['kind' => $kind, 'atS' => $at, 'man' => $man], fn (mixed $v): bool => $v !== null);
        }
        usort($marks, fn (array $a, array $b): int => $a['atS'] <=> $b['atS']);

        return $marks;
    }

    /**
     * Two calibrated pictures: at the snap and late in the play.
     *
     * @return list<array<string, mixed>>
     */
    private function calibrations(): array
    {
        return [
            $this->calibration($this->truth['marks']['snap']),
            $this->calibration(
                round((0.75 * $this->truth['durationS']) / $this->truth['stepS']) * $this->truth['stepS'],
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function calibration(float $at): array
    {
        $camera = $this->camera($at);
        $points = [];
        $across = FieldMarks::across(RuleSet::Nfhs);
        for ($yard = 5; $yard <= 95; $yard += 5) {
            foreach ($across as $name => $x) {
                $seen = $camera->project($x, $yard, 0.0, Camera::shake($at));
                if (
                    $seen !== null &&
                    $seen[0] > 8 &&
                    $seen[0] < $this->truth['widthPx'] - 8 &&
                    $seen[1] > 20 &&
                    $seen[1] < $this->truth['heightPx'] - 8
                ) {
                    $n = count($points);
                    $points[] = ['xPx' => round($seen[0] + 0.5 * sin(7.0 * $n), 1),
                        'yPx' => round($seen[1] + 0.5 * cos(5.0 * $n), 1), 'fieldXYd' => round($x, 3),
                        'fieldYYd' => $yard, 'mark' => "$name on the ".min($yard, 100 - $yard)];
                }
            }
        }
        // A dozen well apart is what a coach would click.
        $every = max(1, intdiv(count($points), self::CLICKS));
        $points = array_values(array_filter($points, fn (int $n): bool => $n % $every === 0, ARRAY_FILTER_USE_KEY));

        return array_filter(['angle' => $this->angle === FilmDocument::WIDE ? null : $this->angle,
            'atS' => round($at, 3), 'points' => $points]);
    }

    /**
     * The paint as it was followed from picture to picture.
     *
     * @return list<array<string, mixed>>
     */
    private function moves(): array
    {
        $moves = [];
        $step = $this->truth['stepS'];
        for ($n = 0; $n + 1 < count($this->truth['views']); $n++) {
            $moves[] = array_filter(['angle' => $this->angle === FilmDocument::WIDE ? null : $this->angle,
                'fromS' => round($n * $step, 3), 'toS' => round(($n + 1) * $step, 3),
                'h' => array_map(fn (float $v): float => round($v, 9),
                    PictureMove::between($this->camera($n * $step), $this->camera(($n + 1) * $step))), 'inliers' => 60,
                'missPx' => 0.3], fn (mixed $v): bool => $v !== null);
        }

        return $moves;
    }

    /**
     * @param  list<string>  $followed
     * @return list<array<string, mixed>>
     */
    private function plots(array $followed): array
    {
        $plots = [];
        $snap = $this->truth['marks']['snap'];
        foreach (array_keys($this->truth['spots'][0]) as $k => $man) {
            $every = in_array($man, $followed, true)
                ? self::OFTEN_S
                : ($this->angle === FilmDocument::WIDE
                    ? self::SELDOM_S
                    : INF);
            for ($at = $snap; is_finite($every) && $at < $this->truth['durationS'] - 0.1; $at += $every) {
                [$x, $y] = $this->spot((string) $man, $at);
                $seen = $this->camera($at)->project($x, $y, 0.0, Camera::shake($at));
                if (
                    $seen !== null &&
                    $seen[0] > 0 &&
                    $seen[0] < $this->truth['widthPx'] &&
                    $seen[1] > 0 &&
                    $seen[1] < $this->truth['heightPx']
                ) {
                    $n = count($plots);
                    $plots[] = array_filter(['id' => "{$this->angle[0]}$k-".round($at * 1000), 'man' => (string) $man,
                        'atS' => round($at, 3), 'xPx' => round($seen[0] + 0.4 * sin(3.0 * $n), 1),
                        'yPx' => round($seen[1] + 0.4 * cos(4.0 * $n), 1),
                        'angle' => $this->angle === FilmDocument::WIDE ? null : $this->angle],
                        fn (mixed $v): bool => $v !== null);
                }
            }
        }

        return $plots;
    }

    private function camera(float $at): Camera
    {
        [$n, $f] = $this->place($at, count($this->truth['views']));
        $v = array_map(
            fn (float $a, float $b): float => $a + $f * ($b - $a),
            $this->truth['views'][$n],
            $this->truth['views'][$n + 1],
        );

        return new Camera(
            $this->truth['widthPx'],
            $this->truth['heightPx'],
            $v[2],
            $this->truth['camera']['from'],
            [$v[0], $v[1]],
            $this->truth['camera']['distortion'],
        );
    }

    /** @return array{float, float} field yards */
    private function spot(string $man, float $at): array
    {
        [$n, $f] = $this->place($at, count($this->truth['spots']));
        [$a, $b] = [$this->truth['spots'][$n][$man], $this->truth['spots'][$n + 1][$man]];

        return [$a[0] + $f * ($b[0] - $a[0]), $a[1] + $f * ($b[1] - $a[1])];
    }

    /** @return array{int, float} the step before a moment and the share of the way to the next */
    private function place(float $at, int $count): array
    {
        $i = max(0.0, min($count - 1.001, $at / $this->truth['stepS']));

        return [(int) $i, $i - (int) $i];
    }
}
