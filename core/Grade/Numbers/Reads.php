<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

use Jacotaxis\Core\Grade\Interval;

/** How often something was right of how many: reads by the decision, or results by what the down asked. */
final class Reads
{
    private int $hits = 0;

    /** @var list<string> */
    private array $ids = [];

    public function read(SnapRow $s): void
    {
        if ($s->decision !== null) {
            $this->hits += (int) ($s->decision === 'right' || $s->decision === 'right but late');
            $this->ids[] = $s->id;
        }
    }

    public function result(SnapRow $s): void
    {
        $good = $s->nullified ? null : Tally::success($s);
        if ($good !== null) {
            $this->hits += (int) $good;
            $this->ids[] = $s->id;
        }
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Interval::of($this->hits, count($this->ids))->toArray() + ['ids' => $this->ids];
    }
}
