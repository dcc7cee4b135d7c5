<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Jobs;

/**
 * What a shell asks of one defender, as data that the behaviours of the proof read.
 *
 * Widths are yards from the ball for a field of even sides; they close or open with the room to the sideline.
 */
final readonly class Job
{
    /** A release that comes to the match depth faster than this is vertical, yards a second (product default). */
    private const VERTICAL_YD_S = 2.0;

    /**
     * @param  string|null  $match  receiver whose vertical release a zone man takes over ("#1", "#2" on his side)
     * @param  float  $matchYd  depth past which the release counts as vertical
     * @param  string  $leverage  side he keeps of his man: inside, outside or none
     * @param  string  $first  which threat an under man answers first: short or deep
     * @param  float  $carryYd  depth to which an under man carries a vertical release in his zone
     * @param  bool  $sinks  whether a flat man goes back with the outside man when nothing threatens the flat
     * @param  float  $besideYd  how far outside the outside receiver a corner's landmark lies, yards
     * @param  float|null  $overYd  how far over a vertical man he stays, yards; null as far as over a man of his own
     * @param  bool  $trails  whether a man defender plays under his man's hip, with help on top
     */
    public function __construct(
        public JobKind $kind,
        public string $words,
        public float $wideYd = 0.0,
        public float $deepYd = 0.0,
        public ?string $match = null,
        public float $matchYd = 8.0,
        public string $leverage = 'none',
        public string $first = 'deep',
        public float $carryYd = 0.0,
        public bool $sinks = false,
        public bool $trails = false,
        public float $besideYd = -1.0,
        public ?float $overYd = null,
    ) {
    }

    /** Whether a receiver at a depth, yards, with a speed upfield, yards a second, is deep to who matches him. */
    public function takesOver(float $yYd, float $vyYdS): bool
    {
        return $yYd >= $this->matchYd && $vyYdS > self::VERTICAL_YD_S;
    }

    public static function rush(string $words = 'Rush'): self
    {
        return new self(JobKind::Rush, $words);
    }

    public static function man(
        string $words = 'Man to man, inside leverage',
        string $leverage = 'inside',
        bool $trails = false,
    ): self {
        return new self(JobKind::Man, $words, leverage: $leverage, trails: $trails);
    }

    public static function deep(
        float $wideYd,
        float $deepYd,
        string $words,
        ?string $match = null,
        float $matchYd = 8.0,
        string $leverage = 'none',
    ): self {
        return new self(JobKind::Deep, $words, $wideYd, $deepYd, match: $match, matchYd: $matchYd, leverage: $leverage);
    }

    public static function under(
        float $wideYd,
        float $deepYd,
        string $words,
        string $first = 'deep',
        float $carryYd = 0.0,
        bool $sinks = false,
    ): self {
        return new self(JobKind::Under, $words, $wideYd, $deepYd, first: $first, carryYd: $carryYd, sinks: $sinks);
    }

    /** The same job with another landmark width, yards, signed in the play frame. */
    public function atWidth(float $wideYd): self
    {
        return $this->with(['wideYd' => $wideYd]);
    }

    public function saying(string $words): self
    {
        return $this->with(['words' => $words]);
    }

    public function leaning(string $leverage): self
    {
        return $this->with(['leverage' => $leverage]);
    }

    /** A corner whose landmark lies this far outside the outside receiver, yards; negative inside him. */
    public function outside(float $besideYd): self
    {
        return $this->with(['besideYd' => $besideYd]);
    }

    /** A deep man whom nobody may get behind stays this far over who comes up, yards. */
    public function staysOver(float $overYd): self
    {
        return $this->with(['overYd' => $overYd]);
    }

    /** @param  array<string, mixed>  $change by property name */
    private function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }
}
