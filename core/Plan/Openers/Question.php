<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Openers;

/** What a call asks of a defense, and what may be answered. */
final readonly class Question
{
    /** @param  list<Answer>  $answers  each of his looks is of one of them */
    private function __construct(public string $asks, public array $answers)
    {
    }

    /**
     * The question that has these answers, look by look; null where every look answers the same, so that it tells
     * nothing.
     *
     * @param  list<string>  $answers  what is seen in each look, in the order of the looks
     * @param  list<string>  $kinds  what each look is: told with an answer all whose looks are of one kind
     */
    public static function of(string $asks, array $answers, array $kinds = []): ?self
    {
        $looks = [];
        foreach ($answers as $look => $words) {
            $looks[$words][] = $look;
        }
        if (count($looks) < 2) {
            return null;
        }
        $told = [];
        foreach ($looks as $seen => $of) {
            $are = array_unique(array_map(fn (int $look): string => $kinds[$look] ?? '', $of));
            $kind = count($are) === 1 ? $are[0] : '';
            $told[] = new Answer($kind === '' ? (string) $seen : "$kind: $seen", $of);
        }

        return new self($asks, $told);
    }
}
