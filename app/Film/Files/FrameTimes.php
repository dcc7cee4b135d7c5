<?php

namespace App\Film\Files;

/**
 * When the pictures of a film are shown. A phone films at a rate of its own and leaves pictures out in poor light; a
 * picture is only found again by its number where they come at one rate.
 */
final readonly class FrameTimes
{
    /** A gap this far from the usual one, as a share of it, is uneven; a time stamp in milliseconds is not. */
    private const UNEVEN = 0.4;

    /** Of a film with one rate at most this share of the gaps is uneven. */
    private const STRAY = 0.01;

    /** The smallest gaps say how fast the camera filmed where it filmed steadily. */
    private const FASTEST = 0.05;

    private const MOST_FPS = 120.0;

    /** Where a file tells no times. */
    private const USUAL_FPS = 30.0;

    /** Rates a camera films at, pictures a second. */
    private const RATES = [23.976, 24.0, 25.0, 29.97, 30.0, 48.0, 50.0, 59.94, 60.0, 119.88, 120.0];

    /**
     * @param  list<float>  $gapsS  seconds from one picture to the next, the shortest first
     * @param  float  $endsS  when the last picture has been shown
     */
    private function __construct(private array $gapsS, public float $endsS)
    {
    }

    /** @param  list<float>  $shownS  when each picture is shown, seconds, in any order */
    public static function of(array $shownS): self
    {
        sort($shownS);
        $gaps = [];
        foreach (array_slice($shownS, 1) as $n => $at) {
            $gaps[] = $at - $shownS[$n];
        }
        sort($gaps);
        $usual = $gaps[intdiv(count($gaps), 2)] ?? 0.0;
        $first = $shownS[0] ?? 0.0;

        return new self($gaps, ($shownS === [] ? 0.0 : end($shownS) - $first) + $usual);
    }

    /** Whether the pictures come at one rate, so that a number finds each. */
    public function areEven(): bool
    {
        if ($this->gapsS === []) {
            return true;
        }
        $usual = $this->gapsS[intdiv(count($this->gapsS), 2)];
        $uneven = array_filter($this->gapsS, fn (float $gap): bool => abs($gap - $usual) > self::UNEVEN * $usual);

        return count($uneven) <= self::STRAY * count($this->gapsS);
    }

    /** The rate at which every picture has a place of its own, pictures a second. */
    public function rate(): float
    {
        $n = count($this->gapsS);
        $gap = $this->areEven() && $n > 0
            ? array_sum($this->gapsS) / $n
            : $this->gapsS[(int) floor(self::FASTEST * $n)] ?? 0.0;
        $fps = $gap > 0.0 ? min(self::MOST_FPS, 1.0 / $gap) : self::USUAL_FPS;
        $near = array_filter(self::RATES, fn (float $rate): bool => abs($rate - $fps) < 0.03 * $fps);
        usort($near, fn (float $a, float $b): int => abs($a - $fps) <=> abs($b - $fps));

        return $near[0] ?? round($fps, 3);
    }
}
