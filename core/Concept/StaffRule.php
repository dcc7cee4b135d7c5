<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

/**
 * A staff's own rule with a call: IF a defender does something in a phase THEN the ball goes there, or a man has
 * another job.
 */
final readonly class StaffRule
{
    /** When the act shows. */
    public const PHASES = ['before the snap', 'fake', 'stem', 'break'];

    /** Acts of a key in coaches' words, those of the proof. */
    public const ACTS = ['sit', 'sink', 'jump', 'stay', 'widen', 'hang', 'trigger', 'stay home', 'insert', 'drop',
        'crash', 'come up', 'take the back', 'take the quarterback', 'take the pitch', 'fall off', 'between'];

    /** What the ball does then. */
    public const ACTIONS = ['give', 'pull', 'keep', 'pitch', 'throw'];

    /**
     * @param  string|null  $action  one of ACTIONS, or null for a job
     * @param  string|null  $man  letter of who is thrown to, or whose job changes
     * @param  string|null  $job  his job in words of the call language, with a null action
     */
    public function __construct(
        public string $defender,
        public string $act,
        public string $phase,
        public ?string $action,
        public ?string $man = null,
        public ?string $job = null,
    ) {
    }

    /** Whether what a defender does is what the rule waits for. */
    public function fires(string $defender, string $act): bool
    {
        return $this->defender === $defender && $this->act === $act;
    }

    public function words(): string
    {
        return "if {$this->defender} {$this->act} ".
            ($this->phase === 'fake' ? '' : "{$this->phase} ").
            'then '.
            ($this->action === null
                ? "{$this->man} {$this->job}"
                : $this->action.($this->man === null ? '' : " {$this->man}"));
    }

    public function mirrored(): self
    {
        return new self(strtr($this->defender, ['left' => 'right', 'right' => 'left']), $this->act, $this->phase,
            $this->action, $this->man, $this->job === null ? null
            : strtr($this->job, ['left' => 'right', 'right' => 'left']));
    }
}
