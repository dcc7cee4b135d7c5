<?php

namespace App\Practice;

use App\Models\Practice;

/** The preview of the next practice (PRA-08): whose day it is, how long, and what is taught then for the first time. */
final readonly class NextDay
{
    private function __construct(private Practice $today, private Practice $next)
    {
    }

    /** The first practice after this one; null where none is planned. */
    public static function after(Practice $today): ?self
    {
        /** @var Practice|null $next */
        $next = Practice::query()
            ->where('held_on', '>', $today->held_on)
            ->orderBy('held_on')
            ->orderBy('id')
            ->first();

        return $next === null ? null : new self($today, $next);
    }

    /**
     * @return array{id: string, held_on: string, title: string, runs: string, minutes: int, contactMinutes: int,
     *     calls: list<string>} ids of the calls that stand in its scripts and in no practice of its week before it
     */
    public function told(): array
    {
        $load = $this->next->asks();
        $before = [];
        foreach ($this->next->inWeek()->where('held_on', '<', $this->next->held_on)->get() as $practice) {
            $before = [...$before, ...self::scripted($practice)];
        }

        return ['id' => $this->next->id, 'held_on' => $this->next->held_on, 'title' => $this->next->title,
            'runs' => $this->next->runs->value, 'minutes' => $load->minutes,
            'contactMinutes' => $load->contactMinutes,
            'calls' => array_values(array_unique(array_diff(
                self::scripted($this->next),
                [...$before, ...self::scripted($this->today)],
            )))];
    }

    /** @return list<string> */
    private static function scripted(Practice $practice): array
    {
        $calls = [];
        foreach ($practice->periods as $period) {
            $calls = [...$calls, ...array_column($period['script'], 'call')];
        }

        return $calls;
    }
}
