<?php

namespace Database\Seeders;

use App\Film\Breakdown;
use App\Film\SnapIndex;
use App\Models\Clip;
use App\Models\Cutup;
use App\Models\Grade;
use App\Models\Player;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\User;
use Illuminate\Support\Facades\File;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Proposal;
use Jacotaxis\Core\Proof\Telling\Told;

/**
 * The demo's reels: three games and a practice, charted; the third game and the practice with film; grades of all. All
 * invented.
 */
final class DemoReels
{
    /** By file: title, kind, opponent, week, day. */
    private const REELS = [
        'week-1' => ['Week 1, Basin Ridge', 'exhibition', 'Basin Ridge', 1, '2026-09-04'],
        'larkspur-valley' => ['Week 2, Larkspur Valley', 'game', 'Larkspur Valley', 2, '2026-09-11'],
        'practice' => ['Tuesday practice', 'practice', '', 3, '2026-09-15'],
        'granite-pass' => ['Week 3, Granite Pass', 'game', 'Granite Pass', 3, '2026-09-18'],
    ];

    /** What was seen by eye where no film is: faults by reel, snap and man. Everybody else did what he was asked. */
    private const FAULTS = [
        'week-1' => [1 => ['LT' => ['FLT-31']], 2 => ['H' => ['FLT-13']], 3 => ['R' => ['FLT-41'], 'RG' => ['FLT-27']],
            5 => ['Z' => ['FLT-11'], 'Q' => ['FLT-47']], 7 => ['LT' => ['FLT-26'], 'R' => ['FLT-41']]],
        'larkspur-valley' => [1 => ['RG' => ['FLT-28']], 3 => ['LG' => ['FLT-30']], 4 => ['Q' => ['FLT-49']],
            5 => ['Y' => ['FLT-17'], 'Q' => ['FLT-48c']], 7 => ['C' => ['FLT-28']], 9 => ['Q' => ['PRS-05']],
            10 => ['Z' => ['FLT-25']], 13 => ['RG' => ['FLT-28'], 'R' => ['FLT-40']], 15 => ['Z' => ['PRS-03']]],
        'granite-pass' => [5 => ['RG' => ['FLT-28']], 8 => ['R' => ['FLT-42']], 13 => ['Z' => ['FLT-21']],
            15 => ['LT' => ['FLT-26'], 'R' => ['FLT-41']], 20 => ['LG' => ['PRS-02']], 27 => ['Q' => ['FLT-49']],
            30 => ['R' => ['FLT-20'], 'RG' => ['FLT-28']], 39 => ['Q' => ['FLT-47'], 'RT' => ['FLT-35']],
            41 => ['Q' => ['FLT-48c']], 44 => ['Q' => ['FLT-48c']]],
    ];

    /** What was said by eye of filmed snaps, by reel, snap and man. */
    private const BY_EYE = [
        'granite-pass' => [
            4 => ['Z' => ['start' => 'plus', 'shoulders' => 'plus'], 'H' => ['start' => 'plus', 'eyes' => 'plus']],
            7 => ['LT' => ['first step' => 'plus', 'finish' => 'plus'],
                'C' => ['near hip or base' => 'plus', 'second contact' => 'yes']],
            18 => ['H' => ['start' => 'plus', 'aim' => 'plus', 'break' => 'minus'], 'Q' => ['base' => 'plus']],
            21 => ['X' => ['method' => 'two hands', 'finish' => 'plus']],
            29 => ['Y' => ['sell steps' => 2, 'sell' => 'plus'], 'Q' => ['ball shown' => 'yes']],
        ],
    ];

