<?php

namespace App\Film\Files;

/** What a film file holds, as it is shown: turned upright, its pixels square. */
final readonly class Footage
{
    private const PLAYABLE = ['webm' => 'video/webm', 'mp4' => 'video/mp4'];

    private const CODECS = ['vp8', 'vp9', 'av1', 'h264'];

    /** The largest picture every browser plays, pixels on its longer side. */
    public const MOST_PX = 3840;

    /** A film that says it is longer than it is by more than this was cut off, seconds. */
    private const CUT_OFF_S = 0.5;

    private const MOST_FPS = 240.0;

    /**
     * @param  float  $turnedDeg  how far a player turns the picture, degrees
     * @param  float  $pixelShape  width of a pixel by its height
     * @param  float  $saysS  how long the file says it is, seconds
     */
    public function __construct(
        public string $format,
        public string $codec,
        private int $storedWidthPx,
        private int $storedHeightPx,
        private float $turnedDeg,
        private float $pixelShape,
        private float $saidFps,
        private float $saysS,
        private FrameTimes $times,
    ) {
    }

    /** @return array{int, int} width and height as it is shown, pixels */
    public function size(): array
    {
        $width = (int) round($this->storedWidthPx * $this->pixelShape);

        return $this->isTurned() ? [$this->storedHeightPx, $width] : [$width, $this->storedHeightPx];
    }

    /** @return array{fps: float, widthPx: int, heightPx: int, durationS: float} */
    public function video(): array
    {
        [$width, $height] = $this->size();

        return ['fps' => $this->fps(), 'widthPx' => $width, 'heightPx' => $height,
            'durationS' => round($this->isCutOff() ? $this->times->endsS : $this->saysS, 3)];
    }

    /** Pictures a second. */
    public function fps(): float
    {
        return match (true) {
            ! $this->times->areEven() => $this->times->rate(),
            $this->saidFps > 0.0 => min(self::MOST_FPS, round($this->saidFps, 3)),
            default => $this->times->rate(),
        };
    }

    /** The kind a browser plays it as, or null where it must be made anew. */
    public function mime(): ?string
    {
        $plays = $this->kind() !== null && in_array($this->codec, self::CODECS, true);

        return $plays && $this->changes() === [] ? self::PLAYABLE[$this->kind()] : null;
    }

    public function extension(): string
    {
        return $this->kind() ?? 'bin';
    }

    /**
     * What has to be changed so that what is clicked is where it seems to be and every picture is found by its number.
     *
     * @return list<string> in words for a coach
     */
    public function changes(): array
    {
        return array_keys(array_filter([
            'turned upright' => fmod(abs($this->turnedDeg), 360.0) > 0.5,
            'its pixels made square' => abs($this->pixelShape - 1.0) > 0.001,
            'given one rate' => ! $this->times->areEven(),
            'made smaller' => max($this->size()) > self::MOST_PX,
        ]));
    }

    /** Whether every picture has to be placed anew in time. */
    public function isUneven(): bool
    {
        return ! $this->times->areEven();
    }

    /** What is missing of it, in words for a coach, or null. */
    public function missing(): ?string
    {
        return ! $this->isCutOff() ? null : sprintf(
            'It says it is %.1f s long and ends at %.1f s: the rest is missing. Copy it from the camera again.',
            $this->saysS,
            $this->times->endsS,
        );
    }

    private function isCutOff(): bool
    {
        return $this->times->endsS > 0.0 && $this->saysS - $this->times->endsS > self::CUT_OFF_S;
    }

    private function isTurned(): bool
    {
        return (int) round(abs($this->turnedDeg) / 90.0) % 2 === 1;
    }

    private function kind(): ?string
    {
        return match (true) {
            str_contains($this->format, 'webm') => 'webm',
            str_contains($this->format, 'mp4') => 'mp4',
            default => null,
        };
    }
}
