<?php

declare(strict_types=1);

// Places for the labels of 60 marks, which no room can hold at their own size, and for those of 12.

use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Lettering\LabelPlan;
use Lupine\Core\Lettering\StageBoxes;
use Lupine\Core\Lettering\WordBoxes;
use Lupine\Core\Lettering\WordSizes;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Words\FontBook;

require __DIR__.'/../vendor/autoload.php';

$draw = new DrawPiece(
    new FontBook(
        static fn (string $id): array => require __DIR__.'/../resources/fontpacks/'.$id.'.php',
    ),
    Forms::shipped(),
);
/** Milliseconds, the middle of several. */
$placed = static function (int $count) use ($draw): float {
    $row = static fn (int $row): string => "Kind {$row}\t".(40 + ($row * 17) % 90);
    $document = json_decode((string) json_encode(NewPiece::document(
        TableText::read(implode("\n", array_map($row, range(1, $count)))),
        Forms::shipped()->named('pie'),
        'Labels',
    )), true);
    $document['charts'][0]['words']['labels']['show'] = 'beside';
    $document['charts'][0]['words']['legend'] = null;
    $piece = (new Arrange($draw->timings, $draw->setter))->piece(Piece::fromDocument($document, Forms::shipped()));
    $timings = $draw->timings->of($piece);
    $chart = $piece->charts[0];
    $timing = $timings[$chart->id];
    $times = [];
    for ($run = 0; $run < 25; ++$run) {
        $began = hrtime(true);
        new LabelPlan(
            $chart,
            $timing,
            new WordSizes($chart, $timing, $draw->setter),
            (new StageBoxes($piece, $timings, $draw->setter))->ground($chart),
            new WordBoxes($chart, $timing, $draw->setter),
        );
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    sort($times);

    return $times[12];
};

[$few, $many] = [$placed(12), $placed(60)];
printf("labels     of 60 marks placed in %.1f ms, %.1f times as long as of 12\n", $many, $many / $few);
