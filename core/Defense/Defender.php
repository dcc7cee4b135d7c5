<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;

/**
 * One of the eleven on defense: letter on the board, role in this look, spot before the snap in the play frame, job.
 */
final readonly class Defender
{
    /**
     * @param  string  $slot  his place in the front's and the shell's data: L on the line, else CS, CW, SS, FS, N, M, W
     * @param  string|null  $over  offensive man he stands on
     * @param  string|null  $takes  receiver he has man to man
     * @param  Movement|null  $movement  what he does at the snap before his job
     * @param  float|null  $reaction  his own reaction in seconds, else the setting's
     */
    public function __construct(
        public string $letter,
        public string $role,
        public float $xYd,
        public float $yYd,
        public Side $side,
        public Job $job,
        public Group $group,
        public ?string $over = null,
        public ?string $technique = null,
        public string $slot = 'L',
        public ?string $takes = null,
        public ?Movement $movement = null,
        public ?float $reaction = null,
    ) {
    }

    /** @param  array<string, mixed>  $change by property name */
    public function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    public function at(float $xYd, float $yYd): self
    {
        return $this->with(['xYd' => $xYd, 'yYd' => $yYd]);
    }

    public function rushes(): bool
    {
        return $this->job->kind === JobKind::Rush;
    }

    public function isDeep(): bool
    {
        return $this->job->kind === JobKind::Deep;
    }
}
