<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;

/** Reads a film document (schemas/film.schema.json). */
final class FilmReader
{
    /**
     * @param  array<string, mixed>  $d  already checked against the schema
     *
     * @throws BadDocument
     */
    public static function read(array $d): FilmDocument
    {
        $level = Level::tryFrom($d['level'] ?? '') ?? Level::HighSchool;
        $situation = CallDocument::readSituation($d['situation'] ?? [], '/situation', Situation::of(rules: $level->rules()));
        try {
            $call = is_string($d['call']) ? CallParser::parse($d['call'], $situation) : CallDocument::read($d['call']);
        } catch (NotUnderstood $e) {
            throw new BadDocument('/call', $e->getMessage());
        }
        $marks = array_map(fn (array $m): Mark => new Mark($m['kind'], (float) $m['atS'], $m['man'] ?? null), $d['marks'] ?? []);
        $plots = array_map(fn (array $p): Plot => new Plot($p['id'], $p['man'], (float) $p['atS'], (float) $p['xPx'], (float) $p['yPx']), $d['plots'] ?? []);

        return new FilmDocument($call, self::look($d['look']), new Setting($call->situation ?? $situation, $level), $marks, self::calibrations($d['calibrations'] ?? []), $plots);
    }

    /** @param  string|array<string, mixed>  $look */
    public static function look(string|array $look): Look
    {
        try {
            return is_string($look) ? LookParser::parse($look) : LookDocument::read($look);
        } catch (NotUnderstood $e) {
            throw new BadDocument('/look', $e->getMessage());
        }
    }

    /**
     * @param  list<array<string, mixed>>  $calibrations
     * @return list<array{atS: float, points: list<array{xPx: float, yPx: float, fieldXYd: float, fieldYYd: float}>}>
     */
    private static function calibrations(array $calibrations): array
    {
        return array_map(fn (array $c): array => [
            'atS' => (float) $c['atS'],
            'points' => array_map(fn (array $p): array => array_map(floatval(...), array_intersect_key($p, ['xPx' => 1, 'yPx' => 1, 'fieldXYd' => 1, 'fieldYYd' => 1])), $c['points']),
        ], $calibrations);
    }
}
