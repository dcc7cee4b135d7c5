<?php

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Player;
use App\Models\RepAnswer;
use App\Reps\Deck;
use App\Reps\Rep;
use App\Reps\Standing;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A player's questions of the day, and what he answered. */
class RepController extends Controller
{
    /** What he is still asked today, and how today went. */
    public function index(Player $player): JsonResponse
    {
        $this->authorize('view', $player);
        $deck = $this->deck($player);
        $today = $deck->answeredToday();

        return new JsonResponse([
            'player' => $player->only(['id', 'name', 'letter', 'number']),
            'questions' => array_map(fn (Rep $rep): array => $rep->asked(), $deck->today()),
            'answered' => $today->unique('question')->count(),
            'right' => $today->unique('question')->where('right', true)->count(),
        ]);
    }

    /** The picture a question is about, and what is right, so that it can be answered without a network. */
    public function show(Player $player, string $question): JsonResponse
    {
        $this->authorize('view', $player);
        $rep = $this->rep($this->deck($player), $question);

        return new JsonResponse($rep->picture() + ['told' => $rep->told()]);
    }

    /** Keeps his answer and says what is right. What somebody of the staff tries is not kept. */
    public function store(Request $request, Player $player, string $question): JsonResponse
    {
        $this->authorize('view', $player);
        $given = $request->validate([
            'answer' => 'required|string|max:200',
            'tookS' => 'required|numeric|min:0|max:600',
            'at' => 'nullable|date|before:+1 day|after:-14 days',
        ]);
        $rep = $this->rep($this->deck($player), $question);
        $asked = $rep->question;
        if (! $asked->offers($given['answer'])) {
            throw Problem::content('/answer', 'This is none of the answers that are offered: choose one of them.');
        }
        $isHis = $request->user()->player_id === $player->id;
        if ($isHis) {
            $this->keep($player, $question, $given['at'] ?? null, [
                'kind' => $asked->kind,
                'call_id' => $rep->call->id,
                'call' => $rep->call->name,
                'look' => $rep->look->words,
                'answer' => $given['answer'],
                'right' => $asked->isRight($given['answer']),
                'took_s' => (float) $given['tookS'],
            ]);
        }

        return new JsonResponse($rep->told() + [
            'right' => $asked->isRight($given['answer']),
            'kept' => $isHis,
            'comesOn' => ($this->deck($player))->schedule($question)->dueOn()?->format('Y-m-d'),
        ]);
    }

    /**
     * Keeps an answer. One that was held back without a network says when it was given; sent twice it is one answer.
     *
     * @param  array<string, mixed>  $answer
     */
    private function keep(Player $player, string $question, ?string $at, array $answer): void
    {
        $of = ['player_id' => $player->id, 'question' => $question];
        if ($at === null) {
            RepAnswer::query()->create($of + $answer);

            return;
        }
        // A phone's clock may be ahead of the server's.
        $given = CarbonImmutable::parse($at)->setTimezone(config('app.timezone'))->min(now())->startOfSecond();
        RepAnswer::query()->firstOrCreate([...$of, 'created_at' => $given], $answer);
    }

    /** How every man stands, for the staff: by what is asked and by call. No man is set above another. */
    public function standing(): JsonResponse
    {
        $this->authorize('create', Player::class);

        return new JsonResponse(Standing::all());
    }

    private function deck(Player $player): Deck
    {
        return new Deck($player, CarbonImmutable::now()->toDateTimeImmutable());
    }

    private function rep(Deck $deck, string $question): Rep
    {
        return $deck->find($question) ?? throw Problem::gone(
            'This question is no longer there: its call or look was changed. Ask for today\'s questions again.',
        );
    }
}
