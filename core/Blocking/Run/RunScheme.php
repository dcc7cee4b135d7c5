<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Catalogue\JobRow;
use Jacotaxis\Core\Blocking\Run\Catalogue\KeyRow;
use Jacotaxis\Core\Blocking\Run\Front\Posts;

/** A run scheme as data: who carries, through which gap, who is read, and a rule per position. Yards and seconds. */
final readonly class RunScheme
{
    /** @var list<string> posts that carry, the first that exists */
    public array $carriers;

    /** @var list<string> posts that take the pitch, the first that exists; none where nobody does */
    public array $pitch;

    /** @var list<string> posts that carry out a fake, the first that exists */
    public array $fakes;

    /**
     * @param  string  $carriers  posts that carry, "|" between them
     * @param  string  $entry  gap or alley the runner aims at
     * @param  list<string>  $gaps  gaps the runner may end in
     * @param  float  $stepYd  how far playside a lineman works on his first steps; negative: to the backside
     * @param  float  $flowYd  how far playside a backer is expected to flow
     * @param  list<JobRow>  $jobs
     * @param  list<KeyRow>  $keys
     * @param  float  $meshS  when the carrier has the ball in the gun
     * @param  float  $wideYd  how wide the keeper or the sweep turns up past the last blocker
     * @param  bool  $cuts  the runner reads the line and cuts once
     * @param  bool  $gives  somebody may be handed the ball
     * @param  bool  $ownsInside  everybody owns his inside gap: nobody is favored for the man on him
     * @param  bool  $showsPass  it looks like a pass until somebody has the ball: till then they rush and drop
     * @param  bool  $shovels  the ball is pitched forward, inside the man who is read
     * @param  Screen|null  $screen  how the ball gets to its man where it is thrown to him behind the line
     * @param  float|null  $onAirCost  what it costs to leave the last man away from the play, where the kind's value is
     *     not meant
     *
     * @throws UnknownRun for a post no catalogue has
     */
    public function __construct(
        public string $name,
        public string $words,
        public RunKind $kind,
        string $carriers,
        public string $entry,
        public array $gaps,
        public float $stepYd,
        public float $flowYd,
        public array $jobs,
        public array $keys = [],
        public float $meshS = 0.7,
        public float $wideYd = 1.5,
        public bool $cuts = false,
        public bool $gives = true,
        string $pitch = '',
        string $fakes = '',
        public bool $ownsInside = false,
        private ?float $onAirCost = null,
        public bool $showsPass = false,
        public bool $shovels = false,
        public ?Screen $screen = null,
    ) {
        $this->carriers = self::posts($carriers);
        $this->pitch = self::posts($pitch);
        $this->fakes = self::posts($fakes);
    }

    public function isOption(): bool
    {
        return $this->kind === RunKind::Option;
    }

    /** Whether the quarterback runs it himself, whatever anybody does. */
    public function isQuarterbacks(): bool
    {
        return $this->carriers === ['quarterback'];
    }

    /** What it costs to leave the last man of the line away from the play, in the units of the matching. */
    public function onAir(): float
    {
        return $this->onAirCost ?? $this->kind->onAir();
    }

    /** Whether the last man of the line away from the play may be left: the run is past him before he comes. */
    public function leavesLast(): bool
    {
        return $this->onAir() < RunKind::BLOCKED;
    }

    /** @return list<string> */
    private static function posts(string $words): array
    {
        $posts = $words === '' ? [] : explode('|', $words);
        foreach ($posts as $post) {
            if (! in_array($post, Posts::names(), true)) {
                throw UnknownRun::word('post', $post);
            }
        }

        return $posts;
    }
}
