<?php

namespace App\Aside;

use App\Models\Clip;
use App\Models\PutAside;
use App\Models\Upload;
use Carbon\CarbonImmutable;

/** Files in the film folder that belong to no film: a worker was killed between the row and the disk. */
final class Orphans
{
    /** @return list<string> paths of those nobody wrote to since */
    public static function since(CarbonImmutable $moment): array
    {
        $owners = [...Clip::query()->pluck('file')->all(), ...Upload::query()->pluck('id')->all()];
        foreach (PutAside::query()->lazyById(20) as $aside) {
            $owners = [...$owners, ...array_column($aside->rows['clips'] ?? [], 'file')];
        }
        $owners = array_flip(array_map(strval(...), $owners));
        $files = array_filter(glob(Clip::folder().'/*') ?: [], is_file(...));

        return array_values(array_filter(
            $files,
            fn (string $path): bool => ! self::isOwned(basename($path), $owners)
                && filemtime($path) < $moment->getTimestamp(),
        ));
    }

    /**
     * Whether it is a film, or what hangs on one by its name: a picture of it, what is made of it, a part of an upload.
     *
     * @param  array<string, int>  $owners
     */
    private static function isOwned(string $file, array $owners): bool
    {
        while (! isset($owners[$file])) {
            $dot = strrpos($file, '.');
            if ($dot === false) {
                return false;
            }
            $file = substr($file, 0, $dot);
        }

        return true;
    }
}
