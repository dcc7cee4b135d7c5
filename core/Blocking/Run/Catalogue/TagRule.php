<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunKind;

/** What a tag changes, as data: jobs that come before a scheme's own and keys in the place of its own. */
final readonly class TagRule
{
    /**
     * @param  list<RunKind>  $kinds  of the runs it goes with
     * @param  string  $side  where it means when no side is said: playside or backside
     * @param  list<string>  $needs  posts without which it means nothing, "tag" for its side
     * @param  list<JobRow>  $jobs
     * @param  list<KeyRow>  $keys
     */
    public function __construct(
        public string $name,
        public string $words,
        public array $kinds,
        public string $side,
        public array $needs,
        public array $jobs,
        public array $keys = [],
    ) {
    }
}
