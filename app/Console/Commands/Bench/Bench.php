<?php

namespace App\Console\Commands\Bench;

use App\Console\Commands\JxCommand;
use App\Console\Workers;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Recognise\LookFinder;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Proposal;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Sheet\Beats;
use Jacotaxis\Core\Proof\Sheet\Looks;
use Jacotaxis\Core\Proof\Sheet\Sheet as CallSheet;
use Jacotaxis\Core\Proof\Sheet\Suggestions;
use Jacotaxis\Core\Proof\Sheet\Tolerance;
use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Truth\Judge;
use Jacotaxis\Core\Truth\Shares;
use Jacotaxis\Core\Truth\TruthCase;
use Jacotaxis\Core\Truth\Want;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;

class Bench extends JxCommand
{
    protected $signature = 'jx:bench {--bare : without starting again under the just-in-time compiler}';

    protected $description = 'Time a proof, a step of one defender, the sheet, the call line, and weigh the first load';

    /** Of the cases the truth board counts, one in so many. */
    private const THINNED = 2;

    protected function answer(): int
    {
        if (! $this->asked('bare') && ! (opcache_get_status(false)['jit']['on'] ?? false)) {
            $jit = '-d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M';
            $artisan = escapeshellarg(base_path('artisan'));
            passthru(escapeshellarg(PHP_BINARY)." $jit $artisan jx:bench --bare", $code);

            return $code;
        }
        $setting = new Setting(Situation::of());
        $this->line('Just-in-time compiler: '.(opcache_get_status(false)['jit']['on'] ?? false ? 'on' : 'off'));
        foreach (
            [
                'gun 2x2: smash right' => 'cover 2',
                'gun 2x2: four verticals' => 'cover 3',
                'gun 2x2: post-dig right' => 'cover 4',
            ] as $words => $shell
        ) {
            $call = CallParser::parse($words);
            $look = LookParser::parse("4-2 nickel, $shell");
            $ms = $this->milliseconds(40, fn () => Report::of(Prover::prove($call, $look, $setting)));
            $this->line(sprintf('One proof, %s against %s: %.1f ms (goal 10)', $words, $shell, $ms));
        }
        foreach (
            [
                'gun 2x2: zone right',
                'double-slot, H return right: triple right',
                'gun 2x2: zone right, rpo: backside #2 slant; key will',
                'under center wing right, outside zone left fake, boot right: boot flood right',
            ] as $words
        ) {
            $call = CallParser::parse($words);
            $ms = $this->milliseconds(
                40,
                fn () => Told::report(Proving::of($call, LookParser::parse('4-2 nickel, cover 3'), $setting)),
            );
            $this->line(sprintf('One proof, %s: %.1f ms', $words, $ms));
        }
        $this->catalogue();
        $this->steps($setting);
        $this->sheet($setting);
        $this->line(
            sprintf(
                'Call line, words to call and back: %.1f ms',
                $this->milliseconds(
                    40,
                    fn () => Describer::words(
                        CallParser::parse('gun trips right: post-dig right; X shallow; read H dig, Z post, X shallow'),
                    ),
                ),
            ),
        );
        $lineup = $this->lineup();
        $spots = array_map(
            fn ($d): array => [$d->xYd, $d->yYd],
            Alignment::of(LookParser::parse('3-4, cover 2'), $lineup)->defenders,
        );
        $this->line(
            sprintf(
                'A look lined up: %.2f ms; named from its spots: %.0f ms',
                $this->milliseconds(100, fn () => Alignment::of(LookParser::parse('3-4, cover 2'), $lineup)),
                $this->milliseconds(5, fn () => LookFinder::of($spots, $lineup)),
            ),
        );
        $this->film();
        $this->weight();
        $this->line('A season of film and grades: php artisan jx:bench-season');

        return self::DONE;
    }

    /** A proof, and its frames apart, over the whole catalogue against the default looks. */
    private function catalogue(): void
    {
        foreach (['pass', 'run'] as $kind) {
            $cases = array_filter(Shares::cases(self::THINNED), fn ($case): bool => $case->kind === $kind);
            $proofs = $frames = [];
            foreach ($cases as $case) {
                $asked = new TruthCase($case->name, $case->call, $case->look, Want::anything());
                $from = hrtime(true);
                $proof = Judge::prove($asked);
                Told::report($proof);
                $proven = hrtime(true);
                Told::frames($proof);
                $proofs[] = ($proven - $from) / 1e6;
                $frames[] = (hrtime(true) - $proven) / 1e6;
            }
            if ($proofs === [] || $frames === []) {
                continue;
            }
            $this->line(sprintf(
                'The catalogue, %s: %d proofs without frames, median %.1f ms (goal 10), 95th percentile %.1f ms '
                    .'(goal 20); frames %.1f and %.1f ms',
                $kind,
                count($proofs),
                self::percentile($proofs, 0.5),
                self::percentile($proofs, 0.95),
                self::percentile($frames, 0.5),
                self::percentile($frames, 0.95),
            ));
        }
    }

    /** @param  non-empty-list<float>  $times  milliseconds */
    private static function percentile(array $times, float $share): float
    {
        sort($times);

        return $times[(int) floor($share * (count($times) - 1))];
    }

