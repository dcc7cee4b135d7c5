<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

use Jacotaxis\Core\Field\Hash;

/**
 * The columns of a breakdown table: their headings, how a heading of somebody else's is recognised, and a cell read and
 * written.
 */
final class Columns
{
    /** Heading and what else staffs write over the column, by field. */
    private const HEADINGS = [
        'number' => ['Snap', ['play number', 'play no', 'no', 'number', 'snap number', '#']],
        'quarter' => ['Quarter', ['qtr', 'period']],
        'clock' => ['Clock', ['time', 'time left']],
        'score' => ['Score', ['score before']],
        'series' => ['Series', ['drive', 'drive number']],
        'down' => ['Down', ['dn']],
        'toGo' => ['To go', ['distance', 'dist', 'yards to go', 'ytg']],
        'ballOn' => ['Ball on', ['yard line', 'yardline', 'spot', 'field position', 'yd line']],
        'hash' => ['Hash', ['hash mark']],
        'personnel' => ['Personnel', ['pers', 'grouping']],
        'formation' => ['Formation', ['form', 'set', 'off form']],
        'motion' => ['Motion', ['shift motion']],
        'call' => ['Call', ['play', 'off play', 'play call']],
        'look' => ['Look', ['defense', 'front and coverage', 'def look']],
        'choice' => ['Choice', ['key choice', 'key']],
        'result' => ['Result', ['outcome', 'play result']],
        'gain' => ['Gain', ['yards gained', 'gain loss', 'gained', 'yards', 'net']],
        'carrier' => ['Ball to', ['receiver', 'ball carrier', 'target']],
        'penalty' => ['Penalty', ['flag', 'foul']],
        'box' => ['Box', ['men in the box', 'box count', 'in the box']],
        'acts' => ['Seen', ['defense did', 'reactions', 'defenders']],
        'stood' => ['Stood', ['depths', 'cushions', 'alignment']],
        'note' => ['Note', ['notes', 'comment', 'remarks']],
    ];

    /** @return array<string, string> heading by field */
    public static function headings(): array
    {
        return array_map(fn (array $h): string => $h[0], self::HEADINGS);
    }

    /** The field a heading most likely is, or null. */
    public static function guess(string $heading): ?string
    {
        $plain = trim((string) preg_replace('/[^a-z0-9#]+/', ' ', strtolower($heading)));
        foreach (self::HEADINGS as $field => [$name, $others]) {
            if ($plain === strtolower($name) || $plain === strtolower($field) || in_array($plain, $others, true)) {
                return $field;
            }
        }

        return null;
    }

    /**
     * Reads one row under a mapping. An empty cell is unknown; a cell that cannot be read is an error and stays in the
     * row's note, so that nothing is lost.
     *
     * @param  array<string, string>  $cells  by field
     * @return array{chart: Chart, call: string|null, look: string|null, choice: string|null,
     *     errors: list<array{field: string, cell: string, why: string}>}
     */
    public static function read(array $cells, string $kind = 'game'): array
    {
        $errors = [];
        $set = ['kind' => $kind];
        foreach ($cells as $field => $cell) {
            $cell = trim($cell);
            if ($cell === '' || in_array($field, ['call', 'look', 'choice'], true)) {
                continue;
            }
            $value = self::cell($field, $cell);
            if ($value === null) {
                $errors[] = ['field' => $field, 'cell' => $cell, 'why' => self::WANTED[$field] ?? 'It is too long.'];
            } else {
                $set = [...$set, ...$value];
            }
        }
        if ($errors !== []) {
            $kept = implode(
                '; ',
                array_map(fn (array $e): string => self::HEADINGS[$e['field']][0].": {$e['cell']}", $errors),
            );
            $set['note'] = mb_substr(trim(($set['note'] ?? '')." [$kept]"), 0, 300);
        }
        $text = fn (string $f): ?string => trim($cells[$f] ?? '') === '' ? null : trim($cells[$f]);

        return ['chart' => new Chart(...$set), 'call' => $text('call'), 'look' => $text('look'),
            'choice' => $text('choice'), 'errors' => $errors];
    }

