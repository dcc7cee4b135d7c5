<?php

declare(strict_types=1);

namespace Jacotaxis\Core\School;

use DomainException;

/** What a staff chose where staffs disagree, and the values it filled in where no common one exists. */
final readonly class Schools
{
    /**
     * @param  array<string, string>  $chosen  letter by id
     * @param  array<string, float>  $values  by id of OpenValues
     */
    private function __construct(public array $chosen, public array $values)
    {
    }

    /**
     * @param  array<string, string>  $chosen  letter by id
     * @param  array<string, float>  $values  by id of OpenValues, in its unit
     *
     * @throws DomainException when an id or a letter is not known, or a value cannot be
     */
    public static function of(array $chosen = [], array $values = []): self
    {
        foreach ($values as $id => $value) {
            OpenValues::check((string) $id, $value);
        }
        $chosen = array_filter($chosen, fn (string $id): bool => ! Questions::isGone($id), ARRAY_FILTER_USE_KEY);
        foreach ($chosen as $id => $letter) {
            if (! Questions::has((string) $id, $letter)) {
                throw new DomainException("\"$letter\" is no school of $id: the staff book lists them.");
            }
        }

        return new self($chosen, $values);
    }

    /** The letter chosen, else the default, else null: unset. */
    public function choice(string $id): ?string
    {
        return $this->chosen[$id] ?? Questions::default($id);
    }

    /** The staff's value, else the product's default, else null: unset. */
    public function value(string $id): ?float
    {
        return $this->values[$id] ?? OpenValues::default($id);
    }

    /** Whether the staff chose a letter, or did not choose and the case asks for it. */
    public function isFor(string $id, string $letter, string $byCase): bool
    {
        return ($this->chosen[$id] ?? $byCase) === $letter;
    }

    public function is(string $id, string $letter): bool
    {
        return $this->choice($id) === $letter;
    }
}
