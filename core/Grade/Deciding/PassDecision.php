<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Tolerance;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Pass\ReadStates;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/** The decision of a pass: what the key chose, which read was right against that, what the quarterback did. */
final readonly class PassDecision
{
    /** Seconds on a dead read from which nobody was fast off it (product default). */
    private const OFF_S = 0.6;

    private KeyOnFilm $onFilm;

    public function __construct(private Measures $measures, private Proof $proof)
    {
        $this->onFilm = new KeyOnFilm($measures, $proof);
    }

    public function of(): Decision
    {
        $key = $this->proof->mainKey();
        $told = $key === null ? null : $this->onFilm->choice($key);
        // A ball that left before he chose is judged by what his rule gives: accept it, note it, drill it (GRD-15).
        $early = $key !== null && $told === null ? $this->onFilm->early($key) : null;
        if ($key !== null && $told === null && $early === null) {
            return new Decision($key->role, null, null, null, ! $this->onFilm->isPlotted($key)
                ? "Plot the {$key->role} between the break and the ball out to see what he chose, or say it by eye."
                : "Plot the {$key->role} once more, later: where he was plotted his choices had not parted yet.");
        }
        $outcome = $told->outcome ?? $early ?? $this->proof->ruleTrue;
        $taker = $this->taker($key, $outcome);
        $outcome = $taker->outcome ?? $outcome;
        $decided = $taker ?? $told;
        $base = new Decision(
            $taker->key->role ?? $key?->role,
            $decided?->act->name,
            $outcome->letter,
            null,
            'Mark the snap and the ball out, with the man it went to.',
            $outcome->action,
            byEye: $decided->byEye ?? false,
        );
        $film = $this->measures->film;
        $away = $film->chart?->result === Result::ThrownAway;
        $thrown = $away ? null : $film->thrownTo();
        if (($thrown === null && ! $away) || $film->mark('snap') === null || $film->mark('ball out') === null) {
            return $base;
        }
        $what = match (true) {
            $decided !== null => $decided->words(),
            $key === null => 'No key in this look',
            default => "The {$key->role} had not chosen when the ball left",
        };

        return $this->judged($base, $outcome, $thrown, $what);
    }

    /** Who of the others went for the ball the proof asks for and took it away, as plotted or as said by eye. */
    private function taker(?Key $key, Outcome $outcome): ?PassChoice
    {
        foreach ($this->proof->deciding() as $man) {
            $told = $man->role === $key?->role ? null : $this->onFilm->choice($man, true);
            if ($told !== null && $told->act->toward !== null && $told->act->toward === $outcome->letter) {
                return $told;
            }
        }

        return null;
    }

    private function judged(Decision $base, Outcome $outcome, ?string $thrown, string $what): Decision
    {
        $states = ReadStates::of($this->proof->readings, $outcome, $this->measures->film->setting->openAt);
        $out = (float) $this->measures->after('ball out');
        $late = $thrown === null ? 0.0 : $this->late($thrown, $out);
        $alert = $thrown !== null &&
            Alert::isThere($this->proof, $thrown, $this->measures->film->setting->openAt);
        $rule = ReadRule::of(
            $states,
            $thrown,
            $late > $this->tolerated(),
            $thrown !== null && $this->fastOff($thrown, $out),
            $alert,
        );
        $why = in_array($rule->grade, ['right', 'right but late'], true)
            ? $this->timing($thrown, $out, $late)
            : $this->against($states, $thrown);

        return $base->with([
            'rightRead' => $states->right(),
            'grade' => $rule->grade,
            'why' => "$what, so ".$this->right($states->right(), $alert ? $thrown : null).". $why",
            'done' => $thrown === null ? 'throwaway' : 'throw',
            'labels' => $rule->labels,
            'evidence' => $this->evidence($outcome, $thrown),
            'alsoRight' => $this->alsoRight($states, $outcome, $thrown),
        ]);
    }

    /** Why another ball than the right one is held against him. */
    private function against(ReadStates $states, ?string $thrown): string
    {
        if ($thrown === null) {
            return 'It was thrown away.';
        }
        $state = $states->state($thrown);
        $name = $this->route($thrown);

        return match (true) {
            $thrown === $states->checkDown => 'The check-down came while a read was live: he left it too soon.',
            $state?->margin === null => "The ball went to $thrown, who is no live read.",
            $state->live => sprintf(
                'The %s by %s was open too (%+.2f s), but it is not the read.',
                $name,
                $thrown,
                $state->margin,
            ),
            default => sprintf('The %s by %s was shut (%+.2f s).', $name, $thrown, $state->margin),
        };
    }

    /** Seconds after the end of the slot up to which a throw is on time. */
    private function tolerated(): float
    {
        return Tolerance::of($this->measures->film->setting->schools, 'ball out', 's');
    }

    /** Seconds by which the ball left after the slot of the man who got it; none where he has no slot. */
    private function late(string $thrown, float $out): float
    {
        $to = ($this->proof->readings[$thrown] ?? null)?->to;

        return $to === null ? 0.0 : $out - $to;
    }

    private function timing(?string $thrown, float $out, float $late): string
    {
        $reading = $thrown === null ? null : ($this->proof->readings[$thrown] ?? null);
        if ($reading?->to === null) {
            return sprintf('Ball out at %.2f s.', $out);
        }
        if ($reading->from !== null && $out < $reading->from - $this->tolerated()) {
            return sprintf(
                'Ball out at %.2f s, %.2f s before the slot opens at %.2f s.',
                $out,
                $reading->from - $out,
                $reading->from,
            );
        }
        if ($late <= $this->tolerated()) {
            return sprintf(
                'Ball out at %.2f s, inside the slot from %.2f to %.2f s.',
                $out,
                $reading->from,
                $reading->to,
            );
        }
        $broke = $this->measures->after('break', $thrown);
        $waited = $broke === null ? 0.0 : $broke - $reading->breakAt;
        $owner = $waited > $this->tolerated()
            ? sprintf('%s broke %.1f s late, so the wait is his; the hold is the quarterback\'s.', $thrown, $waited)
            : 'The break was on time, so the hold is the quarterback\'s.';

        return sprintf('Ball out at %.2f s, %.2f s after the slot. %s', $out, $late, $owner);
    }

    /** Off a dead read without waiting on it (PRS-05). */
    private function fastOff(string $thrown, float $out): bool
    {
        $before = null;
        foreach ($this->proof->readings as $letter => $reading) {
            if ($letter === $thrown) {
                return $before !== null && $out - $before <= self::OFF_S;
            }
            $before = $reading->number === null || $reading->from === null ? $before : $reading->from;
        }

        return false;
    }

    /** @return list<array{what: string, value: float|string, unit: string}> */
    private function evidence(Outcome $outcome, ?string $thrown): array
    {
        $rows = [];
        $reading = $thrown === null ? null : ($this->proof->readings[$thrown] ?? null);
        $rows[] = ['what' => 'ball out', 'value' => round((float) $this->measures->after('ball out'), 2),
            'unit' => 's'];
        if ($reading?->to !== null) {
            $rows[] = ['what' => "slot of $thrown", 'value' => sprintf('%.2f to %.2f', $reading->from, $reading->to),
                'unit' => 's'];
        }
        foreach ($outcome->reads as $letter => $read) {
            $rows[] = ['what' => "margin of $letter", 'value' => round($read['margin'], 2), 'unit' => 's'];
        }
        $depth = $this->measures->row($this->proof->mainKey()->role ?? '', 'depth at ball out');
        if ($depth !== null) {
            $rows[] = ['what' => "depth of the {$depth->man}", 'value' => $depth->done, 'unit' => 'yd'];
        }

        return $rows;
    }

    /**
     * Other live reads and outlets that were open and not thrown.
     *
     * @return list<string>
     */
    private function alsoRight(ReadStates $states, Outcome $outcome, ?string $thrown): array
    {
        $also = [];
        foreach ($outcome->reads as $letter => $read) {
            $other = $letter !== $thrown && $letter !== $states->right();
            if ($other && $read['margin'] >= $this->measures->film->setting->openAt) {
                $also[] = sprintf('%s by %s, %+.2f s', $this->route((string) $letter), $letter, $read['margin']);
            }
        }

        return $also;
    }

    /** @param  string|null  $alert  letter of an alert that was there */
    private function right(?string $letter, ?string $alert): string
    {
        return match (true) {
            $alert !== null => sprintf('the alert to %s was there before the snap', $alert),
            $letter === null => 'nobody is open: throw it away',
            default => sprintf('the %s by %s was right', $this->route($letter), $letter),
        };
    }

    private function route(string $letter): string
    {
        return isset($this->proof->scene->routes[$letter]) ? $this->proof->scene->routes[$letter]->spec->name : 'ball';
    }
}
