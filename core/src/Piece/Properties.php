<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Piece\Coat\Stop;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;

/**
 * The registry: everything that a move can change, by what it belongs to. Coats have the same properties wherever they
 * lie, so those are told once, and found by where a coat stands, such as `finish.glows.0.opacity`.
 */
final readonly class Properties
{
    /** before the coats of a chart or of a part */
    public const OF_COATS = 'finish.';

    /** before the settings of a chart’s tracks, and of the plate behind a text */
    public const OF_TRACKS = 'finish.tracks.';
    public const OF_PLATE = 'plate.';

    /** before those of the words of a chart, and which ones there are */
    public const OF_WORDS = 'words.';
    public const WORDS = ['labels', 'names', 'legend', 'centre', 'axis'];

    private const IN_LIST = '/^([a-z]+)\.(\d)\.(.+)$/D';

    /** @return list<Property> of one figure of a chart, its coats aside */
    public static function ofFigure(): array
    {
        [$opacity, $size, $x, $y, $turn] = self::ofPlace();

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
     * @return list<Property> its coats, tracks and words aside
     */
    public static function ofChart(array $settings): array
    {
        return [
            Property::of(Declared::named('column', new Id('Figures'))),
            ...self::keyed($settings, 'form.'),
            ...self::ofPlace(),
        ];
    }

    /** @return list<Property> where a text and anything else stands, and how much of it is there */
    public static function ofPlace(): array
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

    /** @return list<Property> of a text on the stage, its coats and its plate aside */
    public static function ofText(): array
    {
        return [...self::ofPlace(), ...self::ofStyle()];
    }

    /** @return list<Property> of a panel, its coats aside; x and y are where its middle stands */
    public static function ofPanel(): array
    {
        [$opacity, $size] = self::ofPlace();

        return [$opacity, $size, ...self::keyed(Group::of(Panel::class)->settings)];
    }

    /** @return list<Property> of how words are set, their coats and their plate aside */
    public static function ofStyle(): array
    {
        return self::keyed(Group::of(TextStyle::class)->settings);
    }

    /** @return list<Property> of a plate, its coats aside */
    public static function ofPlate(): array
    {
        return self::keyed(Group::of(PlateSettings::class)->settings, '', 'Plate, ');
    }

    /** @return list<Property> of the tracks of a chart, their coats aside */
    public static function ofTracks(): array
    {
        return self::keyed(Group::of(TrackSettings::class)->settings, '', 'Tracks, ');
    }

    /**
     * @param string $kind such as glows
     *
     * @return list<Property> of one coat
     */
    public static function ofCoat(string $kind): array
    {
        return self::keyed(Group::of(Coats::KINDS[$kind])->each());
    }

    /** @return list<Property> of one colour of a gradient */
    public static function ofStop(): array
    {
        return self::keyed(Group::of(Stop::class)->each());
    }

    /** A property of a coat by where it stands, such as `glows.0.opacity` or `fills.0.stops.1.colour`. */
    public static function inCoats(string $path): ?Property
    {
        if (preg_match(self::IN_LIST, $path, $found) !== 1 || !isset(Coats::KINDS[$found[1]])) {
            return null;
        }
        [, $kind, $place, $rest] = $found;
        if ($place >= Coats::MOST) {
            return null;
        }
        $isStop = preg_match(self::IN_LIST, $rest, $stop) === 1 && $kind === 'fills' && $stop[1] === 'stops';

        return $isStop
            ? ($stop[2] < FillCoat::STOPS ? self::named(self::ofStop(), $stop[3]) : null)
            : self::named(self::ofCoat($kind), $rest);
    }

    /** A property of how words are set, of their plate or of a coat on either. */
    public static function inStyle(string $path): ?Property
    {
        $inPlate = self::after(self::OF_PLATE, $path);

        return $inPlate === null
            ? self::named(self::ofStyle(), $path) ?? self::inCoats($path)
            : self::named(self::ofPlate(), $inPlate) ?? self::inCoats($inPlate);
    }

    /** A property of a chart beside its own: of its tracks, its coats or its words. */
    public static function inChart(string $name): ?Property
    {
        $inTracks = self::after(self::OF_TRACKS, $name);
        if ($inTracks !== null) {
            return self::named(self::ofTracks(), $inTracks) ?? self::inCoats($inTracks);
        }
        foreach (self::WORDS as $words) {
            $inWords = self::after(self::OF_WORDS."$words.", $name);
            if ($inWords !== null) {
                return self::inStyle($inWords);
            }
        }

        return self::inFinish($name);
    }

    /** A property of a coat of a chart or of a part. */
    public static function inFinish(string $name): ?Property
    {
        $inCoats = self::after(self::OF_COATS, $name);

        return $inCoats === null ? null : self::inCoats($inCoats);
    }

    /** @return list<Property> of the backdrop */
    public static function ofBackdrop(): array
    {
        return [
            ...self::keyed(Group::of(Backdrop::class)->settings),
            ...self::ofList(TextureCoat::class, 'textures'),
            ...self::ofList(BackdropLight::class, 'lights'),
            ...self::ofList(Clouds::class, 'clouds'),
        ];
    }

    /**
     * @param class-string $class of what stands in a list of the backdrop
     *
     * @return list<Property>
     */
    private static function ofList(string $class, string $list): array
    {
        $group = Group::of($class);
        $properties = [];
        for ($place = 0; $place < Backdrop::MOST; ++$place) {
            $label = $group->label.($place === 0 ? '' : ' '.($place + 1)).', ';
            array_push($properties, ...self::keyed($group->each(), "{$list}.{$place}.", $label));
        }

        return $properties;
    }

    private static function after(string $prefix, string $name): ?string
    {
        return str_starts_with($name, $prefix) ? substr($name, strlen($prefix)) : null;
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
