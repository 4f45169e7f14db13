<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Import\Grid;

/** Tables that came as text. */
final readonly class Texts implements Book
{
    /** @param non-empty-list<Grid> $grids */
    public function __construct(private array $grids)
    {
    }

    public function sheets(): array
    {
        $sheets = array_slice($this->grids, 0, self::MOST_SHEETS);

        return array_map(static fn (Grid $grid): array => ['name' => $grid->name, 'isHidden' => false], $sheets);
    }

    public function grid(int $sheet): Grid
    {
        return $this->grids[$sheet];
    }
}
