<?php

namespace App\Http\Controllers;

use App\Documents\ThrownAway;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What was thrown away: taken back, or deleted for good by the coordinator. */
class ThrownAwayController extends Controller
{
    public function index(): JsonResponse
    {
        $this->authorize('delete', Call::class);

        return new JsonResponse(['things' => ThrownAway::all()]);
    }

    public function restore(string $kind, string $id): Response
    {
        $thing = ThrownAway::find($kind, $id);
        $this->authorize('delete', $thing);
        $thing->restore();

        return response()->noContent();
    }

    public function destroy(string $kind, string $id): Response
    {
        $thing = ThrownAway::find($kind, $id);
        $this->authorize('delete', $thing);
        $thing->forceDelete();

        return response()->noContent();
    }
}
