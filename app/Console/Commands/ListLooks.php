<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Defense\Change;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;

class ListLooks extends JxCommand
{
    protected $signature = 'jx:looks {--json}';

    protected $description = 'List fronts, shells, techniques in both schools, movements, jobs and leverages';

    protected function answer(): int
    {
        $this->json([
            'fronts' => array_map(fn (string $f): array => ['name' => $f, 'words' => Fronts::words($f),
                'line' => array_map(fn (array $m): array => ['name' => $m[1], 'side' => $m[2],
                    'technique' => is_array($m[3]) ? $m[3][0] : $m[3]], Fronts::get($f)['line']),
                'second' => array_values(array_map(fn (string $s): string => Fronts::get($f)[$s][1],
                    array_values(array_filter(['N', 'M', 'W', 'SS'],
                        fn (string $s): bool => isset(Fronts::get($f)[$s])))))], Fronts::names()),
            'shells' => array_map(fn (string $s): array => ['name' => $s, 'words' => Shells::get($s)['words'],
                'middle' => Shells::middle($s),
                'jobs' => array_map(fn (array $slot): array => $this->job($slot[3]), Shells::get($s)['slots'])],
                Shells::names()),
            'techniques' => array_map(fn (string $school): array => ['school' => $school,
                'names' => Technique::known($school)], Technique::SCHOOLS),
            'movements' => array_column(MovementKind::cases(), 'value'), 'jobs' => array_keys(JobWords::all()),
            'leverages' => array_keys(Change::LEVERAGES), 'motion' => Look::MOTION,
        ]);

        return self::DONE;
    }

    /** @return array<string, mixed> */
    private function job(Job $job): array
    {
        return ['kind' => $job->kind->value, 'words' => $job->words, 'wideYd' => $job->wideYd,
            'deepYd' => $job->deepYd];
    }
}
