<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OwnAddresses;
use App\Http\Refusal;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only under the names that Lupine was started for. A page elsewhere whose name is made to point at this
 * machine (DNS rebinding) would otherwise be of Lupine's own origin.
 */
final readonly class KnownHost
{
    public function __construct(private OwnAddresses $own)
    {
    }

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $this->own->hasHost((string) $request->headers->get('Host'))
            ? $next($request)
            : Refusal::answer(
                'Lupine does not answer under this name. Use the address that it printed when it was started.',
                421,
            );
    }
}
