<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Shell;

use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobKind;

/**
 * A shell as data: what it asks of each kind of man behind the front.
 *
 * The kinds are corners (of the strong side, of the weak side), safeties (strong, free), the overhang, and the backers
 * (mike, will), in this order. Whoever the front puts in a place has its job: a fifth back as overhang, a sixth in the
 * will's place.
 */
final readonly class Shell
{
    /** From here on a safety stands high, yards (common practice, no source). */
    private const HIGH_YD = 9.0;

    public Job $spare;

    /**
     * @param  bool  $open  whether the middle of the field is open after the snap
     * @param  array{ShellMan, ShellMan}  $corners
     * @param  array{ShellMan, ShellMan}  $safeties
     * @param  array{ShellMan, ShellMan}  $backers
     * @param  list<string>  $support  who turns the run in on a side: the first of these slots that stands there
     * @param  string|null  $down  the safety who comes down, to the side without the overhang
     * @param  bool  $byField  whether its strong side is the field's
     * @param  Job|null  $spare  what a man does who finds nobody to take
     * @param  array<string, Job>  $downOnOverhang  by slot, when the safety comes down on the overhang's side
     * @param  array<string, Job>  $overhangSent  by slot, when the overhang rushes (DEF-01)
     * @param  bool  $rare  left out of a sheet unless it is asked for
     */
    public function __construct(
        public string $name,
        public string $words,
        public bool $open,
        private array $corners,
        private array $safeties,
        private ShellMan $overhang,
        private array $backers,
        public array $support,
        public ?string $down = null,
        public bool $byField = false,
        ?Job $spare = null,
        public array $downOnOverhang = [],
        public array $overhangSent = [],
        public bool $rare = false,
    ) {
        $this->spare = $spare ?? Job::under(0.0, 8.0, 'Free in the hole');
    }

    /**
     * Its men by slot, in the order in which they look for a man of their own: the mike is spared first.
     *
     * @return array<string, ShellMan>
     */
    public function men(): array
    {
        return [
            'CS' => $this->corners[0],
            'CW' => $this->corners[1],
            'N' => $this->overhang,
            'SS' => $this->safeties[0],
            'FS' => $this->safeties[1],
            'W' => $this->backers[1],
            'M' => $this->backers[0],
        ];
    }

    /** The number a coach calls it by; shells without one come after the others. */
    public function number(): int
    {
        return preg_match('/\d/', $this->name, $digit) === 1 ? (int) $digit[0] : 10;
    }

    /** How many stand deep before the snap: what is called one high or two high. */
    public function high(): int
    {
        return count(array_filter(
            [$this->overhang, ...$this->safeties],
            fn (ShellMan $m): bool => $m->align === Align::Deep && $m->offYd >= self::HIGH_YD,
        ));
    }

    /** Whether both corners have a man to themselves. */
    public function isMan(): bool
    {
        $man = fn (ShellMan $corner): bool => $corner->job->kind === JobKind::Man;

        return array_filter($this->corners, $man) === $this->corners;
    }

    /** The middle of the field after the snap: open or closed. */
    public function middle(): string
    {
        return $this->open ? 'open' : 'closed';
    }
}
