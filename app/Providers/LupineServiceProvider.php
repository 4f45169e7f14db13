<?php

declare(strict_types=1);

namespace App\Providers;

use App\Film\LostFilms;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Words\BadFont;
use Lupine\Core\Words\FontBook;

final class LupineServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(
            FontBook::class,
            static fn (): FontBook => new FontBook(static function (string $id): array {
                $file = resource_path('fontpacks/'.basename($id).'.php');
                /** @var array<string, mixed>|null $pack */
                $pack = is_file($file) ? require $file : null;

                return $pack ??
                    throw new BadFont(sprintf('The font pack “%s” is missing. Run bin/start once to build it.', $id));
            }),
        );
        $this->app->scoped(DrawPiece::class, fn (): DrawPiece => new DrawPiece($this->app->make(FontBook::class)));
    }

    public function boot(): void
    {
        // A worker that starts, or has nothing to do, takes up films whose worker was lost.
        Event::listen(Looping::class, static fn () => app(LostFilms::class)->takeUp());
    }
}
