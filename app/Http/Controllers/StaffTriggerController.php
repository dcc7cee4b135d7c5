<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\Snap;
use App\Models\StaffTrigger;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Film\Chart\DefenderAct;
use Jacotaxis\Core\Plan\Trigger\Need;
use Jacotaxis\Core\Plan\Trigger\TriggerDocument;
use Jacotaxis\Core\Plan\Trigger\Triggers;

/** The triggers of the staff's own, and the lists they are put together from. */
class StaffTriggerController extends Controller
{
    public function index(): JsonResponse
    {
        $this->authorize('viewAny', StaffTrigger::class);
        /** @var Collection<int, StaffTrigger> $own */
        $own = StaffTrigger::query()->orderBy('id')->get();

        return new JsonResponse([
            'triggers' => $own->map(self::told(...))->values(),
            'ships' => array_column(Triggers::shipped(), 'name'),
            'kinds' => TriggerDocument::KINDS,
            'acts' => array_column(DefenderAct::cases(), 'value'),
            'families' => [...array_map(strval(...), array_keys(Drawn::catalogue([]))), ...Schemes::names()],
            'formations' => Snap::query()->whereNotNull('formation')->distinct()->orderBy('formation')->limit(60)
                ->pluck('formation'),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', StaffTrigger::class);
        $said = ['document' => $this->said($request), 'user_id' => $request->user()->id];

        return $this->answer(StaffTrigger::query()->create($said), 201);
    }

    public function update(Request $request, StaffTrigger $trigger): JsonResponse
    {
        $this->authorize('update', $trigger);

        return $this->answer($trigger->saveOn($this->basedOn($request), [
            'document' => $this->said($request),
            'user_id' => $request->user()->id,
        ]));
    }

    public function destroy(StaffTrigger $trigger): Response
    {
        $this->authorize('delete', $trigger);
        $trigger->delete();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private function said(Request $request): array
    {
        $given = $request->validate([
            'name' => 'required|string|max:80',
            'on' => 'present|list|max:12',
            'on.*' => 'required|string|max:60',
            'needs' => 'present|list|max:4',
            'needs.*' => 'required|array:kind,acts,box,times',
            'needs.*.kind' => ['present', 'nullable', Rule::in(TriggerDocument::KINDS)],
            'needs.*.acts' => 'present|list|max:6',
            'needs.*.acts.*' => ['required', Rule::enum(DefenderAct::class)],
            'needs.*.box' => 'present|nullable|integer|min:5|max:11',
            'needs.*.times' => 'required|integer|min:1|max:20',
            'any' => 'required|boolean',
            'then' => 'present|list|max:6',
            'then.*' => 'required|string|max:80',
            'why' => 'present|nullable|string|max:200',
            'formation' => 'present|nullable|string|max:120',
            'within' => 'present|nullable|integer|min:1|max:100',
        ]);
        $document = [
            'name' => $given['name'],
            'on' => $given['on'],
            'any' => (bool) $given['any'],
            'then' => $given['then'],
            'why' => (string) $given['why'],
            'formation' => $given['formation'],
            'within' => $given['within'] === null ? null : (int) $given['within'],
            'needs' => array_map(fn (array $n): array => [
                'kind' => (string) $n['kind'],
                'acts' => $n['acts'],
                'box' => $n['box'] === null ? null : (int) $n['box'],
                'times' => (int) $n['times'],
            ], $given['needs']),
        ];
        try {
            TriggerDocument::read('new', $document);
        } catch (DomainException $e) {
            throw Problem::content('/needs', $e->getMessage());
        }

        return $document;
    }

    private function answer(StaffTrigger $trigger, int $status = 200): JsonResponse
    {
        return new JsonResponse(self::told($trigger), $status, ['ETag' => "\"{$trigger->version}\""]);
    }

    /** @return array<string, mixed> */
    private static function told(StaffTrigger $trigger): array
    {
        return [
            'id' => $trigger->id,
            'version' => $trigger->version,
            'document' => $trigger->document,
            'needs' => array_map(fn (Need $need): string => $need->words, $trigger->trigger()->needs),
        ];
    }
}
