<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice\Install;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\School\Schools;

/**
 * What a new call costs to install (PRA-06): who has something to learn that nothing he knows asks of him, who has not,
 * and which fronts need a talk because somebody's job is another one there or somebody is left over.
 */
final readonly class InstallCost
{
    /**
     * @param  array<string, string>  $new  what is new, by letter
     * @param  list<string>  $same  letters of those who have done it all before
     * @param  array<string, array{men: list<string>, left: list<string>}>  $talks  by front: whose job is another one
     *     than against the first look, and who is left over there and was not
     */
    private function __construct(public array $new, public array $same, public array $talks)
    {
    }

    /**
     * @param  list<Call>  $known  what the men have done before
     * @param  non-empty-list<Look>  $looks  what the opponent stands in, the most shown first
     */
    public static function of(
        Call $call,
        array $known,
        array $looks,
        Situation $situation,
        ?Schools $schools = null,
    ): self {
        $learned = [];
        foreach ($known as $one) {
            foreach (Tasks::of($one, $looks[0], $situation, $schools)->by as $letter => $task) {
                $learned[$letter][$task] = true;
            }
        }
        $first = Tasks::of($call, $looks[0], $situation, $schools);
        $new = array_filter(
            $first->by,
            fn (string $task, string $letter): bool => ! isset($learned[$letter][$task]),
            ARRAY_FILTER_USE_BOTH,
        );
        $talks = [];
        foreach ($looks as $look) {
            $there = Tasks::of($call, $look, $situation, $schools);
            $men = array_keys(array_diff_assoc($there->by, $first->by));
            // One man is left by another name there: it is the same one of whom nobody wants to hear twice.
            $more = count($there->left) > count($first->left) ? array_diff($there->left, $first->left) : [];
            if ($men !== [] || $more !== []) {
                $talks[$look->front] ??= ['men' => $men, 'left' => array_values($more)];
            }
        }

        return new self($new, array_keys(array_diff_key($first->by, $new)), $talks);
    }
}
