<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Findings;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Scene\Reading;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RunRoute;

/**
 * Where route and footwork do not fit: too late for the slot, open before he looks, farther than the arm, and what
 * would fit.
 */
final class TempoFindings
{
    private const STEP_YD = 0.5;

    /** @return list<Finding> */
    public static function of(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->readings as $letter => $reading) {
            if ($reading->number === null) {
                continue;
            }
            $run = $proof->scene->routes[$letter];
            $findings = [...$findings, ...match (true) {
                $reading->killedBy !== null => [self::dead($proof, $reading, $run)],
                $proof->windows->lines($letter) === [] => [self::far($proof, $reading, $run)],
                default => self::early($proof, $reading, $run),
            }];
        }

        return $findings;
    }

    private static function dead(Proof $proof, Reading $reading, RunRoute $run): Finding
    {
        $name = $run->spec->name;
        $text = "Read {$reading->number}, the $name by {$reading->letter}, is dead: {$reading->killedBy}.";
        $release = $proof->scene->releases[$reading->letter] ?? null;
        if ($reading->breakAt <= $proof->scene->drop->lastAt() + Footwork::RHYTHM) {
            return new Finding('dead-read', Finding::CAUTION, $reading->letter, $text);
        }
        $longer = self::longerDrop($reading);
        if ($release !== null) {
            return new Finding(
                'release-outlasts',
                Finding::CAUTION,
                $reading->letter,
                "$text The release past the man in his face takes until ".sprintf('%.1f s.', $release->pastAt($run)),
                'REL-14',
                $longer === null ? null : ucfirst($longer).'.',
            );
        }
        $fits = self::depthThatFits($proof, $run);
        $fix = implode(
            ', or ',
            array_filter([
                $fits === null ? null : sprintf('Break the %s by %s at %g yd', $name, $reading->letter, $fits),
                $longer,
            ], fn (?string $one): bool => $one !== null),
        );

        return new Finding(
            'late-break',
            Finding::CAUTION,
            $reading->letter,
            $text,
            null,
            $fix === '' ? null : ucfirst($fix).'.',
        );
    }

    /** "take seven steps", or null when no drop waits that long. */
    private static function longerDrop(Reading $reading): ?string
    {
        $drop = Footwork::fitting($reading->breakAt);

        return $reading->breakAt <= $drop->lastAt() + Footwork::RHYTHM ? "take {$drop->value} steps" : null;
    }

    /** The deepest break, in half yards, that the last hitch waits for. */
    private static function depthThatFits(Proof $proof, RunRoute $run): ?float
    {
        $scene = $proof->scene;
        for ($depth = $run->spec->depth() - self::STEP_YD; $depth >= $run->spec->shape()
            ->minDepthYd; $depth -= self::STEP_YD) {
            $shorter = RouteRunner::path($scene->men[$run->letter], $run->spec->with(['depthYd' => $depth]),
                $scene->frame, $scene->setting->law($run->letter));
            if ($shorter->break()->t <= $scene->drop->lastAt() + Footwork::RHYTHM) {
                return $depth;
            }
        }

        return null;
    }

    private static function far(Proof $proof, Reading $reading, RunRoute $run): Finding
    {
        [$qx, $qy] = $proof->scene->launch();
        [$x, $y] = $run->path->at((float) $reading->from);

        return new Finding('long-throw', Finding::CAUTION, $reading->letter,
            sprintf('No throw to the %s by %s is caught in bounds: he is %.0f yd away when the ball may leave, '
                .'beyond the arm or the line.',
                $run->spec->name, $reading->letter, hypot($x - $qx, $y - $qy)), null,
            'Read him earlier, or shorten the route.');
    }

    /**
     * His window is open when he is ready, and shut when the eyes get there.
     *
     * @return list<Finding>
     */
    private static function early(Proof $proof, Reading $reading, RunRoute $run): array
    {
        $ready = max($run->break()->t, $proof->scene->drop->firstPlant());
        $openAt = $proof->scene->setting->openAt;
        if (
            $reading->hot ||
            $reading->from <= $ready + Path::STEP ||
            $proof->windows->bestThrow($reading->letter)['margin'] >= $openAt
        ) {
            return [];
        }
        $line = $proof->windows->throws->line($reading->letter, (int) ceil($ready / Path::STEP), 0);
        if ($line === null || $proof->windows->marginOf($line) < $openAt) {
            return [];
        }

        return [
            new Finding(
                'early-window',
                Finding::CAUTION,
                $reading->letter,
                sprintf(
                    'The window on the %s by %s opens at %.1f s, before he is looked at (%.1f s), and is shut then.',
                    $run->spec->name,
                    $reading->letter,
                    $ready,
                    $reading->from,
                ),
                null,
                "Read {$reading->letter} earlier.",
            ),
        ];
    }
}
