<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Batch\ReadAnew;
use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use App\Film\FileOrder;
use App\Film\FilmFailed;
use App\Film\Maker;
use App\Film\RendererLost;
use App\Film\StopSignals;
use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
use Lupine\Core\Form\Forms;
use Lupine\Core\LupineException;
use Lupine\Core\Piece\Piece as Document;

/**
 * Makes the film of a hand-off. Its progress, its end and the reason of a failure stand in the hand-off itself.
 *
 * A renderer that ends in the middle is begun again, three times in all. A worker that is asked to end puts the film
 * back to wait for the next one.
 */
final class MakeFilm implements ShouldQueue
{
    use Queueable;

    /** what is made in a moment, or wanted in one, does not wait for films */
    public const SOON = 'soon';

    /** films that go before the others that wait */
    public const FIRST = 'first';

    public int $timeout = 0;

    public int $tries = 0;

    private function __construct(public readonly string $handOffId)
    {
    }

    /** Puts a hand-off into its queue. */
    public static function of(HandOff $film): void
    {
        $job = new self($film->id);
        dispatch($film->kind->traits()->isSoon ? $job->onQueue(self::SOON) : $job);
    }

    /** Goes before all films that wait; its place among them is passed over when its turn comes. */
    public static function next(HandOff $film): void
    {
        dispatch((new self($film->id))->onQueue(self::FIRST));
    }

    public function handle(ComputedPiece $computed): void
    {
        $begun = HandOff::query()
            ->whereKey($this->handOffId)
            ->where('status', WorkStatus::Waiting)
            ->update([
                'status' => WorkStatus::Running,
                'started_at' => now(),
                'heard_at' => now(),
                'frames_done' => 0,
                'message' => null,
            ]);
        if ($begun !== 1) {
            return;
        }
        $film = HandOff::query()->findOrFail($this->handOffId);
        $signals = StopSignals::heed();
        try {
            $reading = $film->fileOptions()->reading;
            $text = $reading === null ? $film->document : app(ReadAnew::class)->in($film->document, $reading);
            $document = Document::fromJson($text, app(Forms::class));
            self::growTo($film, $document->stage->frames);
            $order = FileOrder::of(
                $document,
                $film->kind,
                $film->first_frame,
                $film->first_frame + $film->frames_total - 1,
                shape: $film->shape,
                withSound: $film->with_sound,
                options: $film->fileOptions(),
            );
            $this->make($film, $order, $computed->placed($document, $text, $film->shape), $signals);
        } catch (LupineException $reason) {
            $film->update(['status' => WorkStatus::Failed, 'message' => $reason->getMessage(), 'ended_at' => now()]);
        } catch (\Throwable $error) {
            report($error);
            $film->update(['status' => WorkStatus::Failed, 'message' => self::inWords($error), 'ended_at' => now()]);
        } finally {
            $signals->leave();
        }
    }

    /** A piece that has become longer by being read is made whole where all of it was wanted. */
    private static function growTo(HandOff $film, int $frames): void
    {
        $before = json_decode($film->document, true)['stage']['frames'] ?? $frames;
        if ($film->first_frame === 0 && $film->frames_total === $before && $frames !== $before) {
            $film->update(['frames_total' => $frames]);
        }
    }

    private function make(HandOff $film, FileOrder $order, PlacedPiece $placed, StopSignals $signals): void
    {
        /** @var Maker $maker */
        $maker = app($order->kind->traits()->maker);
        $tries = max(1, (int) config('lupine.film_tries'));
        for ($try = 1;; ++$try) {
            // A name of its own for each try: what a lost worker left running may still write to another.
            $half = storage_path('app/rendering/'.$film->id.'-'.bin2hex(random_bytes(4)).'.mp4');
            try {
                if ($maker->make($placed, $order, $half, $film->fileName(), $this->reporter($film, $signals))) {
                    $this->keep($film, $half);

                    return;
                }
                $signals->haveCome()
                    ? $this->putBack($film)
                    : $film->update(['status' => WorkStatus::Cancelled, 'ended_at' => now()]);

                return;
            } catch (RendererLost $reason) {
                // Whoever ends all processes of a group ends the renderer first; the signal to this one is on its way.
                usleep(300_000);
                if ($signals->haveCome()) {
                    $this->putBack($film);

                    return;
                }
                if ($try >= $tries) {
                    throw self::lostTooOften($film, $reason, $try);
                }
                HandOff::query()
                    ->whereKey($film->id)
                    ->update(['frames_done' => 0, 'heard_at' => now()]);
            } finally {
                @unlink($half);
            }
        }
    }

    /** So that the next worker begins it again: nothing of it failed. */
    private function putBack(HandOff $film): void
    {
        HandOff::query()
            ->whereKey($film->id)
            ->where('status', WorkStatus::Running)
            ->update(['status' => WorkStatus::Waiting, 'frames_done' => 0, 'started_at' => null]);
        HandOff::query()
            ->whereKey($film->id)
            ->where('status', WorkStatus::Cancelling)
            ->update(['status' => WorkStatus::Cancelled, 'ended_at' => now()]);
        $this->release();
    }

    /** @return \Closure(int|null): bool */
    private function reporter(HandOff $film, StopSignals $signals): \Closure
    {
        $written = microtime(true);

        return static function (?int $frames) use ($film, $signals, &$written): bool {
            if ($frames !== null) {
                $film->frames_done = $frames;
            }
            if ($signals->haveCome()) {
                return false;
            }
            if (microtime(true) - $written > 0.4) {
                $written = microtime(true);
                HandOff::query()
                    ->whereKey($film->id)
                    ->update(['frames_done' => $film->frames_done, 'heard_at' => now()]);

                return HandOff::query()->whereKey($film->id)->value('status') === WorkStatus::Running;
            }

            return true;
        };
    }

    private function keep(HandOff $film, string $half): void
    {
        $bytes = filesize($half);
        $name = $film->id.'.'.$film->kind->traits()->ending;
        $disk = Storage::disk('hand-offs');
        if ($disk instanceof LocalFilesystemAdapter) {
            // On the same disk it is moved, at once and whole.
            @mkdir($disk->path(''), 0775, true);
            if (!@rename($half, $disk->path($name))) {
                throw new FilmFailed(
                    sprintf('The finished film could not be saved in %s. Check that the folder is writable.', $disk->path('')),
                );
            }
        } else {
            $stream = fopen($half, 'r');
            if ($stream === false) {
                throw new FilmFailed('The finished film could not be read.');
            }
            $disk->put($name, $stream);
            if (is_resource($stream)) {
                fclose($stream);
            }
        }
        $film->update([
            'status' => WorkStatus::Done,
            'frames_done' => $film->frames_total,
            'file' => $name,
            'bytes' => $bytes,
            'ended_at' => now(),
        ]);
    }

    private static function lostTooOften(HandOff $film, RendererLost $reason, int $tries): FilmFailed
    {
        return new FilmFailed(
            sprintf(
                'The film failed %d times: the renderer or ffmpeg stopped early, last at frame %d of %d. Memory may be low. Close other programs or make the stage smaller, then try again. (%s)',
                $tries,
                $film->frames_done,
                $film->frames_total,
                rtrim($reason->getMessage(), '.'),
            ),
        );
    }

    private static function inWords(\Throwable $error): string
    {
        return FullDisk::isReasonOf($error)
            ? FullDisk::SENTENCE
            : 'The film could not be written: '.mb_strimwidth($error->getMessage(), 0, 300, '…');
    }
}
