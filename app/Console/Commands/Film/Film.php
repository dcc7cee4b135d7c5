<?php

namespace App\Console\Commands\Film;

use App\Console\Commands\JxCommand;
use App\Film\Recorder;
use Database\Seeders\DatabaseSeeder;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Simulated\CameraMan;
use Jacotaxis\Core\Film\Simulated\FilmedRun;
use Jacotaxis\Core\Film\Simulated\NoSuchRun;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Words\NotUnderstood;

class Film extends JxCommand
{
    protected $signature = 'jx:film {out : the .webm file to write} {--call=} {--look=} {--situation=} '
        .'{--level=high-school} {--rules=} {--act= : a key and his choice, "right corner: sink"} {--choice= : what '
        .'the first key that can do it chooses, "sink"} {--throw= : to whom and when, "H@2.8"} {--angle=wide : wide '
        .'or tight} {--still : the camera does not pan and zoom} {--width=640} {--height=360}';

    protected $description = 'Film a run of a call with the simulated camera; the ground truth is written beside it';

    protected function answer(): int
    {
        $call = $this->theCall();
        $proof = Proving::of($call, $this->look(), $this->setting($call));
        $choice = $this->given('choice');
        $act = $this->given('act') ?? ($choice === null ? null : $this->who($proof, $choice).": $choice");
        $run = FilmedRun::of($proof, $act, $this->given('throw'));
        $angle = $this->given('angle') ?? '';
        $out = $this->file('out');
        in_array($angle, FilmDocument::ANGLES, true) ?:
        throw NotUnderstood::word($angle, 'angle', FilmDocument::ANGLES);
        $camera = CameraMan::of(
            $run,
            $angle,
            max(160, (int) $this->option('width')),
            max(90, (int) $this->option('height')),
            ! $this->asked('still'),
        );
        $done = (new Recorder())->record($run, $camera, $out, $this->numbers());
        $this->line("$out: {$done['frames']} frames, ".intdiv($done['bytes'], 1024).' kB');

        return self::DONE;
    }

    /**
     * Jersey numbers of the roster, and of an invented defense.
     *
     * @return array<string, int>
     */
    private function numbers(): array
    {
        $ours = array_map(fn (array $p): array => [$p[0] => $p[1]], DatabaseSeeder::PLAYERS);

        return array_merge(...$ours);
    }

    /** The first key that can choose so. */
    private function who(Proven $proof, string $choice): string
    {
        $keys = $proof instanceof RunProof || $proof instanceof Proof ? $proof->keys : [];
        foreach ($keys as $key) {
            if (in_array($choice, array_map(fn (array $a): string => $a['act']->name, $key->acts), true)) {
                return $key->role;
            }
        }

        throw NoSuchRun::act($choice, []);
    }
}
