<?php

declare(strict_types=1);

namespace Lupine\Core\Tests;

use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Words\FontBook;
use Lupine\Core\Words\Shaper;

/** Pieces to try things on. */
final class Sample
{
    public const FIGURES = "What\tThings\nSmall appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100";

    /**
     * @param array<string, mixed> $changes path => value, such as charts.0.form.gap
     *
     * @return array<string, mixed>
     */
    public static function document(
        string $figures = self::FIGURES,
        array $changes = [],
        string $form = 'donut',
    ): array {
        /** @var array<string, mixed> $document */
        $document = json_decode(
            json_encode(
                NewPiece::document(TableText::read($figures), Forms::shipped()->named($form), 'Sample'),
                JSON_THROW_ON_ERROR,
            ),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        // Placed by hand, so that a test can say where things are.
        $changes = [
            'charts.0.place' => ['x' => 620, 'y' => 540],
            ...isset($document['charts'][0]['words']['legend']) ? ['charts.0.words.legend.placedBy' => 'hand'] : [],
            'words.0.placedBy' => 'hand',
            'words.0.x' => 1120,
            'words.0.y' => 300,
            'words.0.width' => 680,
            'captions.placedBy' => 'hand',
            // One after another, so that a test can say when each comes.
            ...($document['charts'][0]['entrance']['order'] ?? '') === 'one' ? [
                'charts.0.entrance.order' => 'overlapping',
                'charts.0.entrance.frames' => 24,
                'charts.0.entrance.overlap' => 8,
            ] : [],
            ...$changes,
        ];

        return self::changed($document, $changes);
    }

    /**
     * @param array<string, mixed> $document
     * @param array<string, mixed> $changes by path, such as charts.0.form.gap
     *
     * @return array<string, mixed>
     */
    public static function changed(array $document, array $changes): array
    {
        foreach ($changes as $path => $value) {
            $place = &$document;
            foreach (explode('.', $path) as $step) {
                $place = &$place[$step];
            }
            $place = $value;
            unset($place);
        }

        return $document;
    }

    /** @param array<string, mixed> $changes */
    public static function piece(
        string $figures = self::FIGURES,
        array $changes = [],
        string $form = 'donut',
    ): Piece {
        return Piece::fromDocument(self::document($figures, $changes, $form), Forms::shipped());
    }

    public static function draw(Piece $piece, ?Shaper $shaper = null): Drawing
    {
        $draw = self::drawPiece($shaper);

        return $draw->draw((new Arrange($draw->timings, $draw->setter))->piece($piece));
    }

    public static function prove(Piece $piece): Proof
    {
        $draw = self::drawPiece();
        $piece = (new Arrange($draw->timings, $draw->setter))->piece($piece);

        return Proof::of($piece, WriteReel::of($draw->draw($piece)), $draw->timings->of($piece), $draw->setter);
    }

    public static function drawPiece(?Shaper $shaper = null): DrawPiece
    {
        return new DrawPiece(self::fonts($shaper), Forms::shipped());
    }

    public static function fonts(?Shaper $shaper = null): FontBook
    {
        return new FontBook(
            static fn (string $id): array => require __DIR__.'/../../resources/fontpacks/'.$id.'.php',
            $shaper,
        );
    }

    public static function outside(string $name): mixed
    {
        return self::json(__DIR__.'/outside/'.$name.'.json');
    }

    private static function json(string $file): mixed
    {
        return json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    }

    public static function arrange(): Arrange
    {
        $draw = self::drawPiece();

        return new Arrange($draw->timings, $draw->setter);
    }

    /** @return array<string, mixed> a drawing as it is written for the painter */
    public static function reel(Drawing $drawing): array
    {
        return json_decode(json_encode(WriteReel::of($drawing), JSON_THROW_ON_ERROR), true, 512, JSON_THROW_ON_ERROR);
    }
}