    /** What the staff remarked beside the mark, by reel, snap and man. */
    private const REMARKS = [
        'granite-pass' => [
            5 => ['RG' => ['correction' => 'leave the double as soon as the center has both hands on']],
            8 => ['R' => ['correction' => 'inside first: the gap opened at his left foot']],
            13 => ['Z' => ['correction' => 'two hands, thumbs together', 'hard' => true]],
            15 => ['R' => ['caused_by' => 'LT', 'caveat' => 'cut into the man who crossed the tackle\'s face']],
            18 => ['H' => ['correction' => 'break at 10: three inside steps, then the corner']],
            20 => ['R' => ['caused_by' => 'LG']],
            27 => ['Q' => ['charged_to' => 'protection', 'caveat' => 'struck on the arm']],
            39 => ['RT' => ['certain' => false, 'caveat' => 'the picture ends before the pocket does']],
        ],
        'larkspur-valley' => [
            10 => ['Z' => ['charged_to' => 'staff', 'caveat' => 'the card had both crossers over the top']],
        ],
    ];

    /** What the coach drew on the wide angle, by reel and snap: a ring under a man, and a word beside him. */
    private const DRAWN = [
        'granite-pass' => [
            2 => ['nickel' => 'He hangs: flat'],
            18 => ['H' => 'Break here, at ten'],
            26 => ['right end' => 'He has you: give'],
        ],
    ];

    /** @var array<string, string> player by letter */
    private array $players;

    public function run(): void
    {
        $this->players = Player::query()->pluck('id', 'letter')->all();
        $clips = collect(json_decode(File::get(database_path('demo/clips.json')), true))->groupBy('reel');
        foreach (self::REELS as $file => [$title, $kind, $opponent, $week, $day]) {
            $reel = Reel::query()->create(['title' => $title, 'kind' => $kind, 'opponent' => $opponent, 'week' => $week,
                'played_on' => $day]);
            $this->reel($reel, $file, $clips->get($file, collect())->keyBy('snap')->all());
        }
        $coach = User::query()->where('role', 'coordinator')->value('id');
        Cutup::query()->create(['name' => 'Third downs', 'filter' => ['down' => [3], 'kind' => ['game']],
            'shared' => true, 'user_id' => $coach]);
        Cutup::query()->create(['name' => 'Smash on film', 'filter' => ['family' => ['smash'], 'film' => true],
            'shared' => true, 'user_id' => $coach]);
    }

