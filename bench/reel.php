<?php

declare(strict_types=1);

// The reel of 600 frames and 12 marks with labels and readings, against a plain loop that computes the same outlines.

use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Words\FontBook;

require __DIR__.'/../vendor/autoload.php';

$rows = implode(
    "\n",
    array_map(static fn (int $row): string => "Kind {$row}\t".(40 + $row * 17), range(1, 12)),
);
$document = json_decode(
    (string) json_encode(
        NewPiece::document(TableText::read($rows), Forms::shipped()->named('donut'), 'Twelve'),
    ),
    true,
);
$document['stage']['frames'] = 600;
$document['charts'][0]['entrance'] = [
    'begin' => 0,
    'frames' => 600,
    'curve' => 'ease-in-out',
    'order' => 'together',
    'overlap' => 0,
    'opens' => 'forward',
];
$document['charts'][0]['words']['labels'] = [
    'show' => 'beside',
    'text' => 'both',
    'font' => 'figtree-bold',
    'size' => 28,
    'colour' => '#ffffff',
];

/** Milliseconds. */
$timed = static function (Closure $work): float {
    $began = hrtime(true);
    $work();

    return (hrtime(true) - $began) / 1e6;
};
/** @param list<float> $numbers */
$spread = static function (array $numbers, int $digits): string {
    sort($numbers);
    $middle = $numbers[intdiv(count($numbers), 2)];

    return sprintf('%.*f (%.*f to %.*f)', $digits, $middle, $digits, $numbers[0], $digits, end($numbers));
};

$drawPiece = new DrawPiece(
    new FontBook(
        static fn (string $id): array => require __DIR__.'/../resources/fontpacks/'.$id.'.php',
    ),
    Forms::shipped(),
);
$piece = Piece::fromDocument($document, Forms::shipped());
$bytes = 0;
$reel = static function () use ($drawPiece, $piece, &$bytes): void {
    $bytes = strlen((string) json_encode(WriteReel::of($drawPiece->draw($piece))));
};
$plain = static function (): void {
    $values = array_map(static fn (int $row): int => 40 + $row * 17, range(1, 12));
    $sum = array_sum($values);
    for ($frame = 0; $frame < 600; ++$frame) {
        $amount = $frame / 600;
        $from = 0.0;
        foreach ($values as $value) {
            $sweep = (2 * M_PI * $value) / $sum;
            $to = $from + $sweep * $amount;
            $path = sprintf(
                'M%.6F %.6FA350 350 0 0 1 %.6F %.6FL%.6F %.6FA210 210 0 0 0 %.6F %.6FZ',
                620 + 350 * sin($from),
                540 - 350 * cos($from),
                620 + 350 * sin($to),
                540 - 350 * cos($to),
                620 + 210 * sin($to),
                540 - 210 * cos($to),
                620 + 210 * sin($from),
                540 - 210 * cos($from),
            );
            $from += $sweep;
        }
    }
};

$reel();
$plain();
$reels = $plains = $ratios = [];
for ($turn = 0; $turn < 7; ++$turn) {
    $reels[] = $timed($reel);
    $plains[] = $timed($plain);
    $ratios[] = end($reels) / end($plains);
}
printf(
    'reel       600 frames, 12 marks, labels and readings (%.1f MB of JSON), against a plain loop over the outlines'.
        " alone, by turns: ratio %s; %s ms against %s\n",
    $bytes / 1e6,
    $spread($ratios, 1),
    $spread($reels, 0),
    $spread($plains, 1),
);

// What one mark costs on one frame, with few and with many of either; everything moves.
$costs = [];
foreach ([[12, 300], [1000, 300], [12, 18000]] as [$marks, $frames]) {
    $kind = static fn (int $row): string => "Kind {$row}\t".(40 + $row * 17);
    $rows = implode("\n", array_map($kind, range(1, $marks)));
    $form = Forms::shipped()->named('donut');
    $large = json_decode((string) json_encode(NewPiece::document(TableText::read($rows), $form, 'Many')), true);
    $large['stage']['frames'] = $frames;
    $large['charts'][0]['entrance'] = [...$document['charts'][0]['entrance'], 'frames' => $frames];
    $piece = Piece::fromDocument($large, Forms::shipped());
    $times = [];
    for ($turn = 0; $turn < 5; ++$turn) {
        $times[] = $timed(static fn () => WriteReel::of($drawPiece->draw($piece, 0, 299)));
    }
    sort($times);
    $costs[] = $times[2] / $marks;
}
printf(
    '           a mark of 1,000 costs %.2f times as much as one of 12; 300 frames of 18,000 cost %.2f times as much as all'
        ." of 300\n",
    $costs[1] / $costs[0],
    $costs[2] / $costs[0],
);
