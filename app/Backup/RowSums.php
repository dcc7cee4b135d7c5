<?php

namespace App\Backup;

use PDO;
use PDOException;
use PDOStatement;

/**
 * Every row of a SQLite file summed up, table by table.
 *
 * @phpstan-import-type Sums from Manifest
 */
final class RowSums
{
    private const TABLES =
        "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name";

    /**
     * @return Sums
     *
     * @throws NoBackup where the file is no database, or a torn one
     */
    public static function of(string $file): array
    {
        try {
            return self::summed(new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]));
        } catch (PDOException $e) {
            throw new NoBackup("The database $file cannot be read: {$e->getMessage()}.");
        }
    }

    /** @return Sums */
    private static function summed(PDO $pdo): array
    {
        $sums = [];
        foreach (self::asked($pdo, self::TABLES)->fetchAll(PDO::FETCH_COLUMN) as $table) {
            $hash = hash_init('sha256');
            $rows = 0;
            $all = self::asked($pdo, 'select * from "'.str_replace('"', '""', $table).'" order by rowid');
            while (($row = $all->fetch(PDO::FETCH_NUM)) !== false) {
                hash_update($hash, serialize($row));
                $rows++;
            }
            $sums[$table] = ['rows' => $rows, 'sha256' => hash_final($hash)];
        }

        return $sums;
    }

    private static function asked(PDO $pdo, string $sql): PDOStatement
    {
        return $pdo->query($sql) ?: throw new NoBackup("The database cannot be read: $sql was refused.");
    }
}
