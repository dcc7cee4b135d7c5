<?php

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Practice;
use App\Models\StaffWords;
use App\Practice\DrillWork;
use App\Practice\FilledScript;
use App\Practice\NextDay;
use App\Practice\WeekInstall;
use App\Practice\WeekReps;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Practice\Load;
use Jacotaxis\Core\Practice\PeriodKind;
use Jacotaxis\Core\Practice\RunDay;

/** Practices: their periods and minutes, their scripts, and the reps of their week. */
class PracticeController extends Controller
{
    private const NO_CALL = 'No call of the plan belongs into this period: an inside run takes runs, seven on seven '
        .'takes passes. Put calls on the sheet against this opponent, or fill another period.';

    /** Minutes of the periods a first practice begins with; later ones begin with those of the last. */
    private const USUAL = ['individual' => 15, 'group' => 15, 'inside run' => 15, 'seven on seven' => 15, 'team' => 20,
        'walk-through' => 10];

    public function index(): JsonResponse
    {
        $this->authorize('viewAny', Practice::class);
        /** @var Collection<int, Practice> $practices */
        $practices = Practice::query()->orderByDesc('held_on')->orderByDesc('id')->limit(60)->get();

        return new JsonResponse(['practices' => $practices->map(fn (Practice $p): array => [
            ...$p->only(['id', 'held_on', 'title', 'opponent', 'version']),
            'minutes' => $p->asks()->minutes,
            'contactMinutes' => $p->asks()->contactMinutes,
        ])->values()]);
    }

    public function show(Practice $practice): JsonResponse
    {
        $this->authorize('view', $practice);

        return $this->answer($practice);
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', Practice::class);
        $given = self::said($request->validate(self::head()));
        $last = Practice::query()->orderByDesc('held_on')->orderByDesc('id')->first();
        $periods = array_map(fn (array $p): array => [
            'kind' => $p['kind'], 'minutes' => $p['minutes'], 'contact' => $p['contact'],
            'where' => $p['where'] ?? '', 'emphasis' => '', 'script' => [], 'drills' => [],
        ], $last->periods ?? self::usual());

        $given += ['periods' => $periods, 'runs' => Practice::runsOn($given['held_on'])];

        return $this->answer(Practice::query()->create($given), 201);
    }

    public function update(Request $request, Practice $practice): JsonResponse
    {
        $this->authorize('update', $practice);
        $given = $request->validate(self::head() + [
            'periods' => 'present|list|max:24',
            'periods.*' => 'required|array:kind,minutes,contact,where,emphasis,script,drills',
            'periods.*.kind' => ['required', Rule::enum(PeriodKind::class)],
            'periods.*.minutes' => 'required|integer|min:1|max:120',
            'periods.*.contact' => 'required|boolean',
            'periods.*.where' => 'present|nullable|string|max:60',
            'periods.*.emphasis' => 'present|nullable|string|max:200',
            'periods.*.drills' => 'list|max:12',
            'periods.*.drills.*' => 'required|string|max:80',
            'periods.*.script' => 'present|list|max:40',
            'periods.*.script.*' => 'required|array:call,look,hash',
            'periods.*.script.*.call' => 'required|string|max:26',
            'periods.*.script.*.look' => 'present|nullable|string|max:260',
            'periods.*.script.*.hash' => ['required', Rule::in(Practice::HASHES)],
        ]);
        $given['periods'] = array_map(fn (array $p): array => [
            ...$p, 'minutes' => (int) $p['minutes'], 'contact' => (bool) $p['contact'],
            'where' => (string) $p['where'], 'emphasis' => (string) $p['emphasis'], 'drills' => $p['drills'] ?? [],
        ], array_values($given['periods']));

        return $this->answer($practice->saveOn($this->basedOn($request), self::said($given)));
    }

    public function destroy(Practice $practice): Response
    {
        $this->authorize('delete', $practice);
        $practice->delete();

        return response()->noContent();
    }

    /** Rows for a period's script: what is shortest of reps against what the opponent shows. Nothing is saved. */
    public function fill(Request $request, Practice $practice): JsonResponse
    {
        $this->authorize('update', $practice);
        $given = $request->validate([
            'period' => ['required', 'integer', Rule::in(array_keys($practice->periods))],
            'rows' => 'required|integer|min:1|max:40',
        ]);
        $rows = FilledScript::rows($practice, (int) $given['period'], (int) $given['rows']);
        if ($rows === []) {
            throw Problem::content('/period', self::NO_CALL);
        }

        return new JsonResponse(['rows' => $rows]);
    }

    /** What is new in its week, what it costs the men to learn, and what the next day brings. */
    public function install(Practice $practice): JsonResponse
    {
        $this->authorize('view', $practice);

        return new JsonResponse(
            (new WeekInstall($practice))->told() + ['next' => NextDay::after($practice)?->told()],
        );
    }

    /** The drills the faults on film ask for, those that fit each period, and what became of the given. */
    public function drills(Practice $practice): JsonResponse
    {
        $this->authorize('view', $practice);
        $work = new DrillWork($practice);

        return new JsonResponse([
            'proposed' => $work->proposed(),
            'fitting' => $work->fitting(),
            'effects' => $work->effects(),
        ]);
    }

    /** @return list<array{kind: string, minutes: int, contact: bool}> */
    private static function usual(): array
    {
        return array_map(fn (string $kind, int $minutes): array => [
            'kind' => $kind, 'minutes' => $minutes, 'contact' => PeriodKind::from($kind)->isContact(),
        ], array_keys(self::USUAL), array_values(self::USUAL));
    }

    /** @return array<string, mixed> */
    private static function head(): array
    {
        return ['held_on' => 'required|date_format:Y-m-d', 'title' => 'required|string|max:120',
            'opponent' => 'present|nullable|string|max:120', 'starts_at' => 'date_format:H:i',
            'runs' => Rule::enum(RunDay::class)];
    }

    /**
     * Who is nobody's opponent has no name.
     *
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private static function said(array $given): array
    {
        return ['opponent' => (string) $given['opponent']] + $given;
    }

    private function answer(Practice $practice, int $status = 200): JsonResponse
    {
        $schools = StaffWords::current()->book()->schools;
        $week = array_reduce(
            $practice->inWeek()->get()->all(),
            fn (Load $sum, Practice $one): Load => $sum->and($one->asks()),
            new Load(0, 0),
        );
        $limit = $schools->value('contact-minutes');

        return new JsonResponse([
            'practice' => $practice,
            'minutes' => $practice->asks()->minutes,
            'contactMinutes' => $practice->asks()->contactMinutes,
            'week' => ['contactMinutes' => $week->contactMinutes, 'over' => $week->isOver($limit),
                'caution' => $week->caution($limit)],
            'kinds' => array_map(fn (PeriodKind $kind): array => ['kind' => $kind->value,
                'hasScript' => $kind->hasScript(), 'hasDrills' => $kind->hasDrills(),
                'contact' => $kind->isContact()], PeriodKind::cases()),
            'reps' => (new WeekReps($practice))->rows((int) $schools->value('ready-reps')),
        ], $status, ['ETag' => "\"{$practice->version}\""]);
    }
}
