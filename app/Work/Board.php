<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Cache\Repository;
use Illuminate\Contracts\Cache\LockProvider;

/**
 * What desk and workers tell each other while films are made: which are not wanted any more, how far the others are,
 * and which workers there are. It stands in the cache that they share; where it is lost, no film is.
 */
final readonly class Board
{
    private const STOPPED_SECONDS = 7 * 86_400;
    private const FRAMES_SECONDS = 86_400;
    private const WORKERS = 'workers';

    /**
     * @param int $seconds after which one that says nothing is taken to be gone
     * @param bool $isShared whether workers of other machines read it
     */
    public function __construct(private Repository $cache, private int $seconds, private bool $isShared)
    {
    }

    /** Nobody wants this any more, or has it already. */
    public function stop(string $round): void
    {
        $this->cache->put('stopped-'.$round, true, self::STOPPED_SECONDS);
    }

    public function isStopped(string $round): bool
    {
        return $this->cache->has('stopped-'.$round);
    }

    /** @param string $key of a ticket */
    public function note(string $key, int $frames): void
    {
        $this->cache->put('frames-'.$key, $frames, self::FRAMES_SECONDS);
    }

    /** How many frames are done, as far as was heard: of all that are made of one order. */
    public function frames(string ...$keys): int
    {
        $frames = 0;
        foreach ($this->cache->many(array_map(static fn (string $key): string => 'frames-'.$key, $keys)) as $done) {
            // Redis keeps a number as a text.
            $frames += is_numeric($done) ? (int) $done : 0;
        }

        return $frames;
    }

    /** The desk says which Lupine it is. */
    public function nameDesk(): bool
    {
        return $this->cache->forever('desk', Build::here());
    }

    /** Whether the desk is the same Lupine as this one, as far as it has said so. */
    public function isDeskAlike(): bool
    {
        $desk = $this->cache->get('desk');

        return $desk === null || $desk === Build::here();
    }

    /** A worker says that it is there; where there are no other machines, that needs not be said. */
    public function meet(Worker $worker): void
    {
        if (!$this->isShared) {
            return;
        }
        $key = 'worker-'.$worker->id();
        if (!$this->cache->has($key)) {
            $this->list($worker->id());
        }
        $this->cache->put($key, $worker->toArray(), $this->seconds);
    }

    /** @return list<Worker> those that are there, by machine */
    public function workers(): array
    {
        $workers = [];
        foreach ($this->listed() as $id) {
            $told = $this->cache->get('worker-'.$id);
            if (is_array($told)) {
                $workers[] = Worker::fromArray($told);
            }
        }
        usort($workers, static fn (Worker $one, Worker $other): int => $one->id() <=> $other->id());

        return $workers;
    }

    private function list(string $id): void
    {
        $add = function () use ($id): void {
            $there = array_filter($this->listed(), fn (string $one): bool => $this->cache->has('worker-'.$one));
            $this->cache->forever(self::WORKERS, array_values(array_unique([...$there, $id])));
        };
        $store = $this->cache->getStore();
        $store instanceof LockProvider ? $store->lock(self::WORKERS.'-list', 5)->block(5, $add) : $add();
    }

    /** @return list<string> */
    private function listed(): array
    {
        $ids = $this->cache->get(self::WORKERS);

        return is_array($ids) ? array_values(array_filter($ids, is_string(...))) : [];
    }
}
