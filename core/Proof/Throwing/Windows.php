<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Reading;
use Jacotaxis\Core\Proof\Scene;

/** Margins of every throw of the progression against every defender, and what the quarterback gets from them. */
final class Windows
{
    /** Among throws nearly as open the earliest is taken, seconds. */
    private const NEARLY = 0.05;

    /** A throw with this much to spare is not lifted over anybody, seconds. */
    private const ENOUGH = 0.6;

    /** @var array<string, list<ThrowLine>> */
    private array $lines = [];

    /** @var array<string, list<array<int, float>>> rule-true margins by letter, line, defender */
    private array $margins = [];

    /** @var array<string, list<array<int, bool>>> whether the man would be cleared by a higher ball */
    private array $undercut = [];

    /** @var array<int, float> top speed of each coverage defender */
    private array $vmax = [];

    public readonly Throws $throws;

    /** @param  array<string, Reading>  $readings */
    public function __construct(
        private readonly Scene $scene,
        private readonly PlayOut $playOut,
        public readonly array $readings,
    ) {
        $this->throws = new Throws($scene);
        $level = $scene->setting->level;
        foreach ($playOut->coverage() as $d) {
            $this->vmax[$d] = $level->of($scene->defenders[$d]->group)->vmax;
        }
        foreach ($readings as $letter => $reading) {
            if (! $reading->live() || (! $reading->counts() && $reading->flag !== 'check-down')) {
                continue;
            }
            $this->lines[$letter] = $this->throws->lines($letter, $reading->from, $reading->to);
        }
    }

    /** Rule-true margins of a throw by defender; worked out when it is first asked for. @return array<int, float> */
    private function margins(string $letter, int $k): array
    {
        if (! isset($this->margins[$letter][$k])) {
            $rule = $this->playOut->byRule();
            foreach ($this->vmax as $d => $vmax) {
                $this->margins[$letter][$k][$d] = $this->throws->margin($this->lines[$letter][$k], $rule, $d, $vmax);
                $this->undercut[$letter][$k][$d] = $this->throws->undercut;
            }
        }

        return $this->margins[$letter][$k];
    }

    /** @return list<ThrowLine> */
    public function lines(string $letter): array
    {
        return $this->lines[$letter] ?? [];
    }

    public function speedOf(int $d): float
    {
        return $this->vmax[$d];
    }

    /** @return list<string> letters of the reads that may decide, in order */
    public function counting(): array
    {
        return array_keys(array_filter($this->readings, fn (Reading $r): bool => $r->counts() && $this->lines($r->letter) !== []));
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
        $tracks = $d === null ? $this->playOut->byRule() : $this->playOut->byRule()->with($d, $track);
        $best = -9.0;
        $pick = null;
        foreach ($this->counting() as $letter) {
            ['margin' => $margin, 'line' => $line] = $reads[$letter];
            // Beating the free man is what a hot throw is for: it need not be worth the down besides.
            if ($line === null || (! $this->readings[$letter]->hot && ! $this->worth($line, $tracks))) {
                continue;
            }
            $best = max($best, $margin);
            $pick ??= $margin >= $this->scene->setting->openAt ? $letter : null;
        }

        return $pick === null ? $this->leftover($reads, $tracks, $best) : $this->thrown($pick, $reads, $tracks, $best);
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
        $open = $read['margin'] >= $this->scene->setting->openAt;

        return new Outcome($open ? 'throw' : 'throwaway', $open ? $letter : null, $open ? $read['line'] : null, $read['margin'], $open ? Throws::completion($read['line']->distanceYd, $read['margin']) : 0.0,
            $open ? $this->gain($read['line'], $tracks) : 0.0, "the staff's rule sends the ball to $letter: ".sprintf('%.2f s', $read['margin']), $usual->reads, $read['margin']);
    }

    /**
     * The most open throw to a read; of nearly equal ones the earliest.
     *
     * At each moment he throws the flattest ball and lifts it only over a man who would cut it off before the catch.
     *
     * @return array{margin: float, line: ThrowLine|null}
     */
    public function bestThrow(string $letter, ?int $d = null, ?Tracks $track = null): array
    {
        $least = [];
        $flatter = null;
        foreach ($this->lines($letter) as $k => $line) {
            if ($flatter === $line->step) {
                continue;
            }
            $byDefender = $this->margins($letter, $k);
            if ($d !== null) {
                $byDefender[$d] = $this->throws->margin($line, $track, $d, $this->vmax[$d]);
                $own = $this->throws->undercut;
            }
            $least[$k] = min($byDefender);
            $man = array_search($least[$k], $byDefender, true);
            $cut = $man === $d ? $own : $this->undercut[$letter][$k][$man];
            $flatter = $cut && $least[$k] < self::ENOUGH ? null : $line->step;
        }
        if ($least === []) {
            return ['margin' => -9.0, 'line' => null];
        }
        $most = max($least);
        foreach ($least as $k => $margin) {
            if ($margin >= $most - self::NEARLY) {
                return ['margin' => $most, 'line' => $this->lines[$letter][$k]];
            }
        }

        return ['margin' => $most, 'line' => null];
    }

