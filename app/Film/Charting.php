<?php

namespace App\Film;

use App\Models\Call;
use App\Models\Look;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffWords;
use App\Practice\ScriptOnFilm;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Prediction;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Grade\Deciding\Choices;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;

/** What charting a reel needs: the snaps before, the call sheet, the opponent's shelf, and what a key can choose. */
final class Charting
{
    /** Snaps before that a prediction looks at. */
    private const BEFORE = 80;

    public static function prediction(Reel $reel, ?int $beforePlace = null): Prediction
    {
        /** @var Collection<int, Snap> $before */
        $before = $reel->snaps()->when($beforePlace !== null, fn ($q) => $q->where('place', '<', $beforePlace))
            ->reorder('place', 'desc')->limit(self::BEFORE)->get(['document', 'call', 'formation'])->reverse()
            ->values();
        $said = fn (Snap $s, string $what): ?string => is_string($s->document[$what] ?? null)
            ? $s->document[$what]
            : null;
        $history = $before->map(fn (Snap $s): array => [
            'chart' => self::chart($s),
            'call' => $said($s, 'call'),
            'look' => $said($s, 'look'),
        ])->all();
        /** @var \Illuminate\Database\Eloquent\Collection<int, Call> $sheet */
        $sheet = $reel->ours
            ? Call::query()
                ->orderBy('id')
                ->get(['id', 'words', 'document'])
            : new \Illuminate\Database\Eloquent\Collection;
        $formations = $sheet
            ->mapWithKeys(fn (Call $c): array => [$c->words => CallDocument::read($c->document)->formation->words()])
            ->all();

        $sheetWords = array_values($sheet->map(fn (Call $c): string => $c->words)->all());

        $prediction = Prediction::of(array_values($history), $sheetWords,
            Look::query()->where('opponent', $reel->opponent)->pluck('shown', 'words')->all(), $formations);
        $charted = $reel->snaps()
            ->when($beforePlace !== null, fn ($q) => $q->where('place', '<', $beforePlace))
            ->count();
        $next = ScriptOnFilm::next($reel, $charted);
        $call = $next === null ? null : $sheet->find($next['call']);

        return $call === null ? $prediction : $prediction->scripted(
            $call->words,
            $formations[$call->words],
            $next['look'],
            Hash::from($next['hash']),
        );
    }

    /**
     * Words of the calls that are on the sheet against the opponent of a reel, by their numbers.
     *
     * @return array<int, string>
     */
    public static function numbers(Reel $reel): array
    {
        $ids = Plan::query()->where('opponent', $reel->opponent)->first()->calls ?? [];
        $words = Call::query()->whereIn('id', $ids)->pluck('words', 'id');
        $numbers = [];
        foreach ($ids as $n => $id) {
            if ($words->has($id)) {
                $numbers[$n + 1] = (string) $words[$id];
            }
        }

        return $numbers;
    }

    public static function chart(Snap $snap): Chart
    {
        return Chart::read($snap->document['chart'] ?? [], $snap->document['situation'] ?? []);
    }

    /**
     * What the keys of a call can choose against a look.
     *
     * @return list<array{defender: string, name: string}>
     */
    public static function choices(string $call, string $look): array
    {
        $book = StaffWords::current();

        return Cache::remember('choices '.sha1("$call|$look|{$book->version}"), 3600, function () use (
            $call,
            $look,
            $book,
        ): array {
            $drawn = CallParser::parse($call, null, $book->book());
            $proof = Proving::of(
                $drawn,
                FilmReader::look($look, $book->book()),
                new Setting(
                    $drawn->situation ?? \Jacotaxis\Core\Field\Situation::of(),
                    schools: $book->book()->schools,
                ),
            );

            return Choices::of($proof);
        });
    }
}
