<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Document;

use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Blocking\Trick;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Kill;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\OutOfField;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\UnknownRoute;

/** A call as a document (schemas/call.schema.json): eleven assignments, the reads in order, men moved by hand. */
final class CallDocument
{
    public const KIND = 'jacotaxis.call';

    /** What two calls of one package have in common. */
    private const SHARED = ['kind', 'version', 'quarterback', 'set', 'side', 'modifier', 'splits', 'standIns', 'spots',
        'motions', 'situation'];

    /** @return array<string, mixed> */
    public static function write(Call $call): array
    {
        $assignments = [];
        foreach (array_keys($call->men(($call->situation ?? Situation::of())->frame())) as $letter) {
            $assignments[] = ['man' => $letter] + match (true) {
                isset($call->routes[$letter]) => self::route($call->routes[$letter]),
                $call->run !== null => ['job' => 'rule'],
                $letter === 'Q' => ['job' => 'pass'],
                default => ['job' => 'protect'],
            };
        }

        return [
            'kind' => self::KIND, 'version' => 1,
            ...FormationDocument::write($call->formation),
            'motions' => array_map(FormationDocument::motion(...), $call->motions),
            'drop' => $call->drop?->value,
            'assignments' => $assignments, 'reads' => $call->reads, 'keys' => $call->keys,
            'situation' => $call->situation === null ? null : self::situation($call->situation),
            ...array_filter([
                'protection' => $call->protection === null ? null
                    : ['name' => $call->protection->scheme->value, 'side' => $call->protection->side?->value],
                'fake' => $call->fake === null ? null : self::fake($call->fake),
                'run' => $call->run === null ? null : RunDocument::write($call->run), 'rules' => $call->rules === []
                    ? null : RunDocument::writeRules($call->rules),
                'hot' => $call->hot, 'readsBy' => $call->readsBy === [] ? null : $call->readsBy,
                'kill' => $call->kill === null ? null : self::kill($call->kill),
            ], fn (mixed $v): bool => $v !== null),
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
        $formation = FormationDocument::read($document, $situation ?? Situation::of());
        $motions = [];
        foreach (array_values($document['motions'] ?? []) as $i => $motion) {
            $motions[] = FormationDocument::readMotion($motion, $formation, "/motions/$i");
        }
        $call = new Call(
            formation: $formation,
            routes: self::routes($document['assignments']),
            reads: $document['reads'],
            motions: $motions,
            drop: Footwork::tryFrom($document['drop'] ?? ''),
            keys: $document['keys'] ?? [],
            situation: $situation,
            protection: isset($document['protection'])
                ? new Protecting(
                    Scheme::from($document['protection']['name']),
                    Side::tryFrom($document['protection']['side'] ?? ''),
                )
                : null,
            fake: isset($document['fake'])
                ? new Fake(
                    $document['fake']['run'],
                    Side::tryFrom($document['fake']['side'] ?? ''),
                    $document['fake']['man'] ?? null,
                    Trick::tryFrom($document['fake']['trick'] ?? ''),
                )
                : null,
            hot: $document['hot'] ?? null,
            readsBy: $document['readsBy'] ?? [],
            run: isset($document['run']) ? RunDocument::read($document['run']) : null,
            rules: RunDocument::readRules($document['rules'] ?? []),
            kill: isset($document['kill']) ? self::readKill($document['kill'], $document) : null,
        );
        self::check($call, $situation ?? Situation::of());

        return $call;
    }

    /** @return array<string, string|null> */
    private static function fake(Fake $fake): array
    {
        return ['run' => $fake->run, 'side' => $fake->side?->value, 'man' => $fake->who]
            + ($fake->trick === null ? [] : ['trick' => $fake->trick->value]);
    }

    /** @return array<string, mixed> */
    private static function kill(Kill $kill): array
    {
        $second = array_diff_key(self::write($kill->to), array_flip(self::SHARED));

        return ['when' => $kill->when->value, ...$kill->box === null ? [] : ['box' => $kill->box], 'to' => $second];
    }

    /**
     * The second call stands as the first does.
     *
     * @param  array<string, mixed>  $kill
     * @param  array<string, mixed>  $first
     *
     * @throws BadDocument
     */
    private static function readKill(array $kill, array $first): Kill
    {
        $shared = array_intersect_key($first, array_flip(self::SHARED));
        try {
            $to = self::read([...$kill['to'], ...$shared]);
        } catch (BadDocument $e) {
            throw new BadDocument("/kill/to{$e->pointer}", $e->getMessage());
        }

        return new Kill($to, KillRule::from($kill['when']), $kill['box'] ?? null);
    }

    /** @return array<string, mixed> */
    public static function situation(Situation $s): array
    {
        return ['rules' => $s->rules->value, 'hash' => $s->hash->value, 'down' => $s->down, 'toGoYd' => $s->toGoYd,
            'ballOnYd' => $s->ballOnYd];
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
            return Situation::of(
                RuleSet::from($s['rules'] ?? $else->rules->value),
                Hash::from($s['hash'] ?? $else->hash->value),
                $s['down'] ?? $else->down,
                (float) ($s['toGoYd'] ?? $else->toGoYd),
                (float) ($s['ballOnYd'] ?? $else->ballOnYd),
            );
        } catch (OutOfField $e) {
            throw new BadDocument($pointer, $e->getMessage());
        }
    }

