<?php

declare(strict_types=1);

namespace Jacotaxis\Core\School;

use DomainException;

/** What a staff chose where staffs disagree; what it left open is the default. */
final readonly class Schools
{
    /** @param  array<string, string>  $chosen  letter by id */
    private function __construct(public array $chosen)
    {
    }

    /**
     * @param  array<string, string>  $chosen  letter by id
     *
     * @throws DomainException when an id or a letter is not known
     */
    public static function of(array $chosen = []): self
    {
        foreach ($chosen as $id => $letter) {
            if (! Questions::has((string) $id, $letter)) {
                throw new DomainException("\"$letter\" is no school of $id: the staff book lists them.");
            }
        }

        return new self($chosen);
    }

    /** The letter chosen, else the default, else null: unset. */
    public function choice(string $id): ?string
    {
        return $this->chosen[$id] ?? Questions::default($id);
    }

    public function is(string $id, string $letter): bool
    {
        return $this->choice($id) === $letter;
    }
}
