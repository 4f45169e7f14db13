<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OwnAddresses;
use App\Http\Refusal;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Http\Request;
use Illuminate\Pipeline\Pipeline;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Where Lupine answers under other names than this machine's own, it answers those alone who have signed in. On this
 * machine alone there are no cookies and no sessions.
 */
final readonly class SignedIn
{
    private const SESSION = [
        EncryptCookies::class,
        AddQueuedCookiesToResponse::class,
        StartSession::class,
        AuthenticateSession::class,
    ];

    public function __construct(private OwnAddresses $own)
    {
    }

    /**
     * @param Closure(Request): Response $next
     * @param string $to “anybody” where it is only looked who comes
     */
    public function handle(Request $request, Closure $next, string $to = ''): Response
    {
        if (!$this->own->areOthers()) {
            return $next($request);
        }
        // nginx listens on this machine alone, so whoever asks it for others is the proxy beside it.
        Request::setTrustedProxies(
            ['127.0.0.1'],
            Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO,
        );
        config(['session.secure' => $request->isSecure()]);
        $isOpen = $to === 'anybody' || $request->is('api/session');
        $isKnown = $request->cookies->has((string) config('session.cookie')) || $request->is('api/session');
        if (!$isKnown) {
            // No session is begun for those who only look.
            return $isOpen ? $next($request) : self::refusal();
        }
        try {
            /** @var Response $response */
            $response = app(Pipeline::class)->send($request)->through(self::SESSION)->then(
                static fn (Request $request): Response => $isOpen || Auth::check()
                    ? $next($request)
                    : self::refusal(),
            );

            return $response;
        } catch (AuthenticationException) {
            return self::refusal();
        }
    }

    private static function refusal(): Response
    {
        return Refusal::answer('Sign in to go on. What you have not saved yet stays on this page.', 401);
    }
}