    /**
     * An assignment's route.
     *
     * @return array<string, mixed>
     */
    public static function route(RouteSpec $r): array
    {
        return array_filter([
            'job' => 'route', 'route' => $r->name, 'depthYd' => $r->depthYd, 'side' => $r->side?->value,
            'flag' => $r->flag?->value, 'checks' => $r->checks ?: null, 'chips' => $r->chips ?: null,
            'at' => $r->at, 'finish' => $r->finish, 'release' => $r->release,
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
            if ($man === 'Q') {
                throw new BadDocument("/assignments/$i", 'Q throws; he cannot go out on a route.');
            }
            try {
                $routes[$man] = RouteSpec::of($a['route'], isset($a['depthYd']) ? (float) $a['depthYd'] : null,
                    Side::tryFrom($a['side'] ?? ''), Flag::tryFrom($a['flag'] ?? ''), $a['checks'] ?? false,
                    $a['chips'] ?? false, $a['at'] ?? null, $a['finish'] ?? null, $a['release'] ?? null);
            } catch (UnknownRoute $e) {
                throw new BadDocument("/assignments/$i", $e->getMessage());
            }
        }

        return $routes;
    }

    private static function check(Call $call, Situation $situation): void
    {
        $men = $call->formation->men($situation->frame());
        foreach (array_diff(array_keys($call->routes), array_keys($men)) as $letter) {
            throw new BadDocument(
                '/assignments',
                "There is no $letter in this formation: the eleven are ".implode(', ', array_keys($men)).'.',
            );
        }
        foreach (['reads' => $call->reads] + array_combine(array_map(fn (string $by): string => "readsBy/$by",
            array_keys($call->readsBy)), array_values($call->readsBy)) as $where => $reads) {
            foreach ($reads as $i => $letter) {
                if (! isset($call->routes[$letter])) {
                    throw new BadDocument("/$where/$i", "$letter is read but has no route.");
                }
            }
        }
        if ($call->hot !== null && ! isset($call->routes[$call->hot])) {
            throw new BadDocument('/hot', "{$call->hot} is hot but has no route.");
        }
        $list = array_values($men);
        foreach ($list as $n => $a) {
            foreach (array_slice($list, $n + 1) as $b) {
                if (hypot($a->xYd - $b->xYd, $a->yYd - $b->yYd) < 0.5) {
                    throw new BadDocument(
                        '/spots',
                        "{$a->letter} and {$b->letter} stand on one spot (CAL-09): move one of them half a yard.",
                    );
                }
            }
        }
    }
}
