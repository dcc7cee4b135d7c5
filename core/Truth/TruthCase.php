<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Kinematics\Level;

/** One call against one look, and what the trade says of it. Words of the call language. */
final readonly class TruthCase
{
    public function __construct(
        public string $truth,
        public string $call,
        public string $look,
        public Want $want,
        public Level $level = Level::HighSchool,
        public Hash $hash = Hash::Middle,
        public string $situation = '',
    ) {
    }
}
