<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Settings\Json;

/** Another chart, and its table where the piece has none of that name. */
final readonly class AddedChart implements Act
{
    /**
     * @param array<string, mixed> $chart as Formats\NewChart makes it
     * @param array<string, mixed> $table
     */
    public function __construct(private array $chart, private array $table)
    {
    }

    public function change(Edited $edited): array
    {
        $chart = (object) json_decode((string) json_encode($this->chart));
        $table = (object) json_decode((string) json_encode($this->table));
        if (Edited::named($edited->tables(), Json::text($table, 'id')) === null) {
            $edited->document->tables = [...$edited->tables(), $table];
        }
        $first = $edited->charts()[0] ?? null;
        $entrance = Json::object($first, 'entrance');
        if ($first !== null && $entrance !== null && Json::object($chart, 'entrance') !== null) {
            // It comes in with the others, by one order.
            $chart->entrance = (object) [...(array) $entrance, 'with' => $first->id, 'joins' => 'together'];
        }
        $edited->document->charts = [...$edited->charts(), $chart];

        return [Json::text($chart, 'id')];
    }
}
