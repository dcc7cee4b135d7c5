<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

/** Which act of which key is to be seen; a second key may act with him. */
final readonly class AskedAct
{
    /** @param  int|null  $index  its place among his acts, where several have one name */
    public function __construct(
        public string $defender,
        public string $name,
        public ?int $index = null,
        public ?self $and = null,
    ) {
    }

    /** @param  array{defender: string, name: string, index?: int, and?: array{defender: string, name: string}}  $act */
    public static function read(array $act): self
    {
        return new self(
            $act['defender'],
            $act['name'],
            $act['index'] ?? null,
            isset($act['and']) ? self::read($act['and']) : null,
        );
    }

    /** Whether this is the act so called at a place among the acts of a key. */
    public function is(string $role, string $name, int $index): bool
    {
        return $role === $this->defender && $name === $this->name && ($this->index === null || $index === $this->index);
    }
}
