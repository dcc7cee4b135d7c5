<?php

namespace App\Console\Commands\Bench;

use App\Console\Season;
use App\Models\Player;
use App\Models\Reel;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

class BenchSeason extends Command
{
    protected $signature = 'jx:bench-season {--keep= : a file to keep the season in, else it is made in memory}';

    protected $description = 'Time every report over a season: 15 reels, 2,250 snaps, 22 grades each';

    /** Milliseconds a report may take. */
    private const GOAL_MS = 300;

    public function handle(Kernel $kernel): int
    {
        $kept = $this->option('keep');
        config([
            'database.default' => 'sqlite',
            'database.connections.sqlite.database' => is_string($kept) && $kept !== '' ? $kept : ':memory:',
        ]);
        DB::purge();
        Artisan::call('migrate:fresh', ['--force' => true]);
        $from = hrtime(true);
        Season::seed();
        $this->line(sprintf('A season of %d snaps and %d grades made in %.1f s', DB::table('snaps')->count(),
            DB::table('grades')->count(), (hrtime(true) - $from) / 1e9));
        $coach = User::query()->create(['email' => 'bench@example', 'name' => 'Bench', 'role' => Role::Coordinator,
            'password' => 'none']);
        Auth::setUser($coach);
        $reel = Reel::query()->value('id');
        $player = Player::query()->where('letter', 'Q')->value('id');
        $slow = 0;
        foreach ([
            'the reels' => 'reels', 'a reel with its strip of snaps' => "reels/$reel",
            'open questions' => "reels/$reel/questions",
            'contradictions and prediction' => "reels/$reel/prediction",
            'numbers by call' => 'numbers/groups?by=call', 'numbers by look' => 'numbers/groups?by=look',
            'numbers by down and distance' => 'numbers/groups?by=situation',
            'numbers by key choice, games only' => 'numbers/groups?by=choice&filter[kind]=game',
            'decision tables' => 'numbers/decisions', 'what we give away' => 'numbers/leanings',
            'the model\'s own score' => 'numbers/model', 'what stands side by side' => 'numbers/pairs',
            'what they do' => 'numbers/opponent', 'the week' => 'weeks?week=7',
            'the week as a table' => 'weeks/file.csv?week=7', 'what came again' => 'repeats',
            'a man\'s letter' => "players/$player", 'the players' => 'players', 'a teaching reel' => 'teaching/FLT-13',
            'the reel as a table' => "reels/$reel/file.csv",
        ] as $name => $path) {
            $ms = $this->milliseconds($kernel, "/api/v1/$path");
            $slow += (int) ($ms > self::GOAL_MS);
            $this->line(
                sprintf('%-36s %6.0f ms%s', ucfirst($name), $ms, $ms > self::GOAL_MS ? '  over '.self::GOAL_MS : ''),
            );
        }

        return $slow === 0 ? self::SUCCESS : self::FAILURE;
    }

    /** The median of five answers. */
    private function milliseconds(Kernel $kernel, string $path): float
    {
        $times = [];
        for ($n = 0; $n < 5; $n++) {
            $from = hrtime(true);
            $answer = $kernel->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json']));
            $answer->getContent();
            $times[] = (hrtime(true) - $from) / 1e6;
            if ($answer->getStatusCode() !== 200) {
                $this->error(
                    "$path answered {$answer->getStatusCode()}: ".substr((string) $answer->getContent(), 0, 300),
                );
            }
        }
        sort($times);

        return $times[2];
    }
}
