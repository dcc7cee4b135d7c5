<?php

namespace App\Http\Controllers\Proving;

use App\Documents\ProofInput;
use App\Documents\Schemas;
use App\Http\Controllers\Controller;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Concept\Call as CalledPlay;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Sheet\Beats;
use Jacotaxis\Core\Proof\Sheet\Suggestions;
use Jacotaxis\Core\Proof\Sheet\Tolerance;
use Jacotaxis\Core\Proof\Telling\Run\RunBeats;

/**
 * What is worked out once a drawing rests, from one proof of the pair: what beats the call, how far its breaks may
 * stray, and what would make it good where it is not.
 */
class RestingController extends Controller
{
    /** Saved calls that are asked whether they punish the change that beats this one: its own set's first. */
    private const BOOK = 40;

    /** Punishing calls that are told. */
    private const PUNISHING = 3;

    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $proof = $this->proven($request);

        return new JsonResponse([
            'beats' => $this->beats($proof),
            'bands' => (object) Tolerance::bands($proof),
            'suggestions' => self::suggested($proof),
        ]);
    }

    /** Single changes that make the call good against a look, without the rest. */
    public function suggestions(Request $request): JsonResponse
    {
        return new JsonResponse(['suggestions' => self::suggested($this->proven($request))]);
    }

    private function proven(Request $request): Proven
    {
        $request->validate(ProofInput::RULES + ['document' => 'required_without:words', 'look' => 'required']);
        $input = ProofInput::from($request, $this->schemas);
        $call = $input->call();

        return Proving::of($call, $input->look($request->input('look')), $input->setting($call));
    }

    /** @return list<array<string, mixed>> */
    private static function suggested(Proven $proof): array
    {
        return array_map(
            fn (array $s): array => ['document' => CallDocument::write($s['call'])] + array_diff_key($s, ['call' => 1]),
            Suggestions::of($proof),
        );
    }

    /**
     * The cheapest change by one defender that covers the call, and the saved calls that punish it.
     *
     * @return array{change: array<string, mixed>|null, punishing: list<array<string, mixed>>}
     */
    private function beats(Proven $proof): array
    {
        if ($proof instanceof RunProof) {
            $change = RunBeats::of($proof);

            return ['change' => $change === null ? null : [...$change, 'look' => null], 'punishing' => []];
        }
        $beats = $proof instanceof Proof ? Beats::of($proof) : null;

        return $beats === null ? ['change' => null, 'punishing' => []] : [
            'change' => [
                'defender' => $beats->defender, 'with' => $beats->with, 'name' => $beats->name,
                'costYd' => $beats->costYd, 'leftS' => $beats->leftS === null ? null : round($beats->leftS, 2),
                'why' => $beats->why,
                'look' => $beats->act === null ? LookDocument::write($beats->look) : null,
                'xYd' => round($beats->xYd, 2), 'yYd' => round($beats->yYd, 2),
            ],
            'punishing' => $this->punishing($beats, $proof),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function punishing(Beats $beats, Proven $proof): array
    {
        $set = $proof->scene()->call->formation->set;
        $calls = Call::query()->latest('updated_at')->orderBy('id')->limit(self::BOOK);
        $own = (clone $calls)->where('document->set', $set)->get();
        $others = (clone $calls)->where('document->set', '!=', $set)->get();
        /** @var array<string, Call> $saved */
        $saved = $own->concat($others)->take(self::BOOK)->keyBy('id')->all();
        $book = array_map(fn (Call $c): CalledPlay => CallDocument::read($c->document), $saved);

        return array_map(
            fn (array $p): array => $p + ['name' => $saved[$p['id']]->name],
            array_slice($beats->punishing($book, $proof->scene()->setting), 0, self::PUNISHING),
        );
    }
}
