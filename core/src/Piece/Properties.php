<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;

/** The registry: everything that a move can change, by what it belongs to. */
final readonly class Properties
{
    /** before the coats of a chart or of a part, such as `finish.glows.0.opacity` */
    public const OF_COATS = 'finish.';

    /** before the settings of a chart’s tracks, and of the plate behind a text */
    public const OF_TRACKS = 'finish.tracks.';
    public const OF_PLATE = 'plate.';

    /** @return list<Property> of one figure of a chart */
    public static function ofFigure(): array
    {
        return [...self::ofMark(), ...self::ofCoats()];
    }

    /** @return list<Property> of one figure, its coats aside */
    public static function ofMark(): array
    {
        [$opacity, $size, $x, $y, $turn] = self::ofWords();

        return [
            Property::of(Declared::named('value', new Text('Value', 200))),
            Property::of(Group::of(OwnSettings::class)->named('out')),
            $opacity,
            Property::of(Declared::named('light', new Number('Brighten', Unit::Fraction, 0, 1, 0))),
            $size,
            $x,
            $y,
            $turn,
        ];
    }

    /**
     * @param list<Declared> $settings of the chart's form
     *
     * @return list<Property>
     */
    public static function ofChart(array $settings): array
    {
        return [
            Property::of(Declared::named('column', new Id('Figures'))),
            ...self::keyed($settings, 'form.'),
            ...self::ofWords(),
            ...self::ofCoats(),
            ...self::keyed(Group::of(TrackSettings::class)->settings, self::OF_TRACKS, 'Tracks, '),
            ...self::ofCoats(self::OF_TRACKS, 'Tracks, '),
        ];
    }

    /** @return list<Property> where a text and anything else stands, and how much of it is there */
    public static function ofWords(): array
    {
        $text = Group::of(FreeText::class);

        return [
            Property::of(Declared::named('opacity', new Number('Opacity', Unit::Fraction, 0, 1, 1))),
            Property::of(Declared::named('size', new Number('Size', Unit::Fraction, 0, 10, 1))),
            Property::of($text->named('x')),
            Property::of($text->named('y')),
            Property::of(Group::of(Place::class)->named('turn')),
        ];
    }

    /** @return list<Property> of a text on the stage */
    public static function ofText(): array
    {
        return [
            ...self::ofWords(),
            ...self::keyed(Group::of(TextStyle::class)->settings),
            ...self::ofCoats(''),
            ...self::keyed(Group::of(PlateSettings::class)->settings, self::OF_PLATE, 'Plate, '),
            ...self::ofCoats(self::OF_PLATE, 'Plate, '),
        ];
    }

    /** @return list<Property> of coats: of as many of a kind as there can be */
    public static function ofCoats(string $prefix = self::OF_COATS, string $of = ''): array
    {
        $properties = [];
        foreach (Coats::KINDS as $kind => $class) {
            array_push($properties, ...self::ofList($class, $prefix.$kind, Coats::MOST, $of));
        }

        return $properties;
    }

    /** @return list<Property> of a panel; x and y are where its middle stands */
    public static function ofPanel(): array
    {
        [$opacity, $size] = self::ofWords();

        return [$opacity, $size, ...self::keyed(Group::of(Panel::class)->settings), ...self::ofCoats('')];
    }

    /**
     * @param class-string $class of what stands in the list
     * @param string $of before its labels
     *
     * @return list<Property>
     */
    private static function ofList(string $class, string $list, int $most, string $of = ''): array
    {
        $group = Group::of($class);
        $properties = [];
        for ($place = 0; $place < $most; ++$place) {
            foreach ($group->each() as $setting) {
                if ($setting->detail->isKeyed) {
                    $label = $of.($of === '' ? $group->label : lcfirst($group->label))
                        .($place === 0 ? '' : ' '.($place + 1)).', ';
                    $properties[] = Property::of($setting, "{$list}.{$place}.", $label);
                }
            }
        }

        return $properties;
    }

    /** @return list<Property> of the backdrop */
    public static function ofBackdrop(): array
    {
        return [
            ...self::keyed(Group::of(Backdrop::class)->settings),
            ...self::ofList(TextureCoat::class, 'textures', Backdrop::MOST),
            ...self::ofList(BackdropLight::class, 'lights', Backdrop::MOST),
            ...self::ofList(Clouds::class, 'clouds', Backdrop::MOST),
        ];
    }

    /**
     * @param list<Declared> $settings
     *
     * @return list<Property>
     */
    private static function keyed(array $settings, string $prefix = '', string $of = ''): array
    {
        return array_values(array_map(
            static fn (Declared $setting): Property => Property::of($setting, $prefix, $of),
            array_filter($settings, static fn (Declared $setting): bool => $setting->detail->isKeyed),
        ));
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
