<?php

namespace App\Console\Commands;

use App\Film\Recorder;
use Jacotaxis\Core\Film\Camera;
use Jacotaxis\Core\Film\FilmedRun;
use Jacotaxis\Core\Proof\Prover;

class Film extends JxCommand
{
    protected $signature = 'jx:film {out : the .webm file to write} {--call=} {--look=} {--situation=} {--level=high-school} {--rules=} {--act= : a key and his choice, "right corner: sink"} {--throw= : to whom and when, "H@2.8"} {--width=640} {--height=360}';

    protected $description = 'Film a run of a call with the simulated camera; the ground truth is written beside it';

    protected function answer(): int
    {
        $call = $this->theCall();
        $proof = Prover::prove($call, $this->look(), $this->setting($call));
        $frame = $proof->scene->frame;
        $camera = Camera::pressBox($frame->ballXYd, $frame->ballYYd, max(160, (int) $this->option('width')), max(90, (int) $this->option('height')));
        $done = (new Recorder)->record(FilmedRun::of($proof, $this->option('act'), $this->option('throw')), $camera, $this->argument('out'));
        $this->line("{$this->argument('out')}: {$done['frames']} frames, ".intdiv($done['bytes'], 1024).' kB');

        return self::DONE;
    }
}
