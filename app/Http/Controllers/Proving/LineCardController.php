<?php

namespace App\Http\Controllers\Proving;

use App\Documents\OpponentLooks;
use App\Documents\ProofInput;
use App\Documents\Schemas;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Call;
use App\Models\StaffWords;
use App\Print\LineCards;
use App\Print\Pdf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Sheet\Looks;

/** Line cards of a run, one front after the other: PDF. */
class LineCardController extends Controller
{
    /** Looks of an opponent on his line cards. */
    private const MOST = 8;

    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function store(Request $request): Response
    {
        $this->authorize('viewAny', Call::class);
        $given = $request->validate(ProofInput::RULES + ['document' => 'required_without:words',
            'name' => 'string|max:120', 'fronts' => 'array|max:20', 'fronts.*' => 'string|max:40',
            'shell' => 'string|max:40', 'opponent' => 'string|max:120']);
        $input = ProofInput::from($request, $this->schemas);
        $call = $input->call();
        if ($call->run === null) {
            throw Problem::content(
                '/document/run',
                'Line cards are for runs: this call has none. Open a run, or say one.',
            );
        }
        $proofs = $shares = [];
        foreach ($this->looks($given) as ['look' => $look, 'share' => $share]) {
            $proof = Proving::of($call, $look, $input->setting($call));
            assert($proof instanceof RunProof);
            $proofs[] = $proof;
            $shares[] = $share;
        }
        $pages = (new LineCards(StaffWords::current()->book()))->pages(
            $given['name'] ?? 'Line card',
            $input->describe($call),
            $proofs,
            $shares,
        );

        return new Response(Pdf::of($pages, ...[...LineCards::SIZE, 'Line card']), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="line-card.pdf"',
        ]);
    }

    /**
     * This week's opponent by how often he shows a look, or every front under one shell.
     *
     * @param  array<string, mixed>  $given
     * @return list<array{look: Look, share: float}>
     */
    private function looks(array $given): array
    {
        if (! isset($given['opponent'])) {
            return array_map(
                fn (Look $look): array => ['look' => $look, 'share' => 0.0],
                Looks::of($given['fronts'] ?? Fronts::names(), [$given['shell'] ?? 'cover 3']),
            );
        }
        $looks = OpponentLooks::of($given['opponent'], self::MOST);
        if ($looks === []) {
            throw Problem::content(
                '/opponent',
                "No look of {$given['opponent']} is on the shelf: put his looks there first (Looks).",
            );
        }

        return $looks;
    }
}
