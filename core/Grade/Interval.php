<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/** A share with its interval, honest at small counts: the score interval of Wilson (1927), 95 % unless said. */
final readonly class Interval
{
    /** Standard normal deviate of 95 %. */
    private const Z = 1.959963984540054;

    private function __construct(public int $hits, public int $of, public float $low, public float $high)
    {
    }

    public static function of(int $hits, int $of, float $z = self::Z): self
    {
        if ($of === 0) {
            return new self(0, 0, 0.0, 1.0);
        }
        $p = $hits / $of;
        $z2 = $z * $z;
        $middle = ($p + $z2 / (2 * $of)) / (1.0 + $z2 / $of);
        $half = $z / (1.0 + $z2 / $of) * sqrt($p * (1.0 - $p) / $of + $z2 / (4.0 * $of * $of));

        return new self($hits, $of, max(0.0, $middle - $half), min(1.0, $middle + $half));
    }

    public function share(): ?float
    {
        return $this->of === 0 ? null : $this->hits / $this->of;
    }

    /** Whether it lies wholly apart from another: only then is one better than the other. */
    public function apartFrom(self $other): bool
    {
        return $this->low > $other->high || $this->high < $other->low;
    }

    /** @return array{hits: int, of: int, share: float|null, low: float, high: float} */
    public function toArray(): array
    {
        return ['hits' => $this->hits, 'of' => $this->of, 'share' => $this->share() === null ? null
            : round($this->share(), 3), 'low' => round($this->low, 3), 'high' => round($this->high, 3)];
    }
}
