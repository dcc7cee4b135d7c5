<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Front\Posts;

/**
 * The catalogue of runs (common practice): a rule per post, the first that holds in the order written.
 *
 * A row of `jobs` is [posts, when, verb, to whom]: of posts joined by "|" the first that is there has the job; `when` lists
 * predicates that must all hold; of targets joined by "/" the first nobody has yet is taken. Linemen and tight ends without a
 * row work their gap (verb `line`), receivers stalk the man over them. Posts, predicates and targets are those of Posts,
 * Predicates and FrontRead.
 */
final class Schemes
{
    /** @var array<string, RunScheme> */
    private static array $read = [];

    private const DEEP_BACK = ['tailback', 'fullback'];

    private const FULLBACK_FIRST = ['fullback', 'tailback'];

    /** Zone to the tight end's side brings the split block along (INZ-15). */
    private const ZONE = [
        ['playside wing|playside end', 'tight end playside', 'split', 'emol backside'],
        ['backside wing', 'not arc, gun', 'base', 'emol backside'],
        ['fullback', 'two backs', 'lead', 'playside backer/mike'],
    ];

    private const ZONE_READ = [['give', 'emol backside', 'gun, not tight end playside, not backside wing or arc']];

    private const ARC_SUPPORT = [['playside wide', '', 'stalk', 'corner playside'], ['backside wide', '', 'cut off', 'corner backside']];

