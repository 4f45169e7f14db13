<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Rings;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\RoundHandles;
use Lupine\Core\Form\StandsAlone;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Settings\Unit;

/** Amounts on a scale as bars that run around one point, one within the other. */
final readonly class Rings implements Form
{
    use StandsAlone;

    public function name(): string
    {
        return 'rings';
    }

    public function needs(FormSettings $settings): Needs
    {
        return Needs::Amounts;
    }

    public function settings(): array
    {
        return [
            FormSetting::number('radius', 'Radius', Unit::Pixels, 4, 4000, 350, true),
            FormSetting::number('hole', 'Inner radius', Unit::Fraction, 0, 0.95, 0.34, true),
            FormSetting::number('sweepDegrees', 'Full scale', Unit::Degrees, 1, 360, 270, true),
            FormSetting::number('spacing', 'Spacing', Unit::Fraction, 0, 0.95, 0.3, true),
            FormSetting::choice('ends', 'Ends', ['round' => 'Round', 'flat' => 'Flat'], true),
            CommonSettings::track(true),
            CommonSettings::order(),
            FormSetting::choice('first', 'First ring', ['outside' => 'Outside', 'inside' => 'Inside']),
            FormSetting::choice(
                'equal',
                'Equal figures get',
                ['angle' => 'Same angle', 'length' => 'Same length'],
                hint: 'Same angle makes outer rings longer for the same figure; same length makes them cover less of the circle.',
            ),
            FormSetting::number('startDegrees', 'Start angle', Unit::Degrees, -3600, 3600, 0),
            CommonSettings::direction(),
            FormSetting::number(
                'thickness',
                'Thickness',
                Unit::Pixels,
                0,
                1000,
                0,
                hint: '0 follows the spacing. A size in pixels does not change with the radius.',
            ),
            CommonSettings::maximum('0 uses 100 for percentages, otherwise a round number above the largest figure.'),
        ];
    }

    public function promise(): string
    {
        return 'Each ring is in exact proportion to its figure, measured by angle or by length along its centre line. With'
            .' equal angles, outer rings look longer for the same figure.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(labels: 'beside', readings: 'value', hasNames: true, labelSize: 28);
    }

    public function fitted(float $width, float $height, int $count): array
    {
        return ['radius' => floor(min($width, $height) / 2)];
    }

    public function stacking(FormSettings $settings): string
    {
        return 'none';
    }

    public function scale(FormSettings $settings, Figures $figures): Scale
    {
        $maximum = $settings->number('maximum');

        return Scale::around(
            $figures->values(),
            $maximum <= 0 && $figures->arePercentages() ? 100.0 : $maximum,
        );
    }

    public function handles(FormSettings $settings, Point $place, int $count): array
    {
        return RoundHandles::of($settings, $place);
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): RingLayout
    {
        return RingLayout::of($settings, $place, $moment);
    }
}
