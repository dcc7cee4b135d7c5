<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Formations;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * A pass call: formation, a route for every eligible man who goes out, the order of the reads.
 *
 * Men without a route protect. Families are not stored: they are recognised from the routes.
 */
final readonly class Call
{
    /**
     * @param  array<string, array{float, float}>  $spots  men moved by hand, width and depth in yards
     * @param  array<string, RouteSpec>  $routes  by letter
     * @param  list<string>  $reads  letters, first read first
     * @param  list<string>  $keys  roles of defenders the call names as keys
     * @param  list<string>  $assumed  what was filled in, in words
     */
    public function __construct(
        public string $quarterback,
        public string $set,
        public Side $side,
        public array $routes,
        public array $reads,
        public array $spots = [],
        public ?Footwork $drop = null,
        public array $keys = [],
        public ?Situation $situation = null,
        public array $assumed = [],
    ) {
    }

    /** @return array<string, Man> the eleven by letter */
    public function men(PlayFrame $frame): array
    {
        return Formations::men($this->quarterback, $this->set, $this->side, $frame, $this->spots);
    }

    /** Number of the read of a man, from 1, or null when he has none. */
    public function readNumber(string $letter): ?int
    {
        $at = array_search($letter, $this->reads, true);

        return $at === false ? null : $at + 1;
    }

    public function mirrored(): self
    {
        return new self($this->quarterback, $this->set, $this->side->opposite(),
            array_map(fn (RouteSpec $r): RouteSpec => $r->mirrored(), $this->routes), $this->reads,
            array_map(fn (array $s): array => [-$s[0], $s[1]], $this->spots), $this->drop,
            array_map(fn (string $k): string => strtr($k, ['left' => 'right', 'right' => 'left']), $this->keys),
            $this->situation?->withHash($this->situation->hash->mirrored()), $this->assumed);
    }
}
