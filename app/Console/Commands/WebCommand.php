<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\OwnAddresses;
use App\Models\User;
use App\Web\WebServer;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Facades\Storage;

/** For bin/start: how nginx and PHP-FPM are to serve this Lupine. */
final class WebCommand extends LupineCommand
{
    protected $signature = 'lupine:web {folder : where the two files are written}';

    protected $description = 'Writes how nginx and PHP-FPM serve Lupine';

    protected $hidden = true;

    protected function work(): int
    {
        $folder = $this->text('folder');
        $own = OwnAddresses::fromConfig();
        if ($own->areOthers() && User::query()->doesntExist()) {
            return $this->complain(sprintf(
                'Lupine is to answer under %s, and then only those who sign in. Make somebody first: LUPINE_DATA=%s php artisan lupine:user NAME',
                implode(', ', $own->others()),
                storage_path(),
            ), self::OFF);
        }
        $port = parse_url((string) config('app.url'), PHP_URL_PORT);
        $web = new WebServer(
            $folder,
            storage_path('logs'),
            public_path(),
            is_int($port) ? $port : 80,
            $own,
            $this->filmsFolder(),
        );
        $this->write($folder.'/nginx.conf', $web->nginx());
        $this->write($folder.'/php-fpm.conf', $web->fpm());

        return self::SUCCESS;
    }

    /** Where nginx finds what is handed off; null: not on this machine. */
    private function filmsFolder(): ?string
    {
        $disk = Storage::disk('hand-offs');

        return $disk instanceof LocalFilesystemAdapter ? (string) realpath($disk->path('')) : null;
    }
}
