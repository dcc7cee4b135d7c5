<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\OutOfField;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\UnknownRoute;

/** A call as a document (schemas/call.schema.json): eleven assignments, the reads in order, men moved by hand. */
final class CallDocument
{
    public const KIND = 'jacotaxis.call';

    /** @return array<string, mixed> */
    public static function write(Call $call): array
    {
        $assignments = [];
        foreach (array_keys($call->men(($call->situation ?? Situation::of())->frame())) as $letter) {
            $assignments[] = ['man' => $letter] + match (true) {
                isset($call->routes[$letter]) => self::route($call->routes[$letter]),
                $letter === 'Q' => ['job' => 'pass'],
                default => ['job' => 'protect'],
            };
        }

        return [
            'kind' => self::KIND, 'version' => 1,
            'quarterback' => $call->quarterback, 'set' => $call->set, 'side' => $call->side->value,
            'drop' => $call->drop?->value,
            'assignments' => $assignments, 'reads' => $call->reads, 'keys' => $call->keys,
            'spots' => array_map(fn (string $l): array => ['man' => $l, 'xYd' => $call->spots[$l][0], 'yYd' => $call->spots[$l][1]], array_keys($call->spots)),
            'situation' => $call->situation === null ? null : self::situation($call->situation),
        ];
    }

    /**
     * @param  array<string, mixed>  $document  already checked against the schema
     *
     * @throws BadDocument
     */
    public static function read(array $document): Call
    {
        $situation = isset($document['situation']) ? self::readSituation($document['situation'], '/situation') : null;
        $spots = [];
        foreach ($document['spots'] ?? [] as $i => $spot) {
            self::spot($spot, "/spots/$i", $situation ?? Situation::of());
            $spots[$spot['man']] = [(float) $spot['xYd'], (float) $spot['yYd']];
        }
        $routes = self::routes($document['assignments']);
        $call = new Call($document['quarterback'], $document['set'], Side::from($document['side']), $routes,
            $document['reads'], $spots, Footwork::tryFrom($document['drop'] ?? ''), $document['keys'] ?? [], $situation);
        self::check($call, $situation ?? Situation::of());

        return $call;
    }

    /** @return array<string, mixed> */
    public static function situation(Situation $s): array
    {
        return ['rules' => $s->rules->value, 'hash' => $s->hash->value, 'down' => $s->down, 'toGoYd' => $s->toGoYd, 'ballOnYd' => $s->ballOnYd];
    }

    /**
     * @param  array<string, mixed>  $s
     *
     * @throws BadDocument
     */
    public static function readSituation(array $s, string $pointer, ?Situation $else = null): Situation
    {
        $else ??= Situation::of();
        try {
            return Situation::of(RuleSet::from($s['rules'] ?? $else->rules->value), Hash::from($s['hash'] ?? $else->hash->value),
                $s['down'] ?? $else->down, (float) ($s['toGoYd'] ?? $else->toGoYd), (float) ($s['ballOnYd'] ?? $else->ballOnYd));
        } catch (OutOfField $e) {
            throw new BadDocument($pointer, $e->getMessage());
        }
    }

    /** @return array<string, mixed> */
    private static function route(RouteSpec $r): array
    {
        return array_filter([
            'job' => 'route', 'route' => $r->name, 'depthYd' => $r->depthYd, 'side' => $r->side?->value,
            'flag' => $r->flag?->value, 'checks' => $r->checks ?: null,
        ], fn (mixed $v): bool => $v !== null);
    }

    /**
     * @param  list<array<string, mixed>>  $assignments
     * @return array<string, RouteSpec>
     */
    private static function routes(array $assignments): array
    {
        $routes = $seen = [];
        foreach ($assignments as $i => $a) {
            $man = $a['man'];
            if (isset($seen[$man])) {
                throw new BadDocument("/assignments/$i/man", "$man has two jobs (CAL-01): keep one of them.");
            }
            $seen[$man] = true;
            if ($a['job'] !== 'route') {
                continue;
            }
            if ($man === 'Q' || in_array($man, Man::LINEMEN, true)) {
                throw new BadDocument("/assignments/$i", "$man cannot go out on a route.");
            }
            try {
                $routes[$man] = RouteSpec::of($a['route'], isset($a['depthYd']) ? (float) $a['depthYd'] : null,
                    Side::tryFrom($a['side'] ?? ''), Flag::tryFrom($a['flag'] ?? ''), $a['checks'] ?? false);
            } catch (UnknownRoute $e) {
                throw new BadDocument("/assignments/$i", $e->getMessage());
            }
        }

        return $routes;
    }

    /** @param  array<string, mixed>  $spot */
    private static function spot(array $spot, string $pointer, Situation $situation): void
    {
        $frame = $situation->frame();
        $room = $frame->toField((float) $spot['xYd'], 0.0)[0];
        if ($room < 0.5 || $room > RuleSet::WIDTH_YD - 0.5) {
            throw new BadDocument($pointer, "{$spot['man']} would stand out of bounds: bring him inside the sideline.");
        }
        if ($spot['yYd'] > -0.3 || $spot['yYd'] < -12.0) {
            throw new BadDocument($pointer, "{$spot['man']} must stand behind the ball, 0.3 to 12 yards.");
        }
    }

    private static function check(Call $call, Situation $situation): void
    {
        $men = $call->men($situation->frame());
        foreach (array_diff(array_keys($call->routes), array_keys($men)) as $letter) {
            throw new BadDocument('/assignments', "There is no $letter in this formation: the eleven are ".implode(', ', array_keys($men)).'.');
        }
        foreach ($call->reads as $i => $letter) {
            if (! isset($call->routes[$letter])) {
                throw new BadDocument("/reads/$i", "$letter is read but has no route.");
            }
        }
        $list = array_values($men);
        foreach ($list as $n => $a) {
            foreach (array_slice($list, $n + 1) as $b) {
                if (hypot($a->xYd - $b->xYd, $a->yYd - $b->yYd) < 0.5) {
                    throw new BadDocument('/spots', "{$a->letter} and {$b->letter} stand on one spot (CAL-09): move one of them half a yard.");
                }
            }
        }
    }
}
