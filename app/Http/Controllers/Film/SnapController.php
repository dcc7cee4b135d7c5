<?php

namespace App\Http\Controllers\Film;

use App\Aside\Aside;
use App\Documents\Schemas;
use App\Film\Charting;
use App\Film\SnapIndex;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Reel;
use App\Models\Snap;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Film\Chart\Chain;
use Jacotaxis\Core\Film\Chart\OpenQuestions;
use Jacotaxis\Core\Film\Chart\Revisions;

class SnapController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function show(Snap $snap): JsonResponse
    {
        $this->authorize('view', $snap);

        return $this->answer($snap);
    }

    /** A new snap at the end of its reel, or at a place: what stood there and after moves on. */
    public function store(Request $request, Reel $reel): JsonResponse
    {
        $this->authorize('create', Snap::class);
        // Worked out before the transaction, which is short.
        $saved = SnapIndex::of($this->document($request));
        $snap = DB::transaction(function () use ($request, $reel, $saved): Snap {
            $last = (int) $reel->snaps()->max('place');
            $place = min($last + 1, max(1, (int) $request->input('place', $last + 1)));
            foreach (
                $reel
                    ->snaps()
                    ->where('place', '>=', $place)
                    ->reorder('place', 'desc')
                    ->get(['id', 'place']) as $later
            ) {
                Snap::query()
                    ->whereKey($later->id)
                    ->update(['place' => $later->place + 1]);
            }

            return Snap::query()->create(['reel_id' => $reel->id, 'place' => $place] + $saved);
        });

        return $this->answer($snap, 201);
    }

    public function update(Request $request, Snap $snap): JsonResponse
    {
        $this->authorize('update', $snap);

        $document = Revisions::kept(
            $snap->document,
            $this->document($request),
            $request->user()->name,
            now()->toDateString(),
        );

        return $this->answer($snap->saveOn($this->basedOn($request), SnapIndex::of($document)));
    }

    /** Throws a snap away that nobody graded; its document goes back, so that the undo can put it there again. */
    public function destroy(Request $request, Snap $snap): JsonResponse
    {
        $this->authorize('update', $snap);
        if ($snap->grades()->exists() && ! $request->boolean('graded')) {
            throw new Problem(
                409,
                'This snap is graded',
                'Its grades would go with it. Take the grades away first, or confirm that they go.',
            );
        }
        Aside::snap($snap, $request->user());

        return new JsonResponse(['document' => $snap->document, 'place' => $snap->place, 'reel_id' => $snap->reel_id]);
    }

    /** Open questions of a reel, snap by snap. */
    public function questions(Reel $reel): JsonResponse
    {
        $this->authorize('view', $reel);
        $open = [];
        foreach (
            $reel
                ->snaps()
                ->where('open_questions', '>', 0)
                ->get(['id', 'number', 'place', 'document', 'version']) as $snap
        ) {
            foreach (OpenQuestions::of($snap->document) as $q) {
                $open[] =
                    ['snap' => $snap->id, 'number' => $snap->number ?? $snap->place, 'version' => $snap->version] + $q;
            }
        }

        return new JsonResponse(['questions' => $open]);
    }

    public function settle(Request $request, Snap $snap): JsonResponse
    {
        $this->authorize('update', $snap);
        $given = $request->validate(['id' => 'required|string|max:80', 'answer' => 'required|string|max:300']);
        $document = OpenQuestions::settle(
            $snap->document,
            $given['id'],
            $given['answer'],
            $request->user()->name,
            now()->toDateString(),
        );
        $this->schemas->check('film', json_decode(json_encode($document, JSON_THROW_ON_ERROR)));

        return $this->answer($snap->saveOn($this->basedOn($request), SnapIndex::of($document)));
    }

    /** @return array<string, mixed> */
    private function document(Request $request): array
    {
        $request->validate(['document' => 'required|array']);
        $this->schemas->check('film', $request->input('document'));

        return $request->input('document');
    }

    /** What the snap before did to this one, or null at the start of a reel. */
    private function before(Snap $snap): ?string
    {
        /** @var Snap|null $before */
        $before = Snap::query()
            ->where('reel_id', $snap->reel_id)
            ->where('place', '<', $snap->place)
            ->orderByDesc('place')
            ->first(['id', 'document']);

        return $before === null ? null : Chain::did(Charting::chart($before), Charting::chart($snap));
    }

    /** What this snap made of the next one, or null at the end of a reel. */
    private function after(Snap $snap): ?string
    {
        /** @var Snap|null $next */
        $next = Snap::query()
            ->where('reel_id', $snap->reel_id)
            ->where('place', '>', $snap->place)
            ->orderBy('place')
            ->first(['id', 'document']);

        return $next === null ? null : Chain::made(Charting::chart($snap), Charting::chart($next));
    }

    private function answer(Snap $snap, int $status = 200): JsonResponse
    {
        $snap->load(['grades', 'clips', 'reel']);

        return new JsonResponse($snap->toArray() + ['questions' => OpenQuestions::of($snap->document),
            'before' => $this->before($snap), 'after' => $this->after($snap)], $status,
            ['ETag' => "\"{$snap->version}\""]);
    }
}
