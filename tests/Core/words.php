<?php

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Aligning\Aligned;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Offense\Legal\Legality;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\Call\FormationParser;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/** The proof of a call in words against a 4-2 nickel shell. */
function proof(
    string $call,
    string $shell,
    Hash $hash = Hash::Middle,
    Level $level = Level::HighSchool,
    int $down = 1,
    float $toGo = 10.0,
): Proof {
    $situation = Situation::of(rules: $level->rules(), hash: $hash, down: $down, toGoYd: $toGo);

    return Prover::prove(
        CallParser::parse($call, $situation),
        LookParser::parse("4-2 nickel, $shell"),
        new Setting($situation, $level),
    );
}

/**
 * A proof under the schools and values of a staff, with what press men do.
 *
 * @param  array<string, string>  $chosen
 * @param  array<string, string>  $press
 * @param  array<string, float>  $values
 */
function schooled(string $call, string $look, array $chosen = [], array $press = [], array $values = []): Proof
{
    $schools = Schools::of($chosen, $values);

    return Prover::prove(
        CallParser::parse($call),
        LookParser::parse($look),
        new Setting(Situation::of(), schools: $schools),
        $press,
    );
}

/** Letter of the man who gets the ball for a choice of the main key. */
function answer(Proof $proof, string $choice): ?string
{
    foreach ($proof->mainKey()->acts ?? [] as $row) {
        if ($row['act']->name === $choice) {
            return $row['outcome']->letter;
        }
    }

    return null;
}

/** A formation in words standing on the field, counted. */
function lineup(string $words, Hash $hash = Hash::Middle, RuleSet $rules = RuleSet::Nfhs): Lineup
{
    $situation = Situation::of(rules: $rules, hash: $hash);
    $draft = FormationParser::parse($words, $situation);
    $formation = $draft->formation;
    $snap = Snap::of(
        $formation->men($situation->frame()),
        $draft->motions,
        $formation->splits(),
        $situation->frame(),
        Clock::usual(),
    );

    return Lineup::of($snap->men, $situation->frame(), $hash, $formation->side);
}

/** A look in words lined up against a formation in words. */
function aligned(string $look, string $formation, Hash $hash = Hash::Middle): Aligned
{
    return Alignment::of(LookParser::parse($look), lineup($formation, $hash));
}

/**
 * Findings of a call under a rule book, infos left out, as "code man".
 *
 * @return list<string>
 */
function faults(string $call, RuleSet $rules = RuleSet::Nfhs): array
{
    $call = CallParser::parse($call, Situation::of(rules: $rules));

    return array_values(
        array_map(
            fn ($f): string => trim("{$f->code} {$f->man}"),
            array_filter(legality($call, $rules), fn ($f): bool => $f->severity !== 'info'),
        ),
    );
}

/** @return list<Finding> */
function legality(Call $call, RuleSet $rules): array
{
    return Legality::check($call->snap(Situation::of(rules: $rules)->frame()), $rules, array_keys($call->routes));
}

/** The proof of a run in words. */
function carried(string $call, string $look, ?Setting $setting = null): RunProof
{
    $proof = Proving::of(
        CallParser::parse($call, $setting?->situation),
        LookParser::parse($look),
        $setting ?? new Setting(Situation::of()),
    );
    assert($proof instanceof RunProof);

    return $proof;
}

/**
 * What every man does in a run, in words, by letter.
 *
 * @return array<string, string>
 */
function jobs(string $call, string $look): array
{
    return array_map(fn (Block $b): string => $b->words(), carried($call, $look)->resolved->blocks);
}

/**
 * The report of any call.
 *
 * @return array<string, mixed>
 */
function told(string $call, string $look): array
{
    return Told::report(Proving::of(CallParser::parse($call), LookParser::parse($look), new Setting(Situation::of())));
}

/** Action and man for what the keys of a run do, in the order they are read: "pitch H". */
function ball(RunProof $proof, string ...$acts): string
{
    $by = [];
    foreach ($proof->keys as $n => $key) {
        foreach ($key->acts as $row) {
            if ($row['act']->name === $acts[$n]) {
                $by[$key->role] ??= $row['act'];
            }
        }
    }
    $outcome = $proof->decider->outcome($by);

    return "{$outcome->action} {$outcome->letter}";
}

/**
 * Where a defender is at a moment when everybody plays his rule.
 *
 * @return array{float, float}
 */
function spotOf(Proof $proof, string $role, float $t): array
{
    foreach ($proof->scene->defenders as $d => $defender) {
        if ($defender->role === $role) {
            $track = $proof->playOut->byRule();

            return [$track->x[$d][(int) round($t / 0.05)], $track->y[$d][(int) round($t / 0.05)]];
        }
    }
    throw new RuntimeException("No $role.");
}

/**
 * Where a receiver is at a moment.
 *
 * @return array{float, float}
 */
function runnerOf(Proof $proof, string $letter, float $t): array
{
    return $proof->scene->routes[$letter]->path->at($t);
}
