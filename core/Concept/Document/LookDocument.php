<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Document;

use Jacotaxis\Core\Defense\Change;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\UnknownLook;

/** A look as a document (schemas/look.schema.json). */
final class LookDocument
{
    public const KIND = 'jacotaxis.look';

    /** @return array<string, mixed> */
    public static function write(Look $look): array
    {
        return [
            'kind' => self::KIND, 'version' => 1, 'front' => $look->front, 'shell' => $look->shell,
            'shown' => $look->shown,
            'rotates' => $look->rotates, 'rushers' => $look->rushers, 'edges' => $look->edges,
            'strength' => $look->strength,
            'motion' => $look->motion, 'slides' => $look->slides, 'locks' => $look->locks,
            'techniques' => array_map(fn (array $t): array => ['technique' => $t[0], 'on' => $t[1]], $look->techniques),
            'changes' => array_map(self::change(...), array_map(strval(...), array_keys($look->changes)),
                $look->changes),
        ];
    }

    /**
     * @param  array<string, mixed>  $document  already checked against the schema
     *
     * @throws BadDocument
     */
    public static function read(array $document): Look
    {
        try {
            $look = Look::of($document['front'], $document['shell'])->with([
                'shown' => $document['shown'] ?? null, 'rotates' => $document['rotates'] ?? null,
                'rushers' => $document['rushers'] ?? null,
                'edges' => $document['edges'] ?? [], 'strength' => $document['strength'] ?? null,
                'motion' => $document['motion'] ?? 'bump', 'slides' => $document['slides'] ?? true,
                'locks' => $document['locks'] ?? false,
                'techniques' => array_map(fn (array $t): array => [$t['technique'], $t['on']], $document['techniques']
                    ?? []),
            ]);
            foreach ($document['changes'] ?? [] as $i => $change) {
                if (isset($change['job']) && JobWords::get($change['job']) === null) {
                    throw new BadDocument("/changes/$i/job", UnknownLook::job($change['job'])->getMessage());
                }
                $look = $look->changing($change['defender'], self::readChange($change));
            }
            // The first version of the format knew moved men only.
            foreach ($document['spots'] ?? [] as $spot) {
                $look = $look->changing($spot['defender'], ['spot' => [(float) $spot['xYd'], (float) $spot['yYd']]]);
            }

            return $look;
        } catch (UnknownLook $e) {
            throw new BadDocument('/look', $e->getMessage());
        }
    }

    /** @return array<string, mixed> */
    private static function change(string $who, Change $c): array
    {
        return [
            'defender' => $who, 'job' => $c->job, 'on' => $c->on, 'reactionS' => $c->reaction,
            'movement' => $c->movement === null ? null : ['kind' => $c->movement->kind->value,
                'side' => $c->movement->saidSide()],
            'leverage' => $c->leverage, 'offYd' => $c->offYd, 'walked' => $c->walked, 'counted' => $c->counted,
            'reason' => $c->reason,
            'spot' => $c->spot === null ? null : ['xYd' => $c->spot[0], 'yYd' => $c->spot[1]],
        ];
    }

    /**
     * @param  array<string, mixed>  $c
     * @return array<string, mixed>
     */
    private static function readChange(array $c): array
    {
        $movement = $c['movement'] ?? null;
        $spot = $c['spot'] ?? null;

        return [
            'job' => $c['job'] ?? null, 'on' => $c['on'] ?? null, 'reaction' => isset($c['reactionS'])
                ? (float) $c['reactionS'] : null,
            'movement' => $movement === null ? null : Movement::toward(
                MovementKind::from($movement['kind']),
                $movement['side'] ?? null,
            ),
            'leverage' => $c['leverage'] ?? [], 'offYd' => isset($c['offYd']) ? (float) $c['offYd'] : null,
            'walked' => $c['walked'] ?? false, 'counted' => $c['counted'] ?? null, 'reason' => $c['reason'] ?? null,
            'spot' => $spot === null ? null : [(float) $spot['xYd'], (float) $spot['yYd']],
        ];
    }
}