    /** The sheet: on one core, on all, and whether twice the looks take twice as long. */
    private function sheet(Setting $setting): void
    {
        $call = CallParser::parse('gun 2x2: smash right');
        $looks = Looks::of();
        $cell = fn (Look $look): array => CallSheet::cell($call, $look, $setting);
        $one = [];
        foreach ([24, 48, 96] as $n) {
            $some = array_slice($looks, 0, $n);
            $one[$n] = $this->milliseconds(3, fn () => array_map($cell, $some), warm: 1);
        }
        $this->line(sprintf('Sheet on one core: 24 looks %.0f ms, 48 looks %.0f ms, 96 looks %.0f ms (goal 1000); a '
            .'look of 96 costs %.2f times a look of 24 (linear 1)',
            $one[24], $one[48], $one[96], $one[96] / $one[24] / 4.0));
        $this->line(sprintf('Sheet of 96 looks on all cores: %.0f ms',
            $this->milliseconds(3, fn () => Workers::map($looks, $cell), warm: 1)));
        $look = LookParser::parse('4-2 nickel, cover 2');
        $bound = Prover::prove($call, $look, $setting);
        $this->line(
            sprintf(
                'What beats a call: %.0f ms; its bands of depth: %.0f ms; what would bind a look: %.0f ms',
                $this->milliseconds(3, fn () => Beats::of($bound), warm: 1),
                $this->milliseconds(3, fn () => Tolerance::bands(Proving::of($call, $look, $setting)), warm: 1),
                $this->milliseconds(
                    3,
                    fn () => Suggestions::of(Proving::of($call, LookParser::parse('4-2 nickel, 2-man'), $setting)),
                    warm: 1,
                ),
            ),
        );
    }

    private function lineup(): Lineup
    {
        $situation = Situation::of();

        return CallParser::parse('gun trips right: smash right')->lineup($situation);
    }

    /** One step of one defender in the play-out against a bare loop of the same arithmetic. */
    private function steps(Setting $setting): void
    {
        $call = CallParser::parse('gun 2x2: smash right');
        $look = LookParser::parse('4-2 nickel, cover 2');
        $scene = Scene::of($call, $look, $setting);
        $movers = count((new PlayOut($scene))->coverage());
        $setUp = $this->milliseconds(200, fn () => new PlayOut($scene), true);
        $step =
            (($this->milliseconds(200, fn () => (new PlayOut($scene))->byRule(), true) - $setUp) * 1e6) /
            ($movers * Path::STEPS);
        $bare = $this->bare();
        $this->line(
            sprintf(
                'One step of one defender: %.0f ns, a bare loop of the same arithmetic %.0f ns, %.1f times (goal '
                    .'under 8)',
                $step,
                $bare,
                $step / $bare,
            ),
        );
    }

    /** Nanoseconds of the arithmetic of one step of one man who closes on a moving spot, in a plain loop. */
    private function bare(): float
    {
        $n = 2_000_000;
        $best = INF;
        for ($run = 0; $run < 3; $run++) {
            $from = hrtime(true);
            $x = $y = $vx = $vy = 0.0;
            for ($i = 0; $i < $n; $i++) {
                $tx = 5.0 + 0.00001 * $i;
                $ty = 8.0 + 0.00002 * $i;
                $speed = sqrt($vx * $vx + $vy * $vy);
                $stop = $speed > 0.1 ? 0.8 * (1.0 - 8.0 * log(1.0 + $speed / 8.0) / $speed) : 0.0;
                $wx = ($tx - $x - $vx * $stop) * 3.5;
                $wy = ($ty - $y - $vy * $stop) * 3.5;
                $w = sqrt($wx * $wx + $wy * $wy);
                if ($w > 8.0) {
                    $wx *= 8.0 / $w;
                    $wy *= 8.0 / $w;
                }
                $vx += ($wx - $vx) * 0.06;
                $vy += ($wy - $vy) * 0.06;
                $x += $vx * 0.05;
                $y += $vy * 0.05;
            }
            $best = min($best, (hrtime(true) - $from) / $n);
        }

        return $best;
    }

    /** Measuring and grading a worked snap, as after every click in the film room. */
    private function film(): void
    {
        $document = json_decode((string) file_get_contents(base_path('schemas/film.schema.json')), true)['examples'][0];
        $this->line(
            sprintf(
                'A worked snap measured, decided and proposed: %.0f ms',
                $this->milliseconds(
                    20,
                    fn () => (new Proposal(new Grader(new Measures(FilmReader::read($document)))))->all(),
                ),
            ),
        );
    }

    /** Compressed script of the first load of the board. */
    private function weight(): void
    {
        $manifest = is_file(public_path('build/manifest.json'))
            ? json_decode((string) file_get_contents(public_path('build/manifest.json')), true)
            : [];
        $files = [];
        $visit = function (string $key) use (&$visit, &$files, $manifest): void {
            if (isset($manifest[$key]) && ! isset($files[$manifest[$key]['file']])) {
                $files[$manifest[$key]['file']] = true;
                array_map($visit, $manifest[$key]['imports'] ?? []);
            }
        };
        array_map($visit, ['resources/js/main.tsx', 'resources/js/board/Board.tsx']);
        $bytes = array_sum(
            array_map(
                fn (string $f): int => strlen((string) gzencode((string) file_get_contents(public_path("build/$f")))),
                array_keys($files),
            ),
        );
        $this->line(sprintf('First load of the board: %.0f kB of compressed script (goal under 250)', $bytes / 1000));
    }

    /** The median time, or the best one where the machine's own noise must not count. */
    private function milliseconds(int $runs, callable $do, bool $best = false, int $warm = 10): float
    {
        for ($i = 0; $i < $warm; $i++) {
            $do();
        }
        $times = [];
        for ($i = 0; $i < $runs; $i++) {
            $from = hrtime(true);
            $do();
            $times[] = (hrtime(true) - $from) / 1e6;
        }
        sort($times);

        return $times[$best ? 0 : intdiv($runs, 2)];
    }
}
