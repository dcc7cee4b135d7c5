<?php

namespace App\Http\Controllers\Film;

use App\Film\Watched;
use App\Http\Controllers\Controller;
use App\Models\Reel;
use App\Models\StaffTrigger;
use App\Models\TriggerAnswer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Plan\Trigger\Trigger;

/** What this game has shown so far of what we wait for, and what the staff makes of it. */
class TriggerController extends Controller
{
    public function show(Reel $reel): JsonResponse
    {
        $this->authorize('view', $reel);

        return new JsonResponse(Watched::of($reel));
    }

    /** Takes a prompt, puts it off, tells it wrong, or takes that back. */
    public function update(Request $request, Reel $reel): JsonResponse
    {
        $this->authorize('update', $reel);
        $given = $request->validate([
            'trigger' => ['required', Rule::in(array_map(fn (Trigger $t): string => $t->id, StaffTrigger::triggers()))],
            'picture' => 'present|nullable|string|max:260',
            'answer' => ['present', 'nullable', Rule::in(TriggerAnswer::ANSWERS)],
        ]);
        $of = ['reel_id' => $reel->id, 'trigger' => $given['trigger'], 'picture' => (string) $given['picture']];
        $given['answer'] === null
            ? TriggerAnswer::query()->where($of)->delete()
            : TriggerAnswer::query()->updateOrCreate(
                $of,
                ['answer' => $given['answer'], 'user_id' => $request->user()->id],
            );

        return new JsonResponse(Watched::of($reel));
    }
}
