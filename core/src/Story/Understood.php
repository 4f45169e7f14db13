<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Piece\ReadingSettings;
use Lupine\Core\Piece\Table;

/**
 * What was understood of tables, which never change: a piece is arranged, drawn and shown from the same ones. It is
 * kept as long as they are.
 */
final readonly class Understood
{
    /** @var \WeakMap<Table, array<string, Figures>> */
    private \WeakMap $figures;

    /** @var \WeakMap<Figures, \WeakMap<ReadingSettings, StateReadings>> */
    private \WeakMap $readings;

    public function __construct()
    {
        $this->figures = new \WeakMap();
        $this->readings = new \WeakMap();
    }

    /**
     * @param string $key what they are read as: the same for the same way and columns
     * @param callable(): Figures $read
     */
    public function figures(Table $table, string $key, callable $read): Figures
    {
        $known = $this->figures[$table] ?? [];
        $known[$key] ??= $read();
        $this->figures[$table] = $known;

        return $known[$key];
    }

    public function readings(Figures $figures, ReadingSettings $settings): StateReadings
    {
        $known = $this->readings[$figures] ?? null;
        if ($known === null) {
            /** @var \WeakMap<ReadingSettings, StateReadings> $known */
            $known = new \WeakMap();
            $this->readings[$figures] = $known;
        }

        return $known[$settings] ??= new StateReadings($figures, $settings);
    }
}
