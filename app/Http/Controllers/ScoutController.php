<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\Look;
use App\Models\Reel;
use App\Scout\LookShelf;
use App\Scout\Scouted;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Grade\Numbers\Groups;
use Jacotaxis\Core\Scout\Shares;
use Jacotaxis\Core\Scout\Showing;

/** What an opponent's charted film says of his defense. */
class ScoutController extends Controller
{
    public function index(): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);

        return new JsonResponse([
            'opponents' => Scouted::opponents(),
            'by' => array_intersect_key(Groups::BY, array_flip(Shares::BY)),
            'showings' => array_combine(
                array_column(Showing::cases(), 'value'),
                array_map(fn (Showing $s): string => $s->title(), Showing::cases()),
            ),
            'few' => Shares::FEW,
        ]);
    }

    public function show(string $opponent): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);

        return new JsonResponse((new Scouted($opponent))->page());
    }

    /** What he shows by one part of the situation. */
    public function shares(Request $request, string $opponent): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $by = $request->query('by', 'situation');
        $showing = $request->query('showing', Showing::Shell->value);
        if (! in_array($by, Shares::BY, true)) {
            throw Problem::content('/by', 'Shares are told by: '.implode(', ', Shares::BY).'.');
        }
        $wanted = is_string($showing) ? Showing::tryFrom($showing) : null;
        if ($wanted === null) {
            $known = implode(', ', array_column(Showing::cases(), 'value'));
            throw Problem::content('/showing', "Shares are told of: $known.");
        }

        return new JsonResponse((new Scouted($opponent))->shares($by, $wanted));
    }

    /** Sets how often looks of the shelf were shown. */
    public function shelf(Request $request, string $opponent): JsonResponse
    {
        $this->authorize('create', Look::class);
        $given = $request->validate([
            'looks' => 'required|list|max:200',
            'looks.*.words' => 'required|string|max:200',
            'looks.*.shown' => 'required|integer|min:0|max:9999',
        ]);
        $looks = array_map(
            fn (array $l): array => ['words' => $l['words'], 'shown' => (int) $l['shown']],
            array_values($given['looks']),
        );
        LookShelf::count($opponent, $looks, $request->user()->id);

        return $this->show($opponent);
    }
}
