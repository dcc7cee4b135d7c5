<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

use Jacotaxis\Core\Blocking\Run\RunKind;

/** A call that may be scripted, with the reps it has this week. */
final readonly class ScriptCall
{
    /**
     * @param  bool  $isRun  whether there is a run in it
     * @param  bool  $isPass  whether there is a throw in it
     * @param  int  $reps  given and planned so far
     * @param  array<string, int>  $against  reps by look
     * @param  int  $busts  mental errors on it on last week's film: each is a rep that did not teach
     * @param  RunKind|null  $kind  of the run in it
     * @param  int  $due  triggers of the last game that call for it: each asks for a rep before the others
     */
    public function __construct(
        public string $id,
        public bool $isRun,
        public bool $isPass,
        public int $reps = 0,
        public array $against = [],
        public int $busts = 0,
        public int $due = 0,
        public ?RunKind $kind = null,
    ) {
    }

    /** Reps as they count: what taught nothing, and what the last game asks for, is missing. */
    public function counted(): int
    {
        return $this->reps - $this->busts - $this->due;
    }
}
