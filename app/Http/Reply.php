<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Lupine\Core\Contract\Answer;

/** An answer of the API as JSON. */
final class Reply
{
    /** Documents keep their numbers as they are: 1.0 stays 1.0. */
    public const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
        | JSON_PRESERVE_ZERO_FRACTION;

    /** @param array<string, string> $headers */
    public static function of(Answer $answer, int $status = 200, array $headers = []): JsonResponse
    {
        return new JsonResponse($answer, $status, $headers, self::FLAGS);
    }

    public static function text(Answer $answer): string
    {
        return json_encode($answer, self::FLAGS);
    }
}
