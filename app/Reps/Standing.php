<?php

namespace App\Reps;

use App\Models\Player;
use App\Models\RepAnswer;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Jacotaxis\Core\Reps\Kind;

/**
 * How the men stand in their reps: each man by what is asked, and all together by call. Men come in the order of the
 * roster: nobody is set above another.
 */
final class Standing
{
    /** Days that are looked back over. */
    private const DAYS = 28;

    /**
     * @return array{days: int, men: list<array<string, mixed>>, calls: list<array{call: string, asked: int,
     *     right: int}>}
     */
    public static function all(): array
    {
        /** @var Collection<int, RepAnswer> $answers */
        $answers = RepAnswer::query()
            ->where('created_at', '>=', CarbonImmutable::now()->subDays(self::DAYS))
            ->oldest('created_at')
            ->oldest('id')
            ->get()
            // What he knew is what he said first on a day.
            ->unique(fn (RepAnswer $a): string => "$a->player_id $a->question {$a->created_at->format('Y-m-d')}");
        /** @var \Illuminate\Database\Eloquent\Collection<int, Player> $players */
        $players = Player::query()->orderBy('number')->orderBy('id')->get();

        return [
            'days' => self::DAYS,
            'men' => array_values($players->map(
                fn (Player $p): array => self::man($p, $answers->where('player_id', $p->id)),
            )->all()),
            'calls' => self::calls($answers),
        ];
    }

    /**
     * @param  Collection<int, RepAnswer>  $answers
     * @return array<string, mixed>
     */
    private static function man(Player $player, Collection $answers): array
    {
        return [
            ...$player->only(['id', 'name', 'letter', 'number']),
            'onDays' => $answers->map(fn (RepAnswer $a): string => $a->created_at->format('Y-m-d'))->unique()->count(),
            'kinds' => array_map(fn (Kind $kind): array => [
                'kind' => $kind->value,
                'words' => $kind->words(),
                ...self::count($answers->filter(fn (RepAnswer $a): bool => $a->kind === $kind)),
            ], Kind::cases()),
        ];
    }

    /**
     * The call that is least known first.
     *
     * @param  Collection<int, RepAnswer>  $answers
     * @return list<array{call: string, asked: int, right: int}>
     */
    private static function calls(Collection $answers): array
    {
        $rows = $answers->groupBy('call_id')->map(
            fn (Collection $of): array => ['call' => (string) $of->last()?->call, ...self::count($of)],
        )->values()->all();
        usort($rows, fn (array $a, array $b): int => [$a['right'] / $a['asked'], -$a['asked']]
            <=> [$b['right'] / $b['asked'], -$b['asked']]);

        return $rows;
    }

    /**
     * @param  Collection<int, RepAnswer>  $answers
     * @return array{asked: int, right: int}
     */
    private static function count(Collection $answers): array
    {
        return ['asked' => $answers->count(), 'right' => $answers->where('right', true)->count()];
    }
}
