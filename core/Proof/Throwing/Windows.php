<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Scene\Progression;
use Jacotaxis\Core\Proof\Scene\Protection;
use Jacotaxis\Core\Proof\Scene\Reading;
use Jacotaxis\Core\Proof\Scene\Scene;

/** Margins of every throw of the progression against every defender, and what the quarterback gets from them. */
final class Windows
{
    /** Among throws nearly as open the earliest is taken, seconds. */
    private const NEARLY = 0.05;

    /** Throws to a read that are tried for one that is worth the down. */
    private const TRIES = 8;

    /** A throw with this much to spare is not lifted over anybody, seconds. */
    private const ENOUGH = 0.6;

    /** Margin of a ball that cannot be thrown at all: below any that can, seconds. Never told to anybody. */
    public const NONE_S = -9.0;

    /** @var array<string, list<ThrowLine>> */
    private array $lines = [];

    /** @var array<string, list<array<int, float>>> rule-true margins by letter, line, defender */
    private array $margins = [];

    /** @var array<string, list<array<int, bool>>> whether the man would be cleared by a higher ball */
    private array $undercut = [];

    public readonly Throws $throws;

    public readonly Coverers $coverers;

    private readonly AfterCatch $afterCatch;

    private readonly Outcomes $outcomes;

    /** @var array<string, Reading> by letter */
    public readonly array $readings;

    public function __construct(
        private readonly Scene $scene,
        private readonly PlayOut $playOut,
        Protection $protection,
    ) {
        $this->readings = Progression::of($scene, $protection);
        $this->throws = new Throws($scene);
        $this->coverers = new Coverers($scene, $playOut, $this->throws);
        $this->afterCatch = new AfterCatch($scene, $protection, $this->coverers->laws);
        $this->outcomes = new Outcomes($scene, $this->readings, $this->afterCatch, $this->coverers);
        foreach ($this->readings as $letter => $reading) {
            $slot = $reading->slot();
            if ($slot !== null && ($reading->counts() || $reading->flag === 'check-down')) {
                $this->lines[$letter] = $this->throws->lines($letter, ...$slot);
            }
        }
    }

    /**
     * Rule-true margins of a throw by defender, exact of the two who are nearest; worked out when it is first asked
     * for. With one of them elsewhere the other decides.
     *
     * @return array<int, float>
     */
    private function margins(string $letter, int $k): array
    {
        if (! isset($this->margins[$letter][$k])) {
            $rule = $this->playOut->byRule();
            $least = $second = Throws::NOBODY_S;
            foreach ($this->coverers->laws as $d => $law) {
                $margin = $this->throws->margin($this->lines[$letter][$k], $rule, $d, $law, $second);
                $this->margins[$letter][$k][$d] = $margin;
                $this->undercut[$letter][$k][$d] = $this->throws->undercut;
                $second = min($second, max($least, $margin));
                $least = min($least, $margin);
            }
        }

        return $this->margins[$letter][$k];
    }

    /** @return list<ThrowLine> */
    public function lines(string $letter): array
    {
        return $this->lines[$letter] ?? [];
    }

    public function law(int $d): SprintLaw
    {
        return $this->coverers->laws[$d];
    }

    /** @return list<string> letters of the reads that may decide, in order */
    public function counting(): array
    {
        return array_keys(
            array_filter($this->readings, fn (Reading $r): bool => $r->counts() && $this->lines($r->letter) !== []),
        );
    }

    /**
     * What the quarterback gets when defender $d leaves his rule for $track (null: nobody does).
     */
    public function outcome(?int $d = null, ?Tracks $track = null): Outcome
    {
        $reads = [];
        foreach (array_keys($this->lines) as $letter) {
            $reads[$letter] = $this->bestThrow($letter, $d, $track);
        }
        $rule = $this->playOut->byRule();
        $tracks = $d === null || $track === null ? $rule : $rule->with($d, $track);
        $best = null;
        $pick = null;
        foreach ($this->counting() as $letter) {
            $read = $this->worthwhile($letter, $reads[$letter], $tracks, $d, $track);
            if ($read === null) {
                continue;
            }
            $margin = $read['margin'];
            $reads[$letter] = $read;
            $best = max($best ?? $margin, $margin);
            $pick ??= $margin >= $this->scene->setting->openAt ? $letter : null;
        }

        $line = $pick === null ? null : $reads[$pick]['line'];

        return $line === null
            ? $this->outcomes->leftover($reads, $tracks, $best)
            : $this->outcomes->thrown($line, $reads[$line->letter]['margin'], $reads, $tracks, $best);
    }

