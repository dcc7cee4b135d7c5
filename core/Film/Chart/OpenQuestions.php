<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Mark;

/**
 * What a snap leaves open, and how it is settled without doing a mark again (FLM-10, FLM-11, GRD-03). Works on the
 * document.
 */
final class OpenQuestions
{
    /** Marks of which the second cannot come before the first. */
    private const IN_ORDER = [
        ['snap', 'first step'], ['snap', 'mesh'], ['snap', 'back foot'], ['snap', 'ball out'], ['snap', 'break'],
        ['back foot', 'ball out'], ['mesh', 'ball out'], ['ball out', 'catch'], ['snap', 'catch'],
        ['catch', 'tackle'], ['snap', 'tackle'],
    ];

    /**
     * @param  array<string, mixed>  $d  a film document
     * @return list<array{id: string, text: string, kind: string, about: string|null, atS: float|null}> kind: call,
     *     look, man, mark, guess or owner
     */
    public static function of(array $d): array
    {
        $open = [];
        $unknown = fn (mixed $v): bool => $v === null || $v === '';
        if ($unknown($d['call'] ?? null)) {
            $open[] = self::row('call', 'Which call was it?', 'call');
        }
        if ($unknown($d['look'] ?? null)) {
            $open[] = self::row('look', 'Which look was it against?', 'look');
        }
        foreach ($d['marks'] ?? [] as $n => $mark) {
            $name =
                $mark['kind'].
                (isset($mark['n']) ? " {$mark['n']}" : '').
                ($mark['kind'] === 'free' && isset($mark['label']) ? " ({$mark['label']})" : '');
            if (($mark['man'] ?? null) === Mark::UNKNOWN) {
                $open[] = self::row(
                    "marks/$n/man",
                    sprintf('Whose %s is it at %.2f s?', $name, $mark['atS']),
                    'man',
                    atS: (float) $mark['atS'],
                );
            } elseif (($mark['certain'] ?? true) === false) {
                $open[] = self::row(
                    "marks/$n/certain",
                    sprintf(
                        'Is the %s%s at %.2f s right?',
                        $name,
                        isset($mark['man']) ? " of {$mark['man']}" : '',
                        $mark['atS'],
                    ),
                    'mark',
                    $mark['man'] ?? null,
                    (float) $mark['atS'],
                );
            }
        }
        $open = [...$open, ...self::clocks($d['marks'] ?? [])];
        $plotted = [];
        foreach ($d['plots'] ?? [] as $plot) {
            if ($plot['man'] === Mark::UNKNOWN && ! isset($plotted[$plot['angle'] ?? FilmDocument::WIDE])) {
                $plotted[$plot['angle'] ?? FilmDocument::WIDE] = true;
                $open[] = self::row(
                    'plots/'.($plot['angle'] ?? FilmDocument::WIDE),
                    sprintf('Who was plotted at %.2f s?', $plot['atS']),
                    'man',
                    atS: (float) $plot['atS'],
                );
            }
        }
        foreach ($d['seen'] ?? [] as $n => $seen) {
            if ($seen['what'] === 'owner' && $seen['value'] === 'undetermined') {
                $open[] = self::row("seen/$n/value", 'Whose fault was it?', 'owner', $seen['man']);
            } elseif (($seen['certain'] ?? true) === false) {
                $open[] = self::row(
                    "seen/$n/certain",
                    "A guess: {$seen['what']} of {$seen['man']} {$seen['value']}. Is it so?",
                    'guess',
                    $seen['man'],
                );
            }
        }

        return $open;
    }

