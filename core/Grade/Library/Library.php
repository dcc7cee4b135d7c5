<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Library;

/**
 * The fault and praise library: what is seen or measured, what is wanted, and the drill. A staff may rename a label;
 * the id stays. Cuts, shoves and cracks carry the caution of the rule books.
 */
final class Library
{
    /** By id: label, groups, how it is seen or measured, what is wanted, drill; "-" for none. */
    private const ENTRIES = [
        'FLT-01' => ['false step', 'receivers', 'first contact backward or in place', 'back foot first, gain ground',
            'stance and start'],
        'FLT-02' => ['dancing at the line', 'receivers', 'lateral yards, no ground gained',
            'close ground, threaten deep', 'cone release'],
        'FLT-03' => ['aims at the middle', 'receivers', 'path to his centerline', 'edge, by the school\'s distance',
            'one-step counter'],
        'FLT-04' => ['front foot first, hop', 'receivers', 'base widens, both feet leave',
            'back foot first, staggered, insteps', 'slow quicks'],
        'FLT-05' => ['foot-only fake, over-reach, open toes', 'receivers', 'REL-09 marks missing',
            'commit until planted, just past the frame', 'plant freeze'],
        'FLT-06' => ['hands left on', 'receivers', 'jam not struck down', 'chop both arms, vertical line',
            'partner hands, heavy bag'],
        'FLT-07' => ['no restack, no width', 'receivers', 'beside or inside him when the ball comes',
            'stack, then width', 'rip and return'],
        'FLT-08' => ['wrong drop foot, gather', 'receivers', 'other foot than planned, extra count',
            'the school\'s foot and count', 'three-count break'],
        'FLT-09' => ['extra steps at the top', 'receivers', 'contacts over plan, REL-13 not met', 'three counts',
            'three-count break'],
        'FLT-10' => ['early shoulders, short stride', 'receivers', 'turn or shortening before the drop',
            'square, open stride', 'three-count break'],
        'FLT-11' => ['late head', 'receivers', 'eyes after the first step of the new line', 'eyes with it',
            'two small balls, then a football'],
        'FLT-12' => ['drifts back on a hitch', 'receivers', 'yards lost after the break', 'hold on active feet',
            'hitch finish'],
        'FLT-13' => ['wrong depth', 'receivers', 'break minus plan, beyond the uncertainty', 'the planned depth',
            'landmark walk'],
        'FLT-14' => ['clean win on a stop', 'receivers', 'gap to the defender at the top', 'lean in, throw by',
            'stop against press'],
        'FLT-15' => ['ran into coverage', 'receivers', 'closing on safety or zone man', 'settle, split them',
            'find the hole'],
        'FLT-16' => ['settled against man, ran on against zone', 'receivers', 'path against RTE-17', 'by the chaser',
            'crossers, man and zone'],
        'FLT-17' => ['safety not captured', 'receivers', 'near safety free when the over is due', 'run through him',
            'post landmark'],
        'FLT-18' => ['drifted upfield under a cutter', 'receivers', 'break angle', 'flatten, expect the ball',
            'flat break'],
        'FLT-19' => ['back turned on a bubble', 'receivers', 'chest away from the passer', 'chest round',
            'bubble start'],
        'FLT-20' => ['shove, hold', 'any', 'arm makes separation; grab', 'legal hands', '-'],
        'FLT-21' => ['drop, one hand, low point, swung ball', 'receivers', 'method apart from result',
            'two hands, highest point, tuck and turn', 'contested catch'],
        'FLT-22' => ['does not settle on the edge', 'receivers', 'runs past, or not 1 yd in front',
            '1 yd, punch, settle, outside shoulder', 'stalk'],
        'FLT-23' => ['rounded crack', 'receivers', 'path curvature', 'flat, patient', 'crack angle'],
        'FLT-24' => ['setter slips past', 'receivers', 'no threat to the chaser', 'jab, hip, no contact', 'mesh rub'],
        'FLT-25' => ['both over the top', 'receivers', 'second crosser above the first', 'under man under',
            'mesh on air'],
        'FLT-26' => ['penetration, crossed face, missed', 'line', 'defender past the line first', 'tie with movement',
            'zone steps'],
        'FLT-27' => ['step length, turned shoulders', 'line', 'outside 4 to 6 in, depth lost', 'square, lateral',
            'zone steps'],
        'FLT-28' => ['waits at the first level', 'line', 'seconds from takeover to climb', 'leave at once',
            'combination'],
        'FLT-29' => ['leaves early, help gone', 'line', 'down man free, A loose', 'stay; A first', 'combination'],
        'FLT-30' => ['skips the near hip', 'line', 'climbs at the snap', 'hip, then climb', 'combination'],
        'FLT-31' => ['soft, high, passive', 'line', 'pad level, ground given', 'strike, drive, again', 'drive'],
        'FLT-32' => ['pulls back on play-action', 'line', 'depth lost, path crosses the slide', 'near hip and gap',
            'play-action steps'],
        'FLT-33' => ['downfield at ball-out', 'line', 'yards past the line at release', 'by rule set', '-'],
        'FLT-34' => ['chases over the top, wrong fit', 'line', 'VER-02, VER-04', 'replace; toes upfield',
            'fit and finish'],
        'FLT-35' => ['collapses into the pocket', 'line', 'tackle\'s depth against the passer\'s foot', 'set the width',
            'pass set'],
        'FLT-36' => ['weak sell', 'tight ends', 'fewer than two hard steps', 'two hard, then out', 'sell and go'],
        'FLT-37' => ['stuck on the slide route, pass-sets on a run', 'tight ends', 'late at the edge; retreat',
            'behind the line, through; drive', 'slide path'],
        'FLT-38' => ['H-back hop, wide path, inside spot', 'tight ends', 'ARC-01, FRM-03', 'straight, in the band',
            'arc'],
        'FLT-39' => ['log for kick, or undecided', 'tight ends', 'key\'s hips against the choice',
            'hips decide, at once', 'log and kick'],
        'FLT-40' => ['mesh too fast, upfield early', 'backs', 'breaks before ball over chest', 'wait, shuffle wider',
            'mesh on beat'],
        'FLT-41' => ['dancing, second cut, wrong cut', 'backs', 'cuts counted; against cut key', 'one cut by the key',
            'triangle'],
        'FLT-42' => ['eyes outside, misses open gap', 'backs', 'lead passes the gap that opened', 'inside first',
            'pod, eyes'],
        'FLT-43' => ['late motion, drift, slowed for the ball', 'backs', 'yards and steps off the spot; speed',
            'spot, sprint', 'motion on cadence'],
        'FLT-44' => ['feet not set in protection', 'backs', 'moving at contact', 'square, set', 'pick-up'],
        'FLT-45' => ['lazy fake, ball not shown', 'backs, quarterback', 'PAC-05 marks', 'extend, show, pull, finish',
            'mesh and fake'],
        'FLT-46' => ['extra movement, heel click', 'quarterback', 'seconds to release on a chosen throw; feet meet',
            'step back, throw; wide base', 'quick feet'],
        'FLT-47' => ['late, held', 'quarterback', 'ball-out minus break or count', 'on the break; one-two-three',
            'clocked throw'],
        // One fault of the rules with four names: what differs is counted apart. Older grades keep the first.
        'FLT-48' => ['reads out of order', 'quarterback', 'order against PRG-01 states', 'walk the states',
            'read reps'],
        'FLT-48a' => ['decided early', 'quarterback', 'off a live read before its slot is over', 'walk the states',
            'read reps'],
        'FLT-48b' => ['locked on one man', 'quarterback', 'eyes on one man through the states', 'eyes by the count',
            'read reps'],
        'FLT-48c' => ['skipped an open read', 'quarterback', 'a live read before the one thrown', 'walk the states',
            'read reps'],
        'FLT-48d' => ['forced a dead read', 'quarterback', 'a dead read thrown', 'dead: next, at once', 'read reps'],
        'FLT-49' => ['placement', 'quarterback', 'lead, chest, back shoulder, soft', 'PRG-18', 'moving target'],
        'FLT-50' => ['turned past 45, bowed pull', 'quarterback', 'foot angle; width of path', '45; replace, tight',
            'mesh on beat'],
        'FLT-51' => ['no pitch at outflank, feet moving', 'quarterback', 'steps after outflank',
            'pitch now, stop the feet', 'pitch key'],
        'FLT-52' => ['snapped before the mover is wide', 'quarterback', 'mover\'s width at snap', 'wait',
            'motion on cadence'],
        'FLT-53' => ['wrong call for the picture, too few reps', 'staff',
            'gate failed; option pass from spread; man unaccounted; minutes per repeated fault',
            'change the call or the practice, not the player', '-'],
        'PRS-01' => ['right read, right place, no gain', 'any', 'decision plus, result minus', 'keep', '-'],
        'PRS-02' => ['tie with displacement', 'line', 'INZ-01', 'keep', '-'],
        'PRS-03' => ['frees another: clear-out, rub, fake, dig-out, capture', 'any', 'no ball, job done', 'keep, show',
            '-'],
        'PRS-04' => ['reached backer, looks for more work', 'line', 'second contact', 'keep', '-'],
        'PRS-05' => ['fast off a dead read', 'quarterback', 'seconds on it', 'keep', '-'],
        'PRS-06' => ['right branch on the fly: seal, lob, replace, stem in', 'any', 'rule\'s ELSE taken', 'plus play',
            '-'],
        'PRS-07' => ['habit fixed', 'any', 'old fault absent n reps (setting)', 'then and now side by side', '-'],
    ];

