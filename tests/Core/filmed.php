<?php

use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Calibrate\FieldClick;
use Jacotaxis\Core\Film\Calibrate\FieldMarks;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Mark;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Plot;
use Jacotaxis\Core\Film\Seen;
use Jacotaxis\Core\Film\Simulated\Camera;
use Jacotaxis\Core\Film\Simulated\CameraMan;
use Jacotaxis\Core\Film\Simulated\FilmedRun;
use Jacotaxis\Core\Film\Simulated\PictureMove;
use Jacotaxis\Core\Grade\Deciding\Decision;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/** Normally distributed, from a seeded generator (Box and Muller 1958). */
function gauss(): float
{
    return sqrt(-2.0 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2.0 * M_PI * mt_rand() / mt_getrandmax());
}

/** A camera in the press box on the right, looking across at the play around a ball spot. */
function pressBox(float $ballXYd, float $ballYYd): Camera
{
    return new Camera(
        640,
        360,
        0.98 * 640,
        [RuleSet::WIDTH_YD + 21.0, $ballYYd + 7.0, 17.0],
        [$ballXYd + 7.0, $ballYYd + 6.5],
        -0.004,
    );
}

/** Field marks a camera sees, as a coach would click them exactly. */
function paint(Camera $camera): array
{
    $points = [];
    foreach (FieldMarks::across(RuleSet::Nfhs) as $x) {
        for ($y = 5; $y <= 95; $y += 5) {
            $seen = $camera->project($x, $y);
            if (
                $seen !== null &&
                $seen[0] > 5 &&
                $seen[0] < $camera->widthPx - 5 &&
                $seen[1] > 30 &&
                $seen[1] < $camera->heightPx - 5
            ) {
                $points[] = new FieldClick($seen[0], $seen[1], $x, (float) $y);
            }
        }
    }

    return $points;
}

/** How the picture of a camera moved, step by step, as followed exactly. */
function movesOf(CameraMan $camera, float $until, string $angle = 'wide'): array
{
    $moves = [];
    for ($n = 0; $n * 0.1 < $until; $n++) {
        $moves[] = ['angle' => $angle, 'fromS' => $n * 0.1, 'toS' => ($n + 1) * 0.1,
            'h' => PictureMove::between($camera->at($n * 0.1), $camera->at(($n + 1) * 0.1)), 'inliers' => 80,
            'missPx' => 0.3];
    }

    return $moves;
}

/**
 * A run filmed by a panning camera and worked on with exact clicks: every man plotted every fifth of a second.
 *
 * @param  array{run?: string, act?: string, throw?: string, angles?: list<string>, men?: list<string>, every?: float,
 *     seen?: list<Seen>, chart?: Chart, leaveOut?: list<string>, schools?: array<string, string>, followed?: bool,
 *     later?: array<string, float>}  $o  later: seconds a kind of mark comes later than it was
 */
function filmed(string $call, string $look, array $o = [], ?Situation $situation = null): FilmDocument
{
    $setting = new Setting($situation ?? Situation::of(), schools: Schools::of($o['schools'] ?? []));
    $parsed = LookParser::parse($look);
    $run = FilmedRun::of(
        Proving::of(CallParser::parse($o['run'] ?? $call, $setting->situation), $parsed, $setting),
        $o['act'] ?? null,
        $o['throw'] ?? null,
    );
    $frame = $run->proof->scene()->frame;
    $marks = $plots = $calibrations = $moves = [];
    foreach ($run->marks as $name => $at) {
        [$kind, $man] = str_starts_with($name, 'break ')
            ? ['break', substr($name, 6)]
            : [$name, in_array($name, ['ball out', 'catch'], true) ? $run->thrownTo : null];
        $at += $o['later'][$kind] ?? 0.0;
        in_array($kind, $o['leaveOut'] ?? [], true) || ($marks[] = new Mark($kind, FilmedRun::BEFORE + $at, $man));
    }
    foreach ($o['angles'] ?? ['wide'] as $angle) {
        $camera = CameraMan::of($run, $angle);
        $calibrations[] = ['angle' => $angle, 'atS' => FilmedRun::BEFORE,
            'points' => paint($camera->at(FilmedRun::BEFORE))];
        $moves = [...$moves, ...(($o['followed'] ?? true) ? movesOf($camera, $run->duration(), $angle) : [])];
        for ($t = FilmedRun::BEFORE; $t < $run->duration(); $t += $o['every'] ?? 0.2) {
            foreach ($run->at($t) as $man => $spot) {
                $px = $camera->at($t)->project(...$frame->toField(...$spot));
                if ($px !== null && in_array((string) $man, $o['men'] ?? [(string) $man], true)) {
                    $plots[] = new Plot("$angle $man $t", (string) $man, $t, $px[0], $px[1], $angle);
                }
            }
        }
    }

    return new FilmDocument(
        CallParser::parse($call, $setting->situation),
        $parsed,
        $setting,
        $marks,
        $calibrations,
        $plots,
        $moves,
        $o['seen'] ?? [],
        $o['chart'] ?? null,
    );
}

/**
 * The same film with one man's places moved by so many yards at each moment after the snap.
 *
 * @param  Closure(float): array{float, float}  $by
 */
function shifted(FilmDocument $film, string $man, Closure $by): FilmDocument
{
    $plots = array_map(function (Plot $p) use ($film, $man, $by): Plot {
        if ($p->man !== $man) {
            return $p;
        }
        $view = $film->view($p->atS, $p->angle);
        [$x, $y] = $view->toField($p->xPx, $p->yPx);
        [$dx, $dy] = $by($p->atS - FilmedRun::BEFORE);

        return new Plot($p->id, $p->man, $p->atS, ...[...$view->toPicture($x + $dx, $y + $dy), $p->angle]);
    }, $film->plots);

    return new FilmDocument(
        $film->call,
        $film->look,
        $film->setting,
        $film->marks,
        $film->calibrations,
        $plots,
        $film->moves,
        $film->seen,
        $film->chart,
    );
}

/**
 * The decision of a filmed pass against the nickel front.
 *
 * @param  array<string, mixed>  $film  as filmed takes it
 */
function judgedOn(string $call, string $shell, array $film, int $down = 1, float $toGo = 10.0): Decision
{
    return graded($call, "4-2 nickel, $shell", $film, Situation::of(down: $down, toGoYd: $toGo))->decision();
}

function graded(string $call, string $look, array $o = [], ?Situation $situation = null): Grader
{
    return new Grader(new Measures(filmed($call, $look, $o, $situation)));
}
