<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

/**
 * The catalogue of tags (common practice): job rows that come before a scheme's own, in the same form as Schemes.
 *
 * In a row `tag` stands for the side of the tag, playside when none is said. `needs` are posts without which it means nothing.
 */
final class Tags
{
    /** @var array<string, array{words: string, kinds: list<string>, side: string, needs: string, jobs: list<array{string, string, string, string}>, keys?: list<array{string, string, string}>, cost: float}> */
    private const ALL = [
        'arc' => ['words' => 'a wing releases outside the read end to the first man of the second level', 'kinds' => ['zone', 'gap'], 'side' => 'backside', 'needs' => 'tag wing|tag slot',
            'jobs' => [['tag wing|tag slot', 'backer on the edge tag, able to reach the end', 'base', 'end inside the edge tag'], ['tag wing|tag slot', '', 'arc', 'outside backer tag/overhang tag/support tag']], 'cost' => 1.0],
        'bluff' => ['words' => 'a man comes across as if to kick the end, passes him and takes the next man', 'kinds' => ['zone'], 'side' => 'backside', 'needs' => 'playside wing|fullback|backside wing|playside slot', 'keys' => [['give', 'emol backside', '']],
            'jobs' => [['playside wing|fullback|backside wing|playside slot', '', 'bluff', 'outside backer backside/overhang backside/support backside']], 'cost' => 1.0],
        'tackle arc' => ['words' => 'the playside tackle leads outside on the overhang, the guard takes the playside inside backer', 'kinds' => ['option'], 'side' => 'playside', 'needs' => '', 'keys' => [['pitch', 'on tackle', 'emol on end'], ['pitch', 'emol playside', '']],
            'jobs' => [['playside end', 'emol on end', 'base', 'over'], ['playside tackle', '', 'arc', 'outside the tackle/support playside/playside safety'], ['playside guard', '', 'climb', 'inside backer playside/mike'], ['playside back|fullback|tailback', '', 'lead', 'support playside/playside safety/corner playside']], 'cost' => 2.0],
        'tight-end surface' => ['words' => 'the split end stays on the corner, the tight end climbs to the safety and peeks at the second level first', 'kinds' => ['option'], 'side' => 'playside', 'needs' => 'playside end',
            'jobs' => [['playside wide', '', 'stalk', 'corner playside'], ['playside end', 'loose second level', 'climb', 'playside backer/playside safety'], ['playside end', '', 'climb', 'playside safety/free safety']], 'cost' => 1.0],
        'exchange' => ['words' => 'the inside blocker goes to the safety, the slot wraps for the backer', 'kinds' => ['option'], 'side' => 'playside', 'needs' => 'playside wing|playside slot', 'keys' => [['pitch', 'emol playside', 'edge man third']],
            'jobs' => [['playside guard', 'edge man third', 'reach', 'next line out'], ['playside tackle', '', 'climb', 'support safety playside/free safety'], ['playside wing|playside slot', '', 'fold', 'playside backer/mike']], 'cost' => 1.0],
        'crack' => ['words' => 'the outside receiver cracks the first man inside', 'kinds' => ['zone', 'gap', 'jet', 'option'], 'side' => 'playside', 'needs' => 'tag wide|tag slot',
            'jobs' => [['tag slot|tag wide', '', 'crack', 'overhang tag/support tag/outside backer tag']], 'cost' => 1.0],
        'wham' => ['words' => 'the back inserts on the first man in the box nobody has', 'kinds' => ['zone', 'gap', 'jet'], 'side' => 'playside', 'needs' => 'fullback|playside wing|backside wing',
            'jobs' => [['fullback|playside wing|backside wing', '', 'lead', 'nobody has']], 'cost' => 1.5],
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ALL);
    }

    /** @return array{words: string, kinds: list<string>, side: string, needs: string, jobs: list<array{string, string, string, string}>, keys?: list<array{string, string, string}>, cost: float} */
    public static function get(string $name): array
    {
        return self::ALL[$name] ?? throw UnknownRun::tag($name);
    }

    /** The job rows of a tag with its side written in: playside or backside. @return list<array{string, string, string, string}> */
    public static function jobs(Tag $tag, RunCall $run): array
    {
        $data = self::get($tag->name);
        $side = $tag->side === null ? $data['side'] : ($tag->side === $run->side ? 'playside' : 'backside');

        return array_map(fn (array $row): array => array_map(fn (string $part): string => preg_replace('/\btag\b/', $side, $part) ?? $part, $row), $data['jobs']);
    }

    /** Keys a tag puts in the place of the scheme's own for the same decision. @return list<array{string, string, string}> */
    public static function keys(Tag $tag): array
    {
        return self::get($tag->name)['keys'] ?? [];
    }

    /** Post names a tag needs, with its side written in. */
    public static function needs(Tag $tag, RunCall $run): string
    {
        $data = self::get($tag->name);
        $side = $tag->side === null ? $data['side'] : ($tag->side === $run->side ? 'playside' : 'backside');

        return str_replace('tag ', "$side ", $data['needs']);
    }
}
