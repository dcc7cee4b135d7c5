<?php

namespace App\Backup;

use JsonException;

/**
 * What a backup holds, with the sum of everything in it, so that a restore can be compared row by row and film by film.
 *
 * @phpstan-type Sums array<string, array{rows: int, sha256: string}>
 * @phpstan-type Films array<string, array{bytes: int, changed: int, sha256: string}>
 */
final readonly class Manifest
{
    public const FILE = 'manifest.json';

    public const DATABASE = 'database.sqlite';

    public const FILM = 'film';

    private const KIND = 'jacotaxis.backup';

    /**
     * @param  string  $at  when it was made, ISO 8601
     * @param  string  $database  SHA-256 of the copy of the database
     * @param  Sums  $tables
     * @param  Films  $films  by file name
     */
    public function __construct(
        public string $at,
        public string $database,
        public array $tables,
        public array $films,
    ) {
    }

    /** @throws NoBackup when a folder holds none */
    public static function read(string $folder): self
    {
        $json = @file_get_contents("$folder/".self::FILE);
        if ($json === false) {
            throw new NoBackup("There is no backup in $folder: ".self::FILE.' is missing. Name the folder itself.');
        }
        try {
            $d = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $d = null;
        }
        if (! is_array($d) || ($d['kind'] ?? null) !== self::KIND) {
            throw new NoBackup("$folder/".self::FILE.' is of no backup of this program. Take another backup.');
        }

        return new self($d['at'], $d['database'], $d['tables'], $d['films']);
    }

    public function write(string $folder): void
    {
        $d = ['kind' => self::KIND, 'version' => 1] + get_object_vars($this);
        Files::put("$folder/".self::FILE, json_encode($d, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
    }

    public function rows(): int
    {
        return array_sum(array_column($this->tables, 'rows'));
    }
}
