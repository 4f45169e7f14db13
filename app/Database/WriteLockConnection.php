<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;

/**
 * SQLite, with the write lock taken by the first statement of every transaction.
 *
 * A transaction that reads first and writes later has to turn its lock into a write lock, and SQLite refuses that at
 * once, whatever the busy timeout, where another one has written in between. One that begins with the write lock waits
 * its turn. PDO can begin such a transaction by itself from PHP 8.4 on only.
 */
final class WriteLockConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        // PDO has to begin it, or it would refuse to commit; then the lock is changed while nothing has happened yet.
        $pdo->beginTransaction();
        try {
            $pdo->exec('ROLLBACK');
            $pdo->exec('BEGIN IMMEDIATE');
        } catch (\PDOException $reason) {
            self::letGo($pdo);
            throw $reason;
        }
    }

    /**
     * @param int $toLevel
     */
    protected function performRollBack($toLevel): void
    {
        try {
            parent::performRollBack($toLevel);
        } catch (\PDOException) {
            // SQLite itself has rolled back already, as it does where the disk is full.
            self::letGo($this->getPdo());
        }
    }

    /** PDO counts a transaction that SQLite has ended; it is given one that it can end. */
    private static function letGo(\PDO $pdo): void
    {
        if ($pdo->inTransaction()) {
            $pdo->exec('BEGIN');
            $pdo->rollBack();
        }
    }
}
