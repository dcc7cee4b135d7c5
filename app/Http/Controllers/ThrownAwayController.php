<?php

namespace App\Http\Controllers;

use App\Documents\ThrownAway;
use App\Models\Call;
use App\Models\PutAside;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What was thrown away: taken back, or deleted for good by the coordinator. */
class ThrownAwayController extends Controller
{
    public function index(): JsonResponse
    {
        $this->authorize('delete', Call::class);

        return new JsonResponse(['things' => ThrownAway::all()]);
    }

    /** Whoever may throw a thing away takes it back: a snap and a film file the staff, all else the coordinator. */
    public function restore(Request $request, string $kind, string $id): Response
    {
        $thing = ThrownAway::find($kind, $id);
        $staffs = in_array($kind, ['snap', 'clip'], true);
        $this->authorize($staffs ? 'update' : 'delete', $thing instanceof PutAside
            ? new (PutAside::KINDS[$thing->kind])
            : $thing);
        ThrownAway::restore($thing, $request->user());

        return response()->noContent();
    }

    public function destroy(string $kind, string $id): Response
    {
        $thing = ThrownAway::find($kind, $id);
        $this->authorize('delete', $thing instanceof PutAside ? new (PutAside::KINDS[$thing->kind]) : $thing);
        ThrownAway::forGood($thing);

        return response()->noContent();
    }
}
