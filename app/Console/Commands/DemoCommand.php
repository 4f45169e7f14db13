<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Piece;
use App\Voice\SoundStore;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Piece as Document;

final class DemoCommand extends LupineCommand
{
    protected $signature = 'lupine:demo';

    protected $description = 'Puts the demo on a shelf that has never held a piece';

    public function __construct(private readonly SoundStore $sounds)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        if (Piece::withTrashed()->exists()) {
            return self::SUCCESS;
        }
        $sounds = glob(base_path('demo/sounds/*.flac'));
        foreach ($sounds === false ? [] : $sounds as $sound) {
            $this->sounds->adopt($sound, 'Scratch voice');
        }
        foreach (['weight-kept-from-the-tip', 'mended-or-not', 'the-mending-room'] as $index => $name) {
            $text = $this->contents(base_path('demo/'.$name.'.json'));
            Document::fromJson($text, app(Forms::class));
            $piece = Piece::begin((object) json_decode($text, false, 64, JSON_THROW_ON_ERROR));
            // So that the newest stands first.
            $piece->timestamps = false;
            $piece->forceFill(['updated_at' => now()->subMinutes(3 - $index)])->save();
        }
        $this->line('The demo is on the shelf.');

        return self::SUCCESS;
    }
}
