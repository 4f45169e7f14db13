<?php

declare(strict_types=1);

use App\Http\Middleware\Compress;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\OwnPagesOnly;
use App\Http\Middleware\SafeHeaders;
use App\Http\Refusal;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\InvokeDeferredCallbacks;
use Illuminate\Http\Middleware\ValidatePathEncoding;
use Illuminate\Http\Middleware\ValidatePostSize;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;

// A request is what its method says; no field and no header makes another of it.
Request::setAllowedHttpMethodOverride([]);

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__ . '/../routes/web.php',
        api: __DIR__ . '/../routes/api.php',
        commands: __DIR__ . '/../routes/console.php',
    )
    ->withCommands([__DIR__ . '/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        // No cookies, no sessions, nobody to log in; and what is typed is kept as it is typed.
        $middleware->use([
            SafeHeaders::class,
            Compress::class,
            KnownHost::class,
            ValidatePathEncoding::class,
            InvokeDeferredCallbacks::class,
            ValidatePostSize::class,
        ]);
        $middleware->group('web', []);
        $middleware->group('api', [OwnPagesOnly::class, SubstituteBindings::class]);
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
