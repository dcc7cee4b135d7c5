<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Front;

/** A man of a front who rushes from the line, down or standing on the edge. */
final readonly class LineMan
{
    /** How far a down man stands off the ball, yards. */
    public const DOWN_YD = 1.0;

    /**
     * @param  bool  $strong  whether he is on the strong side of the front
     * @param  string  $besideTightEnd  his technique where a tight end stands on his side
     * @param  float  $widerYd  how much wider than the technique he stands
     */
    private function __construct(
        public string $letter,
        public string $name,
        public bool $strong,
        public string $technique,
        public string $besideTightEnd,
        public float $widerYd,
        public float $depthYd,
        public bool $edge,
    ) {
    }

    public static function strong(string $letter, string $name, string $technique, ?string $besideTightEnd = null): self
    {
        return new self($letter, $name, true, $technique, $besideTightEnd ?? $technique, 0.0, self::DOWN_YD, false);
    }

    public static function weak(string $letter, string $name, string $technique, ?string $besideTightEnd = null): self
    {
        return new self($letter, $name, false, $technique, $besideTightEnd ?? $technique, 0.0, self::DOWN_YD, false);
    }

    /** The same man standing up on the edge: how much wider than his technique and how deep, yards. */
    public function standing(float $widerYd, float $depthYd): self
    {
        return new self(
            $this->letter,
            $this->name,
            $this->strong,
            $this->technique,
            $this->besideTightEnd,
            $widerYd,
            $depthYd,
            true,
        );
    }
}
