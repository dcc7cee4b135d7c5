<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Field\Side;

/** A route as called: its name, the depth of its break in yards (null: the catalogue's), the side it goes to where said, its job flag. */
final readonly class RouteSpec
{
    public function __construct(
        public string $name,
        public ?float $depthYd = null,
        public ?Side $side = null,
        public ?Flag $flag = null,
        public bool $checks = false,
    ) {
    }

    /** @throws UnknownRoute when the name is not in the catalogue or the depth is out of its range */
    public static function of(string $name, ?float $depthYd = null, ?Side $side = null, ?Flag $flag = null, bool $checks = false): self
    {
        $shape = Routes::get($name);
        if ($depthYd !== null && ! ($depthYd >= $shape->minDepthYd && $depthYd <= $shape->maxDepthYd)) {
            throw UnknownRoute::depth($name, $depthYd, $shape->minDepthYd, $shape->maxDepthYd);
        }

        return new self($name, $depthYd, $side, $flag, $checks);
    }

    public function shape(): RouteShape
    {
        return Routes::get($this->name);
    }

    public function depth(): float
    {
        return $this->depthYd ?? $this->shape()->depthYd;
    }

    public function withFlag(?Flag $flag): self
    {
        return new self($this->name, $this->depthYd, $this->side, $flag, $this->checks);
    }

    public function mirrored(): self
    {
        return new self($this->name, $this->depthYd, $this->side?->opposite(), $this->flag, $this->checks);
    }
}
