<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Lupine\Core\Contract\Answer;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** An answer of the API as JSON. */
final class Reply
{
    /** Documents keep their numbers as they are: 1.0 stays 1.0. */
    public const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
        | JSON_PRESERVE_ZERO_FRACTION;

    /** nanoseconds between two blanks */
    private const BLANK_EVERY = 150_000_000;

    /** @param array<string, string> $headers */
    public static function of(Answer $answer, int $status = 200, array $headers = []): JsonResponse
    {
        return new JsonResponse($answer, $status, $headers, self::FLAGS);
    }

    /**
     * Parts that are sent as soon as each is there. Where nobody takes them any more, PHP ends this with the next one.
     *
     * @param iterable<string> $parts JSON without line ends
     */
    public static function parts(iterable $parts): StreamedResponse
    {
        $send = static function () use ($parts): void {
            foreach ($parts as $part) {
                self::send($part."\n");
            }
        };

        // nginx hands on what has come, and waits for no more.
        return new StreamedResponse($send, 200, [
            'Content-Type' => 'application/x-ndjson',
            'X-Accel-Buffering' => 'no',
        ]);
    }

    /**
     * What takes seconds to work out. Blanks, which JSON may begin with, are sent meanwhile: where nobody waits any
     * more, PHP learns it by them, and ends the work.
     *
     * @param \Closure(\Closure(): void): string $work makes JSON, and calls what it is given now and then
     */
    public static function whileWorking(\Closure $work): StreamedResponse
    {
        $send = static function () use ($work): void {
            $last = hrtime(true);
            $meanwhile = static function () use (&$last): void {
                if (hrtime(true) - $last > self::BLANK_EVERY) {
                    $last = hrtime(true);
                    self::send(' ');
                }
            };
            self::send($work($meanwhile));
        };

        return new StreamedResponse($send, 200, ['Content-Type' => 'application/json', 'X-Accel-Buffering' => 'no']);
    }

    private static function send(string $text): void
    {
        echo $text;
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }

    public static function text(Answer $answer): string
    {
        return json_encode($answer, self::FLAGS);
    }
}
