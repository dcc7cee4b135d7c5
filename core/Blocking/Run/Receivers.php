<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\Front\Targets;
use Jacotaxis\Core\Defense\Count\Edges;
use Jacotaxis\Core\School\Schools;

/** Jobs of receivers and backs nobody has given any: they stalk who is over them, a back carries out a fake. */
final readonly class Receivers
{
    public function __construct(
        private RunCall $run,
        private Posts $posts,
        private Targets $targets,
        private Schools $schools,
    ) {
    }

    /**
     * From the outside in, the play's side first.
     *
     * @param  list<string>  $letters  of those without a job
     * @param  list<string>  $taken  roles that are had or read
     * @return list<Block>
     */
    public function of(array $letters, array $taken): array
    {
        $order = fn (string $l): array => [$this->posts->u($l) < 0.0, -abs($this->posts->u($l))];
        usort($letters, fn (string $a, string $b): int => $order($a) <=> $order($b));
        $blocks = [];
        foreach ($letters as $letter) {
            $block = $this->job($letter, $taken);
            $blocks[] = $block;
            if ($block->target !== null) {
                $taken[] = $block->target;
            }
        }

        return $blocks;
    }

    /** @param  list<string>  $taken */
    private function job(string $letter, array $taken): Block
    {
        $man = $this->posts->lineup->men[$letter];
        $post = $this->posts->post($letter);
        if ($man->isBack() || $man->inMotion()) {
            return new Block($letter, $post, Verb::Fake);
        }
        $side = $man->side() === $this->run->side ? 'playside' : 'backside';
        $tight = abs($man->xYd) <= Edges::CONDENSED_YD && $this->schools->is('SET-21', 'A');
        if ($tight && $this->run->scheme()->kind === RunKind::Zone) {
            // A tight receiver takes the first man inside and leaves the corner to the runner (INZ-16).
            $first = ["overhang $side", "outside backer $side", 'over', "corner $side"];

            return new Block($letter, $post, Verb::Block, $this->targets->find($first, $letter, $taken));
        }
        $over = ['over', "overhang $side", "corner $side", "$side safety"];

        return new Block($letter, $post, Verb::Stalk, $this->targets->find($over, $letter, $taken));
    }
}
