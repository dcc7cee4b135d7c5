<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Proof;
use Jacotaxis\Core\Proof\Prover;
use Jacotaxis\Core\Proof\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/** The proof of a call in words against a 4-2 nickel shell. */
function proof(string $call, string $shell, Hash $hash = Hash::Middle, Level $level = Level::HighSchool, int $down = 1, float $toGo = 10.0): Proof
{
    $situation = Situation::of(rules: $level->rules(), hash: $hash, down: $down, toGoYd: $toGo);

    return Prover::prove(CallParser::parse($call, $situation), LookParser::parse("4-2 nickel, $shell"), new Setting($situation, $level));
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
