<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Line;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\RunScheme;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\School\Schools;

/** The line's own part of a run: what named jobs leave of the front is divided among the men they leave of the line. */
final readonly class Line
{
    private LineCosts $costs;

    public function __construct(
        private RunScheme $scheme,
        private Posts $posts,
        private FrontRead $front,
        Schools $schools,
    ) {
        $this->costs = new LineCosts($scheme, $posts, $front, $schools);
    }

    /**
     * @param  list<string>  $letters  men without a job
     * @param  list<string>  $taken  roles that are had, read or left already
     * @param  array<string, Block>  $jobs  jobs given already, by letter
     * @param  list<string>  $keys  roles the play reads
     * @return array<string, Block>
     */
    public function of(array $letters, array $taken, array $jobs, array $keys): array
    {
        if ($letters === []) {
            return [];
        }
        $named = array_filter($jobs, fn (Block $b): bool => $b->target !== null && $this->stays($b));
        $backers = array_values(array_diff($this->front->backers, $taken));
        $first = $this->front->fromTackle($backers)[0] ?? null;
        $behind = array_map(
            fn (Block $b): string => (string) $b->target,
            array_filter($named, fn (Block $b): bool => ! $this->front->isOnLine((string) $b->target)),
        );
        $read = array_values(array_filter($keys, $this->front->isOnLine(...)));
        $solved = new LineMatching(
            $letters,
            array_values(array_diff($this->front->line, $taken)),
            $backers,
            $first,
            [
                ...array_map($this->posts->u(...), array_map(strval(...), array_keys($named))),
                ...array_map($this->front->u(...), $read),
            ],
            $behind,
            $this->costs,
            $this->posts,
            $this->front,
        );
        $onLine = array_map(
            fn (Block $b): string => (string) $b->target,
            array_filter($named, fn (Block $b): bool => $this->front->isOnLine((string) $b->target)),
        );

        return (new Doubles(
            $solved->solve(),
            $onLine,
            $first,
            $this->scheme,
            $this->posts,
            $this->front,
            $this->costs->touchYd(),
        ))->blocks();
    }

    private function stays(Block $block): bool
    {
        $attached =
            in_array($block->letter, Man::LINEMEN, true) ||
            str_ends_with($block->post, ' end') ||
            str_ends_with($block->post, ' wing');

        return $attached && ! $block->verb->leaves();
    }
}
