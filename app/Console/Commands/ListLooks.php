<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Defense\Change;
use Jacotaxis\Core\Defense\Front\Front;
use Jacotaxis\Core\Defense\Front\LineMan;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shell\Shell;
use Jacotaxis\Core\Defense\Shell\ShellMan;
use Jacotaxis\Core\Defense\Shells;

class ListLooks extends JxCommand
{
    protected $signature = 'jx:looks {--json}';

    protected $description = 'List fronts, shells, techniques in both schools, movements, jobs and leverages';

    protected function answer(): int
    {
        $this->json([
            'fronts' => array_map(fn (string $name): array => $this->front(Fronts::get($name)), Fronts::names()),
            'shells' => array_map(fn (string $name): array => $this->shell(Shells::get($name)), Shells::names()),
            'techniques' => array_map(fn (string $school): array => ['school' => $school,
                'names' => Technique::known($school)], Technique::SCHOOLS),
            'movements' => array_column(MovementKind::cases(), 'value'), 'jobs' => array_keys(JobWords::all()),
            'leverages' => array_keys(Change::LEVERAGES), 'motion' => Look::MOTION,
        ]);

        return self::DONE;
    }

    /** @return array<string, mixed> */
    private function front(Front $front): array
    {
        return [
            'name' => $front->name,
            'words' => $front->words,
            'line' => array_map(fn (LineMan $man): array => [
                'name' => $man->name,
                'side' => $man->strong ? 'strong' : 'weak',
                'technique' => $man->technique,
            ], $front->line),
            'second' => $front->behind(),
        ];
    }

    /** @return array<string, mixed> */
    private function shell(Shell $shell): array
    {
        return [
            'name' => $shell->name,
            'words' => $shell->words,
            'middle' => $shell->middle(),
            'jobs' => array_map(fn (ShellMan $man): array => $this->job($man->job), $shell->men()),
        ];
    }

    /** @return array<string, mixed> */
    private function job(Job $job): array
    {
        return ['kind' => $job->kind->value, 'words' => $job->words, 'wideYd' => $job->wideYd,
            'deepYd' => $job->deepYd];
    }
}
