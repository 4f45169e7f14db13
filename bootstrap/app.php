<?php

declare(strict_types=1);

use App\Http\Refusal;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', api: __DIR__ . '/../routes/api.php', health: '/up')
    ->withCommands([__DIR__ . '/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        // The application is served from one origin, and the package behind this middleware is not carried everywhere.
        $middleware->remove(Illuminate\Http\Middleware\HandleCors::class);
        // What is typed is kept as it is typed.
        $middleware->remove(Illuminate\Foundation\Http\Middleware\TrimStrings::class);
        $middleware->remove(Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Refusal::register($exceptions);
    })
    ->create();

// Everything that is kept stands in one folder, which may be another one.
$data = getenv('LUPINE_DATA');
if (is_string($data) && $data !== '') {
    $app->useStoragePath($data);
}

return $app;
