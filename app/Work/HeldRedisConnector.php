<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Contracts\Queue\Queue;
use Illuminate\Contracts\Redis\Factory;
use Illuminate\Queue\Connectors\ConnectorInterface;

final readonly class HeldRedisConnector implements ConnectorInterface
{
    public function __construct(private Factory $redis)
    {
    }

    /**
     * @param array{
     *     connection: string, queue: string, retry_after: int, block_for: int|null, after_commit: bool,
     * } $config
     */
    public function connect(array $config): Queue
    {
        return new HeldRedisQueue(
            $this->redis,
            $config['queue'],
            $config['connection'],
            $config['retry_after'],
            $config['block_for'],
            $config['after_commit'],
        );
    }
}
