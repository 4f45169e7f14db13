<?php

declare(strict_types=1);

// Prepended to bin/read-table.php: writes down how much memory the process had at most, as the kernel counts it.

register_shutdown_function(static function (): void {
    preg_match('/VmHWM:\s+(\d+)/', (string) file_get_contents('/proc/self/status'), $found);
    file_put_contents((string) getenv('LUPINE_PEAK'), $found[1] ?? '0');
});