    /**
     * Marks that stand in an order the play cannot have: the ball out before the back foot is down, a catch before the
     * ball is out, anything of the play before the snap. Asked until the later of the two is said to be right.
     *
     * @param  list<array<string, mixed>>  $marks
     * @return list<array{id: string, text: string, kind: string, about: string|null, atS: float|null}>
     */
    private static function clocks(array $marks): array
    {
        $asked = [];
        foreach (self::IN_ORDER as [$first, $then]) {
            $before = self::firstOf($marks, $first);
            $after = self::firstOf($marks, $then);
            if (
                $before === null
                || $after === null
                || isset($asked[$after])
                || ($marks[$after]['certain'] ?? null) === true
                || $marks[$after]['atS'] >= $marks[$before]['atS']
            ) {
                continue;
            }
            $asked[$after] = self::row(
                "marks/$after/clock",
                sprintf(
                    'The %s at %.2f s is %.2f s before the %s at %.2f s. Is it right?',
                    $then,
                    $marks[$after]['atS'],
                    $marks[$before]['atS'] - $marks[$after]['atS'],
                    $first,
                    $marks[$before]['atS'],
                ),
                'mark',
                $marks[$after]['man'] ?? null,
                (float) $marks[$after]['atS'],
            );
        }

        return array_values($asked);
    }

    /**
     * Place of the first mark of a kind, or null.
     *
     * @param  list<array<string, mixed>>  $marks
     */
    private static function firstOf(array $marks, string $kind): ?int
    {
        $of = array_filter($marks, fn (array $m): bool => $m['kind'] === $kind);
        uasort($of, fn (array $a, array $b): int => $a['atS'] <=> $b['atS']);

        return array_key_first($of);
    }

    /**
     * Settles one question and keeps what stood before.
     *
     * @param  array<string, mixed>  $d
     * @return array<string, mixed> the document
     *
     * @throws NoSuchQuestion
     */
    public static function settle(array $d, string $id, string $answer, string $by, string $on): array
    {
        $asked =
            array_values(array_filter(self::of($d), fn (array $q): bool => $q['id'] === $id))[0] ??
            throw NoSuchQuestion::of($id);
        [$what, $n] = explode('/', $id) + [1 => ''];
        $was = '';
        if ($asked['kind'] === 'call' || $asked['kind'] === 'look') {
            $d[$asked['kind']] = $answer;
        } elseif ($what === 'plots') {
            $was = Mark::UNKNOWN;
            $d['plots'] = array_map(fn (array $p): array => $p['man'] === Mark::UNKNOWN
                && ($p['angle'] ?? FilmDocument::WIDE) === $n ? ['man' => $answer] + $p : $p, $d['plots']);
        } elseif (in_array($asked['kind'], ['mark', 'guess'], true)) {
            [$was, $d] = self::judged($d, $what, (int) $n, $answer);
        } else {
            $field = $asked['kind'] === 'man' ? 'man' : 'value';
            $was = (string) $d[$what][(int) $n][$field];
            $d[$what][(int) $n][$field] = $answer;
        }
        $d['settled'][] = ['question' => $asked['text'], 'was' => $was, 'now' => $answer, 'by' => $by, 'on' => $on];

        return $d;
    }

    /**
     * A guess that is so becomes certain; one that is not goes away.
     *
     * @param  array<string, mixed>  $d
     * @return array{string, array<string, mixed>}
     */
    private static function judged(array $d, string $list, int $n, string $answer): array
    {
        $was =
            $list === 'marks'
                ? sprintf('%s at %.2f s', $d[$list][$n]['kind'], $d[$list][$n]['atS'])
                : "{$d[$list][$n]['what']} {$d[$list][$n]['value']}";
        if ($answer === 'yes' && $list === 'marks') {
            $d[$list][$n]['certain'] = true;
        } elseif ($answer === 'yes') {
            unset($d[$list][$n]['certain']);
        } else {
            array_splice($d[$list], $n, 1);
        }

        return [$was, $d];
    }

    /** @return array{id: string, text: string, kind: string, about: string|null, atS: float|null} */
    private static function row(
        string $id,
        string $text,
        string $kind,
        ?string $about = null,
        ?float $atS = null,
    ): array {
        return ['id' => $id, 'text' => $text, 'kind' => $kind, 'about' => $about, 'atS' => $atS];
    }
}
