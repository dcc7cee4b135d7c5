<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

/** The roles of a roll as routes in the words of Wish. */
final readonly class RollRoles
{
    public function __construct(
        /** The deep man of the side of the roll. */
        public string $deep,
        /** The short man on that side. */
        public string $short,
        /** The short man when he comes from behind the line of the other side. */
        public string $behind,
        /** Who comes across from the other side. */
        public string $middle,
        /** What the deep man runs when somebody in motion has his route. */
        public string $moved,
    ) {
    }
}
