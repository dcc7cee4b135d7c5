<?php

namespace App\Backup;

/** Files put where they belong, or a word why not. */
final class Files
{
    public static function folder(string $path): void
    {
        if (! is_dir($path) && ! @mkdir($path, 0700, true)) {
            throw new NoBackup("The folder $path cannot be made. Make it, and let the program's user write in it.");
        }
    }

    public static function put(string $path, string $text): void
    {
        if (@file_put_contents($path, $text) !== strlen($text)) {
            throw new NoBackup("$path cannot be written. Make room on that disk, or name another folder.");
        }
    }

    /** The same file under another name where both are on one disk, else a copy of it. */
    public static function same(string $from, string $to): void
    {
        if (! @link($from, $to)) {
            self::copy($from, $to);
        }
    }

    /** A copy under another name first: what stands there is whole at any moment. */
    public static function copy(string $from, string $to): void
    {
        $part = "$to.part";
        if (! @copy($from, $part) || ! @rename($part, $to)) {
            @unlink($part);
            throw new NoBackup("$from cannot be copied to $to. Make room on that disk, or name another folder.");
        }
    }

    public static function sum(string $path): string
    {
        $sum = @hash_file('sha256', $path);

        return $sum === false ? throw new NoBackup("$path cannot be read. Take another backup.") : $sum;
    }

    /** @return list<string> names of the files in a folder, in order */
    public static function in(string $folder): array
    {
        $names = is_dir($folder) ? scandir($folder) : false;
        if ($names === false) {
            return [];
        }

        return array_values(array_filter($names, fn (string $name): bool => is_file("$folder/$name")));
    }
}
