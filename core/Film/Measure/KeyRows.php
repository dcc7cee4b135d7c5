<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

/**
 * Defenders as evidence: the key's first step, his depth at mesh and ball out, and from which depth a man came up
 * (FLM-08).
 */
final readonly class KeyRows
{
    /** Coming up this far tells a trigger, yards. */
    private const TRIGGER_YD = 1.0;

    public function __construct(private Measures $m)
    {
    }

    /** @return list<Row> */
    public function all(): array
    {
        $rows = [];
        foreach ($this->m->defenders() as $role) {
            $track = $this->m->track($role);
            if ($track !== null) {
                array_push($rows, ...$this->of($role, $track));
            }
        }

        return $rows;
    }

    /** @return list<string> the read men of the call */
    public function keys(): array
    {
        return array_map(fn ($k): string => $k->role, $this->m->pass()->keys ?? $this->m->run()->keys ?? []);
    }

    /** @return list<Row> */
    private function of(string $role, Track $track): array
    {
        $rows = [];
        $step = $this->m->after('first step', $role);
        if ($step !== null) {
            $rows[] = Row::of($role, 'first step', 's', null, $step, Measures::MARK_S * M_SQRT2);
        } elseif (
            $track->count() >= 4 &&
            $track->from() <= 0.1 &&
            ($left = $track->leaves(max(0.0, $track->from()))) !== null
        ) {
            $rows[] = Row::of($role, 'first step', 's', null, $left, 0.1);
        }
        foreach (['mesh' => 'depth at the mesh', 'ball out' => 'depth at ball out'] as $kind => $name) {
            $t = $this->m->after($kind);
            $at = $t === null ? null : $track->at($t);
            if ($at !== null) {
                $rows[] = Row::of($role, $name, 'yd', null, $at->yYd, max(0.05, $at->sdYYd));
            }
        }
        $came = $this->trigger($role, $track);
        $turned = $this->m->after('hips turned', $role);

        return [
            ...$rows,
            ...$came === null ? [] : [$came],
            ...$turned === null ? [] : [Row::of($role, 'hips turned', 's', null, $turned, Measures::MARK_S * M_SQRT2)],
        ];
    }

    /** The depth from which a deep man came up at the run, or null when he did not. */
    private function trigger(string $role, Track $track): ?Row
    {
        $highest = null;
        for ($t = max(0.0, $track->from()); $t <= $track->to(); $t += 0.1) {
            $now = $track->nearest($t);
            $highest = $highest === null || $now->yYd > $highest->yYd ? $now : $highest;
            if ($highest->yYd - $now->yYd >= self::TRIGGER_YD && $highest->yYd > 5.0) {
                return Row::of($role, 'trigger depth', 'yd', null, $highest->yYd, max(0.05, $highest->sdYYd));
            }
        }

        return null;
    }
}
