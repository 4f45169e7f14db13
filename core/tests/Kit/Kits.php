<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Kit;

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Kit\Dress;
use Lupine\Core\Kit\Kit;

/** The kits that ship, and pieces to try them on. */
final class Kits
{
    private const KINDS = [
        'Small appliances' => 512, 'Lamps & lights' => 287, 'Clothing' => 199, 'Bicycles' => 150, 'Toys' => 100,
        'Chairs' => 90, 'Radios' => 81, 'Clocks' => 74, 'Bags' => 66, 'Tools' => 52, 'Books' => 43, 'Crockery' => 31,
    ];

    private const MONTHS = [
        'Jan' => 96, 'Feb' => 104, 'Mar' => 131, 'Apr' => 118, 'May' => 142, 'Jun' => 88, 'Jul' => 61, 'Aug' => 57,
        'Sep' => 125, 'Oct' => 149, 'Nov' => 160, 'Dec' => 112,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(
            static fn (string $file): string => basename($file, '.json'),
            glob(__DIR__.'/../../../kits/*.json') ?: [],
        );
    }

    public static function document(string $name): \stdClass
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/../../../kits/'.$name.'.json'));
        \assert($document instanceof \stdClass);

        return $document;
    }

    public static function kit(string $name): Kit
    {
        return Kit::fromDocument(self::document($name), Forms::shipped());
    }

    /** A new piece of so many parts, or of one that is a share where the form shows one only; in three shapes. */
    public static function piece(string $form, int $parts = 5, int $width = 1920, int $height = 1080): \stdClass
    {
        $isTime = in_array($form, ['columns', 'line', 'area'], true);
        $rows = $form === 'dial' ? ['Mended' => 73] : array_slice($isTime ? self::MONTHS : self::KINDS, 0, $parts);
        $text = "What\tThings";
        foreach ($rows as $label => $value) {
            $text .= "\n{$label}\t{$value}";
        }
        $table = TableText::understood($text)->table->withWhole($form === 'dial' ? '100' : null);
        $title = $isTime ? 'November breaks things' : 'What came through the door';
        $document = json_decode((string) json_encode(
            NewPiece::document($table, Forms::shipped()->named($form), 'A year', [], $title),
        ));
        \assert($document instanceof \stdClass);
        $document->stage->width = $width;
        $document->stage->height = $height;
        $document->stage->frames = 150;
        $document->shapes = [
            (object) ['id' => 'upright', 'width' => 1080, 'height' => 1920, 'own' => new \stdClass()],
            (object) ['id' => 'square', 'width' => 1080, 'height' => 1080, 'own' => new \stdClass()],
        ];

        return $document;
    }

    /** @param list<string>|null $parts what is taken; null: all */
    public static function dressed(
        \stdClass $document,
        Kit $kit,
        ?array $parts = null,
        bool $isLettingGo = false,
    ): \stdClass {
        $dressed = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        \assert($dressed instanceof \stdClass);
        Dress::in($dressed, $kit, $parts ?? array_keys(Kit::PARTS), $isLettingGo, Forms::shipped());

        return $dressed;
    }
}
