<?php

namespace App\Http\Controllers\Practice;

use App\Documents\Schemas;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\DrillCard;
use App\Practice\ShippedDrills;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Jacotaxis\Core\Drill\Drill;
use Jacotaxis\Core\Drill\DrillDocument;
use Jacotaxis\Core\Drill\Path;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;

/** Drill cards: those that ship, and the staff's own. */
class DrillController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    /** Every card in both directions. */
    public function index(): JsonResponse
    {
        $this->authorize('viewAny', DrillCard::class);
        /** @var Collection<string, DrillCard> $own */
        $own = DrillCard::query()->orderBy('name')->get()->keyBy('name');

        return new JsonResponse(['drills' => array_values(array_map(
            fn (Drill $drill): array => self::told($drill, $own->get($drill->name)),
            DrillCard::drills(),
        )), 'groups' => FaultKeys::GROUPS]);
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', DrillCard::class);
        $drill = $this->drill($request);
        if (DrillCard::query()->where('name', $drill->name)->exists()) {
            $why = "There is a card \"$drill->name\" of your own: open and change it.";
            throw Problem::content('/document/name', $why);
        }

        return $this->answer(DrillCard::query()->create([
            'name' => $drill->name, 'document' => DrillDocument::write($drill), 'user_id' => $request->user()->id,
        ]), 201);
    }

    public function update(Request $request, DrillCard $drill): JsonResponse
    {
        $this->authorize('update', $drill);
        $said = $this->drill($request);
        if ($said->name !== $drill->name && DrillCard::query()->where('name', $said->name)->exists()) {
            $why = "Another card is called \"$said->name\": give this one its own name.";
            throw Problem::content('/document/name', $why);
        }

        return $this->answer($drill->saveOn($this->basedOn($request), [
            'name' => $said->name, 'document' => DrillDocument::write($said), 'user_id' => $request->user()->id,
        ]));
    }

    public function destroy(DrillCard $drill): Response
    {
        $this->authorize('delete', $drill);
        $drill->delete();

        return response()->noContent();
    }

    private function drill(Request $request): Drill
    {
        $request->validate(['document' => 'required|array']);
        $this->schemas->check('drill', $request->input('document'));
        try {
            return DrillDocument::read($request->input('document'));
        } catch (DomainException $e) {
            throw Problem::content('/document', $e->getMessage());
        }
    }

    private function answer(DrillCard $card, int $status = 200): JsonResponse
    {
        return new JsonResponse(self::told($card->drill(), $card), $status, ['ETag' => "\"{$card->version}\""]);
    }

    /** @return array<string, mixed> */
    private static function told(Drill $drill, ?DrillCard $own): array
    {
        return [
            'id' => $own?->id,
            'version' => $own?->version,
            'ships' => ShippedDrills::has($drill->name),
            'document' => DrillDocument::write($drill),
            'mirrored' => DrillDocument::write($drill->mirrored()),
            'cures' => array_map(fn (string $id): array => ['id' => $id, 'label' => Library::entry($id)['label'],
                'wanted' => Library::entry($id)['wanted']], $drill->faults),
            'runsYd' => array_map(
                fn (Path $p): array => ['man' => $p->man, 'yards' => round($p->lengthYd(), 1)],
                array_values(array_filter($drill->paths, fn (Path $p): bool => ! $p->isBall)),
            ),
        ];
    }
}
