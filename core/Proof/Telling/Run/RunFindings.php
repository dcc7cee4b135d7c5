<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Blocking\Run\Catalogue\Tags;
use Jacotaxis\Core\Defense\Count\DiveKey;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Offense\Legal\Legality;
use Jacotaxis\Core\Offense\Motion\Arrival;
use Jacotaxis\Core\Proof\Run\Ball\Pitched;
use Jacotaxis\Core\Proof\Run\PreSnap;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Sheet\RunAnswers;
use Jacotaxis\Core\Proof\Telling\Findings\MotionFindings;

/** What a coach would want to be told about a run: who is left, who does not get there, what the rule book says. */
final class RunFindings
{
    /** How wide a pitch man is wanted, and how deep, yards (OPT-05). */
    private const WIDE_YD = [4.0, 5.0];

    private const BEHIND_YD = 1.0;

    /** Off by so much he is still in relation, and off by so much no pitch reaches him, yards (product defaults). */
    private const NEAR_YD = 1.5;

    private const LOST_YD = 3.0;

    /** A quarterback who waits longer for his pitch man has an end on him, seconds (product default). */
    private const WAITS_S = 0.15;

    /** A pitch man this late makes a bad pitch, yards: a step (MOT-03). */
    private const STEP_YD = 1.0;

    /**
     * @param  list<array{tag: string, words: string, verdict: string, strength: float, accounts: list<string>,
     *     leaves: list<string>}>|null  $answers  tags that answer, when they are known
     * @return list<Finding>
     */
    public static function of(RunProof $proof, ?array $answers = null): array
    {
        $scene = $proof->scene;
        $answers ??= RunAnswers::of($proof);

        return [
            ...Legality::check($scene->snap, $scene->setting->situation->rules, array_keys($scene->routes)),
            ...MotionFindings::of($scene),
            ...self::unaccounted($proof, $answers),
            ...self::letThrough($proof),
            ...BlockFindings::of($proof),
            ...self::count($proof),
            ...self::pitch($proof),
            ...self::downfield($proof),
            ...self::dive($proof),
            ...self::staff($proof),
            ...Cautions::of($proof),
        ];
    }

    /**
     * Men at the point who are neither blocked nor read nor counted out (CNT-05).
     *
     * @param  list<array{tag: string, words: string, verdict: string, strength: float, accounts: list<string>,
     *     leaves: list<string>}>  $answers
     * @return list<Finding>
     */
    private static function unaccounted(RunProof $proof, array $answers): array
    {
        return array_map(function (string $role) use ($proof, $answers): Finding {
            $tags = array_values(array_filter($answers, fn (array $a): bool => in_array($role, $a['accounts'], true)));
            $fix =
                $tags === []
                    ? 'No stored tag has him: read him, throw outside, or call another run.'
                    : "Tag {$tags[0]['tag']}: {$tags[0]['words']}.";

            return new Finding(
                'unaccounted',
                $proof->verdict() === Verdict::Covered ? Finding::FAULT : Finding::CAUTION,
                null,
                'Nobody has the '.$role.': he is neither blocked nor read.',
                'CNT-05',
                $fix,
            );
        }, $proof->resolved->unaccounted);
    }

    /** @return list<Finding> */
    private static function letThrough(RunProof $proof): array
    {
        $let = $proof->resolved->letThrough();

        return $let === [] ? [] : [new Finding(
            'let-through',
            Finding::INFO,
            null,
            'The '.implode(' and the ', $let).(count($let) > 1 ? ' are' : ' is').' let up the field on purpose.',
        )];
    }

    /**
     * The box against the blockers, and where the throw would be (CNT-03, CNT-07).
     *
     * @return list<Finding>
     */
    private static function count(RunProof $proof): array
    {
        $before = PreSnap::of($proof->scene, $proof->resolved);
        if (
            $before->box->free() <= 0 ||
            $proof->resolved->unaccounted === [] ||
            $proof->resolved->run->scheme()->isOption()
        ) {
            return [];
        }

        return [
            new Finding(
                'box',
                Finding::CAUTION,
                null,
                "The box: {$before->why}",
                'CNT-03',
                'Throw outside to the side numbers, grass or leverage favor, or add a quick throw: rpo.',
            ),
        ];
    }

    /**
     * The pitch man must be where the pitch goes when it goes.
     *
     * @return list<Finding>
     */
    private static function pitch(RunProof $proof): array
    {
        $pitch = $proof->carriers['pitch'] ?? null;
        $keep = $proof->carriers['keep'] ?? null;
        if ($pitch === null || $keep === null) {
            return $proof->resolved->run->scheme()->pitch !== [] &&
                $pitch === null &&
                $proof->resolved->key('pitch') !== null
                ? [
                    new Finding(
                        'no-pitch-man',
                        Finding::CAUTION,
                        'Q',
                        'Nobody is there for the pitch: the quarterback keeps whatever the key does.',
                        null,
                        'Put a man in motion, or say two backs.',
                    ),
                ]
                : [];
        }
        if ($pitch->pitched === null) {
            return [];
        }
        $at = $pitch->pitched->leaves;
        [$qx, $qy] = $pitch->pitched->quarterback->at($at);
        [$px, $py] = $pitch->path->at($at);
        $wide = ($px - $qx) * $proof->resolved->run->side->sign();
        $findings = [self::relation($proof, $pitch->letter, $pitch->pitched, $wide, $qy - $py)];
        foreach ($proof->scene->snap->arrivals as $arrival) {
            if ($arrival->motion->who === $pitch->letter && abs($arrival->lateYd) >= self::STEP_YD) {
                $findings[] = self::lateMotion($arrival);
            }
        }

        return $findings;
    }

