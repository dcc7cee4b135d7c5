<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Proof\Sheet\Looks;

/** The whole catalogue against the default looks, first and ten: does it look like football? */
final class Shares
{
    /** The sets calls are usually made from (common practice). */
    private const PASS_SETS = ['gun 2x2', 'gun trips', 'gun trey', 'gun bunch'];

    private const FAKE_SETS = ['under center 2x2', 'under center wing'];

    private const RUN_SETS = [
        'zone' => ['gun 2x2', 'gun trey', 'pistol trips'],
        'gap' => ['under center I', 'under center wing', 'gun H-back'],
        'jet' => ['under center wing'],
        'option' => ['double-slot'],
        'screen' => ['gun trips', 'gun 2x2'],
    ];

    /** Runs that are called from other sets than the rest of their kind. */
    private const OWN_SETS = [
        'buck' => ['under center double-wing', 'under center wing-slot'],
        'iso' => ['under center I', 'gun two-back'],
        'quarterback power' => ['gun 2x2', 'gun trips'],
        'quarterback draw' => ['gun 2x2', 'gun trips'],
        'quarterback wham' => ['gun 2x2 {side}, H jet'],
        'draw' => ['gun 2x2', 'under center I'],
        'dart' => ['gun 2x2', 'gun trips'],
        'insert' => ['gun H-back', 'under center I'],
        'wham' => ['gun H-back', 'under center wing'],
        'pin and pull' => ['under center wing', 'gun trey'],
        'power read' => ['gun 2x2', 'gun trips'],
        'rocket' => ['double-slot {side}, {slot} jet'],
        'end around' => ['gun 2x2', 'under center 2x2'],
        'reverse' => ['gun 2x2 {side}, H jet'],
        'slip screen' => ['gun 2x2', 'under center I'],
        'tight end screen' => ['gun trey', 'under center wing'],
        // A call for a yard, not for first and ten.
        'quarterback sneak' => [],
    ];

    /** The run a family that is made for one is shown with. */
    private const FAKES = [
        'boot flood' => 'outside zone {other} fake, boot {side}',
        'roll-out crossers' => 'half-boot {side}',
        'leak' => 'zone {other} fake, boot {side}',
        'yankee' => 'zone {other} fake',
        'crack-seam-wheel' => 'crack {side} fake',
    ];

    /** Of the default looks each call is proved against every so many, another row of them from call to call. */
    private const EVERY = 8;

    /** @return list<ShareCase> */
    public static function cases(int $every = 1): array
    {
        $looks = Looks::of();
        $cases = [];
        $step = self::EVERY * $every;
        foreach (['pass' => self::passes(), 'run' => self::runs()] as $kind => $byName) {
            foreach ($byName as $name => $calls) {
                foreach ($calls as $call) {
                    // Where the row begins hangs on the call alone: a new run or family moves no other.
                    for ($i = crc32($call) % $step; $i < count($looks); $i += $step) {
                        $cases[] = new ShareCase($kind, (string) $name, $call, $looks[$i]->words());
                    }
                }
            }
        }

        return $cases;
    }

    /**
     * Shares of each verdict and the mean chance of success, for passes and for runs; and the families and schemes
     * that are good against nearly everything or nearly nothing.
     *
     * @param  list<array{ShareCase, string, float}>  $done  a case, its verdict and its chance of success by rule
     * @return array{pass: array<string, float>, run: array<string, float>, good: array<string, float>}
     */
    public static function of(array $done): array
    {
        $good = $by = [];
        foreach ($done as [$case, $verdict, $chance]) {
            $by[$case->kind][] = [$verdict, $chance];
            $good[$case->name][] = in_array($verdict, ['bound', 'open'], true) ? 1.0 : 0.0;
        }
        $shares = [];
        foreach (['pass', 'run'] as $kind) {
            $rows = $by[$kind] ?? [];
            foreach (['bound', 'open', 'guess', 'covered'] as $word) {
                $shares[$kind][$word] =
                    $rows === []
                        ? 0.0
                        : round(count(array_filter($rows, fn (array $r): bool => $r[0] === $word)) / count($rows), 3);
            }
            $shares[$kind]['chance'] = $rows === [] ? 0.0 : round(array_sum(array_column($rows, 1)) / count($rows), 3);
        }

        return $shares + ['good' => array_map(fn (array $g): float => round(array_sum($g) / count($g), 2), $good)];
    }

    /** @return array<string, list<string>> calls in words by family */
    private static function passes(): array
    {
        $calls = [];
        foreach (array_keys(Families::all()) as $family) {
            $fake = self::FAKES[$family] ?? null;
            foreach ($fake === null ? self::PASS_SETS : self::FAKE_SETS as $set) {
                foreach (Side::cases() as $side) {
                    $words = ['{side}' => $side->value, '{other}' => $side->opposite()->value];
                    $by = $family === 'leak' ? ' by Y' : ' {side}';
                    $calls[$family][] = strtr("$set {side}".($fake === null ? '' : ", $fake").": $family$by", $words);
                }
            }
        }

        return $calls;
    }

    /** @return array<string, list<string>> calls in words by scheme */
    private static function runs(): array
    {
        $calls = [];
        foreach (Schemes::names() as $name) {
            $scheme = Schemes::get($name);
            foreach (self::OWN_SETS[$name] ?? self::RUN_SETS[$scheme->kind->value] as $set) {
                foreach (Side::cases() as $side) {
                    $motion = match ($scheme->kind->value) {
                        'jet' => str_starts_with($name, 'jet') ? ", H jet {$side->value}" : '',
                        'option' => ', '.($side === Side::Right ? 'H' : 'R')." pitch {$side->value}",
                        default => '',
                    };
                    $slot = $side === Side::Right ? 'H' : 'R';
                    $calls[$name][] = strtr($set, ['{side}' => $side->value, '{slot}' => $slot])
                        ." {$side->value}$motion: $name {$side->value}";
                }
            }
        }

        return $calls;
    }
}
