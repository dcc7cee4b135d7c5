<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\Front\Predicates;
use Jacotaxis\Core\Blocking\Run\Front\Targets;
use Jacotaxis\Core\Defense\Count\Edges;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\School\Schools;

/**
 * Makes eleven assignments of a run against a front: the scheme's rows first, then the line works its gaps, then receivers
 * stalk who is over them. Keys are never blocked.
 */
final class Resolver
{
    /** @var array<string, Block> by letter */
    private array $blocks = [];

    /** @var list<string> roles somebody has or the play reads */
    private array $taken = [];

    /** @var list<array{decision: string, role: string}> in the order they are read */
    private array $keys = [];

    private readonly Targets $targets;

    private readonly Predicates $when;

    /** @param  array<string, list<string>>  $able */
    private function __construct(
        private readonly RunCall $run,
        private readonly RunScheme $scheme,
        private readonly Posts $posts,
        private readonly FrontRead $front,
        private readonly Schools $schools,
        array $able,
        array $missing,
    ) {
        $this->targets = new Targets($front, $posts, $missing);
        $this->when = new Predicates($front, $posts, $run, $schools, $able);
    }

    /**
     * @param  list<Defender>  $defenders
     * @param  list<string>  $out  letters who have a job of their own: a route with the run
     * @param  array<string, list<string>>  $able  flags of the men by letter
     * @param  string|null  $read  role the throw of a run-pass option reads: nobody blocks him, and nobody else is left unblocked
     */
    public static function of(RunCall $run, Lineup $lineup, array $defenders, Look $look, ?Schools $schools = null, array $out = [], array $able = [], ?string $read = null): Resolved
    {
        $posts = Posts::of($lineup, $run->side);
        $front = new FrontRead($defenders, $lineup, $look, $run->side);
        $schools ??= Schools::of();
        $first = (new self($run, $run->scheme(), $posts, $front, $schools, $able, []))->resolve($out, $read);
        if ($run->tagged('wham') === null || $first->unaccounted === []) {
            return $first;
        }

        return (new self($run, $run->scheme(), $posts, $front, $schools, $able, $first->unaccounted))->resolve($out, $read);
    }

    /** @param  list<string>  $out */
    private function resolve(array $out, ?string $read): Resolved
    {
        foreach ($out as $letter) {
            $this->blocks[$letter] = new Block($letter, $this->posts->post($letter), 'route');
        }
        $this->carriers();
        $this->orders();
        if ($read !== null) {
            $this->keys[] = ['decision' => 'throw', 'role' => $read];
            $this->taken[] = $read;
        } else {
            $this->keys();
        }
        $this->rows();
        $line = new Combinations($this->scheme, $this->posts, $this->front, $this->schools);
        foreach ($line->of($this->pool(), $this->taken) as $block) {
            $this->put($block);
        }
        $this->others();

        return new Resolved($this->run, $this->posts, $this->front, $this->ordered(), $this->keys, $this->unaccounted());
    }

    /** Who has the ball, who may get the pitch, who fakes. */
    private function carriers(): void
    {
        $this->blocks['Q'] = new Block('Q', 'quarterback', 'quarterback');
        $carrier = $this->run->who ?? $this->firstFree($this->scheme->carriers);
        if ($carrier !== null && $this->scheme->gives) {
            $this->blocks[$carrier] = new Block($carrier, $this->posts->post($carrier), 'carry');
        }
        $pitch = $this->scheme->pitch === null ? null : $this->firstFree(explode('|', $this->scheme->pitch));
        if (! $this->scheme->gives && $this->run->who !== null) {
            $pitch = $this->run->who;
        }
        if ($pitch !== null) {
            $this->blocks[$pitch] = new Block($pitch, $this->posts->post($pitch), 'pitch');
        }
        $fakes = $this->scheme->fakes === null || $this->leads() ? null : $this->firstFree(explode('|', $this->scheme->fakes));
        if ($fakes !== null) {
            $this->blocks[$fakes] = new Block($fakes, $this->posts->post($fakes), 'fake');
        }
    }

