<?php

namespace App\Http\Controllers\Proving;

use App\Documents\OpponentLooks;
use App\Documents\ProofInput;
use App\Documents\Schemas;
use App\Documents\SituationInput;
use App\Http\Controllers\Controller;
use App\Models\Call;
use App\Models\StaffWords;
use App\Print\CallCards;
use App\Print\Pdf;
use App\Print\Svg;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Man;

/** Calls on paper: PDF, or one page as SVG. */
class CardController extends Controller
{
    /** Looks of the opponent on a player's card. */
    private const FRONTS = 5;

    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function store(Request $request, string $format): Response
    {
        $this->authorize('viewAny', Call::class);
        $given = $request->validate([
            'calls' => 'array|max:90', 'calls.*' => 'string|max:26',
            'documents' => 'required_without:calls|array|max:90', 'documents.*.name' => 'required|string|max:120',
            'look' => 'nullable', 'per' => ['integer', Rule::in(array_keys(CallCards::LAYOUTS))],
            'player' => ['nullable', Rule::in([...Man::SKILL, ...Man::LINEMEN, 'Q'])], 'page' => 'integer|min:1|max:90',
            'opponent' => 'nullable|string|max:120',
        ]);
        $per = $given['per'] ?? 1;
        $else = SituationInput::from($request->input('situation')) ?? Situation::of();
        $look = $request->filled('look')
            ? ProofInput::from($request, $this->schemas)->look($request->input('look'))
            : null;
        $week = isset($given['opponent']) ? OpponentLooks::of($given['opponent'], self::FRONTS) : [];
        // A player's page is drawn against what he will see most.
        $look = isset($given['player']) ? ($week[0]['look'] ?? $look) : $look;
        $pages = (new CallCards(StaffWords::current()->book(), $given['player'] ?? null, $look, $week))->pages(
            $this->calls($request, $given),
            $per,
            $else,
        );
        [$width, $height] = CallCards::size($per);
        if ($format === 'svg') {
            return new Response(Svg::of($pages[min(count($pages), $given['page'] ?? 1) - 1], $width, $height), 200, [
                'Content-Type' => 'image/svg+xml',
            ]);
        }

        return new Response(Pdf::of($pages, $width, $height, 'Calls'), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="calls.pdf"',
        ]);
    }

    /**
     * @param  array<string, mixed>  $given
     * @return list<array{name: string, call: \Jacotaxis\Core\Concept\Call}>
     */
    private function calls(Request $request, array $given): array
    {
        /** @var list<Call> $saved */
        $saved = Call::query()->whereIn('id', $given['calls'] ?? [])->orderBy('id')->get()->all();
        $calls = array_map(fn (Call $c): array => ['name' => $c->name, 'call' => CallDocument::read($c->document)],
            $saved);
        foreach ((array) $request->input('documents', []) as $one) {
            $this->schemas->check('call', $one['document'] ?? null);
            $calls[] = ['name' => $one['name'], 'call' => CallDocument::read($one['document'])];
        }
        abort_if($calls === [], 404, 'None of these calls is saved here.');

        return array_values($calls);
    }
}
