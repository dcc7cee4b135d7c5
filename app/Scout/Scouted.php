<?php

namespace App\Scout;

use App\Film\Filter;
use App\Film\Season;
use App\Models\Look;
use App\Models\Reel;
use Illuminate\Support\Collection;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Grade\Numbers\Evidence;
use Jacotaxis\Core\Grade\Numbers\SnapRow;
use Jacotaxis\Core\Scout\Habit;
use Jacotaxis\Core\Scout\Habits;
use Jacotaxis\Core\Scout\Shares;
use Jacotaxis\Core\Scout\Shelf;
use Jacotaxis\Core\Scout\Showing;
use Jacotaxis\Core\Scout\Tell;
use Jacotaxis\Core\Scout\Tells;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;

/** An opponent's defense on charted film: his games against us and against others. */
final class Scouted
{
    /** @var list<SnapRow> */
    private readonly array $snaps;

    public function __construct(private readonly string $opponent)
    {
        $this->snaps = Season::rows(Filter::of(['opponent' => [$opponent], 'kind' => Chart::GAMES]));
    }

    /**
     * Opponents with film.
     *
     * @return list<array{name: string, games: int, snaps: int}> the one played last first
     */
    public static function opponents(): array
    {
        /** @var Collection<string, Collection<int, Reel>> $reels */
        $reels = Reel::query()
            ->withCount('snaps')
            ->whereIn('kind', Chart::GAMES)
            ->where('opponent', '!=', '')
            ->orderByDesc('played_on')
            ->get()
            ->groupBy('opponent');

        return array_values($reels->map(fn (Collection $of, string $name): array => [
            'name' => $name,
            'games' => $of->count(),
            'snaps' => (int) $of->sum('snaps_count'),
        ])->all());
    }

    /** @return array<string, mixed> */
    public function page(): array
    {
        /** @var Collection<int, Reel> $games */
        $games = Reel::query()
            ->withCount('snaps')
            ->where('opponent', $this->opponent)
            ->whereIn('kind', Chart::GAMES)
            ->orderBy('played_on')
            ->get(['id', 'title', 'ours', 'played_on']);

        return [
            'opponent' => $this->opponent,
            'games' => $games->map(fn (Reel $r): array => ['id' => $r->id, 'title' => $r->title, 'ours' => $r->ours,
                'snaps' => (int) $r->getAttribute('snaps_count')])->all(),
            'snaps' => count($this->snaps),
            'habits' => array_map(fn (Habit $h): array => $h->toArray(), Habits::of($this->snaps)),
            'tells' => array_map(fn (Tell $t): array => $t->toArray(), Tells::of($this->snaps)),
            'keys' => array_values(array_filter(
                Evidence::of($this->snaps),
                fn (array $row): bool => $row['topic'] === 'choice',
            )),
            'shelf' => Shelf::beside($this->charted(), $this->shown()),
        ];
    }

    /** @return array<string, mixed> */
    public function shares(string $by, Showing $showing): array
    {
        return Shares::table($this->snaps, $by, $showing);
    }

    /** @return array<string, int> snaps by the words of the look, as a look is said */
    private function charted(): array
    {
        $said = [];
        foreach ($this->snaps as $snap) {
            if ($snap->front !== null && $snap->shell !== null) {
                $look = implode(', ', array_filter(
                    [$snap->front, $snap->shell, $snap->wrinkle],
                    fn (?string $part): bool => $part !== null,
                ));
                $said[$look] = ($said[$look] ?? 0) + 1;
            }
        }
        $charted = [];
        foreach ($said as $words => $times) {
            try {
                $look = LookParser::parse($words)->words();
                $charted[$look] = ($charted[$look] ?? 0) + $times;
            } catch (NotUnderstood) {
                // A look in words nobody can read has no place on the shelf.
            }
        }

        return $charted;
    }

    /** @return array<string, int> what the shelf says, by the words of the look */
    private function shown(): array
    {
        return Look::query()->where('opponent', $this->opponent)->pluck('shown', 'words')
            ->map(fn (mixed $shown): int => (int) $shown)->all();
    }
}
