<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\LupineException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** How errors are answered: what, where and how to mend it; never a stack trace. */
final class Refusal
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([LupineException::class]);
        $exceptions->render(
            static fn (LupineException $error): JsonResponse => self::answer(
                $error->getMessage(),
                422,
                $error->where,
                $error->rowId,
            ),
        );
        $exceptions->render(static function (HttpExceptionInterface $error, Request $request): ?JsonResponse {
            if (!$request->is('api/*')) {
                return null;
            }

            return self::answer(
                match ($error->getStatusCode()) {
                    404 => 'This is not here any more. It may have been deleted; look on the shelf.',
                    413 => 'This is larger than Lupine takes in one go; 4 MB are the limit.',
                    default => $error->getMessage(),
                },
                $error->getStatusCode(),
            );
        });
    }

    public static function answer(string $message, int $status, string $where = '', ?string $rowId = null): JsonResponse
    {
        return response()->json(
            ['message' => $message, 'where' => $where, 'rowId' => $rowId],
            $status,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }
}
