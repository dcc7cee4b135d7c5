<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

/** What a quarterback counts or sees before the snap when he is given two calls. */
enum KillRule: string
{
    case HeavyBox = 'box heavy';
    case LightBox = 'box light';
    case BoxOf = 'box of';
    case MiddleOpen = 'middle open';
    case MiddleClosed = 'middle closed';
    case Numbers = 'numbers';
    case WalkedUp = 'walked up';
    case Press = 'press';
    case Soft = 'off';
    case OddFront = 'odd front';
    case EvenFront = 'even front';

    /** The rule that is meant where none is said: a run is left when it is outnumbered or on the wrong side. */
    public static function usual(Call $first, Call $second): self
    {
        return match (true) {
            $first->run !== null && $second->run !== null => self::Numbers,
            $first->run !== null => self::HeavyBox,
            $second->run !== null => self::LightBox,
            default => self::MiddleOpen,
        };
    }

    /** As the reason is told, the number filled in: "six in the box for six blockers" is told by who counts. */
    public function words(?int $box): string
    {
        return $this === self::BoxOf ? "box of $box" : $this->value;
    }
}
