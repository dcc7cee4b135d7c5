<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Front;

use Jacotaxis\Core\Field\Side;

/** Finds the defender a rule's words mean: the first of targets joined by "/" whom nobody has yet. */
final readonly class Targets
{
    /** How far a blocker looks inside himself for the next man on the line, yards. */
    private const INSIDE_YD = 2.6;

    /** A safety and his corner stand at most so far from the receiver they play over, yards. */
    private const OVER_YD = 4.5;

    /** @param  list<string>  $missing  roles of the box nobody has without this rule */
    public function __construct(private FrontRead $front, private Posts $posts, private array $missing = [])
    {
    }

    /** @param  list<string>  $taken  roles that are blocked or read already */
    public function find(string $targets, string $letter, array $taken): ?string
    {
        foreach (explode('/', $targets) as $words) {
            foreach ($this->all(trim($words), $letter) as $role) {
                if (! in_array($role, $taken, true)) {
                    return $role;
                }
            }
        }

        return null;
    }

    /** Everybody the words may mean, the first choice first. @return list<string> */
    public function all(string $words, string $letter): array
    {
        $front = $this->front;
        $play = $front->playside;
        $back = $play->opposite();
        if (isset($front->men[$words])) {
            return [$words];
        }
        $found = match ($words) {
            'over' => $this->over($letter),
            'nose' => $front->nose(),
            'mike' => $front->mike,
            'on tackle' => $front->optionCount()[0] ?? null,
            'next out' => $front->optionCount()[1] ?? null,
            '#1', '#2', '#3', '#4' => $front->optionCount()[(int) $words[1] - 1] ?? null,
            'first down playside' => $front->firstDown(),
            'second down playside', 'next line out' => $front->firstDown() === null ? null : $front->lineOutside($front->firstDown()),
            'emol playside' => $front->emol($play),
            'emol backside' => $front->emol($back),
            'end inside the edge playside' => $this->second($front->line, true),
            'end inside the edge backside' => $this->second($front->line, false),
            'overhang playside' => $front->overhang($play),
            'overhang backside' => $front->overhang($back),
            'outside backer playside', 'wide playside backer' => $this->last([...$front->backers, ...$front->overhangs], true),
            'outside backer backside' => $this->last([...$front->backers, ...$front->overhangs], false),
            'support playside' => $front->support['playside'],
            'support backside' => $front->support['backside'],
            'support safety playside' => $this->supportSafety(),
            'not support' => $front->support['playside'] === $front->corner($play) ? $front->safety($play) : $front->corner($play),
            'corner playside' => $front->corner($play),
            'corner backside' => $front->corner($back),
            'playside safety' => $front->safety($play),
            'backside safety' => $front->safety($back),
            'free safety', 'backside deep' => $front->freeSafety(),
            default => false,
        };

        return $found === false ? $this->several($words, $letter) : ($found === null ? [] : [$found]);
    }

    /** Words that may mean more than one man. @return list<string> */
    private function several(string $words, string $letter): array
    {
        $backers = $this->front->backers;

        return match ($words) {
            // From the tackle in: the man of the second level the play runs at first.
            'playside backer' => $this->fromTackle($backers),
            'inside backer playside' => array_values(array_filter($backers, fn (string $r): bool => $this->front->u($r) > -0.6)),
            'backside backer' => $backers,
            'outside the tackle' => array_values(array_filter([...$backers, ...$this->front->overhangs], fn (string $r): bool => $this->front->u($r) > $this->front->end($this->front->playside) + 0.8)),
            'inside playside', 'inside backside' => $this->inside($letter),
            'nobody has' => $this->missing,
            default => [],
        };
    }

    /** @param  list<string>  $backers @return list<string> */
    private function fromTackle(array $backers): array
    {
        $tackle = $this->front->end($this->front->playside) + 0.8;
        usort($backers, fn (string $a, string $b): int => [$this->front->u($a) > $tackle, -$this->front->u($a)] <=> [$this->front->u($b) > $tackle, -$this->front->u($b)]);

        return $backers;
    }

    /** Men on the line inside a blocker, the nearest first. @return list<string> */
    private function inside(string $letter): array
    {
        $u = $this->posts->u($letter);
        $out = $u >= $this->front->middle() ? 1.0 : -1.0;
        $line = array_values(array_filter($this->front->line, fn (string $r): bool => ($u - $this->front->movedU($r)) * $out > -0.1 && ($u - $this->front->movedU($r)) * $out < self::INSIDE_YD));
        usort($line, fn (string $a, string $b): int => $out * $this->front->movedU($b) <=> $out * $this->front->movedU($a));

        return $line;
    }

    /** The man on a lineman, else who plays over a receiver. */
    private function over(string $letter): ?string
    {
        $on = $this->front->on($letter);
        if ($on !== null || $this->posts->lineup->men[$letter]->isLineman()) {
            return $on;
        }
        $u = $this->posts->u($letter);
        $near = array_filter(array_keys($this->front->men), fn (string $r): bool => abs($this->front->u($r) - $u) <= self::OVER_YD && $this->front->depth($r) < 10.0 && ! $this->front->isOnLine($r));
        usort($near, fn (string $a, string $b): int => abs($this->front->u($a) - $u) + 0.3 * $this->front->depth($a) <=> abs($this->front->u($b) - $u) + 0.3 * $this->front->depth($b));

        return $near[0] ?? null;
    }

    private function supportSafety(): ?string
    {
        $support = $this->front->support['playside'];

        return $support !== null && $this->front->men[$support]->group === 'safety' ? $support : $this->front->safety($this->front->playside);
    }

    /** @param  list<string>  $roles */
    private function last(array $roles, bool $playside): ?string
    {
        $roles = array_values(array_filter($roles, fn (string $r): bool => ($this->front->u($r) > 0.0) === $playside));
        usort($roles, fn (string $a, string $b): int => abs($this->front->u($b)) <=> abs($this->front->u($a)));

        return $roles[0] ?? null;
    }

    /** The man inside the last one on the line. @param  list<string>  $line */
    private function second(array $line, bool $playside): ?string
    {
        $line = array_values(array_filter($playside ? array_reverse($line) : $line, fn (string $r): bool => ($this->front->u($r) > 0.0) === $playside));

        return $line[1] ?? null;
    }

    /** The side a word for a side of the play means. */
    public function side(string $word): Side
    {
        return $word === 'backside' ? $this->front->playside->opposite() : $this->front->playside;
    }
}
