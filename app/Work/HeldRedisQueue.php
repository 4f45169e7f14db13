<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Contracts\Queue\Job;
use Illuminate\Queue\Jobs\RedisJob;
use Illuminate\Queue\RedisQueue;

/**
 * Laravel's queue on Redis. All times are of the clock of Redis, so that no two machines need to agree about theirs.
 *
 * Source: Redis, commands TIME, ZADD (XX) and EVAL.
 */
final class HeldRedisQueue extends RedisQueue implements HoldsJobs
{
    private const HOLD_ON = <<<'LUA'
        if redis.call('zscore', KEYS[1], ARGV[1]) == false then return 0 end
        redis.call('zadd', KEYS[1], 'XX', redis.call('time')[1] + ARGV[2], ARGV[1])
        return 1
        LUA;

    private const MOVE = <<<'LUA'
        local moved = 0
        for _, job in ipairs(redis.call('lrange', KEYS[1], 0, -1)) do
            if string.find(job, ARGV[1], 1, true) then
                redis.call('lrem', KEYS[1], 1, job)
                redis.call('rpush', KEYS[2], job)
                moved = 1
            end
        end
        return moved
        LUA;

    private const HAS = <<<'LUA'
        local function among(jobs)
            for _, job in ipairs(jobs) do
                if string.find(job, ARGV[1], 1, true) then return true end
            end
            return false
        end
        for _, queue in ipairs(KEYS) do
            if among(redis.call('lrange', queue, 0, -1)) or among(redis.call('zrange', queue .. ':reserved', 0, -1))
                or among(redis.call('zrange', queue .. ':delayed', 0, -1)) then return 1 end
        end
        return 0
        LUA;

    public function holdOn(Job $job): bool
    {
        return $job instanceof RedisJob && $this->isSo(
            self::HOLD_ON,
            [$this->getQueue($job->getQueue()).':reserved'],
            $job->getReservedJob(),
            (string) $this->retryAfter,
        );
    }

    public function leave(Job $job): void
    {
        // A job that was taken by another is another entry there: how often it was tried is a part of it.
    }

    public function move(string $mark, string $from, string $to): bool
    {
        return $this->isSo(self::MOVE, [$this->getQueue($from), $this->getQueue($to)], $mark);
    }

    public function has(string $mark, string ...$queues): bool
    {
        return $this->isSo(self::HAS, array_map($this->getQueue(...), array_values($queues)), $mark);
    }

    public function freeAll(string ...$queues): void
    {
        // Workers of other machines go on.
    }

    /**
     * Runs a script that answers 1 where something is so.
     *
     * @param list<string> $keys
     */
    private function isSo(string $script, array $keys, string ...$given): bool
    {
        return $this->getConnection()->command('eval', [$script, count($keys), ...$keys, ...$given]) === 1;
    }

    protected function currentTime(): int
    {
        return (int) $this->getConnection()->command('time')[0];
    }

    /** @param \DateTimeInterface|\DateInterval|int|null $delay */
    protected function availableAt($delay = 0): int
    {
        return $this->currentTime() + $this->secondsUntil($delay ?? 0);
    }
}
