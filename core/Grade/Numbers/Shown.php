<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

use Jacotaxis\Core\Blocking\Run\Tag;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Pass\Proof;

/**
 * What a call shows to whoever charts it: its tags, the run action it runs or fakes, and where the back goes on a pass
 * (REC-01, REC-07, MSH-15).
 */
final class Shown
{
    private const BACKS = ['R', 'F'];

    /** @return array{tag: string|null, action: string|null} */
    public static function of(Call $call): array
    {
        $run = $call->run ?? $call->fake?->run($call->lineup($call->situation ?? Situation::of())->strong);
        $tags = array_map(fn (Tag $t): string => $t->name, $call->run->tags ?? []);

        return [
            'tag' => $tags === [] ? null : implode(', ', $tags),
            'action' => $run === null ? null : "{$run->scheme} {$run->side->value}",
        ];
    }

    /** Where the first back is released to: left, right, or that he stays in; null where there is none. */
    public static function back(Proof $proof): ?string
    {
        foreach (self::BACKS as $letter) {
            if (isset($proof->scene->men[$letter])) {
                return isset($proof->scene->routes[$letter])
                    ? 'the back goes '.$proof->scene->routes[$letter]->to->value
                    : 'the back stays in';
            }
        }

        return null;
    }
}
