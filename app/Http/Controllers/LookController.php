<?php

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Models\Look;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Jacotaxis\Core\Concept\Document\LookDocument;

class LookController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function index(): JsonResponse
    {
        $this->authorize('viewAny', Look::class);
        $page = Look::query()->orderByDesc('shown')->orderBy('id')->cursorPaginate(50);

        return new JsonResponse(['looks' => $page->items(), 'next' => $page->nextCursor()?->encode()]);
    }

    public function show(Look $look): JsonResponse
    {
        $this->authorize('view', $look);

        return $this->answer($look);
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', Look::class);

        return $this->answer(
            Look::query()->create($this->attributes($request) + ['user_id' => $request->user()->id, 'version' => 1]),
            201,
        );
    }

    public function update(Request $request, Look $look): JsonResponse
    {
        $this->authorize('update', $look);

        return $this->answer(
            $look->saveOn($this->basedOn($request), $this->attributes($request) + ['user_id' => $request->user()->id]),
        );
    }

    public function destroy(Look $look): Response
    {
        $this->authorize('delete', $look);
        $look->delete();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private function attributes(Request $request): array
    {
        $given = $request->validate(['name' => 'required|string|max:120', 'opponent' => 'nullable|string|max:120',
            'shown' => 'integer|min:0|max:9999', 'document' => 'required|array']);
        $this->schemas->check('look', $request->input('document'));
        $look = LookDocument::read($request->input('document'));

        return ['name' => $given['name'], 'opponent' => $given['opponent'] ?? '', 'words' => $look->words(),
            'document' => LookDocument::write($look)]
            + (isset($given['shown']) ? ['shown' => $given['shown']] : []);
    }

    private function answer(Look $look, int $status = 200): JsonResponse
    {
        return new JsonResponse($look, $status, ['ETag' => "\"{$look->version}\""]);
    }
}
