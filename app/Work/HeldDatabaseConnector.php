<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Contracts\Queue\Queue;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionResolverInterface;
use Illuminate\Queue\Connectors\ConnectorInterface;

final readonly class HeldDatabaseConnector implements ConnectorInterface
{
    public function __construct(private ConnectionResolverInterface $databases)
    {
    }

    /** @param array{table: string, queue: string, retry_after: int, after_commit: bool} $config */
    public function connect(array $config): Queue
    {
        $database = $this->databases->connection();

        return new HeldDatabaseQueue(
            $database instanceof Connection ? $database : throw new \LogicException('The queue needs a database.'),
            $config['table'],
            $config['queue'],
            $config['retry_after'],
            $config['after_commit'],
        );
    }
}
