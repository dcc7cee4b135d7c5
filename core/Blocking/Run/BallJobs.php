<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Catalogue\JobRow;
use Jacotaxis\Core\Blocking\Run\Front\Posts;

/** Who has the ball, who may get the pitch, who fakes: the jobs that are given before anybody blocks. */
final readonly class BallJobs
{
    /** @param  list<JobRow>  $tagged  rows of the tags */
    public function __construct(private RunCall $run, private Posts $posts, private array $tagged)
    {
    }

    /**
     * @param  array<string, Block>  $blocks  jobs given already, by letter
     * @return array<string, Block> with those of the ball
     */
    public function added(array $blocks): array
    {
        $scheme = $this->run->scheme();
        $blocks['Q'] = new Block('Q', 'quarterback', Verb::Quarterback);
        $give = $scheme->gives ? ($this->run->who ?? $this->posts->free($scheme->carriers, $blocks)) : null;
        $blocks = $this->with($blocks, $give, Verb::Carry);
        $pitch = $scheme->gives ? null : $this->run->who;
        $blocks = $this->with($blocks, $pitch ?? $this->posts->free($scheme->pitch, $blocks), Verb::Pitch);

        return $this->leads() ? $blocks : $this->with($blocks, $this->posts->free($scheme->fakes, $blocks), Verb::Fake);
    }

    /**
     * @param  array<string, Block>  $blocks
     * @return array<string, Block>
     */
    private function with(array $blocks, ?string $letter, Verb $verb): array
    {
        return $letter === null
            ? $blocks
            : [...$blocks, $letter => new Block($letter, $this->posts->post($letter), $verb)];
    }

    /** Whether the man who fakes also has a block after it. */
    private function leads(): bool
    {
        $fakes = $this->run->scheme()->fakes;
        foreach ([...$this->tagged, ...$this->run->scheme()->jobs] as $row) {
            if (in_array($row->verb, [Verb::Lead, Verb::Load], true) && array_intersect($row->posts, $fakes) !== []) {
                return true;
            }
        }

        return false;
    }
}
