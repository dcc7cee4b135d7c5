<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\Windows;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\SituationParser;

/** Proves a case and compares what comes out with what the trade says. */
final class Judge
{
    public static function case(TruthCase $case): Judgement
    {
        $proof = self::prove($case);
        $want = $case->want;
        $verdict = $proof->verdict();
        $seen = [];
        if ($want->verdicts !== null && ! in_array($verdict, $want->verdicts, true)) {
            $seen[] = $verdict->value.' '.self::seconds($proof->strength());
        }
        foreach ($want->thrown as $routes) {
            if (! self::among(explode('|', $routes), self::thrown($proof))) {
                $seen[] = "no $routes thrown";
            }
        }
        foreach ($want->open as $route => $open) {
            if (self::isOpen($proof, $route) !== $open) {
                $seen[] = "the $route is ".($open ? 'shut' : 'open');
            }
        }
        foreach ($want->actions as $choice => $actions) {
            if (array_intersect(explode('|', $actions), self::actions($proof, $choice)) === []) {
                $seen[] = "$choice brings no $actions";
            }
        }
        $keys =
            $want->keys === []
                ? null
                : array_map(fn (string $key): bool => self::named($key, $want->keys), self::keys($proof));
        $first = $keys === null || ($verdict !== Verdict::Bound && $want->verdicts !== null) ? null : $keys[0] ?? false;

        return new Judgement(
            $case,
            $seen === [],
            $keys === null ? null : in_array(true, $keys, true),
            $first,
            implode(', ', [...$seen, 'keys '.implode(' / ', self::keys($proof))]),
        );
    }

    /**
     * Whether a lone route is as open as the table says, and its margin in seconds.
     *
     * @return array{bool, float|null}
     */
    public static function lone(LoneRoute $route): array
    {
        $proof = self::prove(new TruthCase($route->route, $route->call, $route->look, Want::anything(), $route->level));
        assert($proof instanceof Proof);
        $margin = $proof->windows->openness($proof->scene->reads[0]);

        return [$route->holds($margin), $margin];
    }

    public static function prove(TruthCase $case): Proven
    {
        $usual = Situation::of(rules: $case->level->rules(), hash: $case->hash);
        $situation = $case->situation === '' ? $usual : SituationParser::parse($case->situation, $usual);

        return Proving::of(
            CallParser::parse($case->call, $situation),
            LookParser::parse($case->look),
            new Setting($situation, $case->level),
        );
    }

    /**
     * Whether one of the parts is in one of the texts.
     *
     * @param  list<string>  $parts
     * @param  list<string>  $texts
     */
    private static function among(array $parts, array $texts): bool
    {
        foreach ($texts as $text) {
            if (self::named($text, $parts)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Routes that are thrown by rule or in some act.
     *
     * @return list<string>
     */
    private static function thrown(Proven $proof): array
    {
        $routes = [];
        $routesOf = $proof->scene()->routes;
        foreach (self::outcomes($proof) as [, $outcome]) {
            $route =
                match (true) {
                    $outcome instanceof RunOutcome => $outcome->route,
                    $outcome->action === 'throw' => ($routesOf[(string) $outcome->letter] ?? null)?->spec->name,
                    default => null,
                };
            if ($route !== null && ($outcome instanceof Outcome || $outcome->free())) {
                $routes[] = $route;
            }
        }

        return $routes;
    }

    /** @return list<string> */
    private static function actions(Proven $proof, string $choice): array
    {
        $actions = [];
        foreach (self::outcomes($proof) as [$name, $outcome]) {
            if (str_contains($name, $choice)) {
                $actions[] = $outcome->action;
            }
        }

        return $actions;
    }

    /** @return list<array{string, Outcome|RunOutcome}> name of the act and what it brings */
    private static function outcomes(Proven $proof): array
    {
        if (! $proof instanceof RunProof && ! $proof instanceof Proof) {
            return [];
        }
        $outcomes = [['by rule', $proof->ruleTrue]];
        foreach ($proof->keys as $key) {
            foreach ($key->acts as ['act' => $act, 'outcome' => $outcome]) {
                $outcomes[] = [$act->name, $outcome];
            }
        }

        return $outcomes;
    }

    /** Whether a read that runs the route may be thrown to by rule. */
    private static function isOpen(Proven $proof, string $route): bool
    {
        if (! $proof instanceof Proof) {
            return false;
        }
        foreach ($proof->readings as $letter => $reading) {
            if (
                $reading->number !== null &&
                $proof->scene->routes[$letter]->spec->name === $route &&
                $reading->live() &&
                $proof->windows->windows($letter) !== []
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * Roles of the keys, the main key first.
     *
     * @return list<string>
     */
    public static function roles(Proven $proof): array
    {
        return $proof instanceof RunProof || $proof instanceof Proof
            ? array_map(fn ($key): string => $key->role, $proof->keys)
            : [];
    }

    /**
     * Role and job of the keys, the main key first.
     *
     * @return list<string>
     */
    private static function keys(Proven $proof): array
    {
        if (! $proof instanceof RunProof && ! $proof instanceof Proof) {
            return [];
        }
        $jobs = [];
        foreach ($proof->scene()->defenders as $d) {
            $jobs[$d->role] = $d->job->words;
        }

        return array_map(fn ($key): string => "{$key->role}: ".($jobs[$key->role] ?? ''), $proof->keys);
    }

    /** @param  list<string>  $wanted */
    private static function named(string $key, array $wanted): bool
    {
        foreach ($wanted as $part) {
            if (stripos($key, $part) !== false) {
                return true;
            }
        }

        return false;
    }

    private static function seconds(?float $s): string
    {
        return $s === null || $s <= Windows::NONE_S ? '' : sprintf('%+.2f s', $s);
    }
}
