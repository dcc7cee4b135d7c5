<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Jobs;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Words\Describer;

/** What each of eleven does on a pass against a look, in words. */
final readonly class PassJobs
{
    private Scene $scene;

    private function __construct(private Proof $proof)
    {
        $this->scene = $proof->scene;
    }

    /** @return list<array<string, mixed>> eleven rows: man, job, target, whether it can be made, and why not */
    public static function of(Proof $proof): array
    {
        return (new self($proof))->all();
    }

    /** @return list<array<string, mixed>> */
    private function all(): array
    {
        $rows = [];
        foreach ($this->scene->men as $letter => $man) {
            $row = match (true) {
                $man->isQuarterback() => ['job' => $this->quarterback(), 'target' => null],
                ($trick = Tricks::runner($this->proof, (string) $letter)) !== null => [
                    'job' => $trick,
                    'target' => null,
                ],
                isset($this->scene->routes[$letter]) => ['job' => $this->fakes($letter,
                    Describer::job($this->scene->call, $letter).$this->becomes($letter)), 'target' => null],
                ($boot = BootRules::of($this->proof, (string) $letter)) !== null => $boot,
                isset($this->scene->stays[$letter]) => [
                    'job' => "Checks the rush and has to stay in on the {$this->scene->stays[$letter]}",
                    'target' => $this->scene->stays[$letter],
                ],
                default => $this->blocker($letter),
            };
            $row['job'] .= StaffJobs::of($this->scene->call, (string) $letter);
            $rows[] = ['man' => $letter] + $row + ['makeable' => $row['target'] === null ? null : true, 'why' => null];
        }

        return $rows;
    }

    /** What the coverage makes of a route, for the ledger. */
    private function becomes(string $letter): string
    {
        $run = $this->scene->routes[$letter];

        return match (true) {
            ! $run->converted() => '',
            $run->spec->name !== $run->called->name => ", here a {$run->spec->name}",
            default => ', here '.($run->spec->finish === 'settling' ? 'he settles' : 'he keeps running'),
        };
    }

    private function quarterback(): string
    {
        $order = implode(', ', $this->scene->reads);
        $fake = $this->scene->call->fake;
        $roll = $this->scene->rolls();
        $feet = $roll === null ? "{$this->scene->drop->value}-step drop" : "rolls {$roll->value}";
        $trick = $fake === null ? null : Tricks::quarterback($this->scene, $fake, $order);
        if ($trick !== null) {
            return $trick;
        }

        return ucfirst($fake === null ? $feet : 'fakes '.trim(str_replace('fake', '', $fake->words())).", $feet").
            ($order === '' ? '' : ", reads $order");
    }

    /** A back who is shown with the ball carries out his fake before he does anything else. */
    private function fakes(string $letter, string $job): string
    {
        $carrier = $this->proof->pair?->base === null ? null : ($this->proof->pair->base->carriers['give'] ?? null);

        return $carrier?->letter !== $letter
            ? $job
            : 'Carries out the fake, '.lcfirst(str_replace('Checks the rush, then ', 'then ', $job));
    }

    /** @return array{job: string, target: string|null} */
    private function blocker(string $letter): array
    {
        $role = $this->scene->pickup->takes[$letter] ?? null;
        $shows = $this->shows($letter, $role);
        if ($shows !== null) {
            return ['job' => $shows, 'target' => $role];
        }
        if ($role !== null) {
            return ['job' => "Blocks the $role", 'target' => $role];
        }
        $near = array_filter($this->scene->defenders, fn (Defender $d): bool => $d->group === Group::Backer);
        usort(
            $near,
            fn (Defender $a, Defender $b): int => abs($a->xYd - $this->scene->men[$letter]->xYd) <=>
                abs($b->xYd - $this->scene->men[$letter]->xYd),
        );
        $slides = $this->scene->men[$letter]->isLineman() && $this->scene->pickup->slides !== 'none';

        return ['job' => ($slides ? 'His gap' : 'Nobody on him').': '.($near === [] ? 'helps inside'
            : "checks the {$near[0]->role}, helps inside"), 'target' => null];
    }

    /** What a man does who blocks the run that is shown: its steps, and nobody goes down the field (PRO-01, PRO-08). */
    private function shows(string $letter, ?string $role): ?string
    {
        $shown = $this->scene->pickup->shown;
        $block = $shown?->blocks[$letter] ?? null;
        if ($shown === null || $block === null || $block->verb->isBallJob()) {
            return null;
        }
        $as = "as in {$shown->run->scheme}";

        return match (true) {
            $role !== null && $block->target === $role => $block->words(),
            $role !== null => null,
            $block->verb->pulls() => "Pulls $as, stays behind the line: ".
                ($block->target === null
                    ? 'the first man off the edge'
                    : "the {$block->target} if he comes, else the edge"),
            $block->first !== null => "Helps {$block->partner} on the {$block->first} $as, stays".
                ($block->target === null || $block->target === $block->first ? '' : ": checks the {$block->target}"),
            $block->target !== null => "Steps $as, stays in his gap: checks the {$block->target}",
            default => null,
        };
    }
}
