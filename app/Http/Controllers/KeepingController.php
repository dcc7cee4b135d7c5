<?php

namespace App\Http\Controllers;

use App\Models\Call;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How long things are kept: the coordinator's. */
class KeepingController extends Controller
{
    public function show(): JsonResponse
    {
        $this->authorize('delete', Call::class);

        return $this->answer(StaffWords::current());
    }

    public function update(Request $request): JsonResponse
    {
        $this->authorize('delete', Call::class);
        $given = $request->validate(['thrownDays' => 'required|integer|between:1,730',
            'filmMonths' => 'present|nullable|integer|between:1,240']);

        return $this->answer(StaffWords::current()->saveOn($this->basedOn($request), [
            'keep_thrown_days' => $given['thrownDays'],
            'keep_film_months' => $given['filmMonths'],
        ]));
    }

    private function answer(StaffWords $staff): JsonResponse
    {
        return new JsonResponse(['thrownDays' => $staff->keep_thrown_days, 'filmMonths' => $staff->keep_film_months,
            'version' => $staff->version], headers: ['ETag' => "\"{$staff->version}\""]);
    }
}
