<?php

declare(strict_types=1);

use App\Http\Middleware\Compress;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\OwnPagesOnly;
use App\Http\Middleware\SafeHeaders;
use App\Http\Middleware\SignedIn;
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
        // What is typed is kept as it is typed. Cookies, sessions and signing in are where others come (SignedIn).
        $middleware->use([
            SafeHeaders::class,
            Compress::class,
            KnownHost::class,
            ValidatePathEncoding::class,
            InvokeDeferredCallbacks::class,
            ValidatePostSize::class,
        ]);
        $middleware->redirectGuestsTo('/');
        $middleware->group('web', [SignedIn::class.':anybody']);
        $middleware->group('api', [OwnPagesOnly::class, SignedIn::class, SubstituteBindings::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Refusal::register($exceptions);
    })
    ->create();

// Everything that is kept stands in one folder, which may be another one: by the environment, or by .env.
$useData = static function () use ($app): void {
    $data = getenv('LUPINE_DATA') ?: ($_SERVER['LUPINE_DATA'] ?? '');
    if (is_string($data) && $data !== '') {
        $app->useStoragePath($data);
    }
};
$useData();
$app->afterLoadingEnvironment($useData);

return $app;
