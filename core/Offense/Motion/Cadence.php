<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Motion;

use DomainException;

/**
 * The quarterback's words and their clock, in seconds before the snap; the ball comes on the first sound of the last
 * word.
 */
final readonly class Cadence
{
    /** @param  list<string>  $words */
    private function __construct(public array $words, public float $beatS, public float $soundS)
    {
    }

    /**
     * Times are product defaults that a staff sets to its own quarterback.
     *
     * @param  list<string>  $words  two or more, all different
     * @param  float  $beatS  from the start of one word to the start of the next
     * @param  float  $soundS  length of a word
     *
     * @throws DomainException
     */
    public static function of(
        array $words = ['down', 'ready', 'set', 'go'],
        float $beatS = 0.8,
        float $soundS = 0.3,
    ): self {
        $words = array_map(fn (string $w): string => mb_strtolower(trim($w)), $words);
        if (count($words) < 2 || count(array_unique($words)) !== count($words) || in_array('', $words, true)) {
            throw new DomainException('A cadence has two or more words, each said once.');
        }
        if (! ($beatS > 0.1 && $beatS <= 5.0 && $soundS > 0.0 && $soundS < $beatS)) {
            throw new DomainException('Give 0.1 to 5 seconds from word to word, and a sound shorter than that.');
        }

        return new self($words, $beatS, $soundS);
    }

    public function has(Sound $sound): bool
    {
        return in_array($sound->word, $this->words, true);
    }

    /**
     * Seconds before the snap at which a sound is made.
     *
     * @throws DomainException when the word is not in the cadence
     */
    public function before(Sound $sound): float
    {
        $at = array_search($sound->word, $this->words, true);
        if ($at === false) {
            throw new DomainException(
                "The cadence has no \"{$sound->word}\". Its words: ".implode(', ', $this->words).'.',
            );
        }

        return max(0.0, (count($this->words) - 1 - $at) * $this->beatS - ($sound->last ? $this->soundS : 0.0));
    }

    /**
     * Every sound before the snap, the earliest first.
     *
     * @return list<Sound>
     */
    public function sounds(): array
    {
        $sounds = [];
        foreach (array_slice($this->words, 0, -1) as $word) {
            $sounds[] = new Sound($word);
            $sounds[] = new Sound($word, true);
        }

        return $sounds;
    }

    /** The sound nearest to a moment before the snap. */
    public function nearest(float $beforeS): Sound
    {
        $sounds = $this->sounds();
        usort(
            $sounds,
            fn (Sound $a, Sound $b): int => abs($this->before($a) - $beforeS) <=> abs($this->before($b) - $beforeS),
        );

        return $sounds[0];
    }
}
