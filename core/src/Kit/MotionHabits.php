<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Piece\ChartMotion;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Partly;
use Lupine\Core\Settings\Setting;

/** How charts come in by the name of their form, and under `*` how all others do but those that are drawn as one. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class MotionHabits extends Setting
{
    /** what of an entrance is a piece's own */
    private const OWN = ['begin', 'with', 'joins', 'opens'];

    public function kind(): string
    {
        return 'habits';
    }

    /** @return array<string, \stdClass> what is said, by form, each of it checked */
    public function read(Field $field): array
    {
        $names = $field->known instanceof FormCatalogue ? $field->known->names() : [];
        $habits = [];
        foreach ($field->entries() as $name => $entry) {
            if ($name !== FormHabits::ALL && !in_array($name, $names, true)) {
                throw $entry->wrong('is not a form; there are '.implode(', ', $names).', and * for all');
            }
            $habits[$name] = self::each()->read($entry);
        }

        return $habits;
    }

    public function schema(): array
    {
        return [
            'type' => 'object',
            'description' => 'how charts come in, by the name of their form; under * all others but lines and areas',
            'additionalProperties' => self::each()->schema(),
        ];
    }

    /** @return \stdClass none */
    public function default(): \stdClass
    {
        return new \stdClass();
    }

    public function definitions(): array
    {
        return self::each()->definitions();
    }

    public function groups(): array
    {
        return self::each()->groups();
    }

    private static function each(): Partly
    {
        return new Partly(ChartMotion::class, except: self::OWN);
    }
}
