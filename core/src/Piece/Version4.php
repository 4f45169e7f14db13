<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Json;

/** From version 4 to 5: a plate behind labels was a colour. Now it is a group, with padding and coats of its own. */
final readonly class Version4
{
    public static function upgraded(\stdClass $document): \stdClass
    {
        $document = Json::copy($document);
        $document->lupine = 5;
        foreach (Json::objects($document->charts ?? null) as $chart) {
            $labels = Json::object(Json::object($chart, 'words'), 'labels');
            if ($labels !== null && is_string($labels->plate ?? null)) {
                $labels->plate = (object) ['colour' => $labels->plate];
            }
        }

        return $document;
    }
}
