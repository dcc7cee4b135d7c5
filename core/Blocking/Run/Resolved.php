<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;

/** A run resolved against a front: eleven assignments, the keys in order, who is left. */
final readonly class Resolved
{
    /**
     * @param  array<string, Block>  $blocks  by letter, all eleven
     * @param  list<array{decision: string, role: string}>  $keys  in the order they are read
     * @param  list<string>  $unaccounted  roles at the point nobody has
     */
    public function __construct(
        public RunCall $run,
        public Posts $posts,
        public FrontRead $front,
        public array $blocks,
        public array $keys,
        public array $unaccounted,
    ) {
    }

    /** Letter of the man whose verb it is, or null. */
    public function who(Verb $verb): ?string
    {
        foreach ($this->blocks as $letter => $block) {
            if ($block->verb === $verb) {
                return $letter;
            }
        }

        return null;
    }

    public function key(string $decision): ?string
    {
        foreach ($this->keys as $key) {
            if ($key['decision'] === $decision) {
                return $key['role'];
            }
        }

        return null;
    }

    /**
     * Who rushes and is let up the field on purpose: a screen is thrown over him.
     *
     * @return list<string>
     */
    public function letThrough(): array
    {
        return $this->run->scheme()->screen === null ? [] : array_values(array_filter(
            $this->front->box(),
            fn (string $role): bool => $this->front->men[$role]->rushes() && $this->blockersOf($role) === [],
        ));
    }

    /**
     * Letters of those who block a defender, the one who keeps him first.
     *
     * @return list<string>
     */
    public function blockersOf(string $role): array
    {
        $own = array_filter($this->blocks, fn (Block $b): bool => $b->blocks() && $b->target === $role);
        $first = array_filter($this->blocks, fn (Block $b): bool => $b->first === $role && $b->target !== $role);

        return [...array_keys($own), ...array_keys($first)];
    }
}
