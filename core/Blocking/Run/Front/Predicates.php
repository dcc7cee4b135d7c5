<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Front;

use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Defense\Count\Edges;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\School\Schools;

/**
 * Whether the `when` of a rule holds: predicates joined by commas must all hold, of those joined by " or " one; "not"
 * turns one round.
 */
final readonly class Predicates
{
    /** Words that stand alone; a post or a tag as a word means that it is there. */
    public const TERMS = [
        'gun', 'tight end playside', 'open surface', 'two backs', 'one back', 'wing', 'slot', 'covered',
        'uncovered', 'playside guard covered', 'nose', 'shade', 'dive key on guard', 'condensed',
        'wide split', 'man', 'mike over the top', '#2 crosses', 'edge man third', 'emol on end',
        'fill too long', 'loose second level', 'backer on the edge playside', 'backer on the edge backside',
        'able to reach the end', 'arc playside', 'arc backside', 'split across', 'school SET-36 A', 'school SET-36 B',
        'school SET-39 A',
    ];

    /** A fill for the puller longer than this is too long for a guard, yards (JET-05: a 5 is too far). */
    private const FILL_YD = 1.4;

    /** A second level this far off the line is loose, yards. */
    private const LOOSE_YD = 5.0;

    /** @param  array<string, list<string>>  $able  flags of the men by letter */
    public function __construct(
        private FrontRead $front,
        private Posts $posts,
        private RunCall $run,
        private Schools $schools,
        private array $able = [],
    ) {
    }

    /**
     * The words of a condition, without "not".
     *
     * @return list<string>
     */
    public static function terms(string $when): array
    {
        $terms = [];
        foreach ($when === '' ? [] : explode(',', $when) as $all) {
            foreach (explode(' or ', trim($all)) as $term) {
                $terms[] = str_starts_with($term, 'not ') ? substr($term, 4) : $term;
            }
        }

        return $terms;
    }

    public function hold(string $when, string $letter = ''): bool
    {
        foreach ($when === '' ? [] : explode(',', $when) as $all) {
            $one = false;
            foreach (explode(' or ', trim($all)) as $term) {
                $not = str_starts_with($term, 'not ');
                $one = $one || $this->one($not ? substr($term, 4) : $term, $letter) !== $not;
            }
            if (! $one) {
                return false;
            }
        }

        return true;
    }

    private function one(string $term, string $letter): bool
    {
        if (str_starts_with($term, 'school ')) {
            [, $id, $school] = explode(' ', $term);

            return $this->schools->is($id, $school);
        }

        return match ($term) {
            'gun' => $this->posts->inGun(),
            'tight end playside' => $this->posts->letter('playside end') !== null,
            'open surface' => $this->posts->letter('playside end') === null &&
                $this->posts->letter('playside wing') === null,
            'two backs' => count($this->posts->lineup->count->backs) > 1,
            'one back' => count($this->posts->lineup->count->backs) === 1,
            'wing' => $this->posts->first(['playside wing', 'backside wing']) !== null,
            'slot' => $this->posts->letter('playside slot') !== null,
            'covered' => $this->covered($letter),
            'uncovered' => ! $this->covered($letter),
            'nose' => $this->front->nose() !== null,
            'shade' => $this->front->shade() !== null,
            'playside guard covered' => $this->covered((string) $this->posts->letter('playside guard')),
            'split across' => $this->posts->letter('playside end') !== null &&
                $this->posts->letter('playside wing') !== null,
            'dive key on guard' => $this->front->firstDown() !== null &&
                $this->front->men[$this->front->firstDown()]->over === $this->posts->letter('playside guard'),
            'condensed' => $this->condensed(),
            'wide split' => ! $this->condensed(),
            'man' => ($this->front->men[$this->front->corner($this->front->playside) ?? ''] ?? null)?->job->kind ===
                JobKind::Man,
            'mike over the top' => $this->moves($this->front->mike, [MovementKind::Scrape, MovementKind::Cross], true),
            '#2 crosses' => $this->moves(
                $this->front->optionCount()[1] ?? null,
                [MovementKind::Cross, MovementKind::Spike, MovementKind::Slant, MovementKind::Squeeze],
                false,
            ),
            'edge man third' => count(array_filter($this->front->line,
                fn (string $r): bool => $this->front->firstDown() !== null
                && $this->front->u($r) > $this->front->u($this->front->firstDown()))) > 1,
            'emol on end' => $this->emolOn('playside end'),
            'fill too long' => $this->fillTooLong(),
            'loose second level' => $this->front->backers !== [] &&
                max(array_map($this->front->depth(...), $this->front->backers)) >= self::LOOSE_YD,
            'backer on the edge playside' => $this->backerOnEdge(true),
            'backer on the edge backside' => $this->backerOnEdge(false),
            'able to reach the end' => in_array('reaches the end', $this->able[$letter] ?? [], true),
            'arc playside' => $this->tagged('arc', true),
            'arc backside' => $this->tagged('arc', false),
            default => $this->posts->letter($term) !== null || $this->run->tagged($term) !== null,
        };
    }

    /** A man head-up or shaded on him; whether head-up counts is a school (SET-15). */
    private function covered(string $letter): bool
    {
        $on = $this->front->on($letter);

        return $on !== null &&
            (! $this->schools->is('SET-15', 'B') ||
                ! in_array($this->front->men[$on]->technique, ['0', '2', '4', '6'], true));
    }

    private function condensed(): bool
    {
        $first = $this->posts->lineup->count->letter($this->front->playside, 1);

        return $first !== null && abs($this->posts->lineup->men[$first]->xYd) <= Edges::CONDENSED_YD;
    }

    /** @param  list<MovementKind>  $kinds */
    private function moves(?string $role, array $kinds, bool $playside): bool
    {
        $movement = $role === null ? null : $this->front->men[$role]->movement;

        return $movement !== null &&
            in_array($movement->kind, $kinds, true) &&
            $this->front->movedU($role) > $this->front->u($role) === $playside;
    }

    /** An even front whose 5 is farther from the guard than he can fill (JET-05). */
    private function fillTooLong(): bool
    {
        $guard = $this->posts->letter('backside guard');
        $tackle = $this->posts->letter('backside tackle');
        $five = $tackle === null ? null : $this->front->on($tackle);

        return $this->front->nose() === null &&
            $guard !== null &&
            $this->front->on($guard) === null &&
            $five !== null &&
            abs($this->front->movedU($five) - $this->posts->u($guard)) > self::FILL_YD;
    }

    private function emolOn(string $post): bool
    {
        $edge = $this->front->emol($this->front->playside);

        return $edge !== null &&
            $this->posts->letter($post) !== null &&
            $this->front->men[$edge]->over === $this->posts->letter($post);
    }

    /** The last man on the line of a side is a backer and an end is inside him (ARC-04). */
    private function backerOnEdge(bool $playside): bool
    {
        $edge = $this->front->emol($playside ? $this->front->playside : $this->front->playside->opposite());

        return $edge !== null && in_array(
            $this->front->men[$edge]->role,
            ['sam', 'jack', 'will', 'mike', 'nickel', 'rover'],
            true,
        );
    }

    private function tagged(string $name, bool $playside): bool
    {
        $tag = $this->run->tagged($name);

        return $tag !== null && (($tag->side ?? $this->run->side->opposite()) === $this->run->side) === $playside;
    }
}
