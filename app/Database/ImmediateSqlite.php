<?php

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * SQLite whose transactions take the write lock when they begin. One that reads first and writes later is refused at
 * once when somebody wrote in between, however long it would wait; one that begins by waiting gets its turn.
 */
final class ImmediateSqlite extends SQLiteConnection
{
    /** Changes nothing and takes the write lock. */
    private const TAKE_THE_LOCK = 'delete from migrations where 0';

    protected function executeBeginTransactionStatement(): void
    {
        $this->getPdo()->beginTransaction();
        try {
            $this->getPdo()->exec(self::TAKE_THE_LOCK);
        } catch (PDOException $e) {
            // Before the first migration there is nothing to wait for.
            if (! str_contains($e->getMessage(), 'no such table')) {
                $this->getPdo()->rollBack();
                throw $e;
            }
        }
    }
}
