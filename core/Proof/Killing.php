<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Decided;
use Jacotaxis\Core\Concept\Kill;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Defense\Aligning\ByHand;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Count\Box;
use Jacotaxis\Core\Defense\Count\Middle;
use Jacotaxis\Core\Defense\Count\Outside;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Proof\Scene\Setting;

/** Which of two calls is played against a look: by what stands there before the snap, not by what comes after it. */
final readonly class Killing
{
    /** A linebacker this near the line has walked up, yards (product default). */
    private const WALKED_YD = 2.5;

    /** @param  list<Defender>  $defenders  before the snap */
    private function __construct(private array $defenders, private Lineup $lineup, private Box $box)
    {
    }

    /** The call that is played, with the reason in `decided`; a single call comes back as it is. */
    public static function decided(Call $call, Look $look, Setting $setting): Call
    {
        $kill = $call->kill;
        if ($kill === null) {
            return $call;
        }
        $situation = $setting->situation;
        $snap = $call->snap($situation->frame(), $setting->clock());
        $before = Lineup::of($snap->before, $situation->frame(), $situation->hash, $call->formation->side);
        $now = Lineup::of($snap->men, $situation->frame(), $situation->hash, $call->formation->side);
        $defenders = Alignment::of($look, $now, $before)->before;
        $box = Box::of(
            $defenders,
            $before,
            $setting->schools,
            out: ByHand::counted($defenders, $look, $before, 'out'),
            counted: ByHand::counted($defenders, $look, $before, 'in'),
        );
        [$holds, $seen] = (new self($defenders, $before, $box))->sees($kill, $call);
        $decided = new Decided($holds, $seen);

        return $holds
            ? $kill->to->with(['situation' => $call->situation, 'decided' => $decided])
            : $call->with(['decided' => $decided]);
    }

    /**
     * Whether the rule of the kill holds, and what is seen.
     *
     * @return array{bool, string}
     */
    private function sees(Kill $kill, Call $first): array
    {
        // A man the run reads is not blocked and does not count (CNT-02).
        $read = min($this->box->raw(), count(($first->run ?? $kill->to->run)?->scheme()->keys ?? []));
        $free = $this->box->free() - $read;
        $box = sprintf(
            '%d in the box%s for %d blockers',
            $this->box->raw(),
            $read === 0 ? '' : ", $read of them read,",
            $this->box->blockerCount,
        );
        $open = Middle::of($this->defenders) === 'open';
        $middle = $open ? 'the middle is open' : 'the middle is closed';
        $nose = $this->nose();
        $front = $nose === null
            ? 'nobody is over the center, an even front'
            : "the $nose is over the center, an odd front";

        return match ($kill->when) {
            KillRule::HeavyBox => [$free > 0, $box],
            KillRule::LightBox => [$free <= 0, $box],
            KillRule::BoxOf => [$this->box->raw() >= ($kill->box ?? 0), $box],
            KillRule::MiddleOpen => [$open, $middle],
            KillRule::MiddleClosed => [! $open, $middle],
            KillRule::Numbers => $this->numbers($first->run->side ?? $this->lineup->strong),
            KillRule::WalkedUp => $this->walked(),
            KillRule::Press => $this->corners(true),
            KillRule::Soft => $this->corners(false),
            KillRule::OddFront => [$nose !== null, $front],
            KillRule::EvenFront => [$nose === null, $front],
        };
    }

    /** Who plays head-up on the center. */
    private function nose(): ?string
    {
        foreach ($this->defenders as $d) {
            if ($d->over === 'C' && $d->technique === '0') {
                return $d->role;
            }
        }

        return null;
    }

    /**
     * More of them than of us where the run goes, and fewer on the other side.
     *
     * @return array{bool, string}
     */
    private function numbers(Side $side): array
    {
        $here = $this->count($side);
        $there = $this->count($side->opposite());

        return [
            $here > $there,
            sprintf(
                '%d of theirs against ours on the %s, %d on the %s',
                $this->theirs($side),
                $side->value,
                $this->theirs($side->opposite()),
                $side->opposite()->value,
            ),
        ];
    }

    /** How many more of theirs than of ours who can block stand on a side; the man over the ball is nobody's. */
    private function count(Side $side): int
    {
        $ours = array_filter(
            $this->lineup->men,
            fn ($m): bool => ! $m->isBack() && ! $m->isQuarterback() && $m->xYd * $side->sign() > 0.2,
        );

        return $this->theirs($side) - count($ours);
    }

    /** Defenders short of the deep ones on a side. */
    private function theirs(Side $side): int
    {
        return count(array_filter(
            $this->defenders,
            fn (Defender $d): bool => $d->yYd < Middle::DEEP_YD && $d->xYd * $side->sign() > 0.2,
        ));
    }

    /** @return array{bool, string} */
    private function walked(): array
    {
        foreach ($this->defenders as $d) {
            if ($d->group === Group::Backer && $d->yYd <= self::WALKED_YD && in_array($d->role, $this->box->in, true)) {
                return [true, "the {$d->role} is walked up"];
            }
        }

        return [false, 'no linebacker is walked up'];
    }

    /** @return array{bool, string} */
    private function corners(bool $press): array
    {
        foreach ($this->defenders as $d) {
            if ($d->group === Group::Corner && ($d->yYd <= Outside::PRESS_YD) === $press) {
                return [true, "the {$d->role} ".($press ? 'presses' : 'plays off')];
            }
        }

        return [false, $press ? 'no corner presses' : 'every corner presses'];
    }
}
