<?php

namespace App\Reps;

use App\Models\Call;
use App\Models\Look;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Reps\Choice;
use Jacotaxis\Core\Reps\Question;

/** A question about one of the staff's calls against one of its looks. */
final readonly class Rep
{
    public function __construct(
        public Call $call,
        public Look $look,
        public Proven $proof,
        public Question $question,
    ) {
    }

    /** Tells it from every other; the same as long as call and look keep what is asked about. */
    public function id(): string
    {
        return self::idOf($this->question, $this->call->id, $this->look->id);
    }

    public static function idOf(Question $question, string $call, string $look): string
    {
        return implode('-', [$question->kind->value, $call, $look, substr(sha1($question->about), 0, 8)]);
    }

    /** @return array<string, mixed> what is asked, without what is right */
    public function asked(): array
    {
        return [
            'id' => $this->id(),
            'kind' => $this->question->kind->value,
            'call' => $this->question->kind->hidesCall() ? null : $this->call->name,
            'words' => $this->question->kind->hidesCall() ? null : $this->call->words,
            // Who has to name the coverage, or the call, is not told it.
            'look' => $this->question->kind->hidesLook() ? null : $this->look->words,
            'asks' => $this->question->asks,
            'choices' => array_map(
                fn (Choice $c): array => ['value' => $c->value, 'label' => $c->label],
                $this->question->choices,
            ),
            'allowedS' => $this->question->kind->allowedS(),
            'freezeS' => $this->question->freezeS,
        ];
    }

    /** @return array<string, mixed> what is right and why, with the names that were hidden */
    public function told(): array
    {
        return [
            'answers' => $this->question->right,
            'said' => $this->question->rightWords(),
            'why' => $this->question->why,
            'call' => $this->call->name,
            'look' => $this->look->words,
        ];
    }

    /** @return array<string, mixed> the men where they stand, and the play as it runs where it does */
    public function picture(): array
    {
        return [
            'stage' => Told::stage($this->proof),
            'frames' => $this->question->freezeS === null ? null : Told::frames($this->proof, $this->question->act),
        ];
    }
}
