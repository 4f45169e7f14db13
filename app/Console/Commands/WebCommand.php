<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\OwnAddresses;
use App\Web\WebServer;

/** For bin/start: how nginx and PHP-FPM are to serve this Lupine. */
final class WebCommand extends LupineCommand
{
    protected $signature = 'lupine:web {folder : where the two files are written}';

    protected $description = 'Writes how nginx and PHP-FPM serve Lupine';

    protected $hidden = true;

    protected function work(): int
    {
        $folder = $this->text('folder');
        $port = parse_url((string) config('app.url'), PHP_URL_PORT);
        $web = new WebServer(
            $folder,
            storage_path('logs'),
            public_path(),
            is_int($port) ? $port : 80,
            OwnAddresses::fromConfig(),
        );
        $this->write($folder.'/nginx.conf', $web->nginx());
        $this->write($folder.'/php-fpm.conf', $web->fpm());

        return self::SUCCESS;
    }
}
