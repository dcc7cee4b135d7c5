<?php

namespace App\Http\Controllers\Film;

use App\Http\Controllers\Controller;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Scale;

/** How the staff grades: its school, from where a man won, which fault stands on which key, and what it calls it. */
class GradingController extends Controller
{
    public function show(): JsonResponse
    {
        $this->authorize('viewAny', \App\Models\Reel::class);

        return $this->answer(StaffWords::current());
    }

    public function update(Request $request): JsonResponse
    {
        $this->authorize('create', \App\Models\Reel::class);
        $given = $request->validate(['scale' => [Rule::enum(Scale::class)], 'winning' => 'numeric|between:0.5,1',
            'fault_keys' => 'array', 'fault_keys.*' => 'array|list', 'fault_keys.*.*' => 'required|string|max:20',
            'fault_labels' => 'array', 'fault_labels.*' => 'string|max:60']);
        $staff = StaffWords::current();
        FaultKeys::of(
            $given['fault_keys'] ?? ($staff->fault_keys ?? []),
            $given['fault_labels'] ?? ($staff->fault_labels ?? []),
        );

        return $this->answer($staff->saveOn($this->basedOn($request), $given));
    }

    private function answer(StaffWords $staff): JsonResponse
    {
        $keys = $staff->faultKeys();

        return new JsonResponse(['version' => $staff->version, 'scale' => $staff->scale, 'winning' => $staff->winning,
            'keys' => $keys->keys, 'labels' => (object) $keys->labels,
            'scales' => array_combine(array_column(Scale::cases(), 'value'),
                array_map(fn (Scale $s): string => $s->words(), Scale::cases())),
            'library' => array_map(fn (array $e): array => ['called' => $keys->label($e['id'])] + $e, Library::all())],
            headers: ['ETag' => "\"{$staff->version}\""]);
    }
}
