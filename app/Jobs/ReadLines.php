<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Batch\ReadAnew;
use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Lupine\Core\LupineException;

/** Has the scratch voice read what a film says otherwise than its recording; then the film waits to be made. */
final class ReadLines implements ShouldQueue
{
    use Queueable;

    public int $timeout = 0;

    public int $tries = 3;

    public function __construct(private readonly string $film, private readonly string $round)
    {
        $this->onConnection('desk')->onQueue(Listen::QUEUE);
    }

    public function handle(ReadAnew $reader): void
    {
        $film = HandOff::query()
            ->whereKey($this->film)
            ->where('round', $this->round)
            ->where('status', WorkStatus::Waiting)
            ->first();
        $options = $film?->options;
        if ($film === null || !is_string($options['reading'] ?? null)) {
            return;
        }
        try {
            $text = $reader->in($film->document, $options['reading']);
        } catch (LupineException $reason) {
            $film->update(['status' => WorkStatus::Failed, 'message' => $reason->getMessage(), 'ended_at' => now()]);

            return;
        }
        $before = self::frames($film->document);
        $isWhole = $film->first_frame === 0 && $film->frames_total === $before;
        $film->update([
            'document' => $text,
            'options' => [...$options, 'reading' => null],
            // A piece that has become longer by being read is made whole where all of it was wanted.
            'frames_total' => $isWhole ? self::frames($text) : $film->frames_total,
        ]);
        MakeFilm::of($film);
    }

    /** What nobody foresaw is said as well: it would wait for ever. */
    public function failed(\Throwable $error): void
    {
        HandOff::query()
            ->whereKey($this->film)
            ->where('round', $this->round)
            ->where('status', WorkStatus::Waiting)
            ->update([
                'status' => WorkStatus::Failed,
                'message' => 'The lines could not be read: '.mb_strimwidth($error->getMessage(), 0, 300, '…'),
                'ended_at' => now(),
            ]);
    }

    private static function frames(string $document): int
    {
        return (int) (json_decode($document, true)['stage']['frames'] ?? 0);
    }
}
