<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Front;

/** A front as data: the men who rush from the line and the men behind them, strong side first. */
final readonly class Front
{
    /** Names two men of a front may share. */
    private const SIDED = ['end', 'tackle', 'guard'];

    /**
     * @param  list<LineMan>  $line
     * @param  SecondMan  $overhang  the man outside the backers: nickel, Sam or an end of the front
     * @param  SecondMan  $mike  the backer of the strong side
     * @param  SecondMan  $will  the backer of the weak side, or the back who stands for him
     * @param  SecondMan|null  $second  who stands in the place of the second safety, on the other side of the overhang
     * @param  bool  $passStrength  whether the overhang goes to the passing strength and not to the front's
     * @param  bool  $rare  left out of a sheet unless it is asked for
     */
    public function __construct(
        public string $name,
        public string $words,
        public array $line,
        public SecondMan $overhang,
        public SecondMan $mike,
        public SecondMan $will,
        public ?SecondMan $second = null,
        public bool $passStrength = false,
        public bool $rare = false,
    ) {
    }

    /** The front's own man in a slot; null when the shell's corner or safety stands there. */
    public function man(string $slot): ?SecondMan
    {
        return match ($slot) {
            'N' => $this->overhang,
            'M' => $this->mike,
            'W' => $this->will,
            'SS' => $this->second,
            default => null,
        };
    }

    /**
     * The eleven by role; of two men of one name the left and the right one.
     *
     * @return list<string>
     */
    public function roles(): array
    {
        $names = array_map(fn (LineMan $m): string => $m->name, $this->line);
        array_push(
            $names,
            $this->overhang->name,
            $this->mike->name,
            $this->will->name,
            $this->second->name ?? 'strong safety',
        );
        $roles = ['left corner', 'right corner', 'free safety'];
        foreach ($names as $name) {
            array_push($roles, ...in_array($name, self::SIDED, true) ? ["left $name", "right $name"] : [$name]);
        }

        return array_values(array_unique($roles));
    }

    /** @return list<string> names of the men behind the line who belong to the front */
    public function behind(): array
    {
        $names = [$this->overhang->name, $this->mike->name, $this->will->name];
        if ($this->second !== null) {
            $names[] = $this->second->name;
        }

        return $names;
    }
}
