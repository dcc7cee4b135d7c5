<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Concept\StaffRule;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Calibrate\FieldClick;
use Jacotaxis\Core\Film\Calibrate\Homography;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Drawing\Drawing;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;

/** Reads a film document (schemas/film.schema.json). */
final class FilmReader
{
    /**
     * @param  array<string, mixed>  $d  already checked against the schema
     * @param  StaffBook|null  $book  the staff's own words
     *
     * @throws BadDocument
     */
    public static function read(array $d, ?Schools $schools = null, ?StaffBook $book = null): FilmDocument
    {
        $level = Level::tryFrom($d['level'] ?? '') ?? Level::HighSchool;
        $said = $d['situation'] ?? [];
        // Near their goal line the distance that is not said cannot be ten.
        $said += isset($said['ballOnYd']) ? ['toGoYd' => min(10.0, 100.0 - $said['ballOnYd'])] : [];
        $situation = CallDocument::readSituation($said, '/situation', Situation::of(rules: $level->rules()));
        $call = self::call($d['call'] ?? null, $situation, $book);
        $marks = array_map(
            fn (array $m): Mark => new Mark(
                $m['kind'],
                (float) $m['atS'],
                $m['man'] ?? null,
                $m['n'] ?? null,
                $m['label'] ?? null,
                $m['certain'] ?? true,
            ),
            array_values($d['marks'] ?? []),
        );
        $plots = array_map(
            fn (array $p): Plot => new Plot(
                $p['id'],
                $p['man'],
                (float) $p['atS'],
                (float) $p['xPx'],
                (float) $p['yPx'],
                $p['angle'] ?? FilmDocument::WIDE,
                isset($p['confidence']) ? (float) $p['confidence'] : null,
                isset($p['clickPx']) ? (float) $p['clickPx'] : null,
            ),
            array_values($d['plots'] ?? []),
        );
        $seen = self::numbered(self::seen(...), $d['seen'] ?? []);
        $moves = self::numbered(self::move(...), $d['moves'] ?? []);

        // The situation of the film is what was; a call's own is what it was drawn for.
        return new FilmDocument(
            call: $call,
            look: isset($d['look']) && $d['look'] !== '' ? self::look($d['look']) : null,
            setting: new Setting(
                isset($d['situation']) ? $situation : $call->situation ?? $situation,
                $level,
                schools: $schools,
            ),
            marks: $marks,
            calibrations: self::calibrations($d['calibrations'] ?? []),
            plots: $plots,
            moves: $moves,
            seen: $seen,
            chart: isset($d['chart']) ? Chart::read($d['chart'], $d['situation'] ?? []) : null,
            drawings: self::numbered(Drawing::read(...), $d['drawings'] ?? []),
        );
    }

    /** @param  string|array<string, mixed>|null  $call */
    private static function call(string|array|null $call, Situation $situation, ?StaffBook $book): ?Call
    {
        if ($call === null || $call === '') {
            return null;
        }
        try {
            return is_string($call) ? CallParser::parse($call, $situation, $book) : CallDocument::read($call);
        } catch (NotUnderstood $e) {
            throw new BadDocument('/call', $e->getMessage());
        }
    }

    /** @param  string|array<string, mixed>  $look */
    public static function look(string|array $look, ?StaffBook $book = null): Look
    {
        try {
            return is_string($look) ? LookParser::parse($look, $book) : LookDocument::read($look);
        } catch (NotUnderstood $e) {
            throw new BadDocument('/look', $e->getMessage());
        }
    }

    /**
     * @param  list<array<string, mixed>>  $calibrations
     * @return list<array{angle: string, atS: float, points: list<FieldClick>}>
     */
    private static function calibrations(array $calibrations): array
    {
        return array_map(fn (array $c): array => [
            'angle' => (string) ($c['angle'] ?? FilmDocument::WIDE),
            'atS' => (float) $c['atS'],
            'points' => array_values(array_map(FieldClick::read(...), $c['points'])),
        ], $calibrations);
    }

    /**
     * @template T
     *
     * @param  callable(array<string, mixed>, int): T  $read
     * @param  array<int, array<string, mixed>>  $rows
     * @return list<T>
     */
    private static function numbered(callable $read, array $rows): array
    {
        $all = [];
        foreach (array_values($rows) as $n => $row) {
            $all[] = $read($row, $n);
        }

        return $all;
    }

    /** @param  array<string, mixed>  $s */
    private static function seen(array $s, int $n): Seen
    {
        if ($s['what'] === 'action' && ! in_array($s['value'], StaffRule::ACTIONS, true)) {
            throw new BadDocument(
                "/seen/$n/value",
                "\"{$s['value']}\" is nothing the ball does: ".implode(', ', StaffRule::ACTIONS).'.',
            );
        }

        return new Seen(
            $s['man'],
            $s['what'],
            is_numeric($s['value']) ? (float) $s['value'] : $s['value'],
            $s['certain'] ?? true,
            $s['angle'] ?? null,
        );
    }

    /**
     * @param  array<string, mixed>  $m
     * @return array{angle: string, fromS: float, toS: float, h: list<float>, inliers: int, missPx: float}
     */
    private static function move(array $m, int $n): array
    {
        $h = array_map(floatval(...), array_values($m['h']));
        if (! Homography::invertible($h)) {
            throw new BadDocument("/moves/$n/h",
                'These nine numbers move no picture: they have no inverse. Follow the paint again, or leave the '
                    .'movement out.');
        }
        if ($m['toS'] <= $m['fromS']) {
            throw new BadDocument("/moves/$n/toS", 'A movement ends after it begins.');
        }

        return ['angle' => (string) ($m['angle'] ?? FilmDocument::WIDE), 'fromS' => (float) $m['fromS'],
            'toS' => (float) $m['toS'], 'h' => $h, 'inliers' => (int) $m['inliers'], 'missPx' => (float) $m['missPx']];
    }
}
