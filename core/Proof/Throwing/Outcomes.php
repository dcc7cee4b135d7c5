<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Scene\Reading;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Worth;

/** What comes of a ball and why: thrown to a read, to the one the staff's rule sends it to, or what is left. */
final readonly class Outcomes
{
    /** @param  array<string, Reading>  $readings  by letter */
    public function __construct(
        private Scene $scene,
        private array $readings,
        private AfterCatch $afterCatch,
        private Coverers $coverers,
    ) {
    }

    /**
     * The throw to a read that is open.
     *
     * @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads
     */
    public function thrown(ThrowLine $line, float $margin, array $reads, Tracks $tracks, ?float $best): Outcome
    {
        $why = sprintf(
            'The %s is %.2f s late for the %s',
            $this->coverers->nearest($line, $tracks),
            $margin,
            $this->scene->routes[$line->letter]->spec->name,
        );

        return $this->caught('throw', $line, $margin, $why, $reads, $tracks, $best);
    }

    /** The throw to one man by a rule of the staff, whatever the order of the reads says; no throw if he is covered. */
    public function forced(ThrowLine $line, float $margin, Outcome $usual, Tracks $tracks): Outcome
    {
        $why = "the staff's rule sends the ball to {$line->letter}: ".sprintf('%.2f s', $margin);

        return $margin >= $this->scene->setting->openAt
            ? $this->caught('throw', $line, $margin, $why, $usual->reads, $tracks, $margin)
            : self::nobody($margin, $why, $usual->reads, $margin);
    }

    /**
     * What is left when no read counts: the check-down, or the ball is thrown away.
     *
     * @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads
     */
    public function leftover(array $reads, Tracks $tracks, ?float $best): Outcome
    {
        $covered = $this->covered($reads, $tracks);
        foreach ($this->readings as $letter => $reading) {
            $line = $reads[$letter]['line'] ?? null;
            if (
                $reading->flag === 'check-down' &&
                $line !== null &&
                $reads[$letter]['margin'] >= $this->scene->setting->openAt
            ) {
                return $this->caught(
                    'check-down',
                    $line,
                    $reads[$letter]['margin'],
                    "$covered; the check-down is open",
                    $reads,
                    $tracks,
                    $best,
                );
            }
        }

        return self::nobody($best ?? Windows::NONE_S, $covered, $reads, $best);
    }

    /** @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads */
    private function caught(
        string $action,
        ThrowLine $line,
        float $margin,
        string $why,
        array $reads,
        Tracks $tracks,
        ?float $best,
    ): Outcome {
        $gain = $this->afterCatch->gain($line, $tracks);

        return new Outcome(
            action: $action,
            letter: $line->letter,
            line: $line,
            margin: $margin,
            completion: Worth::completion($this->scene->aimYd($line->distanceYd), $margin),
            gainYd: $this->afterCatch->toTheGoal($gain),
            why: $why,
            reads: $reads,
            best: $best,
            worth: $this->afterCatch->worth($line, $margin, $gain),
        );
    }

    /** @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads */
    private static function nobody(float $margin, string $why, array $reads, ?float $best): Outcome
    {
        return new Outcome(
            action: 'throwaway',
            letter: null,
            line: null,
            margin: $margin,
            completion: 0.0,
            gainYd: 0.0,
            why: $why,
            reads: $reads,
            best: $best,
            worth: Worth::none(),
        );
    }

    /**
     * Why each numbered read gets no ball.
     *
     * @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads
     */
    private function covered(array $reads, Tracks $tracks): string
    {
        $parts = [];
        foreach ($this->readings as $letter => $reading) {
            if ($reading->number !== null) {
                $parts[] = $this->coveredRead($reading, $reads[$letter] ?? null, $tracks);
            }
        }

        return $parts === [] ? 'The call has no read' : ucfirst(implode('; ', $parts));
    }

    /** @param  array{margin: float, line: ThrowLine|null}|null  $read */
    private function coveredRead(Reading $reading, ?array $read, Tracks $tracks): string
    {
        $name = $this->scene->routes[$reading->letter]->spec->name;
        $line = $read['line'] ?? null;
        if ($read === null || $line === null) {
            return "{$reading->letter} $name: ".($reading->killedBy ?? 'no throw reaches him in bounds');
        }

        return $read['margin'] >= $this->scene->setting->openAt
            ? "{$reading->letter} $name is open but not worth the down"
            : sprintf('%s has the %s (%+.2f s)', $this->coverers->nearest($line, $tracks), $name, $read['margin']);
    }
}
