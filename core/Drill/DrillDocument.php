<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Drill;

use DomainException;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;

/**
 * A drill card as it is kept and sent, `jacotaxis.drill` under schemas/drill.schema.json.
 *
 * @phpstan-type MarkSent array{xYd: float|int, yYd: float|int, label?: string}
 * @phpstan-type StepSent array{xYd: float|int, yYd: float|int, foot?: string, count?: int}
 * @phpstan-type PathSent array{man: string, ball?: bool, points: non-empty-list<StepSent>}
 * @phpstan-type CardSent array{name: string, group: string, purpose: string, minutes: int, contact: bool,
 *     men: list<array{letter: string, role: string}>, equipment: list<string>, cones: list<MarkSent>,
 *     bags: list<MarkSent>, paths: non-empty-list<PathSent>, coach: MarkSent, start: string, finish: string,
 *     tempo: string, rotation: string, cues: list<string>, variants: list<array{who: string, does: string}>,
 *     faults: list<string>, caution: string|null}
 */
final class DrillDocument
{
    /**
     * @param  array<string, mixed>  $sent  of the shape of the schema
     *
     * @throws DomainException that names what cannot be, and how to cure it
     */
    public static function read(array $sent): Drill
    {
        /** @var CardSent $d */
        $d = $sent;
        $drill = new Drill(
            name: $d['name'],
            group: $d['group'],
            purpose: $d['purpose'],
            minutes: $d['minutes'],
            contact: $d['contact'],
            men: array_column($d['men'], 'role', 'letter'),
            equipment: $d['equipment'],
            cones: array_map(self::mark(...), $d['cones']),
            bags: array_map(self::mark(...), $d['bags']),
            paths: array_map(self::path(...), $d['paths']),
            coach: self::mark($d['coach']),
            start: $d['start'],
            finish: $d['finish'],
            tempo: $d['tempo'],
            rotation: $d['rotation'],
            cues: $d['cues'],
            variants: array_column($d['variants'], 'does', 'who'),
            faults: $d['faults'],
            caution: $d['caution'],
        );
        self::check($drill, count($d['men']));

        return $drill;
    }

    /** @return array<string, mixed> */
    public static function write(Drill $drill): array
    {
        return [
            'kind' => 'jacotaxis.drill',
            'version' => 1,
            'name' => $drill->name,
            'group' => $drill->group,
            'purpose' => $drill->purpose,
            'minutes' => $drill->minutes,
            'contact' => $drill->contact,
            'men' => self::pairs('letter', 'role', $drill->men),
            'equipment' => $drill->equipment,
            'cones' => array_map(self::marked(...), $drill->cones),
            'bags' => array_map(self::marked(...), $drill->bags),
            'paths' => array_map(self::written(...), $drill->paths),
            'coach' => ['xYd' => $drill->coach->xYd, 'yYd' => $drill->coach->yYd],
            'start' => $drill->start,
            'finish' => $drill->finish,
            'tempo' => $drill->tempo,
            'rotation' => $drill->rotation,
            'cues' => $drill->cues,
            'variants' => self::pairs('who', 'does', $drill->variants),
            'faults' => $drill->faults,
            'caution' => $drill->caution,
        ];
    }

    private static function check(Drill $drill, int $men): void
    {
        if (! in_array($drill->group, FaultKeys::GROUPS, true)) {
            $groups = implode(', ', FaultKeys::GROUPS);
            throw new DomainException("There is no group \"$drill->group\": say one of $groups.");
        }
        if (count($drill->men) < $men) {
            throw new DomainException('Two men of the drill have one letter: give each his own.');
        }
        foreach ($drill->paths as $path) {
            // The coach throws, too.
            if (! isset($drill->men[$path->man]) && ! ($path->isBall && $path->man === 'C')) {
                $men = implode(', ', array_keys($drill->men));
                throw new DomainException("A path is $path->man's, who is not among the men ($men): add him there.");
            }
        }
        foreach ($drill->faults as $fault) {
            if (! Library::has($fault) || Library::entry($fault)['praise']) {
                throw new DomainException("The library has no fault \"$fault\": leave it out, or say another.");
            }
        }
    }

    /** @param  MarkSent  $m */
    private static function mark(array $m): Mark
    {
        return new Mark((float) $m['xYd'], (float) $m['yYd'], $m['label'] ?? '');
    }

    /** @return array{xYd: float, yYd: float, label: string} */
    private static function marked(Mark $m): array
    {
        return ['xYd' => $m->xYd, 'yYd' => $m->yYd, 'label' => $m->label];
    }

    /** @param  PathSent  $p */
    private static function path(array $p): Path
    {
        return new Path($p['man'], array_map(fn (array $s): Step => new Step(
            (float) $s['xYd'],
            (float) $s['yYd'],
            Foot::tryFrom($s['foot'] ?? ''),
            $s['count'] ?? null,
        ), $p['points']), $p['ball'] ?? false);
    }

    /** @return array<string, mixed> */
    private static function written(Path $path): array
    {
        return ['man' => $path->man, 'ball' => $path->isBall, 'points' => array_map(
            fn (Step $s): array => ['xYd' => $s->xYd, 'yYd' => $s->yYd]
                + ($s->foot === null ? [] : ['foot' => $s->foot->value])
                + ($s->count === null ? [] : ['count' => $s->count]),
            $path->steps,
        )];
    }

    /**
     * @param  array<string, string>  $values
     * @return list<array<string, string>>
     */
    private static function pairs(string $key, string $value, array $values): array
    {
        return array_map(
            fn (string|int $k, string $v): array => [$key => (string) $k, $value => $v],
            array_keys($values),
            $values,
        );
    }
}
