<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Tilted;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Form\Handle;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\StandsAlone;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Settings\Unit;

/** Parts of a whole as a solid disc or ring that lies before the viewer. */
final readonly class Tilted implements Form
{
    use StandsAlone;

    /** height of a new one, as a fraction of its radius, and its usual tilt */
    private const HEIGHT = 0.3;
    private const TILT = 55.0;

    /** where the turn is taken, as a part of the radius; and half of the way along which the tilt is */
    private const DIAL = 0.5;

    public function name(): string
    {
        return 'tilted';
    }

    public function needs(FormSettings $settings): Needs
    {
        return Needs::Parts;
    }

    public function settings(): array
    {
        return [
            FormSetting::number('radius', 'Radius', Unit::Pixels, 4, 4000, 350, true),
            FormSetting::number('tilt', 'Tilt', Unit::Degrees, 0, 85, self::TILT, true, hint: '0 looks straight down.'),
            FormSetting::number('height', 'Height', Unit::Pixels, 0, 2000, 110, true),
            FormSetting::number('hole', 'Hole', Unit::Fraction, 0, 0.98, 0, true),
            FormSetting::number('startDegrees', 'Start angle', Unit::Degrees, -3600, 3600, 0, true),
            FormSetting::number(
                'apart',
                'Pull apart',
                Unit::Pixels,
                0,
                1000,
                0,
                true,
                hint: 'Moves every part outwards by this much.',
            ),
            CommonSettings::order(),
            FormSetting::number('sweepDegrees', 'Sweep', Unit::Degrees, 1, 360, 360),
            CommonSettings::direction(),
            CommonSettings::rest(),
            FormSetting::number(
                'shade',
                'Side shading',
                Unit::Fraction,
                0,
                0.6,
                0.16,
                hint: 'How much darker and richer the sides are than the top.',
            ),
            FormSetting::number('light', 'Light', Unit::Fraction, 0, 1, 0.5),
            FormSetting::number(
                'lightDegrees',
                'Light angle',
                Unit::Degrees,
                -3600,
                3600,
                215,
                hint: 'Clockwise from the back: 180 lights from the front, 270 from the left.',
            ),
        ];
    }

    public function promise(): string
    {
        return 'The top of each part is in exact proportion to its figure. The visible sides add to it; the proof shows by'
            .' how much, and the turn that distorts least.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(hasLegend: true, hasTotal: false, isCut: true);
    }

    public function fitted(float $width, float $height, int $count): array
    {
        $turned = deg2rad(self::TILT);
        $radius = floor(min($width / 2, $height / (2 * cos($turned) + self::HEIGHT * sin($turned))));

        return ['radius' => $radius, 'height' => round($radius * self::HEIGHT)];
    }

    public function stacking(FormSettings $settings): string
    {
        return 'none';
    }

    public function scale(FormSettings $settings, Figures $figures): Scale
    {
        return Scale::none();
    }

    public function handles(FormSettings $settings, Point $place, int $count): array
    {
        $radius = $settings->number('radius');
        $view = new View($place, $settings->number('tilt'), $settings->number('height'));
        $up = max(0.05, sin(deg2rad($settings->number('tilt'))));
        $middle = $view->point(new Point(0, 0));
        $long = max(40.0, 2 * self::DIAL * $radius);
        $hole = $view->point(new Point(-$radius * $settings->number('hole'), 0));

        return [
            Handle::along('radius', $view->point(new Point($radius, 0)), 90),
            Handle::along('hole', $hole, 270, 1 / max(1.0, $radius), 0.01),
            // The middle stays where it is: the foot goes down as much as the top goes up.
            Handle::along('height', $view->point(new Point(0, $radius), 1.0), 180, 2 / $up),
            Handle::along(
                'tilt',
                new Point($place->x - $radius, $place->y + ($settings->number('tilt') / 90 - 0.5) * $long),
                180,
                90 / $long,
            ),
            Handle::around(
                'startDegrees',
                $middle->towards($settings->number('startDegrees'), $radius * self::DIAL),
                $middle,
            ),
        ];
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): TiltedLayout
    {
        return TiltedLayout::of($settings, $place, $moment);
    }
}
