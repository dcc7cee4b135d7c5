<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Owners;

use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Library\ByEye;
use Jacotaxis\Core\Grade\Placement;
use Jacotaxis\Core\Grade\Tolerance;
use Jacotaxis\Core\School\Schools;

/**
 * Whose fault a snap that was not worth the down is. What a coach settled comes first; then a foul, the decision, the
 * man who was late or dropped it, the block, the call; what is left stays undetermined and counts for nobody (GRD-03,
 * GRD-10).
 */
final readonly class Blame
{
    public const OWNERS = ['player', 'partner', 'call', 'formation', 'staff', 'opponent', 'undetermined'];

    public function __construct(private Grader $grader)
    {
    }

    /**
     * @return array{owner: string, man: string|null, why: string, counts: bool}|null null when nothing went wrong, or
     *     nothing is known yet
     */
    public function of(): ?array
    {
        $m = $this->grader->measures;
        $chart = $m->film->chart;
        $settled = array_values(array_filter($m->film->seen, fn ($s): bool => $s->what === 'owner'))[0] ?? null;
        if ($settled !== null) {
            return self::row(
                (string) $settled->value,
                $settled->man === '?' ? null : $settled->man,
                'The staff settled it.',
            );
        }
        if ($chart?->penalty !== null && $chart->penalty['by'] === 'them') {
            return self::row('opponent', null, 'Their foul: '.($chart->penalty['what'] ?: 'as charted').'.');
        }
        if ($chart?->result === null || $this->worthIt()) {
            return null;
        }

        return $this->mesh() ??
            ($this->catcher() ??
                ($this->late() ??
                    ($this->brokenUp() ??
                        ($this->quarterback() ??
                            ($this->mover() ??
                                ($this->block() ??
                                    ($this->call() ??
                                        self::row(
                                            'undetermined',
                                            null,
                                            'Nothing measured or charted tells whose it was.',
                                        ))))))));
    }

    /** A spoiled mesh stays undetermined until the staff chose whose it is (INZ-24, SET-37). */
    public static function spoiledMesh(Schools $schools): string
    {
        return match ($schools->choice('SET-37')) {
            'B' => 'runner',
            'C' => 'quarterback',
            default => 'undetermined',
        };
    }

    private function worthIt(): bool
    {
        $chart = $this->grader->measures->film->chart;

        return $chart !== null &&
            ($chart->touchdown ||
            (($chart->result?->moves() ?? false) &&
                $chart->gainYd !== null &&
                $chart->gainYd >= $this->grader->measures->film->setting->situation->successYd()));
    }

    /** @return array{owner: string, man: string|null, why: string, counts: bool}|null */
    private function mesh(): ?array
    {
        if (! ($this->grader->measures->film->seen('Q', 'mesh spoiled')?->yes() ?? false)) {
            return null;
        }
        $whose = self::spoiledMesh($this->grader->measures->film->setting->schools);
        $carrier = $this->grader->measures->run()->carriers['give']->letter ?? null;

        return self::row($whose === 'undetermined' ? $whose : 'player',
            ['runner' => $carrier, 'quarterback' => 'Q'][$whose] ?? null, 'The mesh was spoiled.');
    }

    /**
     * A right throw that was dropped.
     *
     * @return array{owner: string, man: string|null, why: string, counts: bool}|null
     */
    private function catcher(): ?array
    {
        $to = $this->grader->measures->film->thrownTo();

        return $this->grader->measures->film->chart?->result === Result::Dropped && $to !== null && ! $this->hung()
            ? self::row('player', $to, "$to dropped it; the decision is the quarterback's own mark.")
            : null;
    }

    /**
     * Who kept the ball waiting by a late or wrong break.
     *
     * @return array{owner: string, man: string|null, why: string, counts: bool}|null
     */
    private function late(): ?array
    {
        $to = $this->grader->measures->film->thrownTo();
        $row = $to === null ? null : $this->grader->measures->row($to, 'break time');
        $schools = $this->grader->measures->film->setting->schools;
        if ($row === null || ! Tolerance::isFault($row, $schools) || $row->error() < 0.0) {
            return null;
        }

        return $this->grader->decision()->grade === 'forced'
            ? null
            : self::row('player', $to, sprintf('%s broke %.2f s late, so the ball had to wait.', $to, $row->error()));
    }

    /** Whether its man was hit because the ball hung: then the drop is not his. */
    private function hung(): bool
    {
        return $this->grader->measures->film->seen('Q', 'ball hung')?->yes() ?? false;
    }

    /**
     * A right throw that was not caught, or was while its man was hit, is the passer's where it came late, hung or came
     * to the wrong place; time before speed before place (PRG-11).
     *
     * @return array{owner: string, man: string|null, why: string, counts: bool}|null
     */
    private function brokenUp(): ?array
    {
        $film = $this->grader->measures->film;
        $grade = $this->grader->decision()->grade;
        $result = $film->chart?->result;
        $broken =
            in_array($result, [Result::Incomplete, Result::Intercepted], true) ||
            ($result === Result::Dropped && $this->hung());
        if (! $broken || ! in_array($grade, ['right', 'right but late'], true)) {
            return null;
        }
        $soft = $film->seen('Q', 'speed')?->value === ByEye::MINUS || $this->hung();
        $far =
            $film->seen('Q', 'placement')?->value === ByEye::MINUS ||
            (new Placement($this->grader->measures))->isRight() === false;
        $owner = Owner::ofBreakUp($grade === 'right but late', $soft, $far);

        return $owner['causes'] === []
            ? null
            : self::row(
                'player',
                'Q',
                "His decision was $grade; the throw was off in ".implode(', then ', $owner['causes']).'.',
            );
    }

    /** @return array{owner: string, man: string|null, why: string, counts: bool}|null */
    private function quarterback(): ?array
    {
        $d = $this->grader->decision();

        return $d->grade === null || $d->grade === 'right'
            ? null
            : self::row('player', 'Q', "His decision was {$d->grade}.");
    }

    /**
     * Late or drifting motion spoils what others do with it (GRD-09).
     *
     * @return array{owner: string, man: string|null, why: string, counts: bool}|null
     */
    private function mover(): ?array
    {
        foreach ($this->grader->faults() as $f) {
            if ($f['fault'] === 'FLT-43') {
                return self::row(
                    'player',
                    $f['man'],
                    sprintf(
                        '%s: %s off by %+.1f %s, which the others paid for.',
                        $f['man'],
                        $f['measure'],
                        $f['error'],
                        $f['unit'],
                    ),
                );
            }
        }

        return null;
    }

    /** @return array{owner: string, man: string|null, why: string, counts: bool}|null */
    private function block(): ?array
    {
        foreach ($this->grader->faults() as $f) {
            if ($f['measure'] === 'gap to his man') {
                return self::row(
                    'player',
                    $f['man'],
                    sprintf('%s was %.1f yd off his man when the block was due.', $f['man'], $f['error'] + 1.0),
                );
            }
        }

        return null;
    }

    /**
     * The call had no answer to what the key did: nobody's minus (GRD-10).
     *
     * @return array{owner: string, man: string|null, why: string, counts: bool}|null
     */
    private function call(): ?array
    {
        $m = $this->grader->measures;
        $d = $this->grader->decision();
        $lost = match (true) {
            $m->pass() !== null => $d->rightRead === null && $d->grade !== null,
            $m->run() !== null && $d->grade === 'right' => ! $this->free($d->choice),
            default => false,
        };

        return $lost
            ? self::row('call', null, 'The proof has no winning answer here: the call lost to this look, not a player.')
            : null;
    }

    private function free(?string $choice): bool
    {
        $run = $this->grader->measures->run();
        if ($run === null) {
            return false;
        }
        $acts = $run->byRule;
        foreach (array_slice($run->keys, 0, 1) as $key) {
            foreach ($key->acts as ['act' => $act]) {
                if ($act->name === $choice) {
                    $acts = [...$run->byRule, $key->role => $act];
                    break;
                }
            }
        }

        return $run->decider->outcome($acts)->free();
    }

    /** @return array{owner: string, man: string|null, why: string, counts: bool} */
    private static function row(string $owner, ?string $man, string $why): array
    {
        return ['owner' => $owner, 'man' => $man, 'why' => $why,
            'counts' => in_array($owner, ['player', 'partner'], true)];
    }
}
