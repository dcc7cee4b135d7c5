<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\ReceiverCount;

/** Puts the eleven of a look on the field against a formation, by the front's and the shell's own rules. */
final class Alignment
{
    /** Inside a receiver that a man covers or apexes, yards. */
    private const INSIDE_YD = 1.0;

    /** How far inside the receiver he matches a safety stands at most, yards. */
    private const MATCH_INSIDE_YD = 3.0;

    /** Share of the way from the ball to the middle of the field at which a middle man plays. */
    private const TO_MIDDLE = 0.75;

    private const ROLES = ['SS' => 'strong safety', 'FS' => 'free safety', 'N' => 'nickel', 'M' => 'mike', 'W' => 'will'];

    /** @param  array<string, Man>  $men */
    private function __construct(
        private readonly array $men,
        private readonly ReceiverCount $count,
        private readonly PlayFrame $frame,
        private readonly Side $strong,
    ) {
    }

    /**
     * @param  array<string, Man>  $men
     * @return list<Defender> eleven, down men first
     *
     * @throws UnknownLook when a moved man is not in the look or two stand on one spot
     */
    public static function of(Look $look, array $men, ReceiverCount $count, PlayFrame $frame, Side $strong): array
    {
        $align = new self($men, $count, $frame, $strong);
        $defenders = [...$align->front($look->front), ...$align->behind($look)];

        return self::moved($defenders, $look->spots);
    }

    /** @return list<Defender> */
    private function front(string $front): array
    {
        $down = [];
        foreach (Fronts::down($front) as [$letter, $where, $technique]) {
            $side = $this->side($where);
            $name = $letter === 'E' ? 'end' : 'tackle';
            $down[] = new Defender($letter, "{$side->value} $name", Technique::x($technique, $side), 1.0, $side,
                Job::rush(), 'line', Technique::covers($technique, $side), $technique);
        }

        return $down;
    }

    /** @return list<Defender> */
    private function behind(Look $look): array
    {
        $men = [];
        $backers = Fronts::backers($look->front);
        foreach (Shells::jobs($look->shell) as $key => $spec) {
            $side = $this->side($spec['side']);
            $corner = $key === 'CS' || $key === 'CW';
            $job = $this->opened($spec['job'], $side, $corner);
            [$x, $y, $over] = $this->spot($spec, $job, $side, $corner, $backers[$key][2] ?? 1.9);
            $men[] = new Defender(
                $corner ? 'C' : ($key === 'SS' || $key === 'FS' ? 'S' : $key),
                $corner ? "{$side->value} corner" : self::ROLES[$key],
                $x, $y, $side, $job, $corner ? 'corner' : (in_array($key, ['M', 'W'], true) ? 'backer' : 'safety'), $over,
            );
        }

        return $this->apart($men);
    }

    /** The same job with its width as a signed landmark in the play frame, opened or closed with the room on that side. */
    private function opened(Job $job, Side $side, bool $corner): Job
    {
        if ($job->kind === JobKind::Rush || $job->kind === JobKind::Man) {
            return $job;
        }
        $room = abs($this->frame->sidelineX($side)) / (RuleSet::WIDTH_YD / 2.0);
        $x = $side->sign() * $job->wideYd * max(0.6, min(1.2, $room));
        if ($job->wideYd < 1.0) {
            $x = self::TO_MIDDLE * $this->frame->middleX() + $side->sign() * $job->wideYd;
        }
        $first = $this->count->letter($side, 1);
        if ($corner && $first !== null) {
            $x = $this->men[$first]->xYd - $side->sign();
        }

        return new Job($job->kind, $job->words, $x, $job->deepYd, $job->takes, $job->match, $job->matchYd,
            $job->leverage, $job->first, $job->carryYd, $job->sinks);
    }

