<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

/**
 * What a shell asks of one defender, as data that the behaviours of the proof read.
 *
 * Widths are yards from the ball for a field of even sides; they close or open with the room to the sideline.
 */
final readonly class Job
{
    /**
     * @param  list<string>  $takes  receivers a man defender takes, first that exists ("#2 strong", "#3 strong", "back")
     * @param  string|null  $match  receiver whose vertical release a zone man takes over ("#1", "#2" on his side)
     * @param  float  $matchYd  depth past which the release counts as vertical
     * @param  string  $leverage  side he keeps of his man: inside, outside or none
     * @param  string  $first  which threat an under man answers first: short or deep
     * @param  float  $carryYd  depth to which an under man carries a vertical release in his zone
     */
    public function __construct(
        public JobKind $kind,
        public string $words,
        public float $wideYd = 0.0,
        public float $deepYd = 0.0,
        public array $takes = [],
        public ?string $match = null,
        public float $matchYd = 8.0,
        public string $leverage = 'none',
        public string $first = 'deep',
        public float $carryYd = 0.0,
        public bool $sinks = false,
    ) {
    }

    public static function rush(string $words = 'Rush'): self
    {
        return new self(JobKind::Rush, $words);
    }

    /** @param  list<string>  $takes */
    public static function man(array $takes, string $words, string $leverage = 'inside'): self
    {
        return new self(JobKind::Man, $words, takes: $takes, leverage: $leverage);
    }

    public static function deep(float $wideYd, float $deepYd, string $words, ?string $match = null, float $matchYd = 8.0, string $leverage = 'none'): self
    {
        return new self(JobKind::Deep, $words, $wideYd, $deepYd, match: $match, matchYd: $matchYd, leverage: $leverage);
    }

    public static function under(float $wideYd, float $deepYd, string $words, string $first = 'deep', float $carryYd = 0.0, bool $sinks = false): self
    {
        return new self(JobKind::Under, $words, $wideYd, $deepYd, first: $first, carryYd: $carryYd, sinks: $sinks);
    }
}
