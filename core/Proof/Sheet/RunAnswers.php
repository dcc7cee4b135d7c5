<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Blocking\Run\Catalogue\Tags;
use Jacotaxis\Core\Blocking\Run\Tag;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Run\RunProver;
use Jacotaxis\Core\Proof\Scene\Verdict;

/**
 * Stored tags that answer what a run leaves open: each is proved, and those that account for the man or win the down
 * are kept (CNT-05).
 */
final class RunAnswers
{
    /**
     * @return list<array{tag: string, words: string, verdict: string, strength: float, chance: float,
     *     accounts: list<string>, leaves: list<string>}> the best first
     */
    public static function of(RunProof $proof): array
    {
        if ($proof->resolved->unaccounted === [] && $proof->verdict()->isGood()) {
            return [];
        }
        $answers = [];
        foreach (self::tagged($proof->scene->call) as $words => $call) {
            $tried = RunProver::prove($call, $proof->scene->look, $proof->scene->setting);
            $accounts = array_values(array_diff($proof->resolved->unaccounted, $tried->resolved->unaccounted));
            $better = $tried->verdict()->rank() <=> $proof->verdict()->rank();
            if (
                $better < 0 ||
                ($better === 0 &&
                    ($accounts === [] || count($tried->resolved->unaccounted) >= count($proof->resolved->unaccounted)))
            ) {
                continue;
            }
            $answers[] = ['tag' => $words, 'words' => self::meaning($words), 'verdict' => $tried->verdict()->value,
                'strength' => round($tried->strength(), 2),
                'chance' => round($tried->worthAtWorst()->chance, 3), 'accounts' => $accounts,
                'leaves' => $tried->resolved->unaccounted];
        }
        // First who leaves nobody, then what binds.
        $order = fn (array $a): array => [-count($a['leaves']), Verdict::from($a['verdict'])->rank(), $a['strength']];
        usort($answers, fn (array $a, array $b): int => $order($b) <=> $order($a));

        return $answers;
    }

    /**
     * The call with every tag that fits it, by the words of the tag.
     *
     * @return array<string, Call>
     */
    public static function tagged(Call $call): array
    {
        $run = $call->run;
        $calls = [];
        foreach (Tags::names() as $name) {
            $data = Tags::get($name);
            if ($run === null) {
                continue;
            }
            if (! in_array($run->scheme()->kind, $data->kinds, true) || $run->tagged($name) !== null) {
                continue;
            }
            foreach ($name === 'arc' || $name === 'crack' ? Side::cases() : [null] as $side) {
                $tag = new Tag($name, $side);
                $calls[$tag->words()] = $call->with(['run' => $run->withTag($tag)]);
            }
        }
        if ($run !== null && $call->formation->modifier === null) {
            $calls['condense'] = $call->with(['formation' => $call->formation->withModifier('condensed')]);
        }

        return $calls;
    }

    private static function meaning(string $words): string
    {
        if ($words === 'condense') {
            return 'the split is condensed: the corner becomes the support man';
        }

        return Tags::get(trim(str_replace([' left', ' right'], '', $words)))->words;
    }
}