    /** Entries that touch contact the rule books limit. */
    private const CAUTIONED = ['FLT-20', 'FLT-22', 'FLT-23', 'FLT-24', 'FLT-31'];

    public const CAUTION = 'Blocks in the back, low and blind-side blocks, shoves and holds are limited by the rule '
        .'book of your level; your state association and the game officials decide.';

    /** @return list<string> */
    public static function ids(): array
    {
        return array_keys(self::ENTRIES);
    }

    public static function has(string $id): bool
    {
        return isset(self::ENTRIES[$id]);
    }

    /**
     * @return array{id: string, label: string, groups: list<string>, seen: string, wanted: string, drill: string|null,
     *     praise: bool, caution: string|null}
     */
    public static function entry(string $id): array
    {
        [$label, $groups, $seen, $wanted, $drill] = self::ENTRIES[$id];

        return ['id' => $id, 'label' => $label, 'groups' => array_map(trim(...), explode(',', $groups)),
            'seen' => $seen, 'wanted' => $wanted, 'drill' => $drill === '-' ? null : $drill,
            'praise' => str_starts_with($id, 'PRS'), 'caution' => in_array($id, self::CAUTIONED, true) ? self::CAUTION
                : null];
    }

    /**
     * @return list<array{id: string, label: string, groups: list<string>, seen: string, wanted: string,
     *     drill: string|null, praise: bool, caution: string|null}>
     */
    public static function all(): array
    {
        return array_map(self::entry(...), self::ids());
    }
}
