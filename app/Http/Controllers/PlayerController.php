<?php

namespace App\Http\Controllers;

use App\Film\Letter;
use App\Http\Problem;
use App\Models\Call;
use App\Models\Grade;
use App\Models\Player;
use App\Models\StaffWords;
use App\People\Records;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Offense\Athlete;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Telling\Jobs\CalledJobs;
use Jacotaxis\Core\Proof\Telling\Run\RunJobs;

class PlayerController extends Controller
{
    /** Newest grades a page shows; the weeks count all. */
    private const LATEST = 120;

    /** The players the signed-in person may look at. */
    public function index(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Player::class);
        /** @var Collection<int, Player> $players */
        $players = Player::query()->withCount('grades')->orderBy('number')->get();
        $visible = $players->filter(fn (Player $player): bool => $request->user()->can('view', $player));

        return new JsonResponse(['players' => $visible->values()]);
    }

    /** A man's page: what he is asked in each call, his grades with their clips, his weeks, and what comes again. */
    public function show(Player $player): JsonResponse
    {
        $this->authorize('view', $player);
        /** @var Collection<int, Grade> $grades */
        $grades = $player
            ->grades()
            ->with([
                'snap:id,reel_id,place,number,call,result,gain_yd,snap_s',
                'snap.reel:id,title,week,kind,played_on',
                'snap.clips:id,snap_id,angle,from_s,to_s',
            ])
            ->orderByDesc('id')
            ->limit(self::LATEST)
            ->get();
        /** @var Collection<int, Call> $calls */
        $calls = Call::query()->orderBy('id')->get();
        $staff = StaffWords::current();

        return new JsonResponse([
            'player' => $player,
            'assignments' => $calls->map(fn (Call $call): array => ['call' => $call->name, 'words' => $call->words,
                'job' => $this->job($call, $player->letter)])->values(),
            'grades' => $grades->map($this->played(...))->values(),
        ] + Letter::of($player, $staff));
    }

    /** @return array<string, mixed> */
    private function played(Grade $g): array
    {
        $snap = $g->snap;

        return $g->withoutRelations()->toArray() + ['snap' => ['id' => $snap->id, 'number' => $snap->number
            ?? $snap->place, 'call' => $snap->call, 'result' => $snap->result, 'gain_yd' => $snap->gain_yd,
            'snapAt' => $snap->snap_s ?? 0.0,
            'reel' => $snap->reel->only(['id', 'title', 'week', 'kind', 'played_on']), 'clips' => $snap->clips]];
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', Player::class);

        return $this->answer(Player::query()->create($this->attributes($request) + ['version' => 1]), 201);
    }

    public function update(Request $request, Player $player): JsonResponse
    {
        $this->authorize('update', $player);

        return $this->answer($player->saveOn($this->basedOn($request), $this->attributes($request)));
    }

    /** Everything that is kept about him, as a document or a table. */
    public function records(Player $player, string $format): Response
    {
        $this->authorize('records', $player);
        $text = $format === 'csv'
            ? Records::csv($player)
            : json_encode(
                Records::of($player),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            );

        return new Response($text, 200, [
            'Content-Type' => $format === 'csv' ? 'text/csv; charset=utf-8' : 'application/json',
            'Content-Disposition' => "attachment; filename=\"records-{$player->number}.$format\"",
        ]);
    }

    /** Erases him for good. His name is said once more, so that nobody goes by a slip. */
    public function destroy(Request $request, Player $player): Response
    {
        $this->authorize('erase', $player);
        $given = $request->validate(['name' => 'required|string|max:120']);
        if (trim($given['name']) !== $player->name) {
            throw Problem::content('/name', "This is not his name: write \"{$player->name}\" to erase him for good.");
        }
        Records::erase($player);

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private function attributes(Request $request): array
    {
        $given = $request->validate([
            'name' => 'required|string|max:120', 'letter' => ['required',
                Rule::in([...Man::LINEMEN, 'Q', ...Man::SKILL])], 'number' => 'required|integer|min:0|max:99',
            'depth' => 'required|integer|min:1|max:9', 'forty_s' => 'nullable|numeric',
            'stride_yd' => 'nullable|numeric', 'throws' => 'required|in:left,right',
            'flags' => 'present|array', 'flags.*' => Rule::in(Athlete::FLAGS),
        ]);
        // The core knows which times and strides a man can have.
        Athlete::of(
            $given['name'],
            $given['number'],
            $given['forty_s'] ?? null,
            $given['stride_yd'] ?? null,
            $given['throws'],
            $given['flags'],
        );

        return $given;
    }

    private function answer(Player $player, int $status = 200): JsonResponse
    {
        return new JsonResponse($player, $status, ['ETag' => "\"{$player->version}\""]);
    }

    private function job(Call $record, string $letter): string
    {
        $call = CallDocument::read($record->document);
        $jobs = CalledJobs::of($call);

        return $call->run === null
            ? $jobs[$letter] ?? 'Protects'
            : ($jobs[$letter] ?? 'By the rule of the run').' (against '.RunJobs::FRONT.')';
    }
}
