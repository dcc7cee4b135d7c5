<?php

namespace App\Backup;

/**
 * A backup put in the place of what is here: looked through before anything is touched, and compared row by row and
 * film by film afterwards.
 */
final readonly class Restore
{
    /**
     * @param  string  $database  file of the database
     * @param  string  $films  folder of the films
     */
    public function __construct(private string $database, private string $films)
    {
    }

    /**
     * @param  string  $aside  where a database that stands here goes
     *
     * @throws NoBackup naming what is wrong with the backup, before anything is touched
     */
    public function from(string $folder, string $aside): Manifest
    {
        $manifest = Manifest::read($folder);
        self::check($folder, $manifest);
        Files::folder(dirname($this->database));
        $this->setAside($aside);
        Files::copy("$folder/".Manifest::DATABASE, $this->database);
        Files::folder($this->films);
        foreach (array_keys($manifest->films) as $name) {
            Files::copy("$folder/".Manifest::FILM."/$name", "$this->films/$name");
        }
        $this->compare($manifest);

        return $manifest;
    }

    /**
     * People in the database that stands here, whom a backup in its place would lose; null where it cannot be read,
     * which is when a backup is wanted most.
     */
    public function people(): ?int
    {
        if (! is_file($this->database) || filesize($this->database) === 0) {
            return 0;
        }
        try {
            return RowSums::of($this->database)['users']['rows'] ?? 0;
        } catch (NoBackup) {
            return null;
        }
    }

    /** The database with what was not yet written into its file, so that nothing of it is read into the new one. */
    private function setAside(string $aside): void
    {
        foreach (['', '-wal', '-shm'] as $part) {
            if (is_file($this->database.$part) && ! @rename($this->database.$part, $aside.$part)) {
                throw new NoBackup("$this->database$part cannot be put aside. Let the program's user write there.");
            }
        }
    }

    /** @throws NoBackup */
    private static function check(string $folder, Manifest $manifest): void
    {
        $sums = [Manifest::DATABASE => $manifest->database];
        foreach ($manifest->films as $name => $film) {
            $sums[Manifest::FILM."/$name"] = $film['sha256'];
        }
        foreach ($sums as $file => $sum) {
            if (! is_file("$folder/$file")) {
                throw new NoBackup("$file is missing in $folder. Take another backup; nothing was changed.");
            }
            if (Files::sum("$folder/$file") !== $sum) {
                throw new NoBackup(
                    "$file in $folder is not as it was saved. Take another backup; nothing was changed.",
                );
            }
        }
    }

    /** @throws NoBackup */
    private function compare(Manifest $manifest): void
    {
        $here = RowSums::of($this->database);
        foreach ($manifest->tables as $table => $sum) {
            if (($here[$table] ?? null) !== $sum) {
                throw new NoBackup("The table $table is not as it was saved. Restore again, from another backup.");
            }
        }
        foreach ($manifest->films as $name => $film) {
            if (Files::sum("$this->films/$name") !== $film['sha256']) {
                throw new NoBackup("The film $name is not as it was saved. Restore again, from another backup.");
            }
        }
    }
}
