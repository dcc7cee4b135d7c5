<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Recognise\LookFinder;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Proof\Telling\Picture;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\Call\FormationParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;

class Front extends JxCommand
{
    protected $signature = 'jx:front {--look=} {--formation=gun 2x2 right} {--spots= : eleven spots as JSON, '
        .'[[x,y],...]: names front, techniques and shells} {--situation=} {--level=high-school} {--rules=} '
        .'{--school=inside eye : names of the techniques, inside eye or count out} {--json}';

    protected $description = 'Line a look up against a formation and say what the picture says, or name the look of '
        .'eleven spots';

    protected function answer(): int
    {
        $school = $this->given('school') ?? '';
        if (! in_array($school, Technique::SCHOOLS, true)) {
            throw NotUnderstood::word($school, 'school of technique names', Technique::SCHOOLS);
        }
        [$before, $now, $words] = $this->formation();
        if ($this->option('spots') !== null) {
            $this->json(['formation' => $words] + LookFinder::of($this->spots(), $now, $school));

            return self::DONE;
        }
        $look = LookParser::parse(
            $this->given('look') ?? throw NotUnderstood::missing('look', "--look='4-3 over, cover 3'"),
            new StaffBook(school: $school),
        );
        $aligned = Alignment::of($look, $now, $before);
        $this->json([
            'look' => $look->words(), 'formation' => $words,
            'defenders' => array_map(fn (Defender $d): array => ['defender' => $d->role, 'letter' => $d->letter,
                'xYd' => round($d->xYd, 2), 'yYd' => round($d->yYd, 2),
                'technique' => $d->technique === null ? null : Technique::named($d->technique, $school),
                'over' => $d->over, 'takes' => $d->takes, 'job' => $d->job->words], $aligned->defenders),
            'notes' => $aligned->notes,
            'picture' => Picture::standing($aligned->defenders, $now, $look, Schools::of()),
        ]);

        return self::DONE;
    }

    /** @return array{Lineup, Lineup, string} before the motion, at the snap, in words */
    private function formation(): array
    {
        $situation = $this->situation();
        $draft = FormationParser::parse($this->given('formation') ?? '', $situation);
        $snap = Snap::of(
            $draft->formation->men($situation->frame()),
            $draft->motions,
            $draft->formation->splits(),
            $situation->frame(),
            Clock::usual($this->level()),
        );
        $of = fn (array $men): Lineup => Lineup::of(
            $men,
            $situation->frame(),
            $situation->hash,
            $draft->formation->side,
        );
        $now = $of($snap->men);

        return [
            $draft->motions === [] ? $now : $of($snap->before),
            $now,
            implode(', ', [$draft->formation->words(), ...array_map(fn ($m): string => $m->words(), $draft->motions)]),
        ];
    }
}
