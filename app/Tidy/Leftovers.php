<?php

declare(strict_types=1);

namespace App\Tidy;

use App\Import\Incoming;
use App\Models\FilmPart;
use App\Models\HandOff;
use App\Models\Piece;
use App\Models\WorkStatus;
use App\Pictures\PictureStore;
use App\Work\Carrier;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** What nobody can come back to any more, each kind by its age. */
final readonly class Leftovers
{
    /** days that a deleted piece can be put back */
    public const DELETED_DAYS = 30;
    /** days that films which failed or were cancelled stay in the list */
    public const FAILED_DAYS = 30;
    /** hours after which what was left of fonts that were being read goes */
    public const ORPHAN_HOURS = 24;
    /** signs of an id, with which the names of films begin */
    private const ULID = 26;
    /** minutes without a write after which what a killed film left behind is swept */
    public const RENDERING_MINUTES = 60;
    /** bytes beyond which a log of the processes is begun anew, its end kept beside it */
    public const LOG_BYTES = 5_000_000;

    /** @return array<string, int> how much of each kind went */
    public function sweep(CarbonInterface $now): array
    {
        return [
            'deleted pieces' => $this->deletedPieces($now),
            'ended films' => HandOff::query()
                ->whereIn('status', [WorkStatus::Failed, WorkStatus::Cancelled])
                ->where('updated_at', '<', $now->copy()->subDays(self::FAILED_DAYS))
                ->delete(),
            'failed jobs' => DB::table('failed_jobs')
                ->where('failed_at', '<', $now->copy()->subDays(self::FAILED_DAYS))
                ->delete(),
            'orphaned films' => $this->orphanedFilms(),
            'half-written films' => $this->halfWritten($now),
            'incoming files' => self::old('framework/incoming/*', $now->copy()->subHours(Incoming::HOURS)),
            'set texts' => self::old('framework/shaped/*', $now->copy()->subDays(self::DELETED_DAYS)),
            'letters' => self::old('framework/letters/*', $now->copy()->subDays(self::DELETED_DAYS)),
            'half-read fonts' => self::old('app/fonts/*.new*', $now->copy()->subHours(self::ORPHAN_HOURS)),
            'unused pictures' => app(PictureStore::class)->sweep($now),
            'unused sounds' => app(UnusedSounds::class)->sweep($now),
            'logs' => $this->logs(),
        ];
    }

    private function deletedPieces(CarbonInterface $now): int
    {
        $gone = 0;
        $old = Piece::onlyTrashed()->where('deleted_at', '<', $now->copy()->subDays(self::DELETED_DAYS));
        foreach ($old->pluck('id') as $id) {
            // Its revisions go with it; its films stay, as they are the artist's own.
            $gone += Piece::onlyTrashed()->whereKey($id)->forceDelete() > 0 ? 1 : 0;
        }

        return $gone;
    }

    /** Files on the disk of finished films that nobody knows of, and what was carried to workers for nobody. */
    private function orphanedFilms(): int
    {
        $disk = Storage::disk('hand-offs');
        $gone = 0;
        foreach ($disk->files() as $file) {
            // While its film is under way it may be on its way into the list. No clock is asked: the disk has its own.
            $isExpected = HandOff::query()
                ->whereKey(substr($file, 0, self::ULID))
                ->whereIn('status', [WorkStatus::Waiting, WorkStatus::Running])
                ->exists();
            if (!$isExpected && !HandOff::query()->where('file', $file)->exists()) {
                $disk->delete($file);
                ++$gone;
            }
        }

        $underWay = HandOff::query()->whereIn('status', [WorkStatus::Waiting, WorkStatus::Running])->pluck('round');
        FilmPart::query()->whereNotIn('round', $underWay)->delete();
        $isIdle = $underWay->isEmpty();

        return $gone + ($isIdle ? app(Carrier::class)->sweep() : 0);
    }

    private function halfWritten(CarbonInterface $now): int
    {
        $gone = 0;
        $limit = $now->copy()->subMinutes(self::RENDERING_MINUTES)->getTimestamp();
        foreach (glob(storage_path('app/rendering/*')) ?: [] as $path) {
            $files = is_dir($path) ? (glob($path.'/*') ?: []) : [];
            $newest = max([
                (int) @filemtime($path),
                ...array_map(static fn (string $file): int => (int) @filemtime($file), $files),
            ]);
            if ($newest < $limit) {
                array_map('unlink', $files);
                $gone += (is_dir($path) ? @rmdir($path) : @unlink($path)) ? 1 : 0;
            }
        }

        return $gone;
    }

    /** Files of a folder that were not written since then. */
    private static function old(string $files, CarbonInterface $limit): int
    {
        $old = array_filter(
            glob(storage_path($files)) ?: [],
            static fn (string $file): bool => (int) @filemtime($file) < $limit->getTimestamp(),
        );
        array_map('unlink', $old);

        return count($old);
    }

    private function logs(): int
    {
        $begun = 0;
        foreach (['server', 'worker', 'soon', 'listener', 'reports', 'stills', 'tidy'] as $name) {
            $log = storage_path('logs/'.$name.'.log');
            if (is_file($log) && (int) filesize($log) > self::LOG_BYTES) {
                file_put_contents($log.'.1', substr((string) file_get_contents($log), -1_000_000));
                // Emptied in place: whoever writes to it goes on at its end.
                file_put_contents($log, '');
                ++$begun;
            }
        }

        return $begun;
    }
}
