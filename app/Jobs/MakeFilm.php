<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Desk\ComputedPiece;
use App\Film\FilmFailed;
use App\Film\Renderer;
use App\Models\HandOff;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
use Lupine\Core\LupineException;

/** Makes the film of a hand-off. Its progress, its end and the reason of a failure stand in the hand-off itself. */
final class MakeFilm implements ShouldQueue
{
    use Queueable;

    public int $timeout = 0;

    public int $tries = 1;

    public function __construct(public readonly string $handOffId)
    {
    }

    public function handle(ComputedPiece $computed, Renderer $renderer): void
    {
        $begun = HandOff::query()
            ->whereKey($this->handOffId)
            ->where('status', 'waiting')
            ->update([
                'status' => 'running',
                'started_at' => now(),
                'heard_at' => now(),
                'frames_done' => 0,
                'message' => null,
            ]);
        if ($begun !== 1) {
            return;
        }
        $film = HandOff::query()->findOrFail($this->handOffId);
        // A name of its own for each try: what a lost worker left running may still write to another.
        $half = storage_path('app/rendering/'.$film->id.'-'.bin2hex(random_bytes(4)).'.mp4');
        try {
            @mkdir(dirname($half), 0775, true);
            $finished = $renderer->film($computed->reelText($film->document), $half, $this->reporter($film));
            if (!$finished) {
                $film->update(['status' => 'cancelled', 'ended_at' => now()]);

                return;
            }
            $this->keep($film, $half);
        } catch (LupineException $reason) {
            $film->update(['status' => 'failed', 'message' => $reason->getMessage(), 'ended_at' => now()]);
        } catch (\Throwable $error) {
            report($error);
            $film->update([
                'status' => 'failed',
                'message' => 'The film could not be written: '.mb_strimwidth($error->getMessage(), 0, 300, '…'),
                'ended_at' => now(),
            ]);
        } finally {
            @unlink($half);
        }
    }

    /** @return \Closure(int|null): bool */
    private function reporter(HandOff $film): \Closure
    {
        $written = microtime(true);

        return static function (?int $frames) use ($film, &$written): bool {
            if ($frames !== null) {
                $film->frames_done = $frames;
            }
            if (microtime(true) - $written > 0.4) {
                $written = microtime(true);
                HandOff::query()
                    ->whereKey($film->id)
                    ->update(['frames_done' => $film->frames_done, 'heard_at' => now()]);

                return HandOff::query()->whereKey($film->id)->value('status') === 'running';
            }

            return true;
        };
    }

    private function keep(HandOff $film, string $half): void
    {
        $stream = fopen($half, 'r');
        if ($stream === false) {
            throw new FilmFailed('The finished film could not be read.');
        }
        Storage::disk('hand-offs')->put($film->id.'.mp4', $stream);
        if (is_resource($stream)) {
            fclose($stream);
        }
        $film->update([
            'status' => 'done',
            'frames_done' => $film->frames_total,
            'file' => $film->id.'.mp4',
            'bytes' => filesize($half),
            'ended_at' => now(),
        ]);
    }
}
