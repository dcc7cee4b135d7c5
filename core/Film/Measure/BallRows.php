<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;

/** The clock and the path of the ball: drop, mesh, throw, pitch. Times are from the snap. */
final readonly class BallRows
{
    /** Wide and deep of the man with the ball, yards (domain). */
    private const RELATION_YD = [4.5, 1.0];

    public const EXCHANGE = 'depth of the exchange';

    private const CLOCK_SD = Measures::MARK_S * M_SQRT2;

    public function __construct(private Measures $m)
    {
    }

    /** @return list<Row> */
    public function all(): array
    {
        return array_values(
            array_filter([
                ...$this->throw(),
                ...$this->drop(),
                ...$this->mesh(),
                ...$this->pitch(),
                ...$this->keyToBall(),
            ]),
        );
    }

    /** @return list<Row|null> */
    private function throw(): array
    {
        $out = $this->m->after('ball out');
        if ($out === null) {
            return [];
        }
        $broke = $this->m->film->thrownTo() === null ? null : $this->m->after('break', $this->m->film->thrownTo());
        $caught = $this->m->after('catch');

        return [
            Row::of('Q', 'ball out', 's', $this->plannedOut(), $out, self::CLOCK_SD),
            $broke === null ? null : Row::of('Q', 'ball out after the break', 's', null, $out - $broke, self::CLOCK_SD),
            $caught === null ? null : Row::of('Q', 'ball in the air', 's', null, $caught - $out, self::CLOCK_SD),
        ];
    }

    /** @return list<Row|null> */
    private function drop(): array
    {
        $planted = $this->m->after('back foot');
        $pass = $this->m->pass();
        $drop = $pass?->scene->drop ?? Footwork::Three;
        $rolls = $pass?->scene->rolls() !== null;
        $track = $this->m->track('Q');
        $at = $planted === null ? null : $track?->at($planted);
        $out = $this->m->after('ball out');

        return [
            $planted === null
                ? null
                : Row::of(
                    'Q',
                    'back foot down',
                    's',
                    $pass === null || $rolls ? null : $drop->setAt(),
                    $planted,
                    self::CLOCK_SD,
                ),
            $planted === null || $out === null
                ? null
                : Row::of('Q', 'plant to ball out', 's', null, $out - $planted, self::CLOCK_SD),
            $at === null
                ? null
                : Row::of(
                    'Q',
                    'depth of the drop',
                    'yd',
                    $pass === null || $rolls ? null : -$pass->scene->launch()[1],
                    -$at->yYd,
                    max(0.05, $at->sdYYd),
                ),
        ];
    }

    /** @return list<Row|null> */
    private function mesh(): array
    {
        $mesh = $this->m->after('mesh');
        $carrier = $this->m->run()->carriers['give'] ?? ($this->fakeMesh());

        return [
            $mesh === null
                ? null
                : Row::of($carrier->letter ?? 'Q', 'mesh', 's', $carrier?->from, $mesh, self::CLOCK_SD),
            $this->exchange($carrier, $mesh),
        ];
    }

    /**
     * How deep a jet is handed the ball; planned is the depth the staff coaches, where it has said so (jet-exchange).
     */
    private function exchange(?Carrier $carrier, ?float $mesh): ?Row
    {
        $jet = $this->m->run()?->resolved->run->scheme()->kind === RunKind::Jet;
        $at = ! $jet || $carrier === null || $mesh === null ? null : $this->m->track($carrier->letter)?->at($mesh);
        if ($at === null || $carrier === null) {
            return null;
        }

        return Row::of(
            $carrier->letter,
            self::EXCHANGE,
            'yd',
            $this->m->film->setting->schools->value('jet-exchange'),
            -$at->yYd,
            max(0.05, $at->sdYYd),
        );
    }

    private function fakeMesh(): ?Carrier
    {
        $proof = $this->m->proof;

        return $proof instanceof Proof ? ($proof->pair?->base?->carriers['give'] ?? null) : null;
    }

    /**
     * Where the pitch man is of the man with the ball. The plan is what he can reach from where he stands: 4 to 5
     * yards wide and a yard deep where there is time (OPT-04).
     *
     * @return list<Row|null>
     */
    private function pitch(): array
    {
        $carrier = $this->m->run()->carriers['pitch'] ?? null;
        $when = $this->m->after('ball out') ?? $this->m->after('mesh');
        if ($carrier === null || $when === null) {
            return [];
        }
        $back = $this->m->track($carrier->letter)?->at($when);
        $q = $this->m->track('Q')?->at($when);
        if ($back === null || $q === null) {
            return [];
        }
        $his = $carrier->pitched->quarterback ?? ($this->m->run()->carriers['keep'] ?? null)?->path;
        [$wide, $deep] = self::RELATION_YD;
        if ($his !== null) {
            [[$px, $py], [$qx, $qy]] = [$carrier->path->at($when), $his->at($when)];
            [$wide, $deep] = [abs($px - $qx), $qy - $py];
        }

        return [
            Row::of(
                $carrier->letter,
                'pitch: wide of Q',
                'yd',
                $wide,
                abs($back->xYd - $q->xYd),
                max(0.05, hypot($back->sdXYd, $q->sdXYd)),
            ),
            Row::of(
                $carrier->letter,
                'pitch: deep of Q',
                'yd',
                $deep,
                $q->yYd - $back->yYd,
                max(0.05, hypot($back->sdYYd, $q->sdYYd)),
            ),
        ];
    }

    /**
     * How long after the key had committed the ball left, seconds.
     *
     * @return list<Row|null>
     */
    private function keyToBall(): array
    {
        $out = $this->m->after('ball out');
        $key = $this->m->pass()?->mainKey()->role ?? ($this->m->run()?->keys[0]->role ?? null);
        $at = $key === null ? null : $this->m->after('key commits', $key);

        return [
            $at === null || $out === null
                ? null
                : Row::of('Q', 'ball out after the key committed', 's', null, $out - $at, self::CLOCK_SD),
        ];
    }

    /** When the ball should leave for the man it was thrown to: the middle of his slot. */
    private function plannedOut(): ?float
    {
        $reading = $this->m->pass()->readings[$this->m->film->thrownTo() ?? ''] ?? null;

        $slot = $reading?->slot();

        return $slot === null ? null : array_sum($slot) / 2.0;
    }
}
