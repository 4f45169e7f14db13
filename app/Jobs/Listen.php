<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Disk\FullDisk;
use App\Film\StopSignals;
use App\Models\Listening;
use App\Models\WorkStatus;
use App\Voice\Alive;
use App\Voice\Cancelled;
use App\Voice\Course;
use App\Voice\Listener;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Lupine\Core\LupineException;
use Lupine\Core\Settings\Field;

/** Does what a listening asks for. Its progress, its end and the reason of a failure stand in the listening itself. */
final class Listen implements ShouldQueue
{
    use Queueable;

    /** its own, so that it does not wait for films */
    public const QUEUE = 'listening';

    public int $timeout = 0;

    public int $tries = 1;

    public function __construct(public readonly string $listeningId)
    {
        $this->onConnection('desk')->onQueue(self::QUEUE);
    }

    public function handle(Listener $listener, Alive $alive): void
    {
        // Held before it is said to run, so that nobody finds it running and not alive.
        $held = $alive->hold($this->listeningId);
        if ($held === null) {
            return;
        }
        try {
            $this->listen($listener);
        } finally {
            $alive->letGo($this->listeningId, $held);
        }
    }

    private function listen(Listener $listener): void
    {
        $begun = Listening::query()
            ->whereKey($this->listeningId)
            ->where('status', WorkStatus::Waiting)
            ->update(['status' => WorkStatus::Running, 'heard_at' => now()]);
        if ($begun !== 1) {
            return;
        }
        $listening = Listening::query()->findOrFail($this->listeningId);
        $signals = StopSignals::heed();
        try {
            $asked = Field::root(json_decode($listening->asked, true));
            $course = new Course($listening, $signals);
            $result = match ($listening->kind) {
                'file' => $listener->file($asked, $course),
                'scratch' => $listener->scratch($asked, $course),
                'splice' => $listener->splice($asked, $course),
                default => $listener->find($asked, $course),
            };
            $this->end($listening, [
                'status' => WorkStatus::Done,
                'part' => 1,
                'result' => json_encode($result, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            ]);
        } catch (Cancelled) {
            $this->end($listening, ['status' => WorkStatus::Cancelled]);
        } catch (LupineException $reason) {
            $this->end($listening, ['status' => WorkStatus::Failed, 'message' => $reason->getMessage()]);
        } catch (\Throwable $error) {
            report($error);
            $this->end($listening, ['status' => WorkStatus::Failed, 'message' => FullDisk::isReasonOf($error)
                ? FullDisk::SENTENCE
                : 'Finding words failed: '.mb_strimwidth($error->getMessage(), 0, 300, '…')]);
        } finally {
            $signals->leave();
        }
    }

    /** @param array<string, mixed> $with */
    private function end(Listening $listening, array $with): void
    {
        Listening::query()
            ->whereKey($listening->id)
            ->update([...$with, 'heard_at' => now()]);
    }
}
