<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use Jacotaxis\Core\Proof\Telling\AskedAct;

/** A question with the answers that are offered and those that are right, from a call against a look. */
final readonly class Question
{
    /**
     * @param  string  $about  what tells it from others of its kind about the same call and look
     * @param  non-empty-list<Choice>  $choices
     * @param  non-empty-list<string>  $right  values of the choices that are right
     * @param  string  $why  why, in a sentence
     * @param  AskedAct|null  $act  what the defender does in the picture; null: everybody plays his rule
     * @param  float|null  $freezeS  when the play stops for the answer, seconds after the snap; null: it stands still
     */
    public function __construct(
        public Kind $kind,
        public string $about,
        public string $asks,
        public array $choices,
        public array $right,
        public string $why,
        public ?AskedAct $act = null,
        public ?float $freezeS = null,
    ) {
    }

    public function isRight(string $answer): bool
    {
        return in_array($answer, $this->right, true);
    }

    public function offers(string $answer): bool
    {
        return in_array($answer, array_column($this->choices, 'value'), true);
    }

    /** What is right, as it is labelled. */
    public function rightWords(): string
    {
        $labels = array_map(
            fn (Choice $c): string => $c->label,
            array_filter($this->choices, fn (Choice $c): bool => $this->isRight($c->value)),
        );

        return implode(' or ', $labels);
    }
}
