<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Offense\Man;

/** What one man does on a run: his verb, whom he blocks, with whom, and to whom he goes on. */
final readonly class Block
{
    /**
     * @param  string|null  $target  role of the defender who is his at the end
     * @param  string|null  $first  role of the down man he doubles or checks first
     * @param  string|null  $partner  letter of the man he doubles with
     * @param  string|null  $unset  what is not filled in by the staff and would decide his job
     */
    public function __construct(
        public string $letter,
        public string $post,
        public Verb $verb,
        public ?string $target = null,
        public ?string $first = null,
        public ?string $partner = null,
        public ?string $unset = null,
    ) {
    }

    /** @param  array<string, mixed>  $change by property name */
    public function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    /** Whether somebody is blocked by it. */
    public function blocks(): bool
    {
        return $this->target !== null && ! $this->verb->isBallJob();
    }

    public function words(): string
    {
        $to = $this->target === null ? '' : " the {$this->target}";
        $first = $this->first === null ? '' : " the {$this->first}";
        // A lineman pulls to get there; a back or a wing is there already.
        $pulls = fn (string $words): string => in_array($this->letter, Man::LINEMEN, true)
            ? "Pulls and $words"
            : ucfirst($words);

        return match ($this->verb->value) {
            'double' => "Doubles$first with {$this->partner}".
                ($this->target === null || $this->target === $this->first ? ', keeps him' : ", climbs to$to"),
            'check' => "Checks the near hip of {$this->partner}, climbs to$to",
            'help' => "No man of his own: helps {$this->partner} on$first",
            'base' => "Blocks$to",
            'reach' => "Reaches$to",
            'down' => "Blocks down on$to",
            'scoop' => $to === '' ? 'Scoops to the backside' : "Scoops$to",
            'close' => 'Steps to the hip of the backside guard, shuts the gap'.($to === '' ? '' : " on$to"),
            'hinge' => $to === '' ? 'Hinges: shuts the inside gap' : "Hinges on$to",
            'climb' => $to === '' ? 'Climbs to the second level' : "Climbs to$to",
            'release' => $to === '' ? 'Releases outside the read man' : "Releases outside the read man to$to",
            'kick' => $to === '' ? 'Nobody to kick out: turns up and seals' : $pulls("kicks out$to"),
            'wrap' => $to === '' ? $pulls('leads through') : $pulls("wraps to$to"),
            'lead' => $to === '' ? 'Leads through' : "Leads on$to",
            'fill' => $to === '' ? 'Fills for the puller' : "Fills for the puller on$to",
            'fold' => $to === '' ? 'Folds inside, leads through' : "Folds inside to$to",
            'hook' => "Circles and hooks$to",
            'load' => "Loads$to",
            'block' => $to === '' ? 'Takes whoever comes' : "Takes$to",
            'edge' => "Outside shoulder of$to, stays on track",
            'arc' => $to === '' ? 'Releases around the end' : "Releases around the end to$to, outside shoulder",
            'bluff' => "Comes across, passes the end, takes$to",
            'split' => "Split block on$to",
            'crack' => "Cracks$to",
            'cut off' => $to === '' ? 'Cuts off the backside' : "Cuts off$to",
            'stalk' => $to === ''
                ? 'Nobody over him: runs to the nearest safety'
                : "Stalks$to, one yard in front of him",
            'quarterback' => 'Hands off, or keeps by the read',
            'carry' => 'Carries the ball',
            'pitch' => 'Takes the pitch',
            'fake' => 'Carries out his fake',
            'route' => 'Runs his route',
            default => ucfirst($this->verb->value).$to,
        };
    }
}