    /**
     * The throw to a read that is worth the down: the most open one, or of the open ones the most open that is.
     *
     * @param  array{margin: float, line: ThrowLine|null}  $best
     * @return array{margin: float, line: ThrowLine|null}|null
     */
    private function worthwhile(string $letter, array $best, Tracks $tracks, ?int $d, ?Tracks $track): ?array
    {
        if ($best['line'] === null) {
            return null;
        }
        // Beating the free man is what a hot throw is for: it need not be worth the down besides.
        if ($this->readings[$letter]->hot || $this->afterCatch->isEnough($best['line'], $tracks)) {
            return $best;
        }
        $open = array_filter(
            $this->throwsTo($letter, $d, $track),
            fn (float $margin): bool => $margin >= $this->scene->setting->openAt,
        );
        arsort($open);
        foreach (array_slice($open, 0, self::TRIES, true) as $k => $margin) {
            if ($this->afterCatch->isEnough($this->lines[$letter][$k], $tracks)) {
                return ['margin' => $margin, 'line' => $this->lines[$letter][$k]];
            }
        }

        return null;
    }

    /** What the throw to one man gives, whatever the order of the reads says. */
    public function forced(string $letter, int $d, Tracks $track): Outcome
    {
        $usual = $this->outcome($d, $track);
        $read = $usual->reads[$letter] ?? $this->bestThrow($letter, $d, $track);
        if ($read['line'] === null) {
            return $usual;
        }
        $tracks = $this->playOut->byRule()->with($d, $track);

        return $this->outcomes->forced($read['line'], $read['margin'], $usual, $tracks);
    }

    /**
     * The most open throw to a read; of nearly equal ones the earliest.
     *
     * @return array{margin: float, line: ThrowLine|null}
     */
    public function bestThrow(string $letter, ?int $d = null, ?Tracks $track = null): array
    {
        $least = $this->throwsTo($letter, $d, $track);
        if ($least === []) {
            return ['margin' => self::NONE_S, 'line' => null];
        }
        $most = max($least);
        foreach ($least as $k => $margin) {
            if ($margin >= $most - self::NEARLY) {
                return ['margin' => $most, 'line' => $this->lines[$letter][$k]];
            }
        }

        return ['margin' => $most, 'line' => null];
    }

    /**
     * Margins of the throws he would make to a read, by their place among its lines.
     *
     * At each moment he throws the flattest ball and lifts it only over a man who would cut it off before the catch.
     *
     * @return array<int, float>
     */
    private function throwsTo(string $letter, ?int $d, ?Tracks $track): array
    {
        $least = [];
        $flatter = null;
        foreach ($this->lines($letter) as $k => $line) {
            if ($flatter === $line->step) {
                continue;
            }
            $byDefender = $this->margins($letter, $k);
            $own = false;
            if ($d !== null && $track !== null) {
                unset($byDefender[$d]);
                $others = min(Throws::NOBODY_S, ...$byDefender);
                $byDefender[$d] = $this->throws->margin($line, $track, $d, $this->law($d), $others);
                $own = $this->throws->undercut;
            }
            $least[$k] = min(Throws::NOBODY_S, ...$byDefender);
            $man = array_search($least[$k], $byDefender, true);
            $cut = $man === $d ? $own : $this->undercut[$letter][$k][$man] ?? false;
            $flatter = $cut && $least[$k] < self::ENOUGH ? null : $line->step;
        }

        return $least;
    }

    /**
     * How open a read is when everybody plays his rule, seconds; of one that comes too late, how open he would be had
     * the passer time. Null where no throw reaches him.
     */
    public function openness(string $letter): ?float
    {
        if ($this->lines($letter) !== []) {
            return $this->bestThrow($letter)['margin'];
        }
        $run = $this->scene->routes[$letter];
        $late = $this->throws->lines($letter, $run->thrownFrom(), $run->threatensAt() + $run->slotLength());

        return $late === [] ? null : max(array_map($this->marginOf(...), $late));
    }

    /** Least rule-true margin of any throw over the men who cover, seconds. */
    public function marginOf(ThrowLine $line): float
    {
        return $this->coverers->least($line, $this->playOut->byRule());
    }

    /** The flattest throw in the middle of a read's slot: what a defender who takes the read away runs for. */
    public function middle(string $letter): ?ThrowLine
    {
        $lines = array_values(
            array_filter(
                $this->lines($letter),
                fn (ThrowLine $l): bool => $l->touch === $this->lines[$letter][0]->touch,
            ),
        );

        return $lines[intdiv(count($lines) - 1, 2)] ?? null;
    }

    /**
     * Times inside the slot at which a read is open when everybody plays his rule.
     *
     * @return list<array{float, float}>
     */
    public function windows(string $letter): array
    {
        $open = [];
        foreach ($this->lines($letter) as $k => $line) {
            $least = min(Throws::NOBODY_S, ...$this->margins($letter, $k));
            $open[$line->step] = ($open[$line->step] ?? false) || $least >= $this->scene->setting->openAt;
        }
        $windows = [];
        $from = $to = null;
        foreach ($open as $step => $isOpen) {
            $t = round($step * Path::STEP, 2);
            if ($from !== null && ! $isOpen) {
                $windows[] = [$from, $to ?? $from];
                $from = null;
            } elseif ($isOpen) {
                $from ??= $t;
                $to = $t;
            }
        }

        return $from === null ? $windows : [...$windows, [$from, $to ?? $from]];
    }
}