    /** Whether the man who fakes also has a block after it. */
    private function leads(): bool
    {
        foreach ([...$this->tagRows(), ...$this->scheme->jobs] as [$posts, , $verb]) {
            if (in_array($verb, ['lead', 'load'], true) && array_intersect(explode('|', $posts), explode('|', (string) $this->scheme->fakes)) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<string>  $posts */
    private function firstFree(array $posts): ?string
    {
        foreach ($posts as $post) {
            $letter = $this->posts->letter($post);
            if ($letter !== null && ! isset($this->blocks[$letter])) {
                return $letter;
            }
        }

        return null;
    }

    /** Jobs given by hand come before everything. */
    private function orders(): void
    {
        foreach ($this->run->orders as $letter => $order) {
            $target = $order->target === null ? $this->targets->find('over', $letter, $this->taken) : $this->targets->find($order->target, $letter, []);
            $this->put(new Block($letter, $this->posts->post($letter), $order->verb, $target));
        }
    }

    private function keys(): void
    {
        $tagged = [];
        foreach ($this->run->tags as $tag) {
            $tagged = [...$tagged, ...array_filter(Tags::keys($tag), fn (array $k): bool => $this->when->hold($k[2]))];
        }
        $own = array_filter($this->scheme->keys, fn (array $k): bool => ! in_array($k[0], array_column($tagged, 0), true));
        $order = ['give' => 0, 'pitch' => 1];
        $rows = [...$tagged, ...$own];
        usort($rows, fn (array $a, array $b): int => $order[$a[0]] <=> $order[$b[0]]);
        foreach ($this->run->giveOnly ? [] : $rows as [$decision, $target, $when]) {
            if (! $this->when->hold($when) || in_array($decision, array_column($this->keys, 'decision'), true)) {
                continue;
            }
            $role = $this->targets->find($target, 'Q', $this->taken);
            if ($role !== null) {
                $this->keys[] = ['decision' => $decision, 'role' => $role];
                $this->taken[] = $role;
            }
        }
    }

    private function rows(): void
    {
        foreach ([...$this->tagRows(), ...$this->scheme->jobs] as [$posts, $when, $verb, $targets]) {
            $letter = $this->posts->first($posts);
            // Of several posts the first that is there has the job; who has one already leaves it to nobody.
            if ($letter === null || isset($this->blocks[$letter]) && ! str_contains($posts, '|')) {
                continue;
            }
            $letter = isset($this->blocks[$letter]) ? $this->firstFree(explode('|', $posts)) : $letter;
            if ($letter === null || ! $this->when->hold($when, $letter)) {
                continue;
            }
            $target = $targets === '' ? null : $this->targets->find($targets, $letter, $verb === 'double' ? [] : $this->taken);
            if ($target === null && $targets !== '' && ! in_array($verb, ['kick', 'climb', 'wrap', 'lead', 'cut off', 'release'], true)) {
                continue;
            }
            $unset = $verb === 'split' && ! isset($this->schools->values['split-block']) ? 'which end he takes and his path are unset in the staff book' : null;
            $partner = $verb === 'double' ? $this->posts->letter($this->posts->post($letter) === 'center' ? 'playside guard' : 'center') : null;
            $this->put(new Block($letter, $this->posts->post($letter), $verb, $target, $verb === 'double' ? $target : null, $partner, $unset));
        }
    }

    /** @return list<array{string, string, string, string}> */
    private function tagRows(): array
    {
        $rows = [];
        foreach ($this->run->tags as $tag) {
            $rows = [...$rows, ...Tags::jobs($tag, $this->run)];
        }

        return $rows;
    }

    /** Linemen and tight ends without a rule of their own, from the backside to the playside. @return list<string> */
    private function pool(): array
    {
        $posts = ['backside wing', 'backside end', 'backside tackle', 'backside guard', 'center', 'playside guard', 'playside tackle', 'playside end', 'playside wing'];
        $letters = array_filter(array_map($this->posts->letter(...), $posts), fn (?string $l): bool => $l !== null && ! isset($this->blocks[$l]));
        usort($letters, fn (string $a, string $b): int => $this->posts->u($a) <=> $this->posts->u($b));

        return $letters;
    }

    /** Receivers stalk who is over them, backs who are left lead or fake. */
    private function others(): void
    {
        foreach ($this->posts->lineup->eligible() as $letter) {
            if (isset($this->blocks[$letter])) {
                continue;
            }
            $man = $this->posts->lineup->men[$letter];
            if ($man->isBack() || $man->inMotion()) {
                $this->put(new Block($letter, $this->posts->post($letter), 'fake'));

                continue;
            }
            $side = $man->side() === $this->run->side ? 'playside' : 'backside';
            if ($this->scheme->kind === 'zone' && abs($man->xYd) <= Edges::CONDENSED_YD && $this->schools->is('SET-21', 'A')) {
                // A tight receiver takes the first man inside and leaves the corner to the runner (INZ-16).
                $this->put(new Block($letter, $this->posts->post($letter), 'block', $this->targets->find("overhang $side/outside backer $side/over/corner $side", $letter, $this->taken)));

                continue;
            }
            $this->put(new Block($letter, $this->posts->post($letter), 'stalk', $this->targets->find("over/overhang $side/corner $side/$side safety", $letter, $this->taken)));
        }
    }

    private function put(Block $block): void
    {
        $this->blocks[$block->letter] = $block;
        if ($block->blocks() && $block->target !== null) {
            $this->taken[] = $block->target;
        }
        if ($block->first !== null) {
            $this->taken[] = $block->first;
        }
    }

    /** Men of the box, and the support at the point, whom nobody has and the play does not read (CNT-05). @return list<string> */
    private function unaccounted(): array
    {
        $edge = abs($this->front->end($this->run->side));
        $point = array_filter($this->front->box(), fn (string $r): bool => ! $this->scheme->isOption() || $this->front->movedU($r) > -$edge + 0.5);

        // Where the ball goes around the end the men outside the box are at the point too.
        $outside = ! in_array($this->scheme->kind, ['option', 'jet'], true) ? [] : array_filter($this->front->overhangs, fn (string $r): bool => $this->front->u($r) > 0.0);

        return array_values(array_diff([...$point, ...$outside], $this->taken));
    }

    /** @return array<string, Block> in the order of the men */
    private function ordered(): array
    {
        $ordered = [];
        foreach (array_keys($this->posts->lineup->men) as $letter) {
            $ordered[$letter] = $this->blocks[$letter] ?? new Block($letter, $this->posts->post($letter), 'fake');
        }

        return $ordered;
    }
}
