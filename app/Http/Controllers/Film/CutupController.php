<?php

namespace App\Http\Controllers\Film;

use App\Film\Filter;
use App\Http\Controllers\Controller;
use App\Models\Cutup;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

class CutupController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Cutup::class);

        return new JsonResponse(['cutups' => Cutup::query()->where('user_id', $request->user()->id)->orWhere('shared',
            true)->orderBy('name')->get()]);
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', Cutup::class);
        $cutup = Cutup::query()->create(['user_id' => $request->user()->id] + $this->given($request));

        return new JsonResponse($cutup, 201, ['ETag' => '"1"']);
    }

    public function update(Request $request, Cutup $cutup): JsonResponse
    {
        $this->authorize('update', $cutup);
        $saved = $cutup->saveOn($this->basedOn($request), $this->given($request));

        return new JsonResponse($saved, headers: ['ETag' => "\"{$saved->version}\""]);
    }

    public function destroy(Cutup $cutup): Response
    {
        $this->authorize('delete', $cutup);
        $cutup->delete();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private function given(Request $request): array
    {
        $given = $request->validate(['name' => 'required|string|max:120', 'filter' => 'required|array',
            'shared' => 'boolean']);
        Filter::of($given['filter']);

        return $given;
    }
}