    private const WANTED = [
        'number' => 'A snap number is a whole number, as 14.', 'quarter' => 'A quarter is 1 to 9.',
        'clock' => 'A clock is minutes and seconds, as 5:31.', 'score' => 'A score is ours and theirs, as 14-7.',
        'series' => 'A series is a whole number.', 'down' => 'A down is 1 to 4.',
        'toGo' => 'A distance is 1 to 99 yards.',
        'ballOn' => 'A spot is a yard line: -41 or own 41, 35 or their 35, 50.',
        'hash' => 'A hash is left, middle or right.',
        'result' => 'A result is one of complete, incomplete, dropped, thrown away, intercepted, run, scramble, '
            .'sack, fumble lost, kneel, spike, no play.',
        'gain' => 'A gain is a number of yards, as 6 or -2.',
        'box' => 'A box is 1 to 11 men.',
        'acts' => 'Seen is who and what, as "strong safety triggers; right end contains".',
        'stood' => 'Stood is who and how deep, as "free safety 8 then 13; left corner 7 inside".',
        'penalty' => 'A penalty is us or them and yards, as "us 10 holding"; add "nullified" when the snap is wiped '
            .'out.',
    ];

    /** @return array<string, mixed>|null properties of a chart, or null when the cell cannot be read */
    private static function cell(string $field, string $cell): ?array
    {
        $low = strtolower($cell);
        $int = fn (int $from, int $to): ?int => preg_match('/^\d+(?:st|nd|rd|th)?$/', $low) === 1 &&
        (int) $low >= $from &&
        (int) $low <= $to
            ? (int) $low
            : null;
        $one = fn (string $property, mixed $value): ?array => $value === null ? null : [$property => $value];

        return match ($field) {
            'number' => $one('number', $int(0, 9999)),
            'quarter' => $one('quarter', $int(1, 9)),
            'series' => $one('series', $int(1, 99)),
            'down' => $one('down', $int(1, 4)),
            'box' => $one('box', $int(1, 11)),
            'acts' => $one('acts', self::acts($low)),
            'stood' => $one('stood', self::stood($low)),
            'clock' => preg_match('/^(\d{1,2}):([0-5]\d)$/', $cell, $m) === 1
                ? ['clockS' => 60 * (int) $m[1] + (int) $m[2]] : null,
            'score' => preg_match('/^(\d{1,2})\s*[-:]\s*(\d{1,2})$/', $cell, $m) === 1
                ? ['score' => ['us' => (int) $m[1], 'them' => (int) $m[2]]] : null,
            'toGo' => match (true) {
                $low === 'goal' => ['toGoYd' => null],
                is_numeric($cell) && $cell > 0 && $cell <= 99 => ['toGoYd' => (float) $cell],
                default => null,
            },
            'ballOn' => $one('ballOnYd', self::spot($low)),
            'hash' => $one(
                'hash',
                ['l' => Hash::Left, 'm' => Hash::Middle, 'r' => Hash::Right, 'c' => Hash::Middle][$low[0]] ?? null,
            ),
            'result' => self::result($low),
            'gain' => is_numeric($cell) && abs((float) $cell) <= 110 ? ['gainYd' => (float) $cell] : null,
            'penalty' => preg_match('/^(us|them)\s+(\d{1,2})\s*(.*)$/', $low, $m) === 1
                ? ['penalty' => ['by' => $m[1], 'yards' => (float) $m[2],
                    'what' => trim(str_replace('nullified', '', $m[3])),
                    'nullified' => str_contains($m[3], 'nullified')]]
                : null,
            'carrier' => mb_strlen($cell) <= 4 ? ['carrier' => strtoupper($cell)] : null,
            'personnel' => mb_strlen($cell) <= 20 ? ['personnel' => $cell] : null,
            'note' => ['note' => mb_substr($cell, 0, 300)],
            default => mb_strlen($cell) <= 120 ? [$field => $cell] : null,
        };
    }

