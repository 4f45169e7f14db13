<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\WriteLockConnection;
use App\Desk\KeptReels;
use App\Disk\Kept;
use App\Film\LostFilms;
use App\Film\StillPainter;
use App\Fonts\FontStore;
use App\Fonts\Harfbuzz;
use App\Fonts\LetterStore;
use App\Http\OwnAddresses;
use App\Import\Incoming;
use App\Import\Reader;
use App\Pictures\PictureStore;
use App\Voice\Alive;
use App\Voice\SoundStore;
use App\Voice\Speaker;
use App\Voice\Uploads;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Connection;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
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
        $this->app->singleton(FontStore::class, fn (): FontStore => new FontStore(
            Kept::byFingerprint(storage_path('app/fonts')),
            $this->app->make(KeptReels::class),
        ));
        $this->app->singleton(Uploads::class, static fn (): Uploads => new Uploads(
            Kept::byUlid(storage_path('app/uploads')),
        ));
        $this->app->singleton(Alive::class, static fn (): Alive => new Alive(
            Kept::byUlid(storage_path('framework/alive')),
        ));
        $this->app->singleton(Speaker::class, static fn (): Speaker => new Speaker(storage_path('app/rendering')));
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

    public function boot(): void
    {
        RateLimiter::for('costly', static fn (Request $request): Limit => Limit::perMinute(
            (int) config('lupine.costly_a_minute'),
        )->by((string) $request->ip()));
        // A worker that starts, or has nothing to do, takes up films whose worker was lost.
        Event::listen(Looping::class, static function (): void {
            try {
                app(LostFilms::class)->takeUp();
            } catch (\Throwable $error) {
                // A full disk, say: the worker goes on, and looks again.
                report($error);
            }
        });
    }
}
