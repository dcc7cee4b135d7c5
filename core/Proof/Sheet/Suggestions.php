<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Route\Finish;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * Single changes to a call that bind a look it does not bind: a depth, a finish, a swap of two routes, the back's
 * release.
 */
final class Suggestions
{
    private const DEPTHS_YD = [-3.0, -2.0, -1.0, 1.0, 2.0, 3.0];

    /** What a back may be sent on besides what he has. */
    private const BACK = ['swing', 'arrow', 'wheel', 'flat'];

    /**
     * @return list<array{words: string, verdict: string, strength: float, chance: float, call: Call}> worth most at the
     *     worst first, one a kind and man
     */
    public static function of(Proven $before, int $most = 4): array
    {
        if ($before instanceof RunProof) {
            return array_slice(self::tags($before), 0, $most);
        }
        if ($before->verdict()->isGood()) {
            return [];
        }
        $scene = $before->scene();
        $found = [];
        foreach (self::changes($scene->call) as [$kind, $words, $changed]) {
            $proof = Prover::prove($changed, $scene->look, $scene->setting);
            $better = ! isset($found[$kind]) || $proof->worthAtWorst()->chance > $found[$kind]['chance'];
            if ($proof->verdict()->isGood() && $better) {
                $found[$kind] = ['words' => $words, 'verdict' => $proof->verdict()->value,
                    'strength' => round((float) $proof->strength(), 2),
                    'chance' => round($proof->worthAtWorst()->chance, 3), 'call' => $changed];
            }
        }
        usort($found, fn (array $a, array $b): int => $b['chance'] <=> $a['chance']);

        return array_slice($found, 0, $most);
    }

    /**
     * Tags that answer a run.
     *
     * @return list<array{words: string, verdict: string, strength: float, chance: float, call: Call}>
     */
    private static function tags(RunProof $before): array
    {
        $tried = RunAnswers::tagged($before->scene->call);

        return array_map(fn (array $a): array => ['words' => "{$a['tag']}: {$a['words']}", 'verdict' => $a['verdict'],
            'strength' => $a['strength'], 'chance' => $a['chance'], 'call' => $tried[$a['tag']]],
            RunAnswers::of($before));
    }

    /** @return iterable<array{string, string, Call}> kind and man, words, the changed call */
    private static function changes(Call $call): iterable
    {
        foreach ($call->routes as $letter => $spec) {
            $shape = $spec->shape();
            foreach (in_array($letter, $call->reads, true) ? self::DEPTHS_YD : [] as $by) {
                $depth = $spec->depth() + $by;
                if ($depth >= $shape->minDepthYd && $depth <= $shape->maxDepthYd) {
                    yield ["depth $letter", sprintf('%s %s at %g yd instead of %g', $letter, $spec->name, $depth,
                        $spec->depth()), self::routed($call, [$letter => $spec->with(['depthYd' => $depth])])];
                }
            }
            if ($shape->crosses() && in_array($letter, $call->reads, true)) {
                $finish = $spec->finish() === Finish::Settle ? 'moving' : 'settling';
                yield ["finish $letter", "$letter {$spec->name} $finish",
                    self::routed($call, [$letter => $spec->with(['finish' => $finish])])];
            }
        }
        yield from self::swaps($call);
        yield from self::releases($call);
    }

    /**
     * Two receivers of one side trade routes, and their reads with them.
     *
     * @return iterable<array{string, string, Call}>
     */
    private static function swaps(Call $call): iterable
    {
        $men = $call->formation->letters();
        foreach ($call->routes as $a => $one) {
            foreach ($call->routes as $b => $two) {
                $sameSide = $one->side === null && $two->side === null && in_array($a, $men, true);
                if (
                    strcmp((string) $a, (string) $b) < 0 &&
                    $sameSide &&
                    $one->name !== $two->name &&
                    ! $one->checks &&
                    ! $two->checks &&
                    self::together($call, (string) $a, (string) $b)
                ) {
                    $reads = array_map(
                        fn (string $l): string => match (true) {
                            $l === $a => (string) $b,
                            $l === $b => (string) $a,
                            default => $l,
                        },
                        $call->reads,
                    );
                    yield ["swap $a $b", "$a and $b swap: $a {$two->name}, $b {$one->name}",
                        self::routed($call, [$a => $two, $b => $one])->with(['reads' => $reads])];
                }
            }
        }
    }

    private static function together(Call $call, string $a, string $b): bool
    {
        $count = $call->lineup($call->situation ?? \Jacotaxis\Core\Field\Situation::of())->count;

        return $count->sideOf($a) !== null && $count->sideOf($a) === $count->sideOf($b);
    }

    /**
     * The back goes elsewhere, or at once.
     *
     * @return iterable<array{string, string, Call}>
     */
    private static function releases(Call $call): iterable
    {
        foreach ($call->routes as $letter => $spec) {
            if ($spec->flag !== Flag::CheckDown) {
                continue;
            }
            foreach (self::BACK as $name) {
                $route = RouteSpec::of(Routes::get($name)->name, side: $spec->side);
                yield ["back $letter", "$letter $name at once, read last",
                    self::routed($call, [$letter => $route])->with(['reads' => [...$call->reads, (string) $letter]])];
            }
        }
    }

    /** @param  array<string, RouteSpec>  $routes */
    private static function routed(Call $call, array $routes): Call
    {
        return $call->with(['routes' => [...$call->routes, ...$routes]]);
    }
}