    /** @var array<string, array<string, mixed>> */
    private const RUNS = [
        'zone' => ['words' => 'the line steps playside, doubles the down men to the backers; the runner reads the first down man from the center out',
            'kind' => 'zone', 'step' => 0.3, 'flow' => 1.2, 'carriers' => self::DEEP_BACK, 'entry' => 'A', 'gaps' => ['A', 'B', 'C', 'a', 'b'], 'cuts' => true, 'keys' => self::ZONE_READ, 'jobs' => self::ZONE],
        'outside zone' => ['words' => 'the line reaches playside, the runner presses the edge and cuts once',
            'kind' => 'zone', 'step' => 0.8, 'flow' => 2.2, 'carriers' => self::DEEP_BACK, 'entry' => 'C', 'gaps' => ['B', 'C', 'D'], 'cuts' => true,
            'keys' => [['give', 'emol backside', 'gun, not backside wing or arc']],
            'jobs' => [['fullback', 'two backs', 'lead', 'overhang playside/support playside'], ['backside wing', 'not arc, gun', 'base', 'emol backside'], ['playside wing', '', 'reach', 'overhang playside/emol playside']]],
        'split zone' => ['words' => 'inside zone, a man comes across and kicks the backside end out',
            'kind' => 'zone', 'step' => 0.3, 'flow' => 1.2, 'carriers' => self::DEEP_BACK, 'entry' => 'A', 'gaps' => ['A', 'B', 'a', 'b'], 'cuts' => true, 'keys' => [],
            'jobs' => [['playside wing|backside wing|fullback|playside end|playside slot', '', 'split', 'emol backside']]],
        'duo' => ['words' => 'doubles straight ahead to the backers, the runner reads the mike',
            'kind' => 'gap', 'step' => 0.0, 'flow' => 0.4, 'carriers' => self::DEEP_BACK, 'entry' => 'A', 'gaps' => ['A', 'B'],
            'keys' => [['give', 'emol backside', 'gun, arc backside'], ['give', 'emol playside', 'gun, arc playside']],
            'jobs' => [['fullback', 'two backs', 'lead', 'playside backer'], ['backside wing', 'not arc', 'base', 'emol backside'], ['playside wing', 'not arc', 'base', 'emol playside']]],
        'power' => ['words' => 'the line blocks down, the end is kicked out, the backside guard leads through',
            'kind' => 'gap', 'step' => -0.7, 'flow' => 0.6, 'carriers' => self::DEEP_BACK, 'entry' => 'C', 'gaps' => ['A', 'B', 'C', 'D'], 'keys' => [],
            'jobs' => [['fullback|playside wing|backside wing|playside slot', 'two backs or wing or slot', 'kick', 'emol playside'], ['backside guard', '', 'wrap', 'playside backer/mike'], ['backside end', '', 'hinge', 'emol backside']]],
        'counter' => ['words' => 'the line blocks down, the backside guard kicks the end out, the backside tackle or a wing leads through',
            'kind' => 'gap', 'step' => -0.7, 'flow' => -0.6, 'carriers' => self::DEEP_BACK, 'entry' => 'C', 'gaps' => ['A', 'B', 'C'], 'mesh' => 1.0,
            'keys' => [['give', 'emol backside', 'gun, not backside wing, not backside end, one back']],
            'jobs' => [['backside guard', '', 'kick', 'emol playside'], ['backside wing|backside tackle', '', 'wrap', 'playside backer/mike'], ['backside tackle', '', 'hinge', 'emol backside'], ['fullback', 'two backs', 'fill', 'emol backside/backside backer'], ['backside end', '', 'hinge', 'emol backside']]],
        'trap' => ['words' => 'the first down man past the center is let in and trapped by the backside guard',
            'kind' => 'gap', 'step' => -0.5, 'flow' => 0.2, 'carriers' => self::FULLBACK_FIRST, 'entry' => 'A', 'gaps' => ['A', 'B'], 'keys' => [],
            'jobs' => [['backside guard', '', 'kick', 'first down playside'], ['playside guard', 'dive key on guard', 'down', 'nose/mike'], ['playside tackle', '', 'climb', 'playside backer/mike/backside backer'], ['playside end|playside wing', '', 'base', 'emol playside'], ['backside tackle', '', 'scoop', 'backside backer']]],
        'jet' => ['words' => 'the man in motion takes the ball at full speed and gets outside behind a reaching line',
            'kind' => 'jet', 'step' => 0.9, 'flow' => 2.4, 'carriers' => ['motion man', 'backside slot', 'backside wing', 'backside wide'], 'entry' => 'edge', 'gaps' => ['D'], 'mesh' => 0.35, 'keys' => [], 'wide' => 3.5,
            'jobs' => [['playside wing|playside end', '', 'edge', 'emol playside'], ['playside slot', '', 'stalk', 'overhang playside/over'], ['fullback|tailback', '', 'lead', 'overhang playside/support playside/playside backer'], ['center', 'uncovered', 'climb', 'free safety']]],
        'jet counter' => ['words' => 'the sweep is faked, a backside lineman traps the last man and the back leads through',
            'kind' => 'gap', 'step' => -0.4, 'flow' => -1.4, 'carriers' => ['backside wing', 'playside wing', 'tailback', 'fullback'], 'entry' => 'C', 'gaps' => ['B', 'C'], 'mesh' => 1.1, 'keys' => [],
            'jobs' => [['backside tackle', 'school SET-36 A, not fill too long', 'kick', 'emol playside'], ['backside guard', 'school SET-36 B or fill too long', 'kick', 'emol playside'], ['backside tackle', '', 'fill', 'inside backside'], ['backside guard', '', 'fill', 'inside backside'],
                ['playside end|backside end', '', 'climb', 'playside backer/mike'], ['playside guard', 'uncovered', 'down', 'playside backer/mike'], ['playside tackle', 'edge man outside', 'base', 'second down playside'], ['fullback|tailback', '', 'lead', 'playside backer/mike']]],
        'toss' => ['words' => 'the ball is tossed wide behind a reaching line with a lead',
            'kind' => 'jet', 'step' => 0.9, 'flow' => 2.2, 'carriers' => self::DEEP_BACK, 'entry' => 'edge', 'gaps' => ['D'], 'mesh' => 0.5, 'keys' => [], 'wide' => 3.0,
            'jobs' => [['fullback', 'two backs', 'lead', 'support playside/overhang playside'], ['playside wing|playside end', '', 'edge', 'emol playside'], ['playside tackle', 'no edge blocker', 'edge', 'emol playside'], ['playside slot', '', 'stalk', 'overhang playside/over']]],
        'crack' => ['words' => 'toss, the outside receiver cracks the support man and the playside tackle or a back takes the corner',
            'kind' => 'jet', 'step' => 0.9, 'flow' => 2.2, 'carriers' => self::DEEP_BACK, 'entry' => 'edge', 'gaps' => ['D'], 'mesh' => 0.5, 'keys' => [], 'wide' => 3.0,
            'jobs' => [['playside wide', '', 'crack', 'support safety playside/overhang playside'], ['playside slot', '', 'crack', 'overhang playside/playside backer'], ['playside wing|playside end', '', 'edge', 'emol playside'], ['fullback|playside tackle', '', 'lead', 'corner playside']]],
        'belly' => ['words' => 'the line blocks down, the back hits outside the tackle behind a kick',
            'kind' => 'gap', 'step' => -0.5, 'flow' => 0.6, 'carriers' => self::FULLBACK_FIRST, 'entry' => 'C', 'gaps' => ['B', 'C'], 'keys' => [],
            'jobs' => [['playside guard', '', 'kick', 'emol playside'], ['playside wing|tailback', '', 'lead', 'playside backer'], ['playside end', '', 'down', 'inside playside/playside backer']]],
        'buck' => ['words' => 'both guards pull: the playside guard kicks, the backside guard leads through',
            'kind' => 'gap', 'step' => -0.8, 'flow' => 0.8, 'carriers' => self::DEEP_BACK, 'entry' => 'D', 'gaps' => ['C', 'D'], 'mesh' => 0.8, 'keys' => [],
            'jobs' => [['playside guard', '', 'kick', 'support playside/overhang playside/emol playside'], ['backside guard', '', 'wrap', 'playside backer/mike'], ['playside wing|playside end', '', 'down', 'emol playside'], ['playside tackle', '', 'down', 'inside playside/mike'], ['fullback', 'two backs', 'fill', 'first down playside']]],
        'dive' => ['words' => 'man blocking, the back hits at once',
            'kind' => 'gap', 'step' => 0.0, 'flow' => 0.2, 'carriers' => self::FULLBACK_FIRST, 'entry' => 'B', 'gaps' => ['A', 'B'], 'keys' => [], 'mesh' => 0.4,
            'jobs' => [['playside wing|playside end', '', 'base', 'emol playside']]],
        'triple' => ['words' => 'the man on the tackle is read for the dive, the next man out for the pitch, the third is blocked',
            'kind' => 'option', 'step' => 0.0, 'flow' => 0.6, 'carriers' => self::FULLBACK_FIRST, 'pitch' => 'motion man|backside wing|backside slot|backside back', 'entry' => 'G', 'gaps' => ['B'], 'mesh' => 0.5, 'wide' => 1.0,
            'keys' => [['give', 'on tackle', ''], ['pitch', 'next out', '']],
            'jobs' => [['playside wide', '', 'stalk', '#4/#3/corner playside'], ['playside guard', 'covered', 'base', 'over'], ['playside guard', 'mike over the top', 'climb', 'free safety'], ['playside guard', 'uncovered', 'climb', 'mike'], ['playside tackle', '', 'release', 'mike/free safety/playside backer'], ['playside wing|playside slot', '', 'arc', '#3/overhang playside/playside safety/free safety/backside backer'],
                ['playside end', '', 'climb', 'playside safety/free safety'], ['backside tackle', '', 'close', ''], ['backside wide', '', 'cut off', 'backside deep/corner backside']]],
        'midline' => ['words' => 'the first down man past the center is read, the end is blocked out and a slot leads inside',
            'kind' => 'option', 'step' => 0.0, 'flow' => 0.2, 'carriers' => self::FULLBACK_FIRST, 'entry' => 'center', 'gaps' => ['A'], 'mesh' => 0.4, 'wide' => 0.4,
            'keys' => [['give', 'first down playside', '']],
            'jobs' => [['playside tackle', '', 'base', 'next line out'], ['playside wing|playside slot', '', 'fold', 'playside backer/mike'], ['playside guard', 'nose', 'double', 'nose'], ['center', 'nose', 'double', 'nose'], ['playside guard', '', 'climb', 'mike/backside backer'], ['backside guard', 'nose', 'scoop', 'inside backside/backside backer'], ['backside tackle', '', 'cut off', 'inside backside/over'], ['backside wing', '', 'climb', 'free safety']]],
        'midline pitch' => ['words' => 'the first down man past the center is read for the dive, the next for the quarterback and the pitch; the motion man has the pitch',
            'kind' => 'option', 'step' => 0.0, 'flow' => 0.2, 'carriers' => self::FULLBACK_FIRST, 'pitch' => 'motion man|backside wing|backside slot|backside back', 'entry' => 'center', 'gaps' => ['A'], 'mesh' => 0.4, 'wide' => 0.6,
            'keys' => [['give', 'first down playside', ''], ['pitch', 'next line out', '']],
            'jobs' => [['playside tackle', 'not exchange', 'climb', 'playside backer/mike'], ['playside wing|playside slot', 'not exchange', 'hook', 'support safety playside/free safety'], ['playside wide', '', 'stalk', 'corner playside'], ['playside guard', 'nose', 'double', 'nose'], ['playside guard', '', 'climb', 'mike/backside backer'],
                ['center', 'nose', 'double', 'nose'], ['backside guard', 'nose', 'scoop', 'inside backside/over/backside backer'], ['backside tackle', '', 'cut off', 'inside backside/over'], ['backside wide', '', 'cut off', 'backside deep/corner backside']]],
        'freeze option' => ['words' => 'a fake to the back holds the mike, then down the line to the pitch key; the back leads on the next man',
            'kind' => 'option', 'step' => 0.2, 'flow' => 0.0, 'carriers' => [], 'fakes' => 'playside back|fullback|tailback', 'pitch' => 'motion man|backside back|backside wing|backside slot', 'entry' => 'edge', 'gaps' => ['D'], 'mesh' => 0.9, 'wide' => 1.5, 'gives' => false,
            'keys' => [['pitch', 'overhang playside/emol playside', '']],
            'jobs' => [['playside wide', 'open surface, not man', 'crack', 'free safety'], ['playside wide', '', 'stalk', 'corner playside'], ['playside back|fullback', '', 'lead', 'corner playside/support playside/playside safety'],
                ['playside wing|playside slot', '', 'arc', 'support playside/playside safety'], ['playside end', 'emol on end', 'base', 'over'], ['playside tackle', 'emol on tackle', 'base', 'over'], ['playside end', '', 'climb', 'playside safety/free safety/backside backer'], ['backside wide', '', 'cut off', 'backside deep/corner backside']]],
        'lead option' => ['words' => 'the fullback leads on the first backer, the quarterback follows him and pitches off the support man',
            'kind' => 'option', 'step' => 0.6, 'flow' => 1.2, 'carriers' => [], 'pitch' => 'motion man|backside wing|backside slot|backside back', 'entry' => 'edge', 'gaps' => ['B', 'C', 'D'], 'mesh' => 0.9, 'wide' => 1.5, 'gives' => false,
            'keys' => [['pitch', 'support playside', 'condensed'], ['pitch', 'support safety playside', 'wide split']],
            'jobs' => [['playside wing|playside slot', 'wide split', 'block', 'wide playside backer'], ['playside wing|playside slot', 'condensed', 'block', 'playside backer/mike'], ['playside wide', 'condensed, #2 crosses', 'block', 'playside safety/free safety'], ['playside wide', 'condensed', 'block', '#2'], ['playside wide', '', 'stalk', 'not support/corner playside'],
                ['playside guard', 'condensed, #2 crosses', 'base', '#2'], ['fullback|tailback|playside back', 'condensed', 'lead', 'playside safety/free safety'], ['fullback|tailback|playside back', '', 'lead', 'mike'], ['backside wide', '', 'cut off', 'backside deep/corner backside'], ['playside tackle', '', 'reach', '#1']]],
        'load option' => ['words' => 'the dive key and the next man are blocked, one decision is left on the perimeter',
            'kind' => 'option', 'step' => 0.2, 'flow' => 0.6, 'carriers' => [], 'fakes' => 'fullback|tailback', 'pitch' => 'motion man|backside wing|backside slot|backside back', 'entry' => 'edge', 'gaps' => ['D'], 'mesh' => 0.9, 'wide' => 2.0, 'gives' => false,
            'keys' => [['pitch', '#3', '']],
            'jobs' => [['playside tackle', '', 'base', '#1'], ['playside wing|playside slot|playside back|fullback', '', 'load', '#2'], ['playside wide', '', 'stalk', '#4/corner playside'], ['backside wide', '', 'cut off', 'backside deep/corner backside']]],
        'speed option' => ['words' => 'no dive: at once down the line, the last man is the pitch key',
            'kind' => 'option', 'step' => 0.5, 'flow' => 1.4, 'carriers' => [], 'pitch' => 'motion man|tailback|fullback|backside wing', 'entry' => 'edge', 'gaps' => ['C', 'D'], 'mesh' => 0.5, 'wide' => 1.0, 'gives' => false,
            'keys' => [['pitch', 'emol playside', '']],
            'jobs' => [['playside wing|playside slot', '', 'arc', 'overhang playside/support playside'], ['playside wide', '', 'stalk', 'corner playside'], ['playside end', '', 'climb', 'playside backer/playside safety'], ['playside tackle', '', 'climb', 'playside backer/mike']]],
        'counter option' => ['words' => 'a step and a fake away hold the backers, then down the line; the last man is the pitch key',
            'kind' => 'option', 'step' => 0.2, 'flow' => -0.4, 'carriers' => [], 'fakes' => 'fullback|tailback', 'pitch' => 'motion man|backside wing|backside slot|backside back', 'entry' => 'edge', 'gaps' => ['C', 'D'], 'mesh' => 1.1, 'wide' => 1.0, 'gives' => false,
            'keys' => [['pitch', 'emol playside', '']],
            'jobs' => [['backside guard', '', 'wrap', 'playside backer/mike'], ['playside wing|playside slot', '', 'arc', 'overhang playside/support playside'], ['playside wide', '', 'stalk', 'corner playside'], ['playside tackle', '', 'down', 'inside playside/mike'], ['playside end', '', 'climb', 'playside safety']]],
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::RUNS);
    }

    public static function has(string $name): bool
    {
        return isset(self::RUNS[$name]);
    }

    /** @throws UnknownRun */
    public static function get(string $name): RunScheme
    {
        if (isset(self::$read[$name])) {
            return self::$read[$name];
        }
        $r = self::RUNS[$name] ?? throw UnknownRun::scheme($name);
        $jobs = array_merge($r['jobs'], self::ARC_SUPPORT);
        $scheme = new RunScheme(name: $name, words: $r['words'], kind: $r['kind'], stepYd: $r['step'], flowYd: $r['flow'], carriers: $r['carriers'], pitch: $r['pitch'] ?? null, entry: $r['entry'],
            meshS: $r['mesh'] ?? 0.7, keys: $r['keys'], jobs: $jobs, gaps: $r['gaps'], cuts: $r['cuts'] ?? false, gives: $r['gives'] ?? true, wideYd: $r['wide'] ?? 1.5, fakes: $r['fakes'] ?? null);

        return self::$read[$name] = $scheme;
    }
}
