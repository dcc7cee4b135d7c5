<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;

/** A set as called: where the quarterback stands, the set, its side, a modifier, the line splits, men moved by hand. */
final readonly class Formation
{
    /** Splits to the wide side of the field open by this factor. */
    private const WIDEN = 1.2;

    /** Room in yards that the widest man leaves to the sideline. */
    private const ROOM_YD = 5.0;

    /** Neighbors on one level stand at least this far apart, yards; on two levels they may stack. */
    private const APART_YD = 1.3;

    public const MODIFIERS = ['condensed', 'tight', 'wide', 'over'];

    /**
     * @param  array<string, array{float, float}>  $spots  men moved by hand, width and depth in yards
     * @param  array<string, string>  $standIns  letter of the set => letter who stands there in his place
     */
    public function __construct(
        public string $quarterback = 'gun',
        public string $set = '2x2',
        public Side $side = Side::Right,
        public ?string $modifier = null,
        public ?LineSplits $splits = null,
        public array $spots = [],
        public array $standIns = [],
    ) {
    }

    public function splits(): LineSplits
    {
        return $this->splits ?? Sets::usualSplits($this->set);
    }

    /**
     * The eleven at a ball spot; a split that would come too near the sideline closes down, and the men inside it in
     * proportion.
     *
     * @return array<string, Man> by letter
     */
    public function men(PlayFrame $frame): array
    {
        $men = $this->line();
        $men['Q'] = new Man('Q', 0.0, Sets::quarterbackDepth($this->quarterback));
        foreach ($this->backs() as $letter => [$x, $depth]) {
            $men[$letter] = new Man($letter, $x, $depth);
        }
        foreach ($this->receivers($men, $frame) as $letter => [$x, $y]) {
            $men[$letter] = new Man($letter, $x, $y);
        }
        foreach ($this->spots as $letter => [$x, $y]) {
            if (isset($men[$letter])) {
                $men[$letter] = new Man($letter, $x, $y);
            }
        }

        return $men;
    }

    /** @return list<string> the five letters who are in */
    public function letters(): array
    {
        return array_map($this->who(...), Sets::letters($this->set));
    }

    /** Backs and tight ends as a two-figure group: one back and one tight end is "11". */
    public function personnel(): string
    {
        $letters = $this->letters();
        $backs = array_unique([...array_intersect($letters, ['R', 'F']), ...Sets::backLetters($this->set)]);

        $ends = array_unique([...array_intersect($letters, ['Y']), ...Sets::ends($this->set)]);

        return count($backs).count($ends);
    }

    /** Whether a two-figure group lines up so: who stands flexed or split out may be a receiver, too. */
    public function takes(string $group): bool
    {
        [$backs, $ends] = array_map(intval(...), str_split($this->personnel()));
        $behind = count(Sets::backLetters($this->set));
        $attached = count(Sets::ends($this->set));
        $has = array_map(intval(...), str_split($group));

        return $has[0] >= $behind && $has[0] <= $backs && $has[1] >= $attached && $has[1] <= $ends;
    }

    public function words(): string
    {
        return implode(' ', array_filter(
            [$this->quarterback, $this->set, $this->modifier, $this->side->value],
            fn (?string $word): bool => $word !== null && $word !== '',
        ))
            .($this->splits === null ? '' : ", {$this->splits->words()}")
            .implode('', array_map(
                fn (string $l, Side $s): string => ", $l $s->value",
                array_keys($this->besides()),
                $this->besides(),
            ));
    }

    /** A back on one side of the quarterback, wherever the set has him; who stands there changes places with him. */
    public function withBack(string $letter, Side $side): self
    {
        $usual = $this->backs();
        $now = array_intersect_key($this->spots, $usual) + $usual;
        $to = $this->beside($side);
        $other = array_search($to, $now, true);
        if ($other !== false) {
            $now[$other] = $now[$letter];
        }
        $now[$letter] = $to;
        $moved = array_filter($now, fn (array $at, string $l): bool => $at !== $usual[$l], ARRAY_FILTER_USE_BOTH);

        return $this->withSpots($moved + array_diff_key($this->spots, $usual));
    }

    /** @return list<string> the letters of those in the backfield */
    public function backLetters(): array
    {
        return array_map($this->who(...), Sets::backLetters($this->set));
    }

    /**
     * Backs who were put beside the quarterback.
     *
     * @return array<string, Side> by letter
     */
    public function besides(): array
    {
        $found = [];
        foreach (array_intersect_key($this->spots, array_flip($this->backLetters())) as $letter => $spot) {
            foreach (Side::cases() as $side) {
                if ($spot === $this->beside($side)) {
                    $found[$letter] = $side;
                }
            }
        }

        return $found;
    }

    /** @param  array<string, array{float, float}>  $spots */
    public function withSpots(array $spots): self
    {
        return new self(
            $this->quarterback,
            $this->set,
            $this->side,
            $this->modifier,
            $this->splits,
            $spots,
            $this->standIns,
        );
    }

    public function withModifier(?string $modifier): self
    {
        return new self(
            $this->quarterback,
            $this->set,
            $this->side,
            $modifier,
            $this->splits,
            $this->spots,
            $this->standIns,
        );
    }

    public function mirrored(): self
    {
        $spots = [];
        foreach ($this->spots as $letter => [$x, $y]) {
            $spots[(new Man($letter, $x, $y))->mirrored()->letter] = [-$x, $y];
        }

        return new self(
            $this->quarterback,
            $this->set,
            $this->side->opposite(),
            $this->modifier,
            $this->splits,
            $spots,
            $this->standIns,
        );
    }

    private function who(string $letter): string
    {
        return $this->standIns[$letter] ?? $letter;
    }

    /** @return array<string, array{float, float}> width and depth of the set's backs, yards, by letter */
    private function backs(): array
    {
        $at = [];
        foreach (Sets::backs($this->set, $this->quarterback) as $letter => [$anchor, $yd, $depth]) {
            $at[$this->who($letter)] = [$this->widthOf($anchor, $yd) * $this->side->sign(), $depth];
        }

        return $at;
    }

    /** @return array{float, float} width and depth beside the quarterback, yards */
    private function beside(Side $side): array
    {
        [$anchor, $yd, $depth] = Sets::beside($this->quarterback);

        return [$this->widthOf($anchor, $yd) * $side->sign(), $depth];
    }

    private function widthOf(string $anchor, float $yd): float
    {
        return $anchor === 'guard' ? ($yd <=> 0.0) * $this->splits()->guardXYd() + $yd : $yd;
    }

    /** @return array<string, Man> the five linemen; tackle over puts the weak tackle outside the strong one */
    private function line(): array
    {
        $splits = $this->splits();
        $x = ['LT' => -$splits->tackleXYd(), 'LG' => -$splits->guardXYd(), 'C' => 0.0, 'RG' => $splits->guardXYd(),
            'RT' => $splits->tackleXYd()];
        if ($this->modifier === 'over' || Sets::isOver($this->set)) {
            $over = $this->side === Side::Right ? 'LT' : 'RT';
            $x[$over] = $this->side->sign() * ($splits->tackleXYd() + $splits->nextYd());
        }
        $men = [];
        foreach ($x as $letter => $at) {
            $men[$letter] = new Man($letter, $at, Sets::ON);
        }

        return $men;
    }

    /**
     * @param  array<string, Man>  $line
     * @return array<string, array{float, float}> by letter
     */
    private function receivers(array $line, PlayFrame $frame): array
    {
        $xs = array_map(fn (string $l): float => $line[$l]->xYd, Man::LINEMEN);
        $placed = ['left' => [], 'right' => []];
        foreach (Sets::receivers($this->set) as $letter => $spot) {
            $side = $spot[1] < 0.0 ? $this->side->opposite() : $this->side;
            $end = $side === Side::Right ? max($xs) : -min($xs);
            $wide =
                $spot[0] === 'end'
                    ? $end + abs($spot[1])
                    : $this->split(abs($spot[1]), $side, $frame) + ($spot[3] ?? 0.0);
            $placed[$side->value][$this->who($letter)] = [$wide, $spot[2]];
        }
        $spots = [];
        foreach ($placed as $side => $men) {
            foreach (self::apart($men) as $letter => [$wide, $y]) {
                $spots[$letter] = [Side::from($side)->sign() * $wide, $y];
            }
        }

        return $spots;
    }

    private function split(float $yd, Side $side, PlayFrame $frame): float
    {
        $yd = match ($this->modifier) {
            'condensed' => min($yd, 5.2 + ($yd - 5.2) * 0.22),
            'tight' => min($yd, 4.2 + ($yd - 4.2) * 0.08),
            'wide' => $yd >= 8.0 ? $yd * 1.2 : $yd,
            default => $yd,
        };
        if ($this->modifier === 'condensed' || $this->modifier === 'tight') {
            return $yd;
        }
        $widths = array_map(fn (array $spot): float => abs($spot[1]), array_values(Sets::receivers($this->set)));
        $widest =
            max(0.0, ...$widths) *
            ($this->modifier === 'wide' ? 1.2 : 1.0);
        $room = abs($frame->sidelineX($side));
        $close = min(self::WIDEN, $room / (RuleSet::WIDTH_YD / 2.0), ($room - self::ROOM_YD) / $widest);

        return $yd * $close;
    }

    /**
     * Men on one level keep a yard and a third from each other, counted from the ball out.
     *
     * @param  array<string, array{float, float}>  $men
     * @return array<string, array{float, float}>
     */
    private static function apart(array $men): array
    {
        uasort($men, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $letters = array_keys($men);
        foreach ($letters as $n => $letter) {
            foreach (array_slice($letters, 0, $n) as $inside) {
                $need =
                    match (true) {
                        abs($men[$letter][1] - $men[$inside][1]) > 1.5 => 0.0,
                        abs($men[$letter][1] - $men[$inside][1]) > 0.9 => 1.0,
                        default => self::APART_YD,
                    };
                $men[$letter] = [max($men[$letter][0], $men[$inside][0] + $need), $men[$letter][1]];
            }
        }

        return $men;
    }
}
