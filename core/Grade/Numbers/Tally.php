<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Grade\Interval;

/**
 * Sums snaps up: tries, average gain, success (40, 60 and 100 % of the distance: Carroll, Palmer and Thorn 1988),
 * explosive, negative, completions, ball-out time. Snaps wiped out by a flag, kneels and spikes are left out. Keeps
 * the ids of its snaps.
 */
final class Tally
{
    /** A gain from here on is explosive, yards (common practice, no source). */
    public const EXPLOSIVE_RUN_YD = 12.0;

    public const EXPLOSIVE_PASS_YD = 16.0;

    /** @var list<string> */
    private array $ids = [];

    /** @var array<string, list<string>> ids of the snaps a number counts, by its name */
    private array $of = ['success' => [], 'explosive' => [], 'negative' => [], 'throws' => [], 'complete' => [],
        'drops' => [], 'touchdowns' => [], 'out' => [], 'fouls' => []];

    private int $measured = 0;

    private float $gain = 0.0;

    private int $judged = 0;

    private float $outS = 0.0;

    /** @var array<string, int> */
    private array $done = [];

    public function add(SnapRow $s): void
    {
        $this->counts('fouls', $s, $s->penaltyBy !== null);
        $result = $s->result === null ? null : Result::from($s->result);
        if ($s->nullified || ($result !== null && ! $result->counts())) {
            return;
        }
        $this->ids[] = $s->id;
        if ($s->done !== null) {
            $this->done[$s->done] = ($this->done[$s->done] ?? 0) + 1;
        }
        $gain = match (true) {
            $result === null => null,
            $result->moves() => $s->gainYd,
            default => 0.0,
        };
        if ($gain !== null) {
            $this->measured++;
            $this->gain += $gain;
            $this->counts(
                'explosive',
                $s,
                $gain >= ($result->isThrow() ? self::EXPLOSIVE_PASS_YD : self::EXPLOSIVE_RUN_YD),
            );
            $this->counts('negative', $s, $gain < 0.0 || $result->losesBall());
        }
        $good = self::success($s);
        $this->judged += (int) ($good !== null);
        $this->counts('success', $s, $good === true);
        $this->counts('throws', $s, $result?->isThrow() === true);
        $this->counts('complete', $s, $result === Result::Complete);
        $this->counts('drops', $s, $result === Result::Dropped);
        $this->counts('touchdowns', $s, $s->touchdown);
        $this->counts('out', $s, $s->outS !== null);
        $this->outS += $s->outS ?? 0.0;
    }

    private function counts(string $number, SnapRow $s, bool $does): void
    {
        if ($does) {
            $this->of[$number][] = $s->id;
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
        $n = array_map(count(...), $this->of);

        return [
            'tries' => $this->tries(), 'average' => $this->measured === 0 ? null
                : round($this->gain / $this->measured, 2), 'success' => Interval::of($n['success'], $this->judged)
                    ->toArray() + ['ids' => $this->of['success']],
            'explosive' => $n['explosive'], 'negative' => $n['negative'], 'throws' => $n['throws'],
            'complete' => $n['complete'], 'drops' => $n['drops'], 'touchdowns' => $n['touchdowns'],
            'outS' => $n['out'] === 0 ? null : round($this->outS / $n['out'], 2), 'outOf' => $n['out'],
            'fouls' => $n['fouls'], 'did' => $this->done, 'ids' => $this->ids, 'of' => array_filter($this->of),
        ];
    }
}
