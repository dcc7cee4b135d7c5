<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Library;

use DomainException;
use Jacotaxis\Core\Offense\Man;

/**
 * Which faults and praises stand on which key for each group of players. A staff may choose its own of the library and
 * rename them; what is kept is the id.
 */
final readonly class FaultKeys
{
    public const GROUPS = ['quarterback', 'backs', 'receivers', 'tight ends', 'line'];

    /** Keys a group has: 1 to 9. */
    public const KEYS = 9;

    private const USUAL = [
        'quarterback' => ['FLT-47', 'FLT-48c', 'FLT-48d', 'FLT-48a', 'FLT-49', 'FLT-46', 'FLT-51', 'PRS-05', 'PRS-01'],
        'backs' => ['FLT-41', 'FLT-40', 'FLT-42', 'FLT-43', 'FLT-44', 'FLT-45', 'FLT-21', 'PRS-03', 'PRS-06'],
        'receivers' => ['FLT-13', 'FLT-01', 'FLT-12', 'FLT-11', 'FLT-09', 'FLT-15', 'FLT-21', 'FLT-17', 'PRS-03'],
        'tight ends' => ['FLT-36', 'FLT-37', 'FLT-38', 'FLT-39', 'FLT-13', 'FLT-21', 'FLT-22', 'PRS-03', 'PRS-06'],
        'line' => ['FLT-31', 'FLT-26', 'FLT-27', 'FLT-29', 'FLT-30', 'FLT-28', 'FLT-33', 'FLT-34', 'PRS-02'],
    ];

    /**
     * @param  array<string, list<string>>  $keys  ids by group
     * @param  array<string, string>  $labels  the staff's names by id
     */
    private function __construct(public array $keys, public array $labels)
    {
    }

    /**
     * @param  array<string, list<string>>  $keys  ids by group; a group that is left out keeps the usual ones
     * @param  array<string, string>  $labels  the staff's names by id
     *
     * @throws DomainException when a group or an id is not known, or a group has more ids than keys
     */
    public static function of(array $keys = [], array $labels = []): self
    {
        foreach ($keys as $group => $ids) {
            if (! in_array($group, self::GROUPS, true)) {
                throw new DomainException("There is no group \"$group\": ".implode(', ', self::GROUPS).'.');
            }
            if (count($ids) > self::KEYS) {
                throw new DomainException("The $group have ".count($ids).' faults for nine keys: leave some out.');
            }
            array_map(self::known(...), $ids);
        }
        array_map(self::known(...), array_map(strval(...), array_keys($labels)));

        return new self([...self::USUAL, ...$keys], $labels);
    }

    /** Group of a man by his letter. */
    public static function group(string $letter): string
    {
        return match (true) {
            $letter === 'Q' => 'quarterback',
            in_array($letter, Man::LINEMEN, true) => 'line',
            in_array($letter, ['R', 'F'], true) => 'backs',
            $letter === 'Y' => 'tight ends',
            default => 'receivers',
        };
    }

    /** @return list<array{key: int, id: string, label: string, praise: bool}> */
    public function for(string $letter): array
    {
        return array_map(fn (string $id, int $n): array => ['key' => $n + 1, 'id' => $id, 'label' => $this->label($id),
            'praise' => str_starts_with($id, 'PRS')],
            $this->keys[self::group($letter)], array_keys($this->keys[self::group($letter)]));
    }

    public function label(string $id): string
    {
        return $this->labels[$id] ?? Library::entry($id)['label'];
    }

    private static function known(string $id): void
    {
        Library::has($id) ?:
        throw new DomainException("\"$id\" is not in the library: it runs from FLT-01 to FLT-53 and PRS-01 to PRS-07.");
    }
}
