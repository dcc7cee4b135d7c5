<?php

namespace App\Http\Controllers\Proving;

use App\Documents\ProofInput;
use App\Documents\Schemas;
use App\Http\Controllers\Controller;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Scene\Pressures;
use Jacotaxis\Core\Proof\Sheet\Looks;
use Jacotaxis\Core\Proof\Sheet\Sheet;

/**
 * A call against many looks, the menu against one, and the pressures of a look. A screen asks in parts and fills as
 * they come.
 */
class SheetController extends Controller
{
    /** As many saved calls are proved against a look at once. */
    private const BOOK = 200;

    public function __construct(private readonly Schemas $schemas)
    {
    }

    /** The looks of a whole sheet, in words, front by front. */
    public function looks(Request $request): JsonResponse
    {
        $looks = Looks::of(...($request->boolean('all') ? [['all'], ['all']] : []));

        return new JsonResponse(['looks' => array_map(fn (Look $l): array => ['front' => $l->front,
            'shell' => $l->shell, 'words' => $l->words()], $looks)]);
    }

    /** Cells of a call against looks. */
    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(ProofInput::RULES + ['document' => 'required_without:words',
            'looks' => 'required|list|max:40', 'looks.*' => 'required']);
        $input = ProofInput::from($request, $this->schemas);
        $call = $input->call();
        $setting = $input->setting($call);

        $cells = [];
        foreach (array_values($given['looks']) as $n => $look) {
            $cells[] = Sheet::cell($call, $input->look($look, "/looks/$n"), $setting);
        }

        return new JsonResponse(['cells' => $cells]);
    }

    /** Saved calls against one look: all of them, or those named. */
    public function menu(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Call::class);
        $given = $request->validate(
            ProofInput::RULES + ['look' => 'required', 'calls' => 'array|max:200', 'calls.*' => 'string|max:26'],
        );
        $input = ProofInput::from($request, $this->schemas);
        $look = $input->look($request->input('look'));
        $rows = [];
        foreach (
            Call::query()
                ->when(isset($given['calls']), fn ($q) => $q->whereIn('id', $given['calls']))
                ->orderBy('id')
                ->limit(self::BOOK)
                ->get() as $saved
        ) {
            $call = CallDocument::read($saved->document);
            $rows[] = ['id' => $saved->id, 'name' => $saved->name, 'words' => $saved->words,
                'pass' => $call->run === null || $call->run->scheme()->kind === RunKind::Screen,
                'cell' => Sheet::cell($call, $look, $input->setting($call))];
        }

        return new JsonResponse(['rows' => $rows]);
    }

    /** Who is free against each pressure the look can bring, when, and who is hot. */
    public function pressures(Request $request): JsonResponse
    {
        [$call, $look, $input] = $this->asked($request);

        return new JsonResponse(['pressures' => Pressures::of($call, $look, $input->setting($call))]);
    }

    /** @return array{\Jacotaxis\Core\Concept\Call, Look, ProofInput} */
    private function asked(Request $request): array
    {
        $request->validate(ProofInput::RULES + ['document' => 'required_without:words', 'look' => 'required']);
        $input = ProofInput::from($request, $this->schemas);

        return [$input->call(), $input->look($request->input('look')), $input];
    }
}
