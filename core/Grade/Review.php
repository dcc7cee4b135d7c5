<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\Row;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Owners\Blame;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Words\Description;

/**
 * The order in which a snap is looked at, each step with what is known and where on the film it is seen: a play of a
 * game, or a play of a practice (FLM-01, FLM-02). Nothing is said that was not charted, measured or proved.
 */
final readonly class Review
{
    private const GAME = [
        'situation',
        'jobs',
        'why',
        'reads',
        'coverage',
        'key',
        'wide',
        'tight',
        'break',
        'ball',
        'owner',
        'next',
    ];

    private const PRACTICE = [
        'call',
        'mover',
        'front',
        'line',
        'backs',
        'tight ends',
        'quarterback',
        'receivers',
        'after motion',
        'verdict',
    ];

    private const TITLES = [
        'situation' => 'The situation', 'jobs' => 'Everybody\'s job, on the frozen picture',
        'why' => 'Why it was called', 'reads' => 'The reads, numbered', 'coverage' => 'Man or zone',
        'key' => 'The key, and what he must do',
        'wide' => 'Wide, at speed, up to the decision', 'tight' => 'Tight, slowly: feet, base, eyes, fake',
        'break' => 'The release against the break', 'ball' => 'The ball against the nearest defender',
        'owner' => 'The result, and whose it is',
        'next' => 'What it did to the next down', 'call' => 'The call', 'mover' => 'Letters and mover',
        'front' => 'The line across from us', 'line' => 'Each lineman', 'backs' => 'The back',
        'tight ends' => 'The tight end', 'quarterback' => 'The quarterback',
        'receivers' => 'The receivers', 'after motion' => 'The routes again, after the motion',
        'verdict' => 'The verdict',
    ];

    /** Before the snap, and after the decision, seconds that are shown. */
    private const BEFORE_S = 1.0;

    private const AFTER_S = 0.4;

    /** How slowly feet and hands are looked at. */
    private const SLOW = 0.25;

    /** @var array<string, mixed> the report of the proof, empty while call or look is unknown */
    private array $report;

    public function __construct(private Grader $grader)
    {
        $proof = $grader->measures->proof;
        $this->report = $proof === null ? [] : Told::report($proof);
    }

    /**
     * @return list<array{id: string, title: string, says: list<string>, angle: string|null, fromS: float|null,
     *     toS: float|null, rate: float}> fromS alone freezes the picture there; what the film of the next snap tells is
     *     left to who knows it
     */
    public function steps(): array
    {
        $order = $this->grader->measures->film->chart?->kind === 'practice' ? self::PRACTICE : self::GAME;

        return array_map(fn (string $id): array => ['id' => $id, 'title' => self::TITLES[$id],
            'says' => array_values(array_filter($this->says($id),
                fn (string $s): bool => $s !== ''))] + $this->where($id), $order);
    }

    /** @return array{angle: string|null, fromS: float|null, toS: float|null, rate: float} */
    private function where(string $id): array
    {
        $film = $this->grader->measures->film;
        $snap = $film->mark('snap');
        $decided = $film->mark('ball out') ?? $film->mark('mesh') ?? ($snap === null ? null : $snap + 2.5);
        [$angle, $from, $to, $rate] = match ($id) {
            'jobs', 'reads', 'coverage', 'front', 'call', 'mover' => [FilmDocument::WIDE, $snap, null, 1.0],
            'wide', 'key', 'receivers' => [FilmDocument::WIDE, $snap === null ? null : max(0.0, $snap - self::BEFORE_S),
                $decided === null ? null : $decided + self::AFTER_S, 1.0],
            'tight', 'line', 'backs', 'tight ends', 'quarterback' => ['tight', $snap, $decided === null ? null
                : $decided + self::AFTER_S, self::SLOW],
            'break' => [FilmDocument::WIDE, $film->mark('break', $film->thrownTo()), null, 1.0],
            'ball' => [FilmDocument::WIDE, $film->mark('ball out'), $film->mark('catch'), self::SLOW],
            'after motion' => [FilmDocument::WIDE, $film->mark('motion start') ?? $snap, $snap, 1.0],
            default => [null, null, null, 1.0],
        };

        return ['angle' => $angle, 'fromS' => $from, 'toS' => $to !== null && $from !== null && $to > $from ? $to
            : null, 'rate' => $rate];
    }

    /** @return list<string> */
    private function says(string $id): array
    {
        $m = $this->grader->measures;
        $chart = $m->film->chart;
        if ($id === 'situation') {
            $clock =
                $chart?->quarter === null
                    ? ''
                    : "Quarter {$chart->quarter}".
                        ($chart->clockS === null
                            ? ''
                            : sprintf(', %d:%02d', intdiv($chart->clockS, 60), $chart->clockS % 60)).
                        ($chart->score === null ? '' : ", {$chart->score['us']} to {$chart->score['them']}").
                        '.';

            return $chart === null
                ? []
                : [
                    ucfirst($chart->place()).($chart->hash === null ? '.' : ", {$chart->hash->value} hash."),
                    $clock,
                    $chart->note ?? '',
                ];
        }
        if ($id === 'owner' || $id === 'verdict') {
            return $this->owner();
        }
        if ($id === 'next') {
            return [];
        }
        if ($this->report === []) {
            return [
                in_array($id, ['jobs', 'call'], true)
                    ? 'The call or the look is unknown: settle it, then the jobs follow.'
                    : '',
            ];
        }

        return match ($id) {
            'jobs' => $this->jobs(array_values(array_diff(FaultKeys::GROUPS, ['line']))),
            'why', 'call' => $this->why(),
            'reads' => $this->reads(),
            'coverage' => $this->coverage(),
            'key' => array_map(
                fn (array $k): string => "{$k['question']} ".ucfirst($k['verdict']).'.',
                array_values(array_filter($this->report['keys'], fn (array $k): bool => $k['conflict'])),
            ),
            'wide' => [$this->grader->decision()->why],
            'tight', 'quarterback' => [
                ...$this->jobs(['quarterback']),
                ...$this->numbers(['back foot down', 'plant to ball out', 'depth of the drop', 'mesh']),
            ],
            'break' => $this->numbers(['ball out', 'ball out after the break', 'ball out after the key committed']),
            'ball' => $this->numbers(['separation at the throw', 'separation at the catch', 'ball in the air']),
            'mover' => $this->mover(),
            'front' => $this->front(),
            'after motion' => array_slice($this->reads(), 0, $m->film->call?->motions === [] ? 0 : null),
            default => $this->jobs([$id]),
        };
    }

    /**
     * What each man of the groups was asked, and what he is to work on.
     *
     * @param  list<string>  $groups
     * @return list<string>
     */
    private function jobs(array $groups): array
    {
        $says = [];
        foreach ($this->report['assignments'] as $job) {
            $man = (string) $job['man'];
            if (in_array(FaultKeys::group($man), $groups, true)) {
                $found = array_map(
                    fn (string $id): string => Library::entry($id)['label'],
                    $this->grader->proposed($man),
                );
                $says[] = "$man: {$job['job']}.".($found === [] ? '' : ' '.ucfirst(implode('; ', $found)).'.');
            }
        }

        return $says;
    }

    /** @return list<string> */
    private function why(): array
    {
        $call = $this->grader->measures->film->call;
        $told = $call === null ? null : Description::of($call, $this->grader->measures->film->setting->situation);

        return $told === null
            ? []
            : [
                $told['words'].'.',
                $told['family'] === null ? '' : ucfirst($told['family']).": {$told['why']}.",
                ucfirst((string) $this->grader->measures->proof?->verdict()->value).'. '.$this->report['why'],
            ];
    }

    /** @return list<string> */
    private function reads(): array
    {
        $numbered = array_filter(
            $this->report['reads'],
            fn (array $r): bool => $r['number'] !== null || $r['flag'] !== 'read',
        );
        usort($numbered, fn (array $a, array $b): int => ($a['number'] ?? 99) <=> ($b['number'] ?? 99));
        $said = array_map(
            fn (array $r): string => match (true) {
                $r['flag'] === 'clear' => "Clear-out: {$r['man']} {$r['route']}.",
                default => ($r['number'] ?? ucfirst((string) $r['flag']).':').
                    " {$r['man']} {$r['route']}, {$r['state']}".
                    ($r['killedBy'] === null ? '.' : ": {$r['killedBy']}."),
            },
            $numbered,
        );

        return $said !== []
            ? $said
            : array_values(array_map(fn (array $k): string => "Reads the {$k['defender']}.", $this->report['keys']));
    }

    /**
     * Man or zone: what was charted, and what moved before the snap with its certainty.
     *
     * @return list<string>
     */
    private function coverage(): array
    {
        $tells = $this->report['picture']['tells'];
        $look = $this->grader->measures->film->look;
        $moved = array_map(
            fn (string $side): string => $tells[$side]['certainty'] === 'none'
                ? ''
                : ucfirst($side).
                    ": {$tells[$side]['coverage']}, {$tells[$side]['certainty']}. {$tells[$side]['why']}",
            ['left', 'right'],
        );

        return [
            "Charted {$look?->shell}; {$tells['deep']} deep at the snap.",
            ...$moved,
            $tells['known'] === null ? '' : "Known before the snap: {$tells['known']}",
        ];
    }

    /** @return list<string> */
    private function mover(): array
    {
        $call = $this->grader->measures->film->call;
        if ($call === null) {
            return [];
        }
        $picture = $this->report['picture'];
        $receivers = [];
        foreach (array_values($picture['receivers'][$picture['strength']]) as $n => $letter) {
            $receivers[] = '#'.($n + 1)." $letter";
        }
        $counted = implode(', ', $receivers);

        return [
            $call->formation->words().'.',
            $counted === '' ? '' : ucfirst($picture['strength'])." side: $counted.",
            $call->motions === []
                ? 'Nobody moves.'
                : implode(', ', array_map(fn ($m): string => $m->words(), $call->motions)).'.',
            ...array_map(
                $this->told(...),
                array_filter(
                    $this->grader->measures->rows(),
                    fn (Row $r): bool => in_array($r->measure, ['spot at the snap', 'motion late'], true),
                ),
            ),
        ];
    }

    /** @return list<string> */
    private function front(): array
    {
        $picture = $this->report['picture'];
        $list = fn (array $men): string => $men === [] ? 'nobody' : implode(', ', $men);
        $jobs = array_column($this->report['assignments'], null, 'man');
        $pairs = array_map(
            fn (array $j): string => "{$j['man']} with {$j['partner']}",
            array_filter(
                $jobs,
                fn (array $j): bool => ($j['verb'] ?? '') === 'double' &&
                    strcmp((string) $j['man'], (string) $j['partner']) < 0,
            ),
        );

        return [
            "Covered: {$list($picture['covered'])}; uncovered: {$list($picture['uncovered'])}.",
            $picture['boxWords'],
            $pairs === [] ? '' : 'Combinations: '.implode(', ', $pairs).'.',
        ];
    }

    /**
     * @param  list<string>  $measures
     * @return list<string>
     */
    private function numbers(array $measures): array
    {
        return array_map(
            $this->told(...),
            array_values(
                array_filter(
                    $this->grader->measures->rows(),
                    fn (Row $r): bool => in_array($r->measure, $measures, true),
                ),
            ),
        );
    }

    private function told(Row $r): string
    {
        $digits = $r->unit === 's' ? 2 : 1;

        return sprintf(
            '%s: %s %s %s%s.',
            $r->man,
            $r->measure,
            number_format($r->done, $digits),
            $r->unit,
            $r->planned === null ? '' : ', planned '.number_format($r->planned, $digits),
        );
    }

    /** @return list<string> */
    private function owner(): array
    {
        $chart = $this->grader->measures->film->chart;
        $blame = (new Blame($this->grader))->of();
        $decision = $this->grader->decision();
        $result =
            $chart?->result === null
                ? 'The result is not charted.'
                : ucfirst($chart->result->value).
                    ($chart->gainYd === null ? '' : sprintf(', %+g yd', $chart->gainYd)).
                    '.';

        return [
            $result,
            $decision->grade === null
                ? ''
                : 'Decision: '.$decision->grade.($decision->lucky ? ', lucky' : '').'.',
            $blame === null ? '' : 'Whose: '.($blame['man'] ?? $blame['owner']).". {$blame['why']}",
        ];
    }
}
