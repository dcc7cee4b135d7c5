<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Proof\Pass\ReadStates;

/**
 * What a throw was by the states of the reads (GRD-01): right, right but late, wrong when another read was still live,
 * forced into a dead one. The result is another matter.
 */
final readonly class ReadRule
{
    /** Faults of a read: off a live one too soon, past a live one, a dead one thrown. */
    public const EARLY = 'FLT-48a';

    public const SKIPPED = 'FLT-48c';

    public const FORCED = 'FLT-48d';

    /** @param  list<string>  $labels  ids of the fault library */
    private function __construct(public string $grade, public array $labels)
    {
    }

    /**
     * @param  string|null  $thrown  null: thrown away
     * @param  bool  $late  whether the ball left after the slot of the man who got it
     * @param  bool  $atOnce  whether he was off a dead read without waiting on it
     * @param  bool  $alert  whether the ball went to an alert that was there: it is taken before the snap (PRG-02)
     */
    public static function of(
        ReadStates $states,
        ?string $thrown,
        bool $late = false,
        bool $atOnce = false,
        bool $alert = false,
    ): self {
        $right = $states->right();
        if ($thrown === $right || $alert) {
            $off = $atOnce && $thrown !== ($states->reads[0]->man ?? null);

            return $late ? new self('right but late', ['FLT-47']) : new self('right', $off ? ['PRS-05'] : []);
        }
        $state = $states->state($thrown);
        $outlet = $thrown === null || $thrown === $states->checkDown;

        return match (true) {
            $state?->live === true => new self('wrong', [self::SKIPPED]),
            $outlet && $right !== null => new self('wrong', $thrown === null ? [] : [self::EARLY]),
            default => new self('forced', [self::FORCED]),
        };
    }
}
