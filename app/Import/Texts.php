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
        return array_map(static fn (Grid $grid): array => ['name' => $grid->name, 'isHidden' => false], $this->grids);
    }

    public function grid(int $sheet): Grid
    {
        return $this->grids[$sheet];
    }
}
