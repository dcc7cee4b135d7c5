<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Run\Carrier;

/** Linemen and blockers: yards past the line when the ball leaves, the way of a puller, when a double is left, whom a block reached. */
final readonly class LineRows
{
    /** The line is crossed here, yards: past the hands of the down men. */
    private const LINE_YD = 0.5;

    /** Nobody is at the kick point when the nearest man is farther than this from it, yards (product default). */
    private const NOBODY_YD = 3.5;

    public const NOBODY = 'nobody to kick: nearest man';

    public const CROSSES = 'crosses the line at';

    private const PULLS = ['kick', 'wrap', 'lead', 'crack', 'fill'];

    public function __construct(private Measures $m)
    {
    }

    /** @return list<Row> */
    public function all(): array
    {
        $rows = [];
        foreach ($this->m->proof?->scene()->men ?? [] as $letter => $man) {
            array_push($rows, ...$this->hole((string) $letter), ...$this->downfield((string) $letter, $man), ...$this->path((string) $letter, $man), ...$this->block((string) $letter));
        }

        return $rows;
    }

    /** Where the man with the ball crosses the line, of the ball's spot: his cut, or the way of a pull. @return list<Row> */
    private function hole(string $letter): array
    {
        $run = $this->m->run();
        $film = $this->m->film;
        $action = $film->seen('Q', 'action')?->value;
        $carrier = $run === null ? null : ($run->carriers[(string) $action] ?? (array_values(array_filter($run->carriers, fn (Carrier $c): bool => $c->letter === $film->chart?->carrier))[0] ?? null));
        $track = $carrier?->letter === $letter ? $this->m->track($letter) : null;
        $crosses = $track?->past(self::LINE_YD);
        if ($track === null || $crosses === null) {
            return [];
        }
        $at = $track->at($crosses);

        return [Row::of($letter, self::CROSSES, 'yd', $carrier->path->x[$carrier->stepPast(self::LINE_YD)], $at['xYd'], max(0.1, $at['sdXYd']))];
    }

    /** How far a lineman is past the line when a pass leaves: the rule book allows so much (RuleSet::ineligibleDownfieldYd). @return list<Row> */
    private function downfield(string $letter, Man $man): array
    {
        $out = $this->m->after('ball out');
        $throws = $this->m->pass() !== null || $this->m->film->thrownTo() !== null;
        $at = $out === null || ! $throws || ! $man->isLineman() ? null : $this->m->track($letter)?->at($out);

        return $at === null ? [] : [Row::upTo($letter, 'downfield at ball out', 'yd', $this->m->film->setting->situation->rules->ineligibleDownfieldYd(), max(0.0, $at['yYd']), max(0.05, $at['sdYYd']))];
    }

    /** Width and depth of a pull: how far behind the line his way bows and where he crosses it. @return list<Row> */
    private function path(string $letter, Man $man): array
    {
        $block = $this->m->run()->resolved->blocks[$letter] ?? null;
        $track = $this->m->track($letter);
        if ($block === null || $track === null || ! in_array($block->verb, self::PULLS, true) || $track->count() < 3) {
            return [];
        }
        $deepest = 0.0;
        $sd = 0.05;
        for ($t = max(0.0, $track->from()); $t <= $track->to(); $t += 0.1) {
            $now = $track->at($t);
            if ($now['yYd'] < $deepest) {
                [$deepest, $sd] = [$now['yYd'], max(0.05, $now['sdYYd'])];
            }
        }
        $end = $track->at($track->to());
        $made = $this->m->run()->made[$letter] ?? null;

        return [
            Row::of($letter, 'pull: depth of his way', 'yd', null, -$deepest, $sd),
            Row::of($letter, 'pull: width', 'yd', $made?->xYd === null ? null : abs($made->xYd - $man->xYd), abs($end['xYd'] - $man->xYd), max(0.05, $end['sdXYd'])),
        ];
    }

    /** A puller with nobody to kick: how far the nearest man is from where he should have met him (JET-05). */
    private function nobody(string $letter): ?Row
    {
        $made = $this->m->run()->made[$letter];
        $near = $this->m->run()->resolved->blocks[$letter]->verb !== 'kick' || $made->xYd === null ? null : $this->m->nearestDefender(['xYd' => $made->xYd, 'yYd' => (float) $made->yYd, 'sdXYd' => 0.0, 'sdYYd' => 0.0], (float) $made->at);

        return $near === null || $near['apartYd'] < self::NOBODY_YD ? null : Row::of($letter, self::NOBODY, 'yd', null, $near['apartYd'], max(0.1, $near['sdYd']));
    }

    /** @return list<Row> */
    private function block(string $letter): array
    {
        $rows = [];
        $made = $this->m->run()->made[$letter] ?? null;
        $target = $this->m->run()->resolved->blocks[$letter]->target ?? null;
        $climb = $this->m->after('climb', $letter);
        if ($climb !== null) {
            $rows[] = Row::of($letter, 'climbs', 's', null, $climb, Measures::MARK_S * M_SQRT2);
        }
        // Where the film ends before they meet nothing is known of the block.
        $followed = $made?->at !== null && $made->at <= ($this->m->track($letter)?->to() ?? 0.0);
        $his = $target === null || ! $followed ? null : $this->m->track($letter)->at($made->at);
        $theirs = $his === null ? null : $this->m->track($target)?->at($made->at);
        $nobody = $theirs === null ? null : $this->nobody($letter);
        if ($nobody !== null) {
            $rows[] = $nobody;
        } elseif ($theirs !== null) {
            ['apartYd' => $apart, 'sdYd' => $sd] = Apart::of($his, $theirs);
            $rows[] = Row::upTo($letter, 'gap to his man', 'yd', 1.0, $apart, max(0.1, $sd));
        }

        return $rows;
    }
}
