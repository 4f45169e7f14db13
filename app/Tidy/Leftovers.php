<?php

declare(strict_types=1);

namespace App\Tidy;

use App\Import\Incoming;
use App\Models\HandOff;
use App\Models\Piece;
use App\Models\WorkStatus;
use App\Pictures\PictureStore;
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
    /** hours after which a file that no film is known of is taken to be nobody's */
    public const ORPHAN_HOURS = 24;
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
            'orphaned films' => $this->orphanedFilms($now),
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

    private function orphanedFilms(CarbonInterface $now): int
    {
        $disk = Storage::disk('hand-offs');
        $gone = 0;
        foreach ($disk->files() as $file) {
            $old = $disk->lastModified($file) < $now->copy()->subHours(self::ORPHAN_HOURS)->getTimestamp();
            if ($old && !HandOff::query()->where('file', $file)->exists()) {
                $disk->delete($file);
                ++$gone;
            }
        }

        return $gone;
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
        foreach (['server', 'worker', 'soon', 'listener', 'stills', 'tidy'] as $name) {
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
