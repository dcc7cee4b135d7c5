<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Side;

/** Receivers by number from each sideline inward, and the backs, who have none. */
final readonly class ReceiverCount
{
    /**
     * @param  list<string>  $left  letters, #1 first
     * @param  list<string>  $right  letters, #1 first
     * @param  list<string>  $backs
     */
    private function __construct(public array $left, public array $right, public array $backs)
    {
    }

    /** @param  iterable<Man>  $men */
    public static function of(iterable $men): self
    {
        $sides = ['left' => [], 'right' => []];
        $backs = [];
        foreach ($men as $man) {
            if ($man->isLineman() || $man->isQuarterback()) {
                continue;
            }
            if ($man->isBack()) {
                $backs[] = $man->letter;
            } else {
                // Of two in a stack the one in front counts first.
                $sides[$man->side()->value][$man->letter] = $man->side()->sign() * $man->xYd + 0.001 * $man->yYd;
            }
        }
        arsort($sides['left']);
        arsort($sides['right']);

        return new self(array_keys($sides['left']), array_keys($sides['right']), $backs);
    }

    /**
     * The count after the release: everybody by where he is when the routes have parted, a back who swings out among
     * them.
     *
     * @param  array<string, float>  $x  width by letter, yards
     */
    public static function afterRelease(array $x): self
    {
        $left = array_filter($x, fn (float $at): bool => $at < 0.0);
        $right = array_filter($x, fn (float $at): bool => $at >= 0.0);
        asort($left);
        arsort($right);

        return new self(array_keys($left), array_keys($right), []);
    }

    /** @return list<string> */
    public function on(Side $side): array
    {
        return $side === Side::Left ? $this->left : $this->right;
    }

    /** The letter of receiver #$number on a side, or null when the side has fewer. */
    public function letter(Side $side, int $number): ?string
    {
        return $this->on($side)[$number - 1] ?? null;
    }

    /** Receiver number of a man, or null for a back, a lineman or the quarterback. */
    public function number(string $letter): ?int
    {
        foreach ([$this->left, $this->right] as $side) {
            $at = array_search($letter, $side, true);
            if ($at !== false) {
                return $at + 1;
            }
        }

        return null;
    }

    public function sideOf(string $letter): ?Side
    {
        return match (true) {
            in_array($letter, $this->left, true) => Side::Left,
            in_array($letter, $this->right, true) => Side::Right,
            default => null,
        };
    }

    /** The side with more receivers, else the field side, else the side the set is called to. */
    public function strength(Hash $hash, Side $called): Side
    {
        return match (count($this->right) <=> count($this->left)) {
            1 => Side::Right,
            -1 => Side::Left,
            default => $hash->fieldSide() ?? $called,
        };
    }
}
