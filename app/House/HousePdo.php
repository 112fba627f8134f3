<?php

declare(strict_types=1);

namespace App\House;

use PDO;

/**
 * Whoever is going to write takes the pen first: BEGIN IMMEDIATE waits, as long as busy_timeout says, for whoever has
 * it. A deferred
 * transaction, which is what PDO begins, reads first, and then cannot write at all where somebody else wrote
 * meanwhile. Laravel
 * begins immediate ones itself from PHP 8.4 only, where PDO sees transactions it did not begin; so this one keeps
 * count of its own.
 */
final class HousePdo extends PDO
{
    private bool $isIn = false;

    public function beginTransaction(): bool
    {
        return $this->begin('IMMEDIATE');
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isIn = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isIn = false;
        $this->exec('ROLLBACK');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isIn;
    }

    /**
     * All that is read in it is of one moment, and nobody who writes waits for it.
     *
     * @template T
     *
     * @param \Closure(): T $read
     * @return T
     */
    public function ofOneMoment(\Closure $read): mixed
    {
        if ($this->isIn) {
            return $read();
        }
        $this->begin('DEFERRED');
        try {
            return $read();
        } finally {
            $this->rollBack();
        }
    }

    private function begin(string $how): bool
    {
        $this->exec("BEGIN {$how}");
        $this->isIn = true;

        return true;
    }
}
