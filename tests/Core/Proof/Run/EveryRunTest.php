<?php

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Blocking\Run\UnknownRun;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;

/* Properties of every run from every set against every front: whatever is called,
    eleven men have a job and nobody is forgotten. */

/**
 * Every scheme from a set to a side, against fronts and shells in turn.
 *
 * @return list<RunProof>
 */
function everyRun(string $set, Side $side): array
{
    $proofs = [];
    $fronts = Fronts::names();
    $shells = Shells::names();
    foreach (Schemes::names() as $n => $scheme) {
        $call = new Call(
            new Formation(Sets::usualQuarterback($set), $set, Side::Right),
            [],
            [],
            run: new RunCall($scheme, $side),
        );
        foreach ([0, 3, 6, 9] as $k) {
            $look = LookParser::parse($fronts[($n + $k) % count($fronts)].', '.$shells[($n * 2 + $k) % count($shells)]);
            try {
                $proof = Proving::of($call, $look, new Setting(Situation::of(hash: Hash::cases()[$k % 3])));
            } catch (UnknownRun $e) {
                expect($e->getMessage())->toContain('needs');

                continue;
            }
            assert($proof instanceof RunProof);
            $proofs[] = $proof;
        }
    }

    return $proofs;
}

it('gives eleven men a job and forgets nobody', function (string $set, Side $side): void {
    foreach (everyRun($set, $side) as $proof) {
        $what = "{$proof->scene->call->formation->words()}: {$proof->resolved->run->words()} against {$proof->scene->look->words()}";
        $blocks = $proof->resolved->blocks;
        expect($blocks)->toHaveCount(11, $what);
        foreach ($blocks as $letter => $block) {
            expect($block->words())->not->toBe('', "$what: $letter");
            if ($block->target !== null) {
                expect(array_key_exists($block->target, $proof->resolved->front->men))->toBeTrue(
                    "$what: $letter has {$block->target}",
                );
            }
        }
        $read = array_column($proof->resolved->keys, 'role');
        // At the point everybody is blocked, read, or named as free: the box of a run, its playside of an option.
        foreach ($proof->resolved->front->box() as $role) {
            $far = $proof->resolved->run->scheme()->isOption() && $proof->resolved->front->movedU($role) < 0.0;
            $known =
                in_array($role, $read, true) ||
                in_array($role, $proof->resolved->unaccounted, true) ||
                in_array($role, $proof->resolved->letThrough(), true) ||
                $proof->resolved->blockersOf($role) !== [];
            expect($known || $far)->toBeTrue("$what: the $role is forgotten");
        }
        // Whom the play reads nobody blocks.
        foreach ($read as $role) {
            expect($proof->resolved->blockersOf($role))->toBe([], "$what: the $role is read and blocked");
        }
    }
})->with(Sets::names())->with(Side::cases());

it('proves with finite numbers inside the field and tells it under the schema\'s keys', function (string $set): void {
    foreach (everyRun($set, Side::Right) as $n => $proof) {
        $what = "$set: {$proof->resolved->run->words()} against {$proof->scene->look->words()}";
        expect(is_finite($proof->strength()))
            ->toBeTrue($what)
            ->and(['bound', 'open', 'guess', 'covered'])
            ->toContain($proof->verdict()->value);
        foreach ($proof->carriers as $carrier) {
            $frame = $proof->scene->frame;
            expect(min($carrier->path->x))->toBeGreaterThan($frame->sidelineX(Side::Left) - 0.1, $what)
                ->and(max($carrier->path->x))->toBeLessThan($frame->sidelineX(Side::Right) + 0.1, $what)
                ->and($carrier->path->x)->toHaveCount(Path::STEPS);
        }
        if ($n % 5 === 0) {
            $frames = Told::frames($proof);
            expect($frames['at'][0])->toHaveCount(44)
                ->and(json_encode([Told::report($proof), Told::stage($proof), $frames]))->toBeString($what);
        }
    }
})->with(Sets::names());

it('writes every run in words and as a document that read back the same', function (string $set): void {
    foreach (Schemes::names() as $scheme) {
        foreach (Side::cases() as $side) {
            $call = new Call(new Formation('gun', $set, Side::Left), [], [], run: new RunCall($scheme, $side));
            $words = Describer::words($call);
            $back = CallParser::parse($words);
            expect($back->run)->toEqual($call->run, $words)
                ->and(CallDocument::read(CallDocument::write($call))->run)->toEqual($call->run, $words);
        }
    }
})->with(['2x2', 'trey', 'double-slot', 'H-back', 'I']);

it('comes out the same turned over', function (string $words, string $look): void {
    $call = CallParser::parse($words);
    $look = LookParser::parse($look);
    $one = Proving::of($call, $look, new Setting(Situation::of()));
    $other = Proving::of($call->mirrored(), $look, new Setting(Situation::of()));
    expect($other->verdict()->value)
        ->toBe($one->verdict()->value)
        ->and(round($other->strength(), 3))
        ->toBe(round($one->strength(), 3));
})
    ->with([
        'gun trey right: zone right',
        'double-slot, H return right: triple right',
        'double-slot condensed right: lead option right',
        'gun two-back right, freeze right: freeze option right; tag tackle arc',
        'gun trips right: zone left, rpo: X slant',
        'I right: power right',
        'gun H-back left: zone right; tag arc left',
    ])
    ->with(['4-3 over, cover 3', '3-4, cover 4', '5-2, cover 2']);

it('is deterministic', function (): void {
    $of = fn (): string => json_encode(told('double-slot, H return right: triple right', '5-2, cover 3'));
    expect($of())->toBe($of());
});
