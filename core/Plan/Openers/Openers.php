<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Openers;

use Jacotaxis\Core\Plan\PlannedCall;

/**
 * Calls to begin a game with: what each asks, what to call next by what is answered, and how many points of success the
 * answer is worth. An answer is worth what the best call is worth who knows it, above the best call of one who does
 * not.
 */
final readonly class Openers
{
    /**
     * @param  list<PlannedCall>  $calls  on the sheet
     * @param  list<float>  $shares  of the looks, 0 to 1
     */
    public function __construct(private array $calls, private array $shares)
    {
    }

    /**
     * What each call of the sheet asks, the one whose answer is worth most first.
     *
     * @param  array<string, list<Question>>  $questions  by the call's id
     * @return list<array{id: string, name: string, worth: float, tells: float, questions: list<array{asks: string,
     *     tells: float, answers: list<array{words: string, share: float, looks: list<int>, next: array{id: string,
     *     name: string, worth: float}}>}>}> worth and next: chance of success, 0 to 1; tells: what is gained of it
     */
    public function asked(array $questions): array
    {
        $rows = [];
        foreach ($this->calls as $call) {
            $asked = array_map($this->question(...), $questions[$call->id] ?? []);
            usort($asked, fn (array $a, array $b): int => $b['tells'] <=> $a['tells']);
            $rows[] = ['id' => $call->id, 'name' => $call->name,
                'worth' => $this->worth($call, array_keys($this->shares)),
                'tells' => $asked === [] ? 0.0 : $asked[0]['tells'], 'questions' => $asked];
        }
        usort($rows, fn (array $a, array $b): int => [$b['tells'], $b['worth']] <=> [$a['tells'], $a['worth']]);

        return $rows;
    }

    /**
     * @return array{asks: string, tells: float, answers: list<array{words: string, share: float, looks: list<int>,
     *     next: array{id: string, name: string, worth: float}}>}
     */
    private function question(Question $question): array
    {
        $answers = [];
        $known = 0.0;
        foreach ($question->answers as $answer) {
            $share = $this->share($answer->looks);
            $next = $this->best($answer->looks);
            $known += $share * $next['worth'];
            $answers[] = ['words' => $answer->words, 'share' => $share, 'looks' => $answer->looks, 'next' => $next];
        }
        usort($answers, fn (array $a, array $b): int => $b['share'] <=> $a['share']);
        $unknown = $this->best(array_keys($this->shares))['worth'];

        return ['asks' => $question->asks, 'tells' => max(0.0, $known - $unknown), 'answers' => $answers];
    }

    /**
     * @param  list<int>  $looks
     * @return array{id: string, name: string, worth: float}
     */
    private function best(array $looks): array
    {
        $best = ['id' => '', 'name' => '', 'worth' => -1.0];
        foreach ($this->calls as $call) {
            $worth = $this->worth($call, $looks);
            if ($worth > $best['worth']) {
                $best = ['id' => $call->id, 'name' => $call->name, 'worth' => $worth];
            }
        }

        return $best;
    }

    /** @param  list<int>  $looks */
    private function share(array $looks): float
    {
        return array_sum(array_map(fn (int $l): float => $this->shares[$l], $looks));
    }

    /** @param  list<int>  $looks */
    private function worth(PlannedCall $call, array $looks): float
    {
        $all = $this->share($looks);
        $sum = array_sum(array_map(fn (int $l): float => $this->shares[$l] * $call->chance[$l], $looks));

        return $all > 0.0 ? $sum / $all : 0.0;
    }
}
