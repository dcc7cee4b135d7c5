<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Catalogue\JobRow;
use Jacotaxis\Core\Blocking\Run\Catalogue\KeyRow;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\Catalogue\Tags;
use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\Front\Predicates;
use Jacotaxis\Core\Blocking\Run\Front\Targets;
use Jacotaxis\Core\Blocking\Run\Line\Line;
use Jacotaxis\Core\Blocking\Run\Line\Spare;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\School\Schools;

/**
 * Makes eleven assignments of a run against a front, in the order a line coach gives them: who has the ball, jobs by
 * hand, whom the play reads, named jobs, the line against the rest of the front, named jobs for what is left,
 * receivers from the outside in, and spare hats last. Whom the play reads nobody blocks.
 */
final class Resolver
{
    /** @var array<string, Block> by letter */
    private array $blocks = [];

    /** @var list<string> roles somebody has or the play reads */
    private array $taken = [];

    /** @var list<array{decision: string, role: string}> in the order they are read */
    private array $keys = [];

    /** @var list<string> roles left free by design although nobody reads them */
    private array $unread = [];

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
    ) {
        $this->targets = new Targets($front, $posts);
        $this->when = new Predicates($front, $posts, $run, $schools, $able);
    }

    /**
     * @param  list<Defender>  $defenders
     * @param  list<string>  $out  letters who have a job of their own: a route with the run
     * @param  array<string, list<string>>  $able  flags of the men by letter
     * @param  string|null  $outside  role the quarterback reads for a throw outside once he has pulled the ball
     * @param  string|null  $read  role the throw of a run-pass option reads: nobody blocks him, and nobody else is left
     *     unblocked
     */
    public static function of(
        RunCall $run,
        Lineup $lineup,
        array $defenders,
        Look $look,
        ?Schools $schools = null,
        array $out = [],
        array $able = [],
        ?string $read = null,
        ?string $outside = null,
    ): Resolved {
        $posts = Posts::of($lineup, $run->side);
        $front = new FrontRead($defenders, $lineup, $look, $run->side);

        return (new self($run, $run->scheme(), $posts, $front, $schools ?? Schools::of(), $able))->resolve(
            $out,
            $read,
            $outside,
        );
    }

    /** @param  list<string>  $out */
    private function resolve(array $out, ?string $read, ?string $outside): Resolved
    {
        foreach ($out as $letter) {
            $this->blocks[$letter] = new Block($letter, $this->posts->post($letter), Verb::Route);
        }
        $this->blocks = (new BallJobs($this->run, $this->posts, $this->tagRows()))->added($this->blocks);
        $this->orders();
        if ($read !== null) {
            $this->keys[] = ['decision' => 'throw', 'role' => $read];
            $this->taken[] = $read;
        } else {
            $this->keys();
        }
        if ($outside !== null && ! in_array($outside, $this->taken, true)) {
            $this->keys[] = ['decision' => 'outside', 'role' => $outside];
            $this->taken[] = $outside;
        }
        $this->rows(late: false);
        $line = new Line($this->scheme, $this->posts, $this->front, $this->schools);
        foreach ($line->of($this->pool(), $this->taken, $this->blocks, array_column($this->keys, 'role')) as $block) {
            $this->put($block);
        }
        $this->rows(late: true);
        $left = array_values(
            array_filter($this->posts->lineup->eligible(), fn (string $l): bool => ! isset($this->blocks[$l])),
        );
        foreach (
            (new Receivers($this->run, $this->posts, $this->targets, $this->schools))->of($left, $this->taken) as $block
        ) {
            $this->put($block);
        }
        foreach ((new Spare($this->posts, $this->front, $this->scheme))->of($this->blocks, $this->taken) as $block) {
            $this->put($block);
        }
        $this->idleBacks();

        return new Resolved(
            $this->run,
            $this->posts,
            $this->front,
            $this->ordered(),
            $this->keys,
            $this->unaccounted(),
        );
    }

    /** Jobs given by hand come before everything. */
    private function orders(): void
    {
        foreach ($this->run->orders as $letter => $order) {
            $target =
                $order->target === null
                    ? $this->targets->find(['over'], $letter, $this->taken)
                    : $this->targets->find([$order->target], $letter, []);
            $this->put(new Block($letter, $this->posts->post($letter), $order->verb, $target));
        }
    }

    private function keys(): void
    {
        // A quarterback who runs it himself whatever anybody does reads nobody.
        if ($this->scheme->isQuarterbacks()) {
            return;
        }
        $tagged = [];
        foreach ($this->run->tags as $tag) {
            $tagged = [
                ...$tagged,
                ...array_filter(Tags::keys($tag), fn (KeyRow $k): bool => $this->when->hold($k->when)),
            ];
        }
        $changed = array_map(fn (KeyRow $k): string => $k->decision, $tagged);
        $own = array_filter($this->scheme->keys, fn (KeyRow $k): bool => ! in_array($k->decision, $changed, true));
        $rows = [...$tagged, ...$own];
        usort($rows, fn (KeyRow $a, KeyRow $b): int => $a->order() <=> $b->order());
        $decided = [];
        foreach ($rows as $row) {
            if (! $this->when->hold($row->when) || in_array($row->decision, $decided, true)) {
                continue;
            }
            $role = $this->targets->find($row->targets, 'Q', $this->taken);
            if ($role !== null) {
                $decided[] = $row->decision;
                $this->leave($role, $row->decision);
            }
        }
    }

    /**
     * Whom the play reads is left free. An option handed off whatever he does leaves him all the same, and nobody reads
     * him (PAC-19).
     */
    private function leave(string $role, string $decision): void
    {
        if (! $this->run->giveOnly) {
            $this->keys[] = ['decision' => $decision, 'role' => $role];
            $this->taken[] = $role;
        } elseif ($this->scheme->isOption()) {
            $this->unread[] = $role;
            $this->taken[] = $role;
        }
    }

    /** @param  bool  $late  the rows for what the matching of the line has left, or those before it */
    private function rows(bool $late): void
    {
        foreach ([...$this->tagRows(), ...$this->scheme->jobs, ...Schemes::support()] as $row) {
            $letter = $this->posts->free($row->posts, $this->blocks);
            if ($row->late !== $late || $letter === null || ! $this->when->hold($row->when, $letter)) {
                continue;
            }
            $target = $row->targets === [] ? null : $this->targets->find($row->targets, $letter, $this->taken);
            if ($row->with !== null) {
                $this->pair($letter, $row->with, $target);

                continue;
            }
            // A rule that finds nobody leaves the man to the matching.
            if ($target === null && $row->targets !== [] && ! $row->verb->standsAlone()) {
                continue;
            }
            $unset =
                $row->verb === Verb::Split && ! isset($this->schools->values['split-block'])
                    ? 'which end he takes and his path are unset in the staff book'
                    : null;
            $this->put(new Block($letter, $this->posts->post($letter), $row->verb, $target, unset: $unset));
        }
    }

    /** A back the scheme has nothing for leads on a man whom nobody has, before he fakes for nobody. */
    private function idleBacks(): void
    {
        $shows = array_map($this->posts->letter(...), $this->scheme->fakes);
        if ($this->scheme->screen !== null || $this->scheme->isQuarterbacks()) {
            return;
        }
        foreach ($this->posts->lineup->count->backs as $letter) {
            $verb = $this->blocks[$letter]->verb ?? Verb::Fake;
            if ($verb !== Verb::Fake || in_array($letter, $shows, true)) {
                continue;
            }
            $box = array_intersect($this->targets->all('left for the lead', $letter), $this->unaccounted());
            $edge = array_diff($this->targets->all('overhangs playside', $letter), $this->taken);
            $role = [...$box, ...$edge][0] ?? null;
            if ($role !== null) {
                $this->put(new Block($letter, $this->posts->post($letter), Verb::Lead, $role));
            }
        }
    }

    /** Two men on a man of the line: one keeps him, the other goes on to the first backer of the back side. */
    private function pair(string $keeps, string $post, ?string $down): void
    {
        $climbs = $this->posts->letter($post);
        if ($down === null || $climbs === null || isset($this->blocks[$climbs])) {
            return;
        }
        $backer = $this->targets->find(['backside backer'], $climbs, $this->taken);
        $this->put(new Block($keeps, $this->posts->post($keeps), Verb::Double, $down, $down, $climbs));
        $this->put(new Block($climbs, $post, Verb::Double, $backer ?? $down, $down, $keeps));
    }

    /** @return list<JobRow> */
    private function tagRows(): array
    {
        $rows = [];
        foreach ($this->run->tags as $tag) {
            $rows = [...$rows, ...Tags::jobs($tag, $this->run)];
        }

        return $rows;
    }

    /**
     * Linemen, tight ends and wings without a rule of their own, from the backside to the playside.
     *
     * @return list<string>
     */
    private function pool(): array
    {
        $posts = [
            'backside wing',
            'backside end',
            'backside tackle',
            'backside guard',
            'center',
            'playside guard',
            'playside tackle',
            'playside end',
            'playside wing',
        ];
        $letters = array_filter(
            array_map($this->posts->letter(...), $posts),
            fn (?string $l): bool => $l !== null && ! $this->hasJob($l),
        );
        usort($letters, fn (string $a, string $b): int => $this->posts->u($a) <=> $this->posts->u($b));

        return $letters;
    }

    /** Who waits for a late row has no job yet: he is not the matching's either. */
    private function hasJob(string $letter): bool
    {
        if (isset($this->blocks[$letter])) {
            return true;
        }
        foreach ([...$this->tagRows(), ...$this->scheme->jobs] as $row) {
            if (
                $row->late &&
                $this->posts->free($row->posts, $this->blocks) === $letter &&
                $this->when->hold($row->when, $letter)
            ) {
                return true;
            }
        }

        return false;
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

    /**
     * Men of the box, and the support at the point, whom nobody has and the play does not read (CNT-05).
     *
     * @return list<string>
     */
    private function unaccounted(): array
    {
        $edge = abs($this->front->end($this->run->side));
        $point = array_filter(
            $this->front->box(),
            fn (string $r): bool => match (true) {
                // Who rushes is let through on purpose.
                $this->scheme->screen !== null => ! $this->front->men[$r]->rushes(),
                $this->scheme->isOption() => $this->front->movedU($r) > -$edge + 0.5,
                default => true,
            },
        );

        // Where the ball goes around the end the men outside the box are at the point too.
        $outside = ! $this->scheme->kind->goesWide() ? [] : array_filter(
            $this->front->overhangs,
            fn (string $r): bool => $this->front->u($r) > 0.0,
        );

        return array_values(array_diff([...$point, ...$outside], array_diff($this->taken, $this->unread)));
    }

    /** @return array<string, Block> in the order of the men */
    private function ordered(): array
    {
        $ordered = [];
        foreach (array_keys($this->posts->lineup->men) as $letter) {
            $ordered[$letter] = $this->blocks[$letter] ?? new Block($letter, $this->posts->post($letter), Verb::Fake);
        }

        return $ordered;
    }
}
