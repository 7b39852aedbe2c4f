<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Database\QueryException;

/**
 * On PostgreSQL a transaction that writes waits for its turn as it begins, as on SQLite: what it reads from then on is not
 * written by another before it ends.
 */
final readonly class PostgresTurn
{
    /** The number of the lock that whoever writes holds until the end of the transaction. */
    private const LOCK = 1;

    /** PostgreSQL's code for a lock that was not given in time. */
    private const NOT_GIVEN = '55P03';

    /** @throws TurnNotGiven when others keep writing for longer than it waits */
    public function handle(TransactionBeginning $event): void
    {
        $connection = $event->connection;

        if ($connection->getDriverName() !== 'pgsql' || $connection->transactionLevel() > 1) {
            return;
        }

        try {
            $connection->statement("set local lock_timeout = '".ImmediatePdo::WAIT."s'");
            $connection->statement('select pg_advisory_xact_lock('.self::LOCK.')');
        } catch (QueryException $reason) {
            $connection->rollBack();

            throw $reason->getCode() === self::NOT_GIVEN ? new TurnNotGiven($reason) : $reason;
        }
    }
}
