<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\WriteLockConnection;
use App\Desk\KeptReels;
use App\Disk\Kept;
use App\Film\StillPainter;
use App\Fonts\FetchedFaces;
use App\Fonts\FontStore;
use App\Fonts\Harfbuzz;
use App\Fonts\KnownFaces;
use App\Fonts\LetterStore;
use App\Http\OwnAddresses;
use App\Import\Incoming;
use App\Import\Reader;
use App\Jobs\TellDesk;
use App\Pictures\PictureStore;
use App\Voice\Alive;
use App\Voice\SoundStore;
use App\Voice\Speaker;
use App\Voice\Uploads;
use App\Work\Board;
use App\Work\Carrier;
use App\Work\HeldDatabaseConnector;
use App\Work\HeldRedisConnector;
use App\Work\Results;
use App\Work\Worker;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Cache\Repository as Cache;
use Illuminate\Contracts\Redis\Factory as Redis;
use Illuminate\Database\Connection;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ServiceProvider;
use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\FormChoices;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Fonts;
use Lupine\Core\Words\BadFont;
use Lupine\Core\Words\FontBook;

final class LupineServiceProvider extends ServiceProvider
{
    private const MEET_SECONDS = 5.0;

    public function register(): void
    {
        $this->app->singleton(KeptReels::class, static fn (): KeptReels => new KeptReels(
            new Filesystem(),
            storage_path('framework/reels'),
            (int) config('lupine.kept_bytes'),
        ));
        $this->app->bind(StillPainter::class, fn (): StillPainter => new StillPainter(
            $this->app->make(Factory::class),
            storage_path('app/stills/painter.sock'),
            (int) config('lupine.stills_at_once'),
            (int) config('lupine.still_seconds'),
        ));
        $this->app->singleton(Incoming::class, static fn (): Incoming => new Incoming(
            Kept::byFingerprint(storage_path('framework/incoming')),
            new Reader((float) config('lupine.table_seconds'), (int) config('lupine.table_megabytes')),
        ));
        $this->app->singleton(
            SoundStore::class,
            static fn (): SoundStore => new SoundStore(
                Kept::byFingerprint(storage_path('app/sounds')),
            ),
        );
        $this->app->singleton(
            PictureStore::class,
            static fn (): PictureStore => new PictureStore(Kept::byFingerprint(storage_path('app/pictures'))),
        );
        $this->app->singleton(FetchedFaces::class);
        $this->app->singleton(FontStore::class, fn (): FontStore => new FontStore(
            Kept::byFingerprint(storage_path('app/fonts')),
            $this->app->make(KeptReels::class),
            $this->app->make(self::isDesk() ? KnownFaces::class : FetchedFaces::class),
        ));
        $this->app->singleton(Uploads::class, static fn (): Uploads => new Uploads(
            Kept::byUlid(storage_path('app/uploads')),
        ));
        $this->app->singleton(Alive::class, static fn (): Alive => new Alive(
            Kept::byUlid(storage_path('framework/alive')),
        ));
        $this->app->singleton(Speaker::class, static fn (): Speaker => new Speaker(storage_path('app/rendering')));
        $this->app->singleton(Board::class, fn (): Board => new Board(
            $this->app->make(Cache::class),
            (int) config('lupine.patience'),
            config('queue.default') === 'redis',
        ));
        $this->app->bind(Results::class, static fn (): Results => new Results(self::shared()));
        $this->app->singleton(Carrier::class, fn (): Carrier => new Carrier(
            self::shared(),
            $this->app->make(FontStore::class),
            $this->app->make(FetchedFaces::class),
            config('queue.default') === 'redis',
        ));
        $this->app->singleton(OwnAddresses::class, static fn (): OwnAddresses => OwnAddresses::fromConfig());
        Connection::resolverFor(
            'sqlite',
            static fn (mixed ...$given): WriteLockConnection => new WriteLockConnection(...$given),
        );
        $this->app->scoped(
            FontBook::class,
            fn (): FontBook => new FontBook(function (string $id): ?array {
                if (Fonts::isOwn($id)) {
                    return $this->app->make(FontStore::class)->pack($id);
                }
                $file = resource_path('fontpacks/'.basename($id).'.php');
                /** @var array<string, mixed>|null $pack */
                $pack = is_file($file) ? require $file : null;

                return $pack ??
                    throw new BadFont(sprintf('The font pack “%s” is missing. Run bin/start once to build it.', $id));
            }, new Harfbuzz(
                Kept::byFingerprint(storage_path('framework/shaped')),
                $this->app->make(FontStore::class),
            )),
        );
        $this->app->singleton(Forms::class, static fn (): Forms => Forms::shipped());
        $this->app->singleton(
            FormChoices::class,
            fn (): FormChoices => new FormChoices($this->app->make(Forms::class)),
        );
        $this->app->scoped(DrawPiece::class, fn (): DrawPiece => new DrawPiece(
            $this->app->make(FontBook::class),
            $this->app->make(Forms::class),
            new LetterStore(Kept::byFingerprint(storage_path('framework/letters'))),
        ));
        $this->app->scoped(Arrange::class, fn (): Arrange => new Arrange(
            $this->app->make(DrawPiece::class)->timings,
            $this->app->make(DrawPiece::class)->setter,
        ));
    }

    private static function shared(): FilesystemAdapter
    {
        $disk = Storage::disk('hand-offs');

        return $disk instanceof FilesystemAdapter ? $disk : throw new \LogicException('Finished films go to a disk.');
    }

    private static function isDesk(): bool
    {
        return config('lupine.is_desk') === true;
    }

    /** Workers of several machines say now and then that they are there. */
    private function meetWorkers(): void
    {
        $met = 0.0;
        Event::listen(Looping::class, static function (Looping $loop) use (&$met): void {
            $isShared = $loop->connectionName === 'redis' && $loop->queue !== TellDesk::QUEUE;
            if ($isShared && microtime(true) - $met > self::MEET_SECONDS) {
                $met = microtime(true);
                try {
                    app(Board::class)->meet(Worker::here());
                } catch (\Throwable $error) {
                    // Redis is away, say: the worker goes on, and says it later.
                    report($error);
                }
            }
        });
    }

    public function boot(): void
    {
        RateLimiter::for('costly', static fn (Request $request): Limit => Limit::perMinute(
            (int) config('lupine.costly_a_minute'),
        )->by((string) $request->ip()));
        Queue::addConnector('database', fn (): HeldDatabaseConnector => new HeldDatabaseConnector(
            $this->app->make('db'),
        ));
        Queue::addConnector('redis', fn (): HeldRedisConnector => new HeldRedisConnector(
            $this->app->make(Redis::class),
        ));
        $this->meetWorkers();
    }
}
