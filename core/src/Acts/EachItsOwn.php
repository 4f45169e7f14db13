<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Finish\CoatSamples;
use Lupine\Core\Piece\Row;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;

/** Every part of a chart gets a pattern or a texture of its own, so that they can be told apart without colour. */
#[Described('Gives every part of a chart a pattern or a texture of its own.')]
final readonly class EachItsOwn implements Act
{
    /** angles, sizes and weights that follow each other, so that parts with one kind differ as well; taste */
    private const TURNS = [30, -30, 75, 0];
    private const SIZES = [26, 18, 34];
    private const WEIGHTS = [0.5, 0.32, 0.68];

    /** how much of a pattern is seen that has to tell parts apart */
    private const SEEN = 0.5;

    public function __construct(
        #[Id]
        private string $chart,
        #[Choice('', ['patterns' => '', 'textures' => ''])]
        #[Detail('what each gets')]
        private string $coat,
    ) {
    }

    public function change(Edited $edited): array
    {
        $chart = $edited->chart($this->chart);
        $own = Json::object($chart, 'own') ?? new \stdClass();
        $samples = CoatSamples::all()[$this->coat];
        foreach ($this->rows($edited) as $place => $id) {
            $its = Json::object($own, $id) ?? new \stdClass();
            $coat = $samples[$place % count($samples)]['coats'][0];
            $its->{$this->coat} = [(object) ($this->coat === 'patterns' ? self::apart($coat, $place) : $coat)];
            $own->{$id} = $its;
        }
        $chart->own = $own;

        return [];
    }

    /** @return list<string> ids of the rows that the chart shows, in the order of the sheet */
    private function rows(Edited $edited): array
    {
        foreach ($edited->piece->charts as $chart) {
            if ($chart->id === $this->chart) {
                $table = $chart->shown($edited->piece->table($chart->table));

                return array_map(static fn (Row $row): string => $row->id, $table->rows);
            }
        }

        return [];
    }

    /**
     * @param array<string, mixed> $coat
     *
     * @return array<string, mixed>
     */
    private static function apart(array $coat, int $place): array
    {
        return [
            ...$coat,
            'degrees' => $coat['kind'] === 'halftone' ? 180 : self::TURNS[$place % count(self::TURNS)],
            'size' => $coat['kind'] === 'halftone' ? 13 : self::SIZES[$place % count(self::SIZES)],
            'weight' => self::WEIGHTS[$place % count(self::WEIGHTS)],
            'opacity' => self::SEEN,
        ];
    }
}
