<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

/** A run scheme as data: who carries, through which gap, who is read, and a rule per position. Yards and seconds. */
final readonly class RunScheme
{
    /**
     * @param  string  $kind  zone, gap, jet or option
     * @param  float  $stepYd  how far playside a lineman works on his first steps; negative: to the backside
     * @param  float  $flowYd  how far playside a backer is expected to flow
     * @param  list<string>  $carriers  posts that carry, the first that exists
     * @param  string|null  $pitch  posts that take the pitch, "|" between them, the first that exists
     * @param  string  $entry  gap or alley the runner aims at
     * @param  float  $meshS  when he has the ball in the gun
     * @param  list<array{string, string, string}>  $keys  [decision, selector, when]
     * @param  list<array{string, string, string, string}>  $jobs  [posts, when, verb, selectors]
     * @param  list<string>  $gaps  gaps the runner may end in
     * @param  float  $wideYd  how wide the keeper or the sweep turns up past the last blocker
     * @param  string|null  $fakes  posts that carry out a fake, the first that exists
     */
    public function __construct(
        public string $name,
        public string $words,
        public string $kind,
        public float $stepYd,
        public float $flowYd,
        public array $carriers,
        public ?string $pitch,
        public string $entry,
        public float $meshS,
        public array $keys,
        public array $jobs,
        public array $gaps = [],
        public bool $cuts = false,
        public bool $gives = true,
        public float $wideYd = 1.5,
        public ?string $fakes = null,
    ) {
    }

    public function isOption(): bool
    {
        return $this->kind === 'option';
    }
}
