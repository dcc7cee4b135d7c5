<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\Tag;
use Jacotaxis\Core\Blocking\Run\UnknownRun;

/** The catalogue of tags (common practice). In a row `tag` stands for the side of the tag. */
final class Tags
{
    public const NAMES = ['arc', 'bluff', 'tackle arc', 'tight-end surface', 'exchange', 'crack', 'wham', 'slot round',
        'read'];

    private const EVERY = [RunKind::Zone, RunKind::Gap, RunKind::Jet, RunKind::Option];

    /** @var array<string, TagRule>|null */
    private static ?array $all = null;

    /** @return list<string> */
    public static function names(): array
    {
        return self::NAMES;
    }

    public static function get(string $name): TagRule
    {
        return self::all()[$name] ?? throw UnknownRun::tag($name);
    }

    /**
     * The job rows of a tag with its side written in.
     *
     * @return list<JobRow>
     */
    public static function jobs(Tag $tag, RunCall $run): array
    {
        $side = self::side($tag, $run);

        return array_map(fn (JobRow $row): JobRow => $row->onSide($side), self::get($tag->name)->jobs);
    }

    /**
     * Keys a tag puts in the place of the scheme's own for the same decision.
     *
     * @return list<KeyRow>
     */
    public static function keys(Tag $tag): array
    {
        return self::get($tag->name)->keys;
    }

    /**
     * Posts a tag needs, with its side written in.
     *
     * @return list<string>
     */
    public static function needs(Tag $tag, RunCall $run): array
    {
        $side = self::side($tag, $run);

        return array_map(
            fn (string $post): string => str_replace('tag ', "$side ", $post),
            self::get($tag->name)->needs,
        );
    }

    /** playside or backside */
    private static function side(Tag $tag, RunCall $run): string
    {
        return match (true) {
            $tag->side === null => self::get($tag->name)->side,
            $tag->side === $run->side => 'playside',
            default => 'backside',
        };
    }

    /** @return array<string, TagRule> by name */
    private static function all(): array
    {
        if (self::$all === null) {
            $rules = [
                self::arc(),
                self::bluff(),
                self::tackleArc(),
                self::tightEndSurface(),
                self::exchange(),
                self::crack(),
                self::wham(),
                self::slotRound(),
                self::read(),
            ];
            self::$all = array_combine(array_map(fn (TagRule $t): string => $t->name, $rules), $rules);
        }

        return self::$all;
    }

    private static function arc(): TagRule
    {
        return new TagRule(
            'arc',
            'a wing releases outside the read end to the first man of the second level',
            [RunKind::Zone, RunKind::Gap],
            'backside',
            ['tag wing', 'tag slot'],
            [
                JobRow::read(
                    'tag wing|tag slot',
                    'backer on the edge tag, able to reach the end',
                    'base',
                    'end inside the edge tag',
                ),
                JobRow::read('tag wing|tag slot', '', 'arc', 'outside backer tag/overhang tag/support tag'),
            ],
        );
    }

    private static function bluff(): TagRule
    {
        return new TagRule(
            'bluff',
            'a man comes across as if to kick the end, passes him and takes the next man',
            [RunKind::Zone],
            'backside',
            ['playside wing', 'fullback', 'backside wing', 'playside slot'],
            [
                JobRow::read(
                    'playside wing|fullback|backside wing|playside slot',
                    '',
                    'bluff',
                    'outside backer backside/overhang backside/support backside',
                ),
            ],
            [KeyRow::read('give', 'emol backside')],
        );
    }

    /** #1 becomes the key, #2 the tackle's, #3 the lead back's. */
    private static function tackleArc(): TagRule
    {
        return new TagRule(
            'tackle arc',
            'the playside tackle leads outside on the overhang, the guard takes the playside inside backer',
            [RunKind::Option],
            'playside',
            [],
            [
                JobRow::read('playside end', 'emol on end', 'base', 'over'),
                JobRow::read('playside guard', '', 'climb', 'inside backer playside'),
                JobRow::read('playside tackle', '', 'arc', '#2/outside the tackle/support playside/playside safety'),
                JobRow::read(
                    'playside back|fullback|tailback',
                    '',
                    'lead',
                    '#3/support playside/playside safety/corner playside',
                ),
            ],
            [KeyRow::read('pitch', 'on tackle', 'emol on end'), KeyRow::read('pitch', 'emol playside')],
        );
    }

    private static function tightEndSurface(): TagRule
    {
        return new TagRule(
            'tight-end surface',
            'the split end stays on the corner, the tight end climbs to the safety and peeks at the second level first',
            [RunKind::Option],
            'playside',
            ['playside end'],
            [
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
                JobRow::read('playside end', 'loose second level', 'climb', 'inside backer/playside safety'),
                JobRow::read('playside end', '', 'climb', 'playside safety/free safety'),
            ],
        );
    }

    private static function exchange(): TagRule
    {
        return new TagRule(
            'exchange',
            'the inside blocker goes to the safety, the slot wraps for the backer',
            [RunKind::Option],
            'playside',
            ['playside wing', 'playside slot'],
            [
                JobRow::read('playside guard', 'edge man third', 'reach', 'next line out'),
                JobRow::read('playside tackle', '', 'climb', 'support safety playside/free safety'),
                JobRow::read('playside wing|playside slot', '', 'fold', 'inside backer'),
            ],
            [KeyRow::read('pitch', 'emol playside', 'edge man third')],
        );
    }

    private static function crack(): TagRule
    {
        return new TagRule(
            'crack',
            'the outside receiver cracks the first man inside',
            self::EVERY,
            'playside',
            ['tag wide', 'tag slot'],
            [JobRow::read('tag slot|tag wide', '', 'crack', 'overhang tag/support tag/outside backer tag')],
        );
    }

    private static function wham(): TagRule
    {
        return new TagRule(
            'wham',
            'the back inserts on the first man in the box nobody has',
            [RunKind::Zone, RunKind::Gap, RunKind::Jet],
            'playside',
            ['fullback', 'playside wing', 'backside wing'],
            [JobRow::read('fullback|playside wing|backside wing', '', 'lead', 'left for the lead', late: true)],
        );
    }

    /** Whoever would be blocked last away from the run is read: give, or the quarterback replaces him. */
    private static function read(): TagRule
    {
        return new TagRule(
            'read',
            'the last man of the line away from the run is left free and read, give or pull',
            [RunKind::Zone, RunKind::Gap],
            'backside',
            [],
            [],
            [KeyRow::read('give', 'emol backside')],
        );
    }

    /** RUN-01: hats still balance with the end free. */
    private static function slotRound(): TagRule
    {
        return new TagRule(
            'slot round',
            'the slot comes round for whoever tracks the man who arcs',
            [RunKind::Zone, RunKind::Gap],
            'backside',
            ['playside slot', 'backside slot'],
            [
                JobRow::read(
                    'tag slot|playside slot|backside slot',
                    '',
                    'wrap',
                    'overhang tag/support tag/outside backer tag',
                ),
            ],
        );
    }
}
