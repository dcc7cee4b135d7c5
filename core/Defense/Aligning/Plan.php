<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shell\ShellMan;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/** Which side each slot of a look belongs to against a lineup, and who has which job after the rotation. */
final readonly class Plan
{
    /** The shell whose depth safeties show who rotate at the snap (product default). */
    private const TWO_HIGH = 'cover 4';

    /**
     * @param  array<string, Side>  $sides  by slot, before the snap
     * @param  array<string, Job>  $jobs  by slot, as the catalogue has them
     * @param  array<string, Side>  $jobSides  by slot, where the job is
     * @param  array<string, ShellMan>  $spots  by slot, as shown before the snap
     */
    private function __construct(
        public Side $front,
        public Side $strong,
        public array $sides,
        public array $jobs,
        public array $jobSides,
        public array $spots,
        public Job $spare,
    ) {
    }

    public static function of(Look $look, Lineup $front, Lineup $behind): self
    {
        $field = $behind->hash->fieldSide();
        $set = $look->strength === null ? $front->front : Look::side($look->strength, $front->front, $field);
        $shell = Shells::get($look->shell);
        $shown = Shells::get(
            $look->shown ?? ($look->rotates !== null && $shell->down !== null ? self::TWO_HIGH : $look->shell),
        );
        // Motion changes the count, not who plays where: only a defense that travels turns over with it.
        $called = $look->motion === 'travel' ? $behind->strong : $front->strong;
        $strong = $shell->byField && $field !== null ? $field : $called;
        $body = Fronts::get($look->front);
        $n = $body->passStrength ? $strong : $set;
        $rolled = $look->motion === 'rotate' ? self::gained($front, $behind) : null;
        $down = $look->rotates === null ? ($rolled ?? $n->opposite()) : Look::side($look->rotates, $strong, $field);
        $overhang = $body->second !== null;
        $high = $overhang ? ['SS' => $n->opposite(), 'FS' => $n] : ['SS' => $strong, 'FS' => $strong->opposite()];
        $who =
            $shell->down === null
                ? null
                : self::whoComesDown(
                    $shell->down,
                    $overhang,
                    $shown !== $shell && $shown->down === null,
                    $high,
                    $down,
                );
        $jobs = array_map(fn (ShellMan $man): Job => $man->job, $shell->men());
        if ($who !== null && $who !== $shell->down) {
            [$jobs['SS'], $jobs['FS']] = [$jobs['FS'], $jobs['SS']];
        }
        if ($who !== null && $down === $n) {
            $jobs = [...$jobs, ...$shell->downOnOverhang];
        }
        $base = ['CS' => $strong, 'CW' => $strong->opposite(), 'N' => $n, 'M' => $set, 'W' => $set->opposite()];
        $after = $who === null ? $high : [$who => $down, ($who === 'SS' ? 'FS' : 'SS') => $strong];
        $spots = $shown->men();
        if ($who !== null && $who !== $shell->down && $shown === $shell) {
            [$spots['SS'], $spots['FS']] = [$spots['FS'], $spots['SS']];
        }

        return new self(
            $set,
            $strong,
            $base + ($shown->down === null ? $high : $after),
            $jobs,
            $base + $after,
            $spots,
            $shell->spare,
        );
    }

    /** The side the motion went to, or null when nobody moved. */
    private static function gained(Lineup $before, Lineup $now): ?Side
    {
        foreach (Side::cases() as $side) {
            if (count($now->count->on($side)) > count($before->count->on($side))) {
                return $side;
            }
        }

        return null;
    }

    /**
     * The safety who comes down: an overhang before a deep man, out of a two-high look the one on that side.
     *
     * @param  array<string, Side>  $high
     */
    private static function whoComesDown(string $who, bool $overhang, bool $disguised, array $high, Side $down): string
    {
        return match (true) {
            $overhang => 'SS',
            $disguised => $high['SS'] === $down ? 'SS' : 'FS',
            default => $who,
        };
    }
}
