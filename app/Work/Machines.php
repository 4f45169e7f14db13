<?php

declare(strict_types=1);

namespace App\Work;

use App\Api\Machine;

/** The machines that make files, as they are shown. */
final readonly class Machines
{
    public function __construct(private Board $board)
    {
    }

    /** Whether films are made on others than this one. */
    public function areSeveral(): bool
    {
        return config('queue.default') === 'redis';
    }

    /** @return list<Machine>|null null where this one makes all */
    public function all(): ?array
    {
        if (!$this->areSeveral()) {
            return null;
        }
        $machines = [];
        foreach ($this->board->workers() as $worker) {
            $machines[$worker->machine][] = $worker;
        }

        return array_map(
            static fn (string $name, array $workers): Machine => new Machine(
                $name,
                count($workers),
                array_values(array_filter(array_map(static fn (Worker $one): ?string => $one->makes, $workers))),
                array_unique(array_map(static fn (Worker $one): string => $one->build, $workers)) === [Build::here()],
            ),
            array_keys($machines),
            $machines,
        );
    }
}
