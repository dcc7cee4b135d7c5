<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Front;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\School\Schools;

/**
 * The runner's read on a zone run: the first down man from the center out to the playside, what he does, and the gap
 * that follows; then the next men of the triangle, who may fill that gap (INZ-17 to INZ-20).
 */
final readonly class CutKey
{
    /**
     * First answers by kind of key and the gap he plays: [gaps in the order they are looked at, in words].
     * Gaps of the backside are small letters. Rows marked inferred in the trade's rules say so.
     *
     * @var array<string, array<int|string, array{list<string>, string}>>
     */
    private const ANSWERS = [
        'nose' => [
            'a' => [['A', 'B', 'C'], 'he goes to the backside: frontside A at the least'],
            'A' => [['a', 'b', 'c'], 'he goes playside: back to the backside A at the least'],
            '0' => [['A', 'B', 'C'], 'he is reached: A at the least'],
        ],
        'two' => [
            'A' => [['B', 'C'], 'he plays A: bounce to B'],
            'B' => [['A', 'a', 'b'], 'he goes to B: A (inferred)'],
        ],
        'three' => [
            'B' => [['A', 'a', 'b'], 'he plays B: bend to A or farther back'],
            'A' => [['B', 'C'], 'he spikes to A: bounce to B, where he was'],
        ],
        'four inside' => [
            'B' => [['A', 'a'], 'he plays B: A (inferred)'],
            'A' => [['B', 'C'], 'he spikes to A: B (inferred)'],
        ],
        'end' => [
            'in' => [['C', 'D'], 'he squeezes in: outside him (inferred)'],
            'out' => [['B', 'A', 'a'], 'he plays out: B, then A (inferred)'],
        ],
    ];

    private const KIND = ['0' => 'nose', '1' => 'two', '2i' => 'two', '2' => 'two', '3' => 'three',
        '4i' => 'four inside', '4' => 'end', '5' => 'end'];

    /**
     * @param  list<string>  $triangle  the key and the next two men outward
     * @param  list<string>  $looks  gaps in the order the runner looks at them
     */
    private function __construct(
        public ?string $defender,
        public ?string $technique,
        public array $triangle,
        public string $gap,
        public array $looks,
        public string $why,
    ) {
    }

    public static function of(Resolved $resolved, Schools $schools): self
    {
        $front = $resolved->front;
        $down = $front->downOut($schools->is('SET-16', 'B'));
        $key = $down[0] ?? null;
        $entry = self::entry($resolved, $schools);
        if ($key === null) {
            return new self(null, null, [], $entry, [$entry], 'no down man to the playside: the track');
        }
        $technique = (string) $front->men[$key]->technique;
        $kind = self::KIND[$technique] ?? 'end';
        $plays = self::plays($front, $key, $kind);
        [$looks, $why] = self::ANSWERS[$kind][$plays];
        $looks = self::notBefore($looks, $entry, $kind, $resolved);
        $others = array_values(array_diff($front->line, [$key]));
        $gap = end($looks);
        $filled = [];
        foreach ($looks as $look) {
            $in = self::fills($front, $others, $look, $resolved);
            if ($in === null) {
                $gap = $look;
                break;
            }
            $filled[] = "the $in is in ".strtoupper($look);
        }

        return new self(
            $key,
            $technique,
            array_slice($down, 0, 3),
            (string) $gap,
            $looks,
            'the '.$key.' is the key, '.$why.($filled === [] ? '' : '; '.implode(', ', $filled)),
        );
    }

    /** Where the track starts: the gun through A, under center B, or the school's leg of the center (SET-17). */
    private static function entry(Resolved $resolved, Schools $schools): string
    {
        $scheme = $resolved->run->scheme();

        return match (true) {
            $scheme->entry !== 'A' => $scheme->entry,
            $resolved->posts->inGun() || $schools->is('SET-17', 'B') => 'A',
            default => 'B',
        };
    }

    /**
     * A wide track does not look inside its entry unless it is bent back.
     *
     * @param  list<string>  $looks
     * @return list<string>
     */
    private static function notBefore(array $looks, string $entry, string $kind, Resolved $resolved): array
    {
        if ($entry !== 'C') {
            return $looks;
        }

        return $kind === 'end' && $looks[0] === 'C' ? ['C', 'D'] : ['C', 'B', 'A'];
    }

    private static function plays(FrontRead $front, string $key, string $kind): string
    {
        $moved = $front->movedU($key) - $front->u($key);
        if ($kind === 'nose') {
            return match (true) {
                abs($moved) < 0.3 => '0',
                $moved < 0.0 => 'a',
                default => 'A',
            };
        }
        if ($kind === 'end') {
            return $moved < -0.3 ? 'in' : 'out';
        }
        if (abs($moved) < 0.3) {
            return $kind === 'two' ? 'A' : 'B';
        }

        return $moved < 0.0 ? 'A' : 'B';
    }

    /**
     * Who of the other down men, after his movement, stands in a gap.
     *
     * @param  list<string>  $others
     */
    private static function fills(FrontRead $front, array $others, string $gap, Resolved $resolved): ?string
    {
        [$low, $high] = self::gapU($gap, $resolved);
        foreach ($others as $role) {
            $moved = abs($front->movedU($role) - $front->u($role)) > 0.3;
            // Standing over a gap's wall a man fills it only when he comes into it.
            if ($moved && $front->movedU($role) > $low && $front->movedU($role) < $high) {
                return $role;
            }
        }

        return null;
    }

    /** @return array{float, float} walls of a gap, yards playside */
    private static function gapU(string $gap, Resolved $resolved): array
    {
        $u = fn (string $post): float => $resolved->posts->letter($post) === null
            ? 0.0
            : $resolved->posts->u($resolved->posts->letter($post));
        $tackle = $u('playside tackle');
        $behind = $u('backside tackle');

        return match ($gap) {
            'A' => [$u('center'), $u('playside guard')],
            'B' => [$u('playside guard'), $tackle],
            'C' => [$tackle, $tackle + 1.4],
            'D' => [$tackle + 1.4, $tackle + 4.0],
            'a' => [$u('backside guard'), $u('center')],
            'b' => [$behind, $u('backside guard')],
            default => [$behind - 1.4, $behind],
        };
    }
}
