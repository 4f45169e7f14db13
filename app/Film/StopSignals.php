<?php

declare(strict_types=1);

namespace App\Film;

/** Notices that this process was asked to end, while whoever listened before still hears of it. */
final class StopSignals
{
    private const SIGNALS = [\SIGTERM, \SIGINT, \SIGQUIT];

    private bool $asked = false;

    /** @var array<int, mixed> */
    private array $before = [];

    public static function heed(): self
    {
        $signals = new self();
        if (!extension_loaded('pcntl')) {
            return $signals;
        }
        foreach (self::SIGNALS as $signal) {
            $before = $signals->before[$signal] = pcntl_signal_get_handler($signal);
            pcntl_signal($signal, static function (int $number, mixed $more) use ($signals, $before): void {
                $signals->asked = true;
                if ($before instanceof \Closure) {
                    $before($number, $more);
                }
            });
        }

        return $signals;
    }

    public function haveCome(): bool
    {
        if (extension_loaded('pcntl')) {
            pcntl_signal_dispatch();
        }

        return $this->asked;
    }

    public function leave(): void
    {
        foreach ($this->before as $signal => $before) {
            pcntl_signal($signal, $before instanceof \Closure || is_int($before) ? $before : \SIG_DFL);
        }
    }
}
