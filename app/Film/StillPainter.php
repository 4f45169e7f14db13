<?php

declare(strict_types=1);

namespace App\Film;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Has a still painted by the one renderer that stays ready for it (renderer/src/stills.ts). Those who wait for a still
 * hold a process of the web each, so only so many may wait at once: the others stay free for everything else.
 */
final readonly class StillPainter
{
    public function __construct(
        private Factory $http,
        private string $socket,
        private int $places,
        private int $seconds,
    ) {
    }

    /**
     * @return string PNG
     *
     * @throws HttpException 503 where too many wait already or no painter is ready, 504 where it takes too long
     */
    public function paint(string $reel, int $frame): string
    {
        $place = $this->place();
        try {
            $answer = $this->http
                ->timeout($this->seconds)
                ->connectTimeout(2)
                ->withOptions(['curl' => [CURLOPT_UNIX_SOCKET_PATH => $this->socket]])
                ->withBody($reel, 'application/json')
                ->post('http://stills/'.$frame);
        } catch (ConnectionException $reason) {
            if (str_contains($reason->getMessage(), 'timed out')) {
                throw new HttpException(
                    504,
                    sprintf(
                        'This still was not ready after %d seconds. Try again when fewer are rendering.',
                        $this->seconds,
                    ),
                );
            }
            throw new HttpException(503, 'Stills cannot be rendered yet. Try again in a moment.');
        } finally {
            fclose($place);
        }
        if (!$answer->successful()) {
            throw new FilmFailed('This still could not be painted: '.mb_strimwidth($answer->body(), 0, 300, '…'));
        }

        return $answer->body();
    }

    /** @return resource a place among those who wait, held until it is closed, also where this process ends */
    private function place(): mixed
    {
        $folder = dirname($this->socket);
        @mkdir($folder, 0775, true);
        for ($number = 0; $number < $this->places; ++$number) {
            $place = @fopen($folder.'/still-'.$number.'.lock', 'c');
            if ($place !== false && flock($place, LOCK_EX | LOCK_NB)) {
                return $place;
            }
        }
        throw new HttpException(
            503,
            sprintf('%d stills are already rendering. Try again in a moment.', $this->places),
        );
    }
}
