<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The registry: everything that a move can change, by what it belongs to. */
final readonly class Properties
{
    /** @return list<Property> of one figure of a chart */
    public static function ofFigure(): array
    {
        return [
            Property::other('value', 'value', 'cell'),
            Property::number('out', 'pulled out', 'pixels', 0, 1000, 0),
            Property::number('opacity', 'opacity', 'fraction', 0, 1, 1),
            Property::number('light', 'light', 'fraction', 0, 1, 0),
            Property::number('size', 'size', 'fraction', 0, 10, 1),
            Property::number('x', 'across', 'pixels', -8000, 8000, 0),
            Property::number('y', 'down', 'pixels', -8000, 8000, 0),
            Property::number('turn', 'turn', 'degrees', -3600, 3600, 0),
        ];
    }

    /**
     * @param list<FormSetting> $settings of the chart's form
     *
     * @return list<Property>
     */
    public static function ofChart(array $settings): array
    {
        $keyed = array_values(array_filter($settings, static fn (FormSetting $setting): bool => $setting->isKeyed));

        return [
            Property::other('column', 'figures', 'column'),
            ...array_map(Property::ofSetting(...), $keyed),
            ...self::ofWords(),
        ];
    }

    /** @return list<Property> of a free text; x and y are where it stands */
    public static function ofWords(): array
    {
        return [
            Property::number('opacity', 'opacity', 'fraction', 0, 1, 1),
            Property::number('size', 'size', 'fraction', 0, 10, 1),
            Property::number('x', 'across', 'pixels', -8000, 8000, 0),
            Property::number('y', 'down', 'pixels', -8000, 8000, 0),
            Property::number('turn', 'turn', 'degrees', -3600, 3600, 0),
        ];
    }

    /** @return list<Property> of the backdrop */
    public static function ofBackdrop(): array
    {
        return [
            Property::other('colour', 'colour', 'colour'),
            Property::other('edge', 'rim', 'colour'),
            Property::number('vignette', 'vignette', 'fraction', 0, 1, 0),
        ];
    }

    /**
     * @param list<Property> $properties
     */
    public static function named(array $properties, string $name): ?Property
    {
        foreach ($properties as $property) {
            if ($property->name === $name) {
                return $property;
            }
        }

        return null;
    }
}
