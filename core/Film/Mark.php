<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

/**
 * An event on the clock of a clip, seconds from its start. Some belong to a man, some are counted: his second inside
 * contact. The man may be UNKNOWN until somebody settles it.
 */
final readonly class Mark
{
    /** Said of a man nobody could tell yet. */
    public const UNKNOWN = '?';

    /** Every kind: whether each man has his own, whether they are counted, and what is seen. */
    private const SEEN = [
        'set' => [false, false, 'everybody is set'],
        'motion start' => [true, false, 'the mover leaves his spot'],
        'snap' => [false, false, 'the ball moves'],
        'first step' => [true, false, 'his first step after the snap'],
        'inside contact' => [true, true, 'his inside foot touches down on the stem'],
        'plant' => [true, false, 'the foot that sells the release is planted'],
        'hips turned' => [true, false, 'the defender has opened his hips'],
        'back foot' => [true, false, 'the back foot of the drop is planted'],
        'mesh' => [false, false, 'the ball is in the belly of the back'],
        'key commits' => [true, false, 'the key is on his way and does not come back'],
        'break' => [true, false, 'he leaves his stem'],
        'ball out' => [false, false, 'the ball leaves the hand'],
        'catch' => [false, false, 'the ball is caught'],
        'climb' => [true, false, 'he leaves the down man for the second level'],
        'past press' => [true, false, 'he is past the man in his face'],
        'tackle' => [false, false, 'the carrier is down'],
        'free' => [true, false, 'what the coach says it is'],
    ];

    public function __construct(
        public string $kind,
        public float $atS,
        public ?string $man = null,
        public ?int $n = null,
        public ?string $label = null,
        public bool $certain = true,
    ) {
    }

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_keys(self::SEEN);
    }

    /** @return list<array{kind: string, perMan: bool, counted: bool, seen: string}> */
    public static function catalogue(): array
    {
        return array_map(fn (string $kind): array => ['kind' => $kind, 'perMan' => self::SEEN[$kind][0],
            'counted' => self::SEEN[$kind][1], 'seen' => self::SEEN[$kind][2]], self::kinds());
    }

    public function isOpen(): bool
    {
        return $this->man === self::UNKNOWN || ! $this->certain;
    }
}
