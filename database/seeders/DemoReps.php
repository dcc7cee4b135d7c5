<?php

namespace Database\Seeders;

use App\Models\Player;
use App\Models\RepAnswer;
use App\Reps\Deck;
use App\Reps\Rep;
use DateTimeImmutable;

/** The reps some of the demo's men have given this week: right mostly, each with something he does not know yet. */
class DemoReps
{
    /** Letters of the men, with how many of ten answers they know. */
    private const MEN = ['Q' => 8, 'H' => 7, 'LG' => 6];

    private const DAYS_AGO = [5, 4, 2, 1];

    /** Answers a man gives on one day. */
    private const A_DAY = 8;

    public function run(): void
    {
        foreach (self::MEN as $letter => $known) {
            $player = Player::query()->where('letter', $letter)->orderBy('depth')->firstOrFail();
            foreach (self::DAYS_AGO as $days) {
                $at = (new DateTimeImmutable("-$days days"))->setTime(19, 30);
                foreach (array_slice((new Deck($player, $at))->today(), 0, self::A_DAY) as $n => $rep) {
                    $this->answer($player, $rep, $known, $at->modify("+$n minutes"));
                }
            }
        }
    }

    private function answer(Player $player, Rep $rep, int $known, DateTimeImmutable $at): void
    {
        // Which he knows hangs on the question, so that what he missed he may miss again.
        $asked = "{$player->letter} {$rep->call->name} {$rep->look->words} {$rep->question->about}";
        $luck = hexdec(substr(sha1($asked), 0, 4)) % 10;
        $wrong = array_values(array_filter(
            array_column($rep->question->choices, 'value'),
            fn (string $value): bool => ! $rep->question->isRight($value),
        ));
        $isRight = $luck < $known || $wrong === [];
        RepAnswer::query()->forceCreate([
            'player_id' => $player->id,
            'question' => $rep->id(),
            'kind' => $rep->question->kind,
            'call_id' => $rep->call->id,
            'call' => $rep->call->name,
            'look' => $rep->look->words,
            'answer' => $isRight ? $rep->question->right[0] : $wrong[0],
            'right' => $isRight,
            'took_s' => 1.0 + $luck / 4,
            'created_at' => $at,
        ]);
    }
}