    /** Least rule-true margin of any throw over the men who cover, seconds. */
    public function marginOf(ThrowLine $line): float
    {
        $least = 9.0;
        foreach ($this->vmax as $d => $vmax) {
            $least = min($least, $this->throws->margin($line, $this->playOut->byRule(), $d, $vmax));
        }

        return $least;
    }

    /** The flattest throw in the middle of a read's slot: what a defender who takes the read away runs for. */
    public function middle(string $letter): ?ThrowLine
    {
        $lines = array_values(array_filter($this->lines($letter), fn (ThrowLine $l): bool => $l->touch === $this->lines[$letter][0]->touch));

        return $lines[intdiv(count($lines) - 1, 2)] ?? null;
    }

    /** The defender nearest to breaking up a throw. */
    public function nearest(ThrowLine $line, Tracks $tracks): string
    {
        $role = '';
        $least = INF;
        foreach ($this->vmax as $d => $vmax) {
            $margin = $this->throws->margin($line, $tracks, $d, $vmax);
            if ($margin < $least) {
                $least = $margin;
                $role = $this->scene->defenders[$d]->role;
            }
        }

        return $role;
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
            $step = $line->step;
            $open[$step] = ($open[$step] ?? false) || min($this->margins($letter, $k)) >= $this->scene->setting->openAt;
        }
        $windows = [];
        foreach ($open as $step => $isOpen) {
            $t = round($step * Path::STEP, 2);
            $last = count($windows) - 1;
            if ($isOpen && $last >= 0 && ($open[$step - 2] ?? false)) {
                $windows[$last][1] = $t;
            } elseif ($isOpen) {
                $windows[] = [$t, $t];
            }
        }

        return $windows;
    }

    /** Whether a catch and the run after it is worth the down. */
    private function worth(ThrowLine $line, Tracks $tracks): bool
    {
        $need = $this->scene->setting->situation->successYd();

        return $line->yYd >= $need || $this->gain($line, $tracks) >= $need;
    }

    /** Yards from the line to first contact, catch included. */
    public function gain(ThrowLine $line, Tracks $tracks): float
    {
        $law = $this->scene->setting->level->receiver();
        $vy = max(0.0, 0.6 * $this->scene->routes[$line->letter]->path->vy[min(Path::STEPS - 1, $line->step + (int) ($line->flight / Path::STEP))]);
        $react = $this->scene->setting->reaction;
        $j = min(Path::STEPS - 1, $line->step + (int) round($react / Path::STEP));
        $end = min(30.0, $this->scene->frame->endLineY() - 10.0 - $line->yYd);
        for ($run = 0.0; $run < $end; $run += 0.5) {
            $allowed = $line->flight - $react + 0.2 + $law->time($run, $vy);
            foreach ($this->vmax as $d => $vmax) {
                $dx = $line->xYd - $tracks->x[$d][$j];
                $dy = $line->yYd + $run - $tracks->y[$d][$j];
                if (Throws::timeTo($dx, $dy, $tracks->vx[$d][$j], $tracks->vy[$d][$j], $vmax, $this->scene->setting->reachYd) <= $allowed) {
                    return $line->yYd + $run;
                }
            }
        }

        return $line->yYd + max(0.0, $end);
    }

    /** @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads */
    private function thrown(string $letter, array $reads, Tracks $tracks, float $best): Outcome
    {
        ['margin' => $margin, 'line' => $line] = $reads[$letter];
        $why = sprintf('The %s is %.2f s late for the %s', $this->nearest($line, $tracks), $margin, $this->scene->routes[$letter]->spec->name);

        return new Outcome('throw', $letter, $line, $margin, Throws::completion($line->distanceYd, $margin),
            $this->gain($line, $tracks), $why, $reads, $best);
    }

    /** @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads */
    private function leftover(array $reads, Tracks $tracks, float $best): Outcome
    {
        foreach ($this->readings as $letter => $reading) {
            $line = $reads[$letter]['line'] ?? null;
            if ($reading->flag === 'check-down' && $line !== null && $reads[$letter]['margin'] >= $this->scene->setting->openAt) {
                return new Outcome('check-down', $letter, $line, $reads[$letter]['margin'],
                    Throws::completion($line->distanceYd, $reads[$letter]['margin']), $this->gain($line, $tracks),
                    $this->covered($reads, $tracks).'; the check-down is open', $reads, $best);
            }
        }

        return new Outcome('throwaway', null, null, $best, 0.0, 0.0, $this->covered($reads, $tracks), $reads, $best);
    }

    /** @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads */
    private function covered(array $reads, Tracks $tracks): string
    {
        $parts = [];
        foreach ($this->readings as $letter => $reading) {
            if ($reading->number === null) {
                continue;
            }
            $line = $reads[$letter]['line'] ?? null;
            $name = $this->scene->routes[$letter]->spec->name;
            $parts[] = $line === null ? "$letter $name: ".($reading->killedBy ?? 'no throw reaches him in bounds')
                : ($reads[$letter]['margin'] >= $this->scene->setting->openAt ? "$letter $name is open but not worth the down"
                    : sprintf('%s has the %s (%+.2f s)', $this->nearest($line, $tracks), $name, $reads[$letter]['margin']));
        }

        return $parts === [] ? 'The call has no read' : ucfirst(implode('; ', $parts));
    }
}
