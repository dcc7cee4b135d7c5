<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Trigger;

use Jacotaxis\Core\Film\Chart\DefenderAct;
use Jacotaxis\Core\Film\Chart\DefenderSeen;

/** What has to be seen, and how often: a kind of defender doing one of some things, or so many men in the box. */
final readonly class Need
{
    /**
     * @param  string  $kind  what the defender's name ends with (safety, corner, end), or "backer" for those inside
     * @param  list<DefenderAct>  $acts  any of them
     */
    private function __construct(
        public string $words,
        public int $times,
        private string $kind = '',
        private array $acts = [],
        private ?int $box = null,
    ) {
    }

    public static function act(string $kind, int $times, DefenderAct ...$acts): self
    {
        $said = implode(' or ', array_map(fn (DefenderAct $a): string => $a->value, $acts));

        return new self(($kind === '' ? 'somebody' : $kind)." $said", $times, $kind, array_values($acts));
    }

    public static function box(int $men, int $times): self
    {
        return new self("$men men in the box", $times, box: $men);
    }

    public function seenOn(WatchedSnap $snap): bool
    {
        if ($this->box !== null) {
            return $snap->box !== null && $snap->box >= $this->box;
        }

        return array_filter(
            $snap->acts,
            fn (DefenderSeen $a): bool => in_array($a->act, $this->acts, true) && $this->isHis($a->defender),
        ) !== [];
    }

    private function isHis(string $role): bool
    {
        return $this->kind === 'backer'
            ? ! str_ends_with($role, 'safety') && ! str_ends_with($role, 'corner') && ! str_ends_with($role, 'end')
            : str_ends_with($role, $this->kind);
    }
}
