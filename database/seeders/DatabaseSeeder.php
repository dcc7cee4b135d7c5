<?php

namespace Database\Seeders;

use App\Models\Call;
use App\Models\Clip;
use App\Models\Grade;
use App\Models\Look;
use App\Models\Player;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Hash;
use Jacotaxis\Core\Concept\CallDocument;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Measures;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;

/** The demo program: Cedar Fork High School, its staff and players, and the opponent Granite Pass. All invented. */
class DatabaseSeeder extends Seeder
{
    public const PASSWORD = 'four-verticals';

    private const SIGN_INS = [
        ['coordinator@cedarfork.example', 'Dale Merriweather', Role::Coordinator, null],
        ['receivers@cedarfork.example', 'Owen Tash', Role::PositionCoach, null],
        ['h@cedarfork.example', 'Micah Lund', Role::Player, 'H'],
        ['q@cedarfork.example', 'Theo Brandvold', Role::Player, 'Q'],
    ];

    private const PLAYERS = [
        ['Q', 7, 'Theo Brandvold'], ['R', 24, 'Isaiah Kemp'], ['X', 11, 'Jonah Pell'], ['Y', 86, 'Caleb Strand'], ['H', 3, 'Micah Lund'], ['Z', 9, 'Andre Whitlow'],
        ['LT', 70, 'Gus Harland'], ['LG', 64, 'Ben Okafor'], ['C', 52, 'Wyatt Sorel'], ['RG', 66, 'Luis Marrow'], ['RT', 77, 'Emmett Vance'],
    ];

    private const CALLS = [
        'Smash right' => 'gun 2x2 right: smash right',
        'Four verticals' => 'gun 2x2 right: four verticals right',
        'Post-dig right' => 'gun 2x2 right: post-dig right',
        'Curl-flat right' => 'gun 2x2 right: curl-flat right',
        'Trips smash' => 'gun trips right: smash right; Y flat',
    ];

    private const SHOWN = ['cover 1' => 6, 'cover 2' => 14, 'cover 3' => 11, 'cover 4' => 8];

    public function run(): void
    {
        DB::transaction(function (): void {
            $this->people();
            foreach (self::CALLS as $name => $words) {
                $call = CallParser::parse($words);
                Call::query()->create(['name' => $name, 'words' => Describer::words($call), 'document' => CallDocument::write($call), 'version' => 1]);
            }
            foreach (array_keys(self::SHOWN) as $shell) {
                Look::query()->create(['name' => "4-2 nickel, $shell", 'words' => "4-2 nickel, $shell", 'opponent' => 'Granite Pass', 'shown' => self::SHOWN[$shell], 'version' => 1,
                    'document' => ['kind' => 'jacotaxis.look', 'version' => 1, 'front' => '4-2 nickel', 'shell' => $shell, 'spots' => []]]);
            }
            foreach (json_decode(File::get(database_path('demo/clips.json')), true) as $clip) {
                $this->clip($clip);
            }
        });
    }

    private function people(): void
    {
        foreach (self::PLAYERS as [$letter, $number, $name]) {
            Player::query()->create(['letter' => $letter, 'number' => $number, 'name' => $name]);
        }
        $password = Hash::make(self::PASSWORD);
        foreach (self::SIGN_INS as [$email, $name, $role, $letter]) {
            User::query()->create(['email' => $email, 'name' => $name, 'role' => $role, 'password' => $password,
                'player_id' => $letter === null ? null : Player::query()->where('letter', $letter)->value('id')]);
        }
    }

    /** @param  array<string, mixed>  $clip */
    private function clip(array $clip): void
    {
        $folder = storage_path('app/private/'.config('film.folder'));
        File::ensureDirectoryExists($folder);
        File::copy(database_path("demo/film/{$clip['file']}"), "$folder/{$clip['file']}");
        $truth = json_decode(File::get(database_path('demo/film/'.str_replace('.webm', '.truth.json', $clip['file']))), true);
        $document = DemoFilm::document($truth, $clip['worked']);
        $record = Clip::query()->create(['title' => $clip['title'], 'reel' => 'Week 3, Granite Pass', 'week' => 3, 'file' => $clip['file'], 'mime' => 'video/webm', 'document' => $document, 'version' => 1]);
        if ($clip['graded']) {
            $this->grade($record, $document);
        }
    }

    /** @param  array<string, mixed>  $document */
    private function grade(Clip $clip, array $document): void
    {
        $grader = new Grader($measures = new Measures(FilmReader::read($document)));
        $decision = $grader->decision();
        $depth = collect($measures->assignments())->first(fn (array $r): bool => $r['man'] === 'H' && $r['measure'] === 'break depth');
        $faults = $grader->proposed('H');
        foreach ([
            'Q' => ['asked' => 'H corner, then Z hitch', 'done' => "Threw to {$measures->film->thrownTo()}", 'mark' => $decision->grade === 'right' ? 1 : -1, 'decision' => $decision->grade, 'reason' => $decision->why, 'faults' => $grader->proposed('Q')],
            'H' => ['asked' => 'Corner at 10 yd', 'done' => sprintf('Broke at %.1f yd', $depth['done']), 'mark' => $faults === [] ? 1 : -1, 'decision' => null, 'reason' => sprintf('Planned 10 yd, done %.1f ± %.1f yd.', $depth['done'], $depth['sd']), 'faults' => $faults],
        ] as $man => $grade) {
            Grade::query()->create($grade + ['clip_id' => $clip->id, 'player_id' => Player::query()->where('letter', $man)->value('id'), 'man' => $man, 'version' => 1]);
        }
    }
}
