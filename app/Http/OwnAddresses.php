<?php

declare(strict_types=1);

namespace App\Http;

/** The hosts that Lupine was started for, each with its port where it is not the usual one. */
final readonly class OwnAddresses
{
    /** @param list<string> $hosts such as `127.0.0.1:8000` */
    public function __construct(public array $hosts)
    {
    }

    private const THIS_MACHINE = ['127.0.0.1', 'localhost', '[::1]'];

    public static function fromConfig(): self
    {
        $named = config('lupine.hosts');
        $own = parse_url((string) config('app.url'));
        $port = isset($own['port']) ? ':'.$own['port'] : '';
        $hosts = array_map(static fn (string $host): string => $host.$port, self::THIS_MACHINE);
        if (isset($own['host'])) {
            $hosts[] = $own['host'].$port;
        }
        foreach (preg_split('/[\s,]+/', is_string($named) ? $named : '', -1, PREG_SPLIT_NO_EMPTY) ?: [] as $host) {
            $hosts[] = $host;
        }

        return new self(array_values(array_unique(array_map('strtolower', $hosts))));
    }

    /** Whether it answers under other names than this machine's own: then others come, and have to sign in. */
    public function areOthers(): bool
    {
        return $this->others() !== [];
    }

    /** @return list<string> hosts that are not this machine's own */
    public function others(): array
    {
        return array_values(array_filter($this->hosts, static fn (string $host): bool => !in_array(
            preg_replace('/:\d+$/D', '', $host),
            self::THIS_MACHINE,
            true,
        )));
    }

    public function hasHost(string $host): bool
    {
        return in_array(strtolower($host), $this->hosts, true);
    }

    /** @param string $origin as browsers send it: scheme, host and port */
    public function hasOrigin(string $origin): bool
    {
        return preg_match('#^https?://(.+)$#D', $origin, $parts) === 1 && $this->hasHost($parts[1]);
    }
}