    /**
     * @param  array{side: string, align: string, offYd: float, job: Job}  $spec
     * @return array{float, float, string|null}
     */
    private function spot(array $spec, Job $job, Side $side, bool $corner, float $box): array
    {
        $out = $side->sign();
        if ($spec['align'] === 'deep') {
            return [$this->insideOf($job, $side) ?? $job->wideYd + 0.15 * $this->lean($job), $spec['offYd'], null];
        }
        if ($spec['align'] === 'box') {
            return [$out * $box, $spec['offYd'], null];
        }
        $letter = $this->count->letter($side, (int) $spec['align'][1]);
        if ($job->kind === JobKind::Man) {
            $letter = $this->taken($job) ?? $letter;
        }
        if ($letter === null) {
            return [$out * 5.5, min($spec['offYd'], 5.0), null];
        }
        $man = $this->men[$letter];
        $inside = $corner ? ($job->leverage === 'outside' ? -0.5 : self::INSIDE_YD) : ($job->kind === JobKind::Man ? self::INSIDE_YD + 0.5 : -1.0);

        return [$man->xYd - ($man->xYd <=> 0.0) * $inside, $spec['offYd'], $letter];
    }

    /** A safety who matches a receiver lines up inside him when that is wider than his landmark. */
    private function insideOf(Job $job, Side $side): ?float
    {
        $letter = $job->match === null ? null : $this->count->letter($side, (int) $job->match[1]);
        if ($letter === null || $job->leverage !== 'inside') {
            return null;
        }

        return $side->sign() * max(abs($job->wideYd), abs($this->men[$letter]->xYd) - self::MATCH_INSIDE_YD);
    }

    /** A middle man leans a little toward the side with more receivers. */
    private function lean(Job $job): float
    {
        return abs($job->wideYd) < 6.0 ? (float) (count($this->count->right) - count($this->count->left)) * 4.0 : 0.0;
    }

    /** The receiver a man defender takes, or null when none of his exists. */
    public function taken(Job $job): ?string
    {
        return self::takes($job, $this->count, $this->strong);
    }

    public static function takes(Job $job, ReceiverCount $count, Side $strong): ?string
    {
        foreach ($job->takes as $who) {
            $letter = $who === 'back'
                ? ($count->backs[0] ?? null)
                : $count->letter(str_ends_with($who, 'strong') ? $strong : $strong->opposite(), (int) $who[1]);
            if ($letter !== null) {
                return $letter;
            }
        }

        return null;
    }

    private function side(string $where): Side
    {
        return $where === 'strong' ? $this->strong : $this->strong->opposite();
    }

    /**
     * Nobody stands on top of another: of two within a yard the later gives a yard and a half of depth.
     *
     * @param  list<Defender>  $men
     * @return list<Defender>
     */
    private function apart(array $men): array
    {
        foreach ($men as $i => $a) {
            for ($j = $i + 1; $j < count($men); $j++) {
                if (hypot($a->xYd - $men[$j]->xYd, $a->yYd - $men[$j]->yYd) < 1.0) {
                    $men[$j] = $men[$j]->at($men[$j]->xYd, $men[$j]->yYd + 1.5);
                }
            }
        }

        return $men;
    }

    /**
     * @param  list<Defender>  $defenders
     * @param  array<string, array{float, float}>  $spots
     * @return list<Defender>
     */
    private static function moved(array $defenders, array $spots): array
    {
        $roles = array_map(fn (Defender $d): string => $d->role, $defenders);
        foreach ($spots as $role => [$x, $y]) {
            $at = array_search($role, $roles, true);
            if ($at === false) {
                throw UnknownLook::role($role, $roles);
            }
            $defenders[$at] = $defenders[$at]->at($x, $y);
        }
        foreach ($defenders as $i => $a) {
            foreach (array_slice($defenders, $i + 1) as $b) {
                if (hypot($a->xYd - $b->xYd, $a->yYd - $b->yYd) < 0.4) {
                    throw UnknownLook::crowded($a->role, $b->role);
                }
            }
        }

        return $defenders;
    }
}
