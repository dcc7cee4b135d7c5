<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Grade\Interval;

/**
 * Sums snaps up: tries, average gain, success (40, 60 and 100 % of the distance: Carroll, Palmer and Thorn 1988), explosive,
 * negative, completions, ball-out time. Snaps wiped out by a flag, kneels and spikes are left out. Keeps the ids of its snaps.
 */
final class Tally
{
    /** A gain from here on is explosive, yards (common practice, no source). */
    public const EXPLOSIVE_RUN_YD = 12.0;

    public const EXPLOSIVE_PASS_YD = 16.0;

    /** @var list<string> */
    private array $ids = [];

    private int $measured = 0;

    private float $gain = 0.0;

    private int $judged = 0;

    private int $success = 0;

    private int $explosive = 0;

    private int $negative = 0;

    private int $throws = 0;

    private int $complete = 0;

    private int $drops = 0;

    private int $out = 0;

    private float $outS = 0.0;

    private int $touchdowns = 0;

    private int $fouls = 0;

    /** @var array<string, int> */
    private array $done = [];

    public function add(SnapRow $s): void
    {
        $this->fouls += (int) ($s->penaltyBy !== null);
        $result = $s->result === null ? null : Result::from($s->result);
        if ($s->nullified || ($result !== null && ! $result->counts())) {
            return;
        }
        $this->ids[] = $s->id;
        $gain = $result === null ? null : ($result->moves() ? $s->gainYd : 0.0);
        if ($s->done !== null) {
            $this->done[$s->done] = ($this->done[$s->done] ?? 0) + 1;
        }
        if ($gain !== null) {
            $this->measured++;
            $this->gain += $gain;
            $this->explosive += (int) ($gain >= ($result->isThrow() ? self::EXPLOSIVE_PASS_YD : self::EXPLOSIVE_RUN_YD));
            $this->negative += (int) ($gain < 0.0 || $result->losesBall());
        }
        $good = self::success($s);
        if ($good !== null) {
            $this->judged++;
            $this->success += (int) $good;
        }
        if ($result?->isThrow() === true) {
            $this->throws++;
            $this->complete += (int) ($result === Result::Complete);
            $this->drops += (int) ($result === Result::Dropped);
        }
        $this->touchdowns += (int) $s->touchdown;
        if ($s->outS !== null) {
            $this->out++;
            $this->outS += $s->outS;
        }
    }

    /** Whether a snap was worth the down, or null while that is not known. */
    public static function success(SnapRow $s): ?bool
    {
        $result = $s->result === null ? null : Result::from($s->result);
        if ($s->touchdown) {
            return true;
        }
        if ($result === null || $s->down === null || $s->toGoYd === null || $result->moves() && $s->gainYd === null) {
            return null;
        }

        return ! $result->losesBall() && $result->moves() && $s->gainYd >= $s->toGoYd * Situation::SUCCESS[$s->down];
    }

    public function tries(): int
    {
        return count($this->ids);
    }

    /** @return array<string, mixed> yards, seconds, shares of 0 to 1 */
    public function toArray(): array
    {
        return [
            'tries' => $this->tries(), 'average' => $this->measured === 0 ? null : round($this->gain / $this->measured, 2), 'success' => Interval::of($this->success, $this->judged)->toArray(),
            'explosive' => $this->explosive, 'negative' => $this->negative, 'throws' => $this->throws, 'complete' => $this->complete, 'drops' => $this->drops, 'touchdowns' => $this->touchdowns,
            'outS' => $this->out === 0 ? null : round($this->outS / $this->out, 2), 'outOf' => $this->out, 'fouls' => $this->fouls, 'did' => $this->done, 'ids' => $this->ids,
        ];
    }
}
