<?php

namespace App\Backup;

use DateTimeInterface;
use Illuminate\Database\Connection;

/**
 * The database and the films as they are at one moment, in a folder of their own. The database is copied by SQLite
 * itself: nobody who writes meanwhile waits, and nothing half written is in the copy.
 *
 * @phpstan-import-type Films from Manifest
 */
final readonly class Backup
{
    private const NAME = 'jacotaxis-';

    public function __construct(private Connection $connection, private string $films)
    {
    }

    /** @throws NoBackup */
    public function into(string $folder, DateTimeInterface $now): string
    {
        if ($this->connection->getDriverName() !== 'sqlite') {
            throw new NoBackup('This is a backup of SQLite. Use pg_dump for PostgreSQL, and copy the film folder too.');
        }
        Files::folder($folder);
        $before = $this->last($folder);
        $made = "$folder/".self::NAME.$now->format('Y-m-d-His');
        Files::folder("$made/".Manifest::FILM);
        $copy = "$made/".Manifest::DATABASE;
        $this->connection->statement('vacuum into ?', [$copy]);
        $films = $this->films("$made/".Manifest::FILM, $before === null ? [] : $before->films);
        $at = $now->format(DateTimeInterface::ATOM);
        (new Manifest($at, Files::sum($copy), RowSums::of($copy), $films))->write($made);

        return $made;
    }

    /** Takes away the oldest of the backups in a folder until so many are left. */
    public static function keep(string $folder, int $most): void
    {
        foreach (array_slice(array_reverse(self::all($folder)), max(1, $most)) as $old) {
            array_map(unlink(...), glob("$old/".Manifest::FILM.'/*') ?: []);
            rmdir("$old/".Manifest::FILM);
            array_map(unlink(...), array_filter(glob("$old/*") ?: [], is_file(...)));
            rmdir($old);
        }
    }

    /** @return list<string> whole backups in a folder, the oldest first */
    public static function all(string $folder): array
    {
        $made = array_filter(
            glob("$folder/".self::NAME.'*', GLOB_ONLYDIR) ?: [],
            fn (string $one): bool => is_file("$one/".Manifest::FILE),
        );
        sort($made);

        return $made;
    }

    private function last(string $folder): ?Manifest
    {
        $all = self::all($folder);

        return $all === [] ? null : Manifest::read($all[array_key_last($all)]);
    }

    /**
     * A film that did not change since the last backup keeps its sum: hours of film are not read every night.
     *
     * @param  Films  $before
     * @return Films
     */
    private function films(string $into, array $before): array
    {
        $films = [];
        // What is still being sent is no film yet.
        $whole = array_filter(Files::in($this->films), fn (string $name): bool => ! str_ends_with($name, '.part'));
        foreach ($whole as $name) {
            $path = "$this->films/$name";
            $known = ['bytes' => (int) filesize($path), 'changed' => (int) filemtime($path)];
            $same = array_intersect_key($before[$name] ?? [], $known) === $known;
            Files::same($path, "$into/$name");
            $films[$name] = $known + ['sha256' => $same ? $before[$name]['sha256'] : Files::sum("$into/$name")];
        }

        return $films;
    }
}
