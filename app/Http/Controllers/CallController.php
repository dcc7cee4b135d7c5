<?php

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Models\Call;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Sketch;
use Jacotaxis\Core\Words\Describer;

class CallController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Call::class);
        $page = Call::query()->orderBy('id')->cursorPaginate(50);

        $calls = array_map(
            fn (Call $call): array => $call->toArray() + ['sketch' => Sketch::of(CallDocument::read($call->document))],
            $page->items(),
        );

        return new JsonResponse(['calls' => $calls, 'next' => $page->nextCursor()?->encode()]);
    }

    public function show(Call $call): JsonResponse
    {
        $this->authorize('view', $call);

        return $this->answer($call);
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', Call::class);

        return $this->answer(
            Call::query()->create($this->attributes($request) + ['user_id' => $request->user()->id, 'version' => 1]),
            201,
        );
    }

    public function update(Request $request, Call $call): JsonResponse
    {
        $this->authorize('update', $call);

        return $this->answer(
            $call->saveOn($this->basedOn($request), $this->attributes($request) + ['user_id' => $request->user()->id]),
        );
    }

    public function destroy(Call $call): Response
    {
        $this->authorize('delete', $call);
        $call->delete();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private function attributes(Request $request): array
    {
        $given = $request->validate(['name' => 'required|string|max:120', 'document' => 'required|array']);
        $this->schemas->check('call', $request->input('document'));
        $call = CallDocument::read($request->input('document'));

        return ['name' => $given['name'], 'words' => Describer::words($call, null, StaffWords::current()->book()),
            'document' => CallDocument::write($call)];
    }

    private function answer(Call $call, int $status = 200): JsonResponse
    {
        return new JsonResponse($call, $status, ['ETag' => "\"{$call->version}\""]);
    }
}