    /** @param  array<int, array<string, mixed>>  $clips  by snap */
    private function reel(Reel $reel, string $file, array $clips): void
    {
        $table = Breakdown::table(File::get(database_path("demo/$file.csv")));
        foreach (Breakdown::snaps($table['rows'], $table['mapping'], $reel->kind) as $n => $row) {
            $clip = $clips[$n + 1] ?? null;
            $document = $row['document'];
            $truths = $clip === null ? [] : $this->truths($file, $n + 1);
            if ($truths !== []) {
                $wide = $truths[FilmDocument::WIDE];
                $document['video'] = array_intersect_key($wide,
                    ['fps' => 1, 'widthPx' => 1, 'heightPx' => 1, 'durationS' => 1]);
                $document = ($clip['worked'] ?? false)
                    ? $this->worked(
                        $document,
                        $truths,
                        self::BY_EYE[$file][$n + 1] ?? [],
                        self::DRAWN[$file][$n + 1] ?? [],
                    )
                    : $document;
            }
            $snap = Snap::query()->create(['reel_id' => $reel->id, 'place' => $n + 1] + SnapIndex::of($document));
            foreach ($truths as $angle => $truth) {
                $this->clip($snap, $file, $n + 1, $angle, $truth);
            }
            $this->grades(
                $snap,
                self::FAULTS[$file][$n + 1] ?? [],
                self::REMARKS[$file][$n + 1] ?? [],
                ($clip['worked'] ?? false) && $n + 1 !== 38,
                $clip !== null,
            );
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, array<string, mixed>>  $truths
     * @param  array<string, array<string, string|int>>  $byEye  by man
     * @param  array<string, string>  $drawn  words by man
     * @return array<string, mixed>
     */
    private function worked(array $document, array $truths, array $byEye, array $drawn): array
    {
        $wide = $truths[FilmDocument::WIDE];
        $keys = array_column(array_filter($document['seen'] ?? [], fn (array $s): bool => $s['what'] === 'choice'),
            'man');
        $seen = ($wide['action'] ?? 'throw') === 'throw' ? []
            : [['man' => 'Q', 'what' => 'action', 'value' => $wide['action']]];
        foreach ($byEye as $man => $said) {
            foreach ($said as $what => $value) {
                $seen[] = ['man' => $man, 'what' => $what, 'value' => $value];
            }
        }

        return DemoFilm::worked(['seen' => $seen] + $document, $truths,
            [...$keys, ...array_filter([$wide['thrownTo']]), 'H', 'Z', 'Y', 'X', 'Q', 'right corner', 'free safety'],
            $drawn);
    }

    /** @return array<string, array<string, mixed>> by angle */
    private function truths(string $file, int $snap): array
    {
        $truths = [];
        foreach (FilmDocument::ANGLES as $angle) {
            $path = database_path("demo/film/$file-$snap".($angle === 'tight' ? '-tight' : '').'.truth.json');
            if (is_file($path)) {
                $truths[$angle] = json_decode(File::get($path), true);
            }
        }

        return $truths;
    }

    /** @param  array<string, mixed>  $truth */
    private function clip(Snap $snap, string $file, int $n, string $angle, array $truth): void
    {
        $name = "$file-$n".($angle === 'tight' ? '-tight' : '').'.webm';
        $folder = storage_path('app/private/'.config('film.folder'));
        File::ensureDirectoryExists($folder);
        is_file("$folder/$name") || File::copy(database_path("demo/film/$name"), "$folder/$name");
        Clip::query()->create(['reel_id' => $snap->reel_id, 'snap_id' => $snap->id, 'angle' => $angle, 'name' => $name,
            'file' => $name, 'mime' => 'video/webm', 'status' => 'ready', 'sync_s' => 0.0,
            'video' => array_intersect_key($truth, ['fps' => 1, 'widthPx' => 1, 'heightPx' => 1, 'durationS' => 1])]);
    }

    /**
     * @param  array<string, list<string>>  $faults  by man
     * @param  array<string, array<string, mixed>>  $remarks  by man
     */
    private function grades(Snap $snap, array $faults, array $remarks, bool $measured, bool $filmed): void
    {
        $book = \App\Models\StaffWords::current()->book();
        $grader = new Grader(new Measures(FilmReader::read($snap->document, $book->schools, $book)));
        if ($grader->measures->proof === null || $filmed && ! $measured) {
            return;
        }
        $proposals = collect($measured ? (new Proposal($grader))->all() : [])->keyBy('man');
        $rows = [];
        foreach (Told::jobs($grader->measures->proof) as $job) {
            $man = (string) $job['man'];
            $p = $proposals->get($man);
            if (! isset($this->players[$man]) || $measured && ($p['mark'] ?? null) === null) {
                continue;
            }
            $ids = $p['faults'] ?? ($faults[$man] ?? []);
            $minus = array_filter($ids, fn (string $id): bool => str_starts_with($id, 'FLT')) !== [];
            $decision = $man === 'Q' ? $grader->decision()->grade : null;
            $rows[] = ['snap_id' => $snap->id, 'player_id' => $this->players[$man], 'man' => $man,
                'asked' => mb_substr($job['job'], 0, 200), 'done' => mb_substr($p['done']
                ?? ($minus ? 'By eye: not as asked' : 'By eye: as asked'), 0, 300),
                'mark' => $p['mark'] ?? ($minus ? -1 : 1), 'marks' => $p['marks'] ?? ['assignment' => $minus ? -1 : 1],
                'decision' => $decision, 'reason' => $p['reason'] ?? '', 'faults' => $ids,
                'impact' => in_array('PRS-05', $ids, true), 'bust' => false, 'version' => 1] + ($remarks[$man] ?? []);
        }
        foreach ($rows as $row) {
            $grade = new Grade($row);
            $grade->fill($grade->counted([]))->save();
        }
    }
}
