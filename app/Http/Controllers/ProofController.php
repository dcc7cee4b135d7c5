<?php

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Documents\SituationInput;
use App\Http\Problem;
use App\Models\Player;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\CallDocument;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Prover;
use Jacotaxis\Core\Proof\Setting;
use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\Proof\Telling\Stage;
use Jacotaxis\Core\Words\CallParser;

/** Proves an unsaved call against one or several looks: what the board draws. */
class ProofController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate([
            'words' => 'required_without:document|string|max:500',
            'level' => 'in:high-school,college,professional',
            'look' => 'required_without:looks', 'looks' => 'array|max:40', 'looks.*' => 'required',
            'frames' => 'boolean', 'named' => 'boolean', 'act' => 'array', 'act.defender' => 'required_with:act|string|max:40', 'act.name' => 'required_with:act|string|max:60', 'act.index' => 'integer',
        ]);
        $level = Level::from($given['level'] ?? 'high-school');
        $situation = SituationInput::from($request->input('situation'), Situation::of(rules: $level->rules()));
        $call = $this->call($request, $situation);
        $setting = new Setting($call->situation ?? $situation, $level, men: $request->boolean('named') ? Player::starters() : [], cadence: StaffWords::current()->theCadence());
        if (isset($given['looks'])) {
            return new JsonResponse(['cells' => array_map(fn (mixed $look): array => $this->cell($call, $look, $setting), $given['looks'])]);
        }
        $proof = Prover::prove($call, FilmReader::look($this->look($request->input('look'))), $setting);

        return new JsonResponse(['report' => Report::of($proof), 'stage' => Stage::of($proof)]
            + ($request->boolean('frames') ? ['frames' => Stage::frames($proof, $given['act'] ?? null)] : []));
    }

    private function call(Request $request, Situation $situation): Call
    {
        if ($request->has('words')) {
            return CallParser::parse($request->input('words'), $situation, StaffWords::current()->book());
        }
        $this->schemas->check('call', $request->input('document'));

        return CallDocument::read($request->input('document'));
    }

    /** @return string|array<string, mixed> */
    private function look(mixed $look): string|array
    {
        if (is_array($look)) {
            $this->schemas->check('look', $look);
        } elseif (! is_string($look)) {
            throw Problem::content('/look', 'Give the look in words or as a look document.');
        }

        return $look;
    }

    /** @return array<string, mixed> */
    private function cell(Call $call, mixed $look, Setting $setting): array
    {
        $proof = Prover::prove($call, FilmReader::look($this->look($look)), $setting);

        return ['verdict' => $proof->verdict(), 'strength' => round($proof->strength(), 2), 'man' => $proof->ruleTrue->letter];
    }
}
