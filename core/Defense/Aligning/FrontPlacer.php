<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Front\LineMan;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/** Puts the men of a front who always rush on the line, by technique, strength first. */
final class FrontPlacer
{
    public function __construct(
        private readonly Look $look,
        private readonly Lineup $lineup,
        private readonly Side $strong,
    ) {
    }

    /** @return list<Defender> */
    public function line(): array
    {
        $men = [];
        foreach (Fronts::get($this->look->front)->line as $man) {
            $side = $man->strong ? $this->strong : $this->strong->opposite();
            $tightEnd = $this->lineup->tightEnd($side) !== null;
            $technique = $tightEnd ? $man->besideTightEnd : $man->technique;
            $men[] = new Defender(
                $man->letter,
                self::role($man->name, $side),
                $this->x($technique, $side) + $side->sign() * $man->widerYd,
                $man->depthYd,
                $side,
                Job::rush(),
                $man->edge ? Group::Edge : Group::Line,
                Technique::covers($technique, $side, $this->lineup, $this->look->slides),
                $technique,
            );
        }
        foreach ($this->look->techniques as [$technique, $lineman]) {
            $men = $this->put($men, $technique, $lineman);
        }

        return $men;
    }

    /** Width of a technique on a side. */
    public function x(string $technique, Side $side): float
    {
        return Technique::x($technique, $side, $this->lineup, $this->look->slides);
    }

    /** A name that both sides have carries its side: "left end". */
    public static function role(string $name, Side $side): string
    {
        return in_array($name, ['end', 'tackle', 'guard'], true) ? "{$side->value} $name" : $name;
    }

    /**
     * The man nearest to the place goes there: first one on that lineman, else the nearest on the line.
     *
     * @param  list<Defender>  $men
     * @return list<Defender>
     *
     * @throws UnknownLook when the line has no such place
     */
    private function put(array $men, string $technique, string $lineman): array
    {
        $side =
            array_values(
                array_filter(
                    Side::cases(),
                    fn (Side $s): bool => Technique::covers($technique, $s, $this->lineup, $this->look->slides) ===
                        $lineman,
                ),
            )[0] ?? throw UnknownLook::technique($technique, $lineman);
        $x = $this->x($technique, $side);
        $order = array_keys($men);
        usort($order, fn (int $a, int $b): int => [$men[$a]->over !== $lineman,
            abs($men[$a]->xYd - $x)] <=> [$men[$b]->over !== $lineman, abs($men[$b]->xYd - $x)]);
        $men[$order[0]] = $men[$order[0]]->with(['xYd' => $x, 'yYd' => LineMan::DOWN_YD, 'technique' => $technique,
            'over' => $lineman]);

        return array_values($men);
    }
}
