<?php

namespace App\Documents;

use Illuminate\Validation\Validator;

/**
 * The framework takes an empty text for nothing said and lets it pass every rule; here it is a text, so that a list, a
 * number or a choice is not "".
 */
final class StrictValidator extends Validator
{
    /**
     * @param  object|string  $rule
     * @param  string  $attribute
     * @param  mixed  $value
     */
    protected function presentOrRuleIsImplicit($rule, $attribute, $value): bool
    {
        return $this->validatePresent($attribute, $value) || $this->isImplicit($rule);
    }
}
