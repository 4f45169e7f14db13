<?php

declare(strict_types=1);

namespace App\Film;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use App\Pictures\PictureStore;
use App\Voice\SoundStore;
use Illuminate\Support\Facades\View;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Papers\Alternative;
use Lupine\Core\Papers\Course;
use Lupine\Core\Papers\FrameValues;
use Lupine\Core\Papers\SeenTable;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Reel\PicturePaint;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Story\ChartTiming;

/**
 * One HTML file that plays a piece by itself: the reels of its shapes, what paints them, the narrator, the figures and
 * the text alternative. It asks nothing of any network, and says so to the browser.
 *
 * Sources: Content Security Policy Level 3, for what it may load; RFC 2397, for data in addresses; RFC 1952, for the
 * reels, which the browser's DecompressionStream unpacks.
 */
final readonly class PageMaker implements Maker
{
    /** bytes of reels in one page: what a browser opens at once */
    private const MOST_BYTES = 40_000_000;

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP;

    public function __construct(
        private ComputedPiece $computed,
        private SoundStore $sounds,
        private PictureStore $pictures,
    ) {
    }

    public function make(
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        string $name,
        \Closure $progress,
    ): bool {
        $sound = $order->withSound ? FilmSound::of($placed->piece, $order->range, $this->sounds) : null;
        $reels = $shapes = $pictures = [];
        $bytes = 0;
        $all = $order->options->hasEveryShape ? $this->everyShape($placed) : [$placed];
        foreach ($all as $done => $one) {
            $this->computed->check($one);
            $text = $this->computed->reelText($one, $order->range, static fn (): bool => $progress(null));
            if (!$progress(intdiv($order->range->count() * ($done + 1), count($all) + 1))) {
                return false;
            }
            $packed = base64_encode((string) gzencode($text, 7));
            $bytes += strlen($packed);
            if ($bytes > self::MOST_BYTES) {
                throw new FilmFailed(sprintf(
                    'This page would be larger than %d MB, more than a browser opens at once. Choose fewer frames or one shape, or make a film.',
                    intdiv(self::MOST_BYTES, 1_000_000),
                ));
            }
            $reels[] = $packed;
            $shapes[] = [$one->piece->stage->width, $one->piece->stage->height];
            $pictures += $this->picturesOf($text);
        }
        $html = $this->html($placed, $order, $reels, $shapes, $pictures, $sound);
        if (@file_put_contents($target, $html) !== strlen($html)) {
            throw new FullDisk();
        }

        return true;
    }

    /** @return list<PlacedPiece> on the piece's own stage, then in its other shapes */
    private function everyShape(PlacedPiece $placed): array
    {
        $text = json_encode($placed->document(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        $all = [$this->computed->placed($placed->told, $text)];
        foreach ($placed->told->shapes as $shape) {
            $all[] = $this->computed->placed($placed->told, $text, $shape->id);
        }

        return $all;
    }

    /** @return array<string, string> data by fingerprint and blur */
    private function picturesOf(string $reel): array
    {
        $found = [];
        // A reel without pictures is not read for them.
        if (str_contains($reel, '"kind":"picture"')) {
            /** @var array<string, mixed> $read */
            $read = json_decode($reel, true, flags: JSON_THROW_ON_ERROR);
            foreach (Reel::read($read)->paints as $paint) {
                if ($paint instanceof PicturePaint) {
                    $found[$paint->file.'/'.$paint->blur] = $this->pictures->dataUri($paint->file, $paint->blur);
                }
            }
        }

        return $found;
    }

    /**
     * @param list<string> $reels
     * @param list<array{int, int}> $shapes
     * @param array<string, string> $pictures
     */
    private function html(
        PlacedPiece $placed,
        FileOrder $order,
        array $reels,
        array $shapes,
        array $pictures,
        ?FilmSound $sound,
    ): string {
        $piece = $placed->piece;
        $timings = $this->computed->timings($placed);
        $alternative = Alternative::of($piece, $timings);
        $range = $order->range;
        $stage = $piece->stage;
        $script = self::built('player.js');
        $style = self::built('player.css');
        $data = [
            'rate' => [$stage->rateNumerator, $stage->rateDenominator],
            'from' => $range->from,
            'to' => $range->to,
            'poster' => max($range->from, min($range->to, MoveSheet::finished($timings, $stage->frames))),
            'shapes' => $shapes,
            'pictures' => (object) $pictures,
            'lines' => $piece->narration->within($range->from, $range->to),
            'holds' => $this->holds($piece, $timings, $range),
            'isCaptioned' => $piece->captions !== null,
            'figures' => Course::all($piece, $timings, $range),
            'sound' => $sound === null ? null : 'data:audio/mp4;base64,'.base64_encode($sound->packed()),
            'stops' => $order->kind === FileKind::Stops,
        ];

        return View::make('page', [
            'title' => $piece->title,
            'short' => $alternative->short,
            'long' => explode("\n\n", $alternative->long),
            'tables' => array_map(static fn (Chart $chart): array => [
                'name' => $chart->name === '' ? ucfirst($chart->form->kind).' chart' : $chart->name,
                'table' => SeenTable::of($piece, $chart, $timings),
            ], $piece->charts),
            'script' => $script,
            'style' => $style,
            'scriptHash' => base64_encode(hash('sha256', $script, true)),
            'styleHash' => base64_encode(hash('sha256', $style, true)),
            'data' => json_encode($data, self::FLAGS),
            'reels' => $reels,
        ])->render();
    }

    /**
     * Where the figures stand still, for those who want nothing to move.
     *
     * @param array<string, ChartTiming> $timings
     *
     * @return list<int> a frame of each
     */
    private function holds(Piece $piece, array $timings, FrameRange $range): array
    {
        try {
            $holds = FrameValues::holds($piece, $timings);
        } catch (BadPiece) {
            // Too much to look at: the poster alone.
            return [];
        }
        $middles = array_map(static fn (array $hold): int => intdiv($hold[0] + $hold[1], 2), $holds);

        return array_values(array_filter(
            $middles,
            static fn (int $frame): bool => $frame >= $range->from && $frame <= $range->to,
        ));
    }

    private static function built(string $file): string
    {
        $text = @file_get_contents(base_path('player/dist/'.$file));

        return is_string($text) && $text !== ''
            ? $text
            : throw new FilmFailed('The player has not been built. Run bin/start once.');
    }
}
