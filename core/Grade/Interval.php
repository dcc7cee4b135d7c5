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

    /**
     * The interval that all of so many shares keep together with 95 % (Bonferroni), for questions asked at once.
     */
    public static function asked(int $hits, int $of, int $questions): self
    {
        return self::of($hits, $of, self::deviate(0.05 / (2 * max(1, $questions))));
    }

    /**
     * The standard normal deviate that is exceeded with a probability: the rational approximation 26.2.23 of
     * Abramowitz and Stegun (1964), off by less than 0.00045.
     *
     * @param  float  $above  over 0, at most 0.5
     */
    private static function deviate(float $above): float
    {
        $t = sqrt(-2.0 * log($above));

        return $t - (2.515517 + 0.802853 * $t + 0.010328 * $t * $t) /
            (1.0 + 1.432788 * $t + 0.189269 * $t * $t + 0.001308 * $t * $t * $t);
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

    /**
     * By how much this share leads another at least, as surely as the two intervals are wide: the lower end of the
     * hybrid score interval of a difference of shares (Newcombe 1998, method 10); below 0 where it need not lead.
     */
    public function leads(self $other): float
    {
        $here = $this->share() ?? 0.0;
        $there = $other->share() ?? 1.0;

        return $here - $there - hypot($here - $this->low, $other->high - $there);
    }

    /** @return array{hits: int, of: int, share: float|null, low: float, high: float} */
    public function toArray(): array
    {
        return ['hits' => $this->hits, 'of' => $this->of, 'share' => $this->share() === null ? null
            : round($this->share(), 3), 'low' => round($this->low, 3), 'high' => round($this->high, 3)];
    }
}
