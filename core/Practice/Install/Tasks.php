<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice\Install;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Resolver;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\School\Schools;

/**
 * What a call asks of each of the eleven as he has to learn it: a route, a pull, the blocks of a kind of run, a
 * protection; whom he meets is not part of it.
 */
final readonly class Tasks
{
    /**
     * @param  array<string, string>  $by  by letter, in words
     * @param  list<string>  $left  roles at the point nobody has
     */
    private function __construct(public array $by, public array $left)
    {
    }

    public static function of(Call $call, Look $look, Situation $situation, ?Schools $schools = null): self
    {
        $resolved = self::resolved($call, $look, $situation, $schools);

        return $resolved === null
            ? new self(self::pass($call, $situation), [])
            : new self(self::run($call, $resolved), $resolved->unaccounted);
    }

    /** The run of a call against a look; null for a pass. */
    private static function resolved(Call $call, Look $look, Situation $situation, ?Schools $schools = null): ?Resolved
    {
        if ($call->run === null) {
            return null;
        }
        $lineup = $call->lineup($situation);
        $out = array_map(strval(...), array_keys($call->routes));

        return Resolver::of($call->run, $lineup, Alignment::of($look, $lineup)->defenders, $look, $schools, $out);
    }

    /** @return array<string, string> */
    private static function run(Call $call, Resolved $resolved): array
    {
        $run = $resolved->run->scheme();
        $tasks = [];
        foreach ($resolved->blocks as $letter => $block) {
            $tasks[$letter] = isset($call->routes[$letter])
                ? $call->routes[$letter]->name
                : self::block($block, $run->name, "blocks as in {$run->kind->value} runs");
        }

        return $tasks;
    }

    private static function block(Block $block, string $run, string $line): string
    {
        $pulls = in_array($block->letter, Man::LINEMEN, true) ? 'pulls and ' : '';

        return match ($block->verb) {
            Verb::Quarterback => "the $run",
            Verb::Carry => "carries the $run",
            Verb::Kick => "{$pulls}kicks out",
            Verb::Wrap => "{$pulls}leads through",
            // Both ways to block a man in space.
            Verb::Stalk, Verb::CutOff => 'blocks in space',
            default => $pulls !== ''
                ? $line
                : lcfirst((new Block($block->letter, $block->post, $block->verb))->words()),
        };
    }

    /** @return array<string, string> */
    private static function pass(Call $call, Situation $situation): array
    {
        $protects = match (true) {
            $call->fake !== null => "shows {$call->fake->run}, protects",
            $call->protection === null => 'protects, '.Scheme::Man->value,
            default => "protects, {$call->protection->scheme->value}",
        };
        $routes = array_map(fn (string $letter): string => $call->routes[$letter]->name ?? $letter, $call->reads);
        $drop = $call->drop === null ? '' : "{$call->drop->value} drop, ";
        $tasks = [];
        foreach (array_keys($call->lineup($situation)->men) as $letter) {
            $tasks[$letter] = match (true) {
                isset($call->routes[$letter]) => $call->routes[$letter]->name,
                $letter === 'Q' => "{$drop}reads ".implode(', ', $routes),
                default => $protects,
            };
        }

        return $tasks;
    }
}