    /** @return list<DefenderSeen>|null what defenders were seen to do, parted by semicolons */
    private static function acts(string $cell): ?array
    {
        $seen = [];
        foreach (array_map(trim(...), explode(';', $cell)) as $one) {
            $found = DefenderSeen::said($one);
            if ($found === null) {
                return null;
            }
            $seen[] = $found;
        }

        return $seen;
    }

    /** @return list<DefenderStood>|null where defenders stood, parted by semicolons */
    private static function stood(string $cell): ?array
    {
        $stood = array_map(DefenderStood::said(...), array_map(trim(...), explode(';', $cell)));
        $read = array_values(array_filter($stood));

        return count($read) === count($stood) ? $read : null;
    }

    private static function spot(string $cell): ?float
    {
        if (
            preg_match('/^(own |their |opp |[-+])?\s*(\d{1,2})$/', str_replace('−', '-', $cell), $m) !== 1 ||
            (int) $m[2] < 1 ||
            (int) $m[2] > 50
        ) {
            return null;
        }

        return in_array(trim($m[1]), ['own', '-'], true) ? (float) $m[2] : 100.0 - (float) $m[2];
    }

    /** @return array<string, mixed>|null */
    private static function result(string $cell): ?array
    {
        $touchdown = str_contains($cell, 'touchdown') || str_ends_with($cell, ' td');
        $plain = trim(str_replace([', touchdown', 'touchdown', ' td', ','], '', $cell));
        $result = Result::tryFrom($plain) ?? ['rush' => Result::Run, 'caught' => Result::Complete,
            'drop' => Result::Dropped, 'interception' => Result::Intercepted, 'fumble' => Result::Fumble,
            'penalty' => Result::NoPlay][$plain] ?? null;

        return $result === null ? null : ['result' => $result, 'touchdown' => $touchdown];
    }

    /**
     * A snap as one row, by field.
     *
     * @return array<string, string>
     */
    public static function write(Chart $s, ?string $call, ?string $look, ?string $choice): array
    {
        $n = fn (?float $v): string => $v === null ? '' : rtrim(rtrim(number_format($v, 1, '.', ''), '0'), '.');

        return [
            'number' => (string) $s->number, 'quarter' => (string) $s->quarter, 'clock' => $s->clockS === null ? ''
                : sprintf('%d:%02d', intdiv($s->clockS, 60), $s->clockS % 60),
            'score' => $s->score === null ? '' : "{$s->score['us']}-{$s->score['them']}",
            'series' => (string) $s->series, 'down' => (string) $s->down, 'toGo' => $n($s->toGoYd),
            'ballOn' => match (true) {
                $s->ballOnYd === null => '',
                $s->ballOnYd < 50.0 => '-'.$n($s->ballOnYd),
                default => $n(100.0 - $s->ballOnYd),
            }, 'hash' => $s->hash->value ?? '', 'personnel' => $s->personnel ?? '',
            'formation' => $s->formation ?? '', 'motion' => $s->motion ?? '', 'call' => $call ?? '', 'look' => $look
                ?? '', 'choice' => $choice ?? '',
            'result' => $s->result === null ? '' : $s->result->value.($s->touchdown ? ', touchdown' : ''),
            'gain' => $n($s->gainYd), 'carrier' => $s->carrier ?? '',
            'penalty' => $s->penalty === null ? ''
                : trim("{$s->penalty['by']} {$n($s->penalty['yards'])} {$s->penalty['what']}".($s->penalty['nullified']
                ? ' nullified' : '')),
            'box' => (string) $s->box,
            'acts' => implode('; ', array_map(fn (DefenderSeen $a): string => $a->words(), $s->acts)),
            'stood' => implode('; ', array_map(fn (DefenderStood $d): string => $d->words(), $s->stood)),
            'note' => $s->note ?? '',
        ];
    }
}
