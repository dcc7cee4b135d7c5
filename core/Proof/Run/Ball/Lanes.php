<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/** Widths of gaps and of the edge of a run, yards playside of the ball; a small letter is a gap of the backside. */
final readonly class Lanes
{
    /** A run this much wider than the last gap goes round the edge, yards (product default). */
    private const EDGE_YD = 1.5;

    public function __construct(private Lineup $lineup, private Side $playside)
    {
    }

    public function u(string $gap): float
    {
        $side = ctype_lower($gap[0]) ? $this->playside->opposite() : $this->playside;

        return $this->playside->sign() * match (strtoupper($gap)) {
            'A' => $this->between('0', '2', $side),
            'B' => $this->between('2', '4', $side),
            'C' => $this->between('4', '6', $side),
            'G' => Technique::x('2', $side, $this->lineup) + $side->sign() * 0.15,
            'D' => Technique::x('6', $side, $this->lineup) + $side->sign() * 1.2,
            default => $this->lineup->line()[2]->xYd + $side->sign() * 0.2,
        };
    }

    /** A gap or alley in words: "right A gap". */
    public function words(string $gap): string
    {
        $side = ctype_lower($gap[0]) && strlen($gap) === 1 ? $this->playside->opposite() : $this->playside;

        return match ($gap) {
            'G' => "outside the {$side->value} guard",
            'center' => 'behind the center',
            default => strlen($gap) === 1 ? $side->value.' '.strtoupper($gap).' gap' : "{$side->value} $gap",
        };
    }

    /**
     * The gap nearest to a place where a run crosses the line, in words; past the last one the edge.
     *
     * @param  float  $xYd  of the ball's spot
     */
    public function at(float $xYd): string
    {
        $u = $this->playside->sign() * $xYd;
        $away = [];
        foreach (['A', 'B', 'C', 'D', 'a', 'b', 'c', 'd'] as $gap) {
            $away[$gap] = abs($this->u($gap) - $u);
        }
        asort($away);
        $gap = (string) array_key_first($away);

        return strtoupper($gap) === 'D' && abs($u) > abs($this->u($gap)) + self::EDGE_YD
            ? 'outside the '.(ctype_lower($gap) ? $this->playside->opposite() : $this->playside)->value.' edge'
            : $this->words($gap);
    }

    /**
     * Outside the last blocked man of the edge, as wide as the scheme turns up.
     *
     * @param  list<string>  $blocked  roles somebody blocks at the edge
     */
    public function edgeU(FrontRead $front, Posts $posts, array $blocked, float $wideYd): float
    {
        $u = max(
            array_map(
                fn (string $post): float => $posts->letter($post) === null ? 0.0 : $posts->u($posts->letter($post)),
                ['playside tackle', 'playside end', 'playside wing'],
            ),
        );
        foreach ($blocked as $role) {
            if ($front->isOnLine($role)) {
                $u = max($u, $front->movedU($role));
            }
        }

        return $u + $wideYd;
    }

    private function between(string $inner, string $outer, Side $side): float
    {
        return 0.5 * (Technique::x($inner, $side, $this->lineup) + Technique::x($outer, $side, $this->lineup));
    }
}
