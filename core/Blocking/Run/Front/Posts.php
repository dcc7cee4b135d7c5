<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Front;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;

/**
 * Who holds which post of a run to a side: the words the rules of a scheme are written in.
 *
 * Linemen are playside or backside of the center by where they stand; a tight end is an `end`, a man off the line
 * beside the surface a `wing`, the outside receiver `wide`, the next `slot`. Of two backs the nearer to the line is
 * the fullback, of two side by side the playside one.
 */
final readonly class Posts
{
    /** Backs this near each other in depth stand in a row, yards. */
    private const ROW_YD = 1.0;

    /** A back under center this near the line is a fullback, yards. */
    private const FULLBACK_YD = 5.0;

    /** A quarterback deeper than this is in the gun or the pistol, yards. */
    public const GUN_YD = 2.5;

    /**
     * Every word for a post.
     *
     * @return list<string>
     */
    public static function names(): array
    {
        $names = ['center', 'quarterback', 'motion man', 'fullback', 'tailback', 'playside back', 'backside back'];
        foreach (['playside', 'backside'] as $side) {
            foreach (['tackle', 'guard', 'end', 'wing', 'wide', 'slot', 'third'] as $post) {
                $names[] = "$side $post";
            }
        }

        return $names;
    }

    /** @param  array<string, string>  $at  letter by post */
    private function __construct(public array $at, public Lineup $lineup, public Side $playside)
    {
    }

    public static function of(Lineup $lineup, Side $playside): self
    {
        $line = array_map(fn (Man $m): string => $m->letter, $lineup->line());
        $line = $playside === Side::Right ? $line : array_reverse($line);
        $at = array_combine(
            ['backside tackle', 'backside guard', 'center', 'playside guard', 'playside tackle'],
            $line,
        ) + ['quarterback' => 'Q'];
        foreach (['playside' => $playside, 'backside' => $playside->opposite()] as $name => $side) {
            $at += self::side($lineup, $side, $name);
        }
        foreach ($lineup->men as $man) {
            if ($man->inMotion() && ! $man->isLineman()) {
                $at['motion man'] = $man->letter;
            }
        }

        return new self($at + self::backs($lineup, $playside), $lineup, $playside);
    }

    public function letter(string $post): ?string
    {
        return $this->at[$post] ?? null;
    }

    /**
     * The first of posts that somebody holds.
     *
     * @param  list<string>  $posts
     */
    public function first(array $posts): ?string
    {
        return $this->free($posts, []);
    }

    /**
     * The first of posts that somebody holds who has no job yet.
     *
     * @param  list<string>  $posts
     * @param  array<string, mixed>  $busy  by letter
     */
    public function free(array $posts, array $busy): ?string
    {
        foreach ($posts as $post) {
            $letter = $this->at[$post] ?? null;
            if ($letter !== null && ! isset($busy[$letter])) {
                return $letter;
            }
        }

        return null;
    }

    /** How a man is called in this run, or his letter. */
    public function post(string $letter): string
    {
        $post = array_search($letter, $this->at, true);

        return $post === false ? $letter : $post;
    }

    /** How far playside of the ball a man stands, yards. */
    public function u(string $letter): float
    {
        return $this->lineup->men[$letter]->xYd * $this->playside->sign();
    }

    public function inGun(): bool
    {
        return $this->lineup->men['Q']->yYd < -self::GUN_YD;
    }

    /** @return array<string, string> */
    private static function side(Lineup $lineup, Side $side, string $name): array
    {
        $at = [];
        $still = array_values(
            array_filter($lineup->count->on($side), fn (string $l): bool => ! $lineup->men[$l]->inMotion()),
        );
        $end = $lineup->tightEnd($side)?->letter;
        $wing = $lineup->wing($side)?->letter;
        if ($end !== null) {
            $at["$name end"] = $end;
        }
        if ($wing !== null && in_array($wing, $still, true)) {
            $at["$name wing"] = $wing;
        }
        $out = array_values(array_diff($still, [$end, $wing]));
        foreach (['wide', 'slot', 'third'] as $n => $post) {
            if (isset($out[$n])) {
                $at["$name $post"] = $out[$n];
            }
        }

        return $at;
    }

    /** @return array<string, string> */
    private static function backs(Lineup $lineup, Side $playside): array
    {
        $backs = $lineup->count->backs;
        if ($backs === []) {
            return [];
        }
        if (count($backs) === 1) {
            $near = $lineup->men['Q']->yYd > -self::GUN_YD && $lineup->men[$backs[0]]->yYd > -self::FULLBACK_YD;

            return [$near ? 'fullback' : 'tailback' => $backs[0]];
        }
        usort(
            $backs,
            fn (string $a, string $b): int => [
                -round($lineup->men[$a]->yYd, 1),
                -$lineup->men[$a]->xYd * $playside->sign(),
            ] <=> [-round($lineup->men[$b]->yYd, 1), -$lineup->men[$b]->xYd * $playside->sign()],
        );

        if (count($backs) > 2) {
            // One straight behind another is the tailback; of two halfbacks in a row the playside one is.
            $alone = $lineup->men[$backs[1]]->yYd - $lineup->men[$backs[2]]->yYd > self::ROW_YD;

            return ['fullback' => $backs[0], 'tailback' => $backs[$alone ? 2 : 1], 'playside back' => $backs[1],
                'backside back' => $backs[2]];
        }

        return ['fullback' => $backs[0], 'tailback' => $backs[1], 'playside back' => $backs[0],
            'backside back' => $backs[1]];
    }
}
