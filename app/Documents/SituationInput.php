<?php

namespace App\Documents;

use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Field\Situation;

/** A situation as it comes from outside: an object, or nothing. */
final class SituationInput
{
    /** @throws BadDocument */
    public static function from(mixed $given, ?Situation $else = null): ?Situation
    {
        if ($given === null) {
            return $else;
        }
        $types = ['rules' => 'is_string', 'hash' => 'is_string', 'down' => 'is_int', 'toGoYd' => 'is_numeric',
            'ballOnYd' => 'is_numeric'];
        foreach (is_array($given) ? $given : throw new BadDocument('/situation',
            'Give the situation as an object.') as $key => $value) {
            if (! isset($types[$key]) || ! $types[$key]($value)
                || ($key === 'rules' && ! in_array($value, ['nfhs', 'ncaa', 'nfl'], true))
                || ($key === 'hash' && ! in_array($value, ['left', 'middle', 'right'], true))) {
                throw new BadDocument("/situation/$key", "The situation's $key is not understood.");
            }
        }

        return CallDocument::readSituation($given, '/situation', $else);
    }
}
