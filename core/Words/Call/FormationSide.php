<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Words\Tokens;

/** Reads a side in what stands before the colon: left and right, or by the field, told as assumed. */
final readonly class FormationSide
{
    public function __construct(private Tokens $tokens, private CallDraft $draft)
    {
    }

    /** Null when none comes next. */
    public function next(): ?Side
    {
        $word = $this->tokens->take('left', 'right', 'field', 'boundary');
        if ($word === null || $word === 'left' || $word === 'right') {
            return $word === null ? null : Side::from($word);
        }
        $field =
            ($this->draft->situation ?? ($this->draft->context ?? Situation::of()))->hash->fieldSide() ?? Side::Right;
        $side = $word === 'field' ? $field : $field->opposite();
        $this->draft->fieldSide = $field;
        $this->draft->assumed[] = "$word is {$side->value}";

        return $side;
    }

    /** A side of a formation that was read: also "strong" and "weak", where its own side is known. */
    public function ofFormation(): ?Side
    {
        $strong = $this->draft->formation->side;
        $word = $this->tokens->take('strong', 'weak');
        if ($word === null) {
            return $this->next();
        }
        $side = $word === 'strong' ? $strong : $strong->opposite();
        $this->draft->assumed[] = "$word is {$side->value}";

        return $side;
    }
}