    /**
     * Where the pitch man is when it goes: off by more than a step he cannot be pitched to, and what cures it is a
     * motion or an alignment.
     */
    private static function relation(
        RunProof $proof,
        string $letter,
        Pitched $pitched,
        float $wide,
        float $behind,
    ): Finding {
        [$least, $most] = self::WIDE_YD;
        $off = max($least - $wide, $wide - $most, $behind - self::BEHIND_YD);
        $text = sprintf(
            'At the pitch (%.1f s) %s is %.1f yd outside and %.1f yd behind the quarterback; wanted are 4 to 5 and 1.',
            $pitched->leaves,
            $letter,
            $wide,
            $behind,
        );
        $waits = $pitched->lateS > self::WAITS_S;
        $text .= $waits ? sprintf(' Q waits %.1f s at the key for him.', $pitched->lateS) : '';
        if ($off <= self::NEAR_YD && ! $waits) {
            return new Finding('pitch-relation', Finding::INFO, $letter, $text, 'OPT-05');
        }
        $side = $proof->resolved->run->side->value;
        $cure = $proof->scene->men[$letter]->isBack()
            ? "Set him on the other side of the quarterback or a step wider, or send a slot: \"pitch $side\"."
            : "Send him behind the quarterback: \"$letter pitch $side\".";

        return new Finding(
            'pitch-relation',
            $off > self::LOST_YD ? Finding::FAULT : Finding::CAUTION,
            $letter,
            $text,
            'OPT-05',
            $cure,
        );
    }

    private static function lateMotion(Arrival $arrival): Finding
    {
        return new Finding('pitch-motion', Finding::CAUTION, $arrival->motion->who, sprintf(
            '%s is %.1f yd (%.1f steps) %s at the snap: the pitch goes behind him, and that is his fault, not the '
                .'pitch.',
            $arrival->motion->who,
            abs($arrival->lateYd),
            abs($arrival->lateSteps),
            $arrival->lateYd > 0.0 ? 'late' : 'early',
        ),
            'MOT-03', "Start him on the {$arrival->best->words()}.");
    }

    /**
     * Linemen past the neutral zone when the ball leaves (RPO-06).
     *
     * @return list<Finding>
     */
    private static function downfield(RunProof $proof): array
    {
        if ($proof->scene->routes === []) {
            return [];
        }
        $rules = $proof->scene->setting->situation->rules;
        $out = max(array_map(fn (array $p): float => $p['outcome']->pass === null ? 0.0 : $p['outcome']->outAt,
            [...$proof->pairs, ['outcome' => $proof->ruleTrue]]));
        $findings = [];
        foreach ($out <= 0.0 ? [] : $proof->resolved->blocks as $letter => $block) {
            $made = $proof->made[$letter] ?? null;
            if (! $proof->scene->men[$letter]->isLineman() || $made?->at === null || $made->yYd === null) {
                continue;
            }
            $start = $proof->scene->men[$letter]->yYd;
            $y = $start + min(1.0, $out / max(0.1, $made->at)) * ($made->yYd - 0.6 - $start);
            if ($y > $rules->ineligibleDownfieldYd()) {
                $findings[] = new Finding(
                    'downfield',
                    Finding::FAULT,
                    $letter,
                    sprintf(
                        '%s is %.1f yd downfield when the ball leaves at %.1f s; %s allows %g.',
                        $letter,
                        $y,
                        $out,
                        $rules->book(),
                        $rules->ineligibleDownfieldYd(),
                    ),
                    'RPO-06',
                    'Throw sooner, or keep him on the double.',
                );
            }
        }

        return $findings;
    }

    /**
     * An inside-eye man on the tackle who is the dive key: how far he is from what he must choose between (FRM-02).
     *
     * @return list<Finding>
     */
    private static function dive(RunProof $proof): array
    {
        $key = $proof->resolved->key('give');
        $rows = array_filter(
            DiveKey::of($proof->scene->defenders, $proof->scene->call->formation),
            fn (array $r): bool => $r['defender'] === $key && $r['warning'] !== null,
        );

        return array_values(
            array_map(
                fn (array $r): Finding => new Finding('dive-key', Finding::CAUTION, null, $r['warning'], 'FRM-02'),
                $rows,
            ),
        );
    }

    /**
     * Tags nobody can carry out, and rules of the staff that nothing in this look can set off.
     *
     * @return list<Finding>
     */
    private static function staff(RunProof $proof): array
    {
        $findings = [];
        foreach ($proof->resolved->run->tags as $tag) {
            $needs = Tags::needs($tag, $proof->resolved->run);
            if ($needs !== [] && $proof->resolved->posts->first($needs) === null) {
                $text = "The tag {$tag->words()} changes nothing: this set has no ".implode(' and no ', $needs).'.';
                $findings[] = new Finding(
                    'tag-idle',
                    Finding::CAUTION,
                    null,
                    $text,
                    null,
                    'Say a set that has him, or take the tag off.',
                );
            }
        }
        foreach ($proof->scene->call->rules as $rule) {
            if (! isset($proof->resolved->front->men[$rule->defender])) {
                $findings[] = new Finding(
                    'rule-idle',
                    Finding::INFO,
                    $rule->man,
                    "\"{$rule->words()}\" waits for a {$rule->defender}, and this look has none.",
                );
            }
        }

        return $findings;
    }
}
