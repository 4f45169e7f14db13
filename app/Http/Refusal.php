<?php

declare(strict_types=1);

namespace App\Http;

use App\Disk\FullDisk;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\MalformedUrlException;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\LupineException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** How errors are answered: what, where and how to mend it; never a stack trace. */
final class Refusal
{
    private const LONGEST = 600;
    private const NOT_HERE = 'This is no longer here. It may have been deleted; check the shelf.';

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([LupineException::class, FullDisk::class]);
        $exceptions->render(
            static fn (LupineException $error): JsonResponse => self::answer(
                $error->getMessage(),
                422,
                $error->where,
                $error->rowId,
            ),
        );
        $exceptions->render(static function (\Throwable $error, Request $request): ?Response {
            // An address that is no text is told so in one form, whatever it was to be.
            $isApi = str_starts_with($request->getPathInfo(), '/api/') || $error instanceof MalformedUrlException;

            return $isApi ? self::ofError($error) : null;
        });
    }

    public static function answer(
        string $message,
        int $status,
        string $where = '',
        ?string $rowId = null,
    ): JsonResponse {
        return response()->json(
            [
                'message' => mb_strimwidth($message, 0, self::LONGEST, '…'),
                'where' => mb_substr($where, 0, 200),
                'rowId' => $rowId,
            ],
            $status,
            match ($status) {
                429 => ['Retry-After' => '10'],
                503 => ['Retry-After' => '1'],
                default => [],
            },
            JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    private static function ofError(\Throwable $error): JsonResponse
    {
        if (FullDisk::isReasonOf($error)) {
            return self::answer(FullDisk::SENTENCE, 507);
        }
        if (str_contains($error->getMessage(), 'database is locked')) {
            return self::answer('Lupine is saving other changes. Nothing is lost; try again in a moment.', 503);
        }
        $status = $error instanceof HttpExceptionInterface ? $error->getStatusCode() : 500;

        return self::answer(
            match (true) {
                $error instanceof MalformedUrlException => 'This address cannot be read. Use the addresses that Lupine’s own pages use.',
                $status === 404 || $error instanceof ModelNotFoundException => self::NOT_HERE,
                $status === 405 => 'This address does not accept that request method.',
                $error instanceof ThrottleRequestsException => 'Lupine is asked for this too often at once. Wait a few seconds, then try again; nothing is lost.',
                $status === 413 => 'This is too large. The limit is 4 MB.',
                $status === 500 => 'Something went wrong in Lupine; details are in its log. Saved work is safe. Try again.',
                default => $error->getMessage(),
            },
            $error instanceof ModelNotFoundException ? 404 : $status,
        );
    }
}
