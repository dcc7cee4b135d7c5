<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Level;

/**
 * A trade truth and how it may vary: sets, sides, hashes, levels, fronts, depths. Common practice, no published source.
 *
 * In the words of the call {set}, {side}, {other}, {opp} and {yd} stand for the set, the side of the call, the other
 * side, the side of the set where the call goes away from it, and a depth in yards.
 */
final readonly class Truth
{
    public const FRONTS = ['4-2 nickel', '4-3 over', '3-4'];

    /**
     * @param  list<string>  $calls
     * @param  list<string>  $sets
     * @param  list<string>  $shells  the rest of the look after the front
     * @param  list<string>  $fronts
     * @param  list<string>  $depths
     * @param  list<Level>  $levels
     * @param  list<Hash>  $hashes
     */
    private function __construct(
        public string $name,
        private Want $want,
        private array $calls,
        private array $sets,
        private array $shells,
        private array $fronts = self::FRONTS,
        private array $depths = [''],
        private array $levels = [Level::HighSchool, Level::College],
        private array $hashes = [Hash::Middle, Hash::Left, Hash::Right],
        private string $situation = '',
    ) {
    }

    /**
     * @param  list<string>  $sets
     * @param  list<string>  $shells
     */
    public static function of(string $name, Want $want, string $call, array $sets, array $shells): self
    {
        return new self($name, $want, [$call], $sets, $shells);
    }

    /** @param  array<string, mixed>  $change */
    private function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    /** The same wish of other calls too. */
    public function andCalls(string ...$calls): self
    {
        return $this->with(['calls' => [...$this->calls, ...array_values($calls)]]);
    }

    public function fronts(string ...$fronts): self
    {
        return $this->with(['fronts' => array_values($fronts)]);
    }

    /** Depths in yards that stand for {yd}. */
    public function depths(string ...$depths): self
    {
        return $this->with(['depths' => array_values($depths)]);
    }

    public function in(string $situation): self
    {
        return $this->with(['situation' => $situation, 'hashes' => [Hash::Middle]]);
    }

    /** From one hash alone. */
    public function hash(Hash $hash): self
    {
        return $this->with(['hashes' => [$hash]]);
    }

    /** From the middle of the field alone. */
    public function middle(): self
    {
        return $this->with(['hashes' => [Hash::Middle]]);
    }

    public function levels(Level ...$levels): self
    {
        return $this->with(['levels' => array_values($levels)]);
    }

    /** @return list<TruthCase> */
    public function cases(): array
    {
        $cases = [];
        foreach ($this->calls as $call) {
            foreach ($this->sets as $set) {
                foreach (str_contains($call, '{side}') ? Side::cases() : [Side::Right] as $side) {
                    foreach (str_contains($call, '{yd}') ? $this->depths : [''] as $depth) {
                        array_push($cases, ...$this->against($call, $set, $side, $depth));
                    }
                }
            }
        }

        return $cases;
    }

    /** @return list<TruthCase> */
    private function against(string $call, string $set, Side $side, string $depth): array
    {
        $words = [
            '{set}' => $set,
            '{side}' => $side->value,
            '{other}' => $side->opposite()->value,
            '{opp}' => $side->opposite()->value,
            '{yd}' => $depth,
        ];
        $cases = [];
        foreach ($this->fronts as $front) {
            foreach ($this->shells as $shell) {
                foreach ($this->levels as $level) {
                    foreach ($this->hashes as $hash) {
                        $cases[] = new TruthCase(
                            $this->name,
                            strtr($call, $words),
                            strtr("$front, $shell", $words),
                            $this->want->filled($words),
                            $level,
                            $hash,
                            $this->situation,
                        );
                    }
                }
            }
        }

        return $cases;
    }
}
