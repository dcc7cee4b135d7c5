<?php

namespace Database\Seeders;

use App\Models\Call;
use App\Models\Formation;
use App\Models\Look;
use App\Models\Player;
use App\Models\Role;
use App\Models\StaffWords;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Document\FormationDocument;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Words\Call\FormationParser;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;
use RuntimeException;

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

    public const PLAYERS = [
        ['Q', 7, 'Theo Brandvold', 5.05, 1.7, []],
        ['R', 24, 'Isaiah Kemp', 4.78, 1.75, []],
        ['X', 11, 'Jonah Pell', 4.72, 1.95, ['catches deep']],
        ['Y', 86, 'Caleb Strand', 5.1, 1.9, ['reaches the end']],
        ['H', 3, 'Micah Lund', 4.81, 1.7, ['reaches the end']],
        ['Z', 9, 'Andre Whitlow', 4.63, 1.95, ['catches deep']],
        ['F', 33, 'Dario Quist', 5.0, 1.7, ['reaches the backer']],
        ['LT', 70, 'Gus Harland', null, null, []], ['LG', 64, 'Ben Okafor', null, null, ['pulls']],
        ['C', 52, 'Wyatt Sorel', null, null, []], ['RG', 66, 'Luis Marrow', null, null, ['pulls']],
        ['RT', 77, 'Emmett Vance', null, null, []],
    ];

    private const CALLS = [
        'Smash right' => 'gun 2x2 right: smash right',
        'Four verticals' => 'gun 2x2 right: four verticals right',
        'Post-dig right' => 'gun 2x2 right: post-dig right',
        'Curl-flat right' => 'gun 2x2 right: curl-flat right',
        'Trips smash' => 'gun trips right: smash right; Y flat',
        'H across, verticals' => 'gun 2x2 right, H short left to 6 wide: four verticals left',
        'Mesh right' => 'gun 2x2 right: mesh right',
        'Drive right' => 'gun 2x2 right: drive right',
        'Stick trips' => 'gun trips right: stick right',
        'Slant-flat both' => 'gun 2x2 right: slant-flat both',
        'Flood trips' => 'gun trips right: flood right',
        'Sticks, go-dig' => '3rd & 8 | gun 2x2 right: go-dig right; R check flat',
        'Wing curl-flat' => 'under center wing right: curl-flat left',
        'Zone read' => 'gun trey right: zone left',
        'Zone read, slant behind' => 'gun 2x2 right: zone right, rpo: Y slant; key will',
        'Bubble on zone' => 'gun 2x2 right: zone left, rpo: H bubble',
        'Arc read' => 'gun H-back left: zone right; tag arc left',
        'Power' => 'under center I right: power right',
        'Wide zone' => 'under center wing right: outside zone left',
        'Wing counter' => 'under center wing right: counter right',
        'Boot flood' => 'under center wing right, outside zone left fake, boot right: boot flood right',
        'Leak' => 'under center wing right, outside zone left fake, boot right: leak right',
        'Triple' => 'under center double-slot right, H return right: triple right',
        'Midline pitch' => 'under center double-slot right, H return right: midline pitch right',
        'Lead option' => 'under center double-slot right: lead option right',
        'Freeze, tackle arc' => 'gun two-back right, freeze right: freeze option right; tag tackle arc',
        'Crack toss' => 'pistol trips right: crack right',
        'Crack seam' => 'pistol trips right, crack right fake: crack-seam-wheel right',
    ];

    /** How often each opponent has shown what. */
    private const LOOKS = [
        'Granite Pass' => ['4-2 nickel, cover 2' => 14, '4-2 nickel, cover 3' => 11, '4-2 nickel, cover 4' => 8,
            '4-2 nickel, cover 1' => 6,
            '4-2 nickel, cover 3, shows cover 2' => 5, '4-2 nickel, cover 6' => 3, 'bear, cover 0, six rush' => 2],
        'Larkspur Valley' => ['3-4, cover 3' => 12, 'tite, cover 4' => 7,
            '3-4, cover 1, safety rotates weak, walked will' => 5, '5-2, cover 3, edge pressure field' => 3],
    ];

    /** The staff's own words, one choice of its own where staffs disagree, and a family it drew. */
    private const BOOK = [
        'aliases' => [['alias' => 'ledge', 'word' => 'scissors'], ['alias' => 'otter', 'word' => '']],
        'settings' => [['id' => 'SET-02', 'choice' => 'A']],
        'values' => [['id' => 'off-place', 'value' => 0.5]],
        'families' => [['name' => 'creek', 'front' => [1 => 'curl', 2 => 'out'], 'back' => null,
            'reads' => ['front 1', 'front 2'], 'said' => 'creek right', 'read' => 'inside out',
            'protection' => 'half-slide']],
    ];

    /** Sets the staff drew for itself. */
    private const SETS = [
        'ridge' => ['gun trips right', ['H' => [8.5, -2.5], 'Y' => [8.5, -0.5], 'Z' => [16.0, -1.5]]],
    ];

    public function run(): void
    {
        if (app()->isProduction()) {
            throw new RuntimeException(
                'The demo has sign-ins with a published password and is not for production. '.
                'Make your coordinator with: php artisan jx:coordinator ADDRESS "NAME"',
            );
        }
        DB::transaction(function (): void {
            $this->people();
            foreach (self::CALLS as $name => $words) {
                $call = CallParser::parse($words);
                Call::query()->create(['name' => $name, 'words' => Describer::words($call),
                    'document' => CallDocument::write($call), 'version' => 1]);
            }
            foreach (self::LOOKS as $opponent => $looks) {
                foreach ($looks as $words => $shown) {
                    $look = LookParser::parse($words);
                    Look::query()->create(['name' => $look->words(), 'words' => $look->words(), 'opponent' => $opponent,
                        'shown' => $shown, 'version' => 1, 'document' => LookDocument::write($look)]);
                }
            }
            foreach (self::SETS as $name => [$words, $spots]) {
                $set = FormationParser::parse($words)->formation->withSpots($spots);
                Formation::query()->create(['name' => $name, 'words' => $set->words(), 'version' => 1,
                    'document' => ['kind' => FormationDocument::KIND,
                        'version' => 1] + FormationDocument::write($set)]);
            }
            $kept = ['owner' => self::SIGN_INS[0][1], 'on' => '2026-11-02'];
            StaffWords::current()->update(array_map(
                fn (array $list): array => array_map(fn (array $entry): array => $entry + $kept, $list),
                self::BOOK,
            ));
            (new DemoReels)->run();
            (new DemoScouting)->run();
            (new DemoReps)->run();
            (new DemoPractice)->run();
        });
    }

    private function people(): void
    {
        foreach (self::PLAYERS as [$letter, $number, $name, $forty, $stride, $flags]) {
            Player::query()->create(['letter' => $letter, 'number' => $number, 'name' => $name, 'forty_s' => $forty,
                'stride_yd' => $stride, 'flags' => $flags]);
        }
        $password = Hash::make(self::PASSWORD);
        foreach (self::SIGN_INS as [$email, $name, $role, $letter]) {
            User::query()->create(['email' => $email, 'name' => $name, 'role' => $role, 'password' => $password,
                'player_id' => $letter === null ? null : Player::query()->where('letter', $letter)->value('id')]);
        }
    }
}
