<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Rings;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\RoundHandles;
use Lupine\Core\Form\StandsAlone;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSetting;
use Lupine\Core\Piece\FormSettings;

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
            FormSetting::number('radius', 'radius', 'pixels', 4, 4000, 350, true),
            FormSetting::number('hole', 'inner radius', 'fraction', 0, 0.95, 0.34, true),
            FormSetting::number('sweepDegrees', 'full scale at', 'degrees', 1, 360, 270, true),
            FormSetting::number('spacing', 'spacing', 'fraction', 0, 0.95, 0.3, true),
            FormSetting::choice('ends', 'ends', ['round' => 'round', 'flat' => 'flat'], true),
            CommonSettings::track(true),
            CommonSettings::order(),
            FormSetting::choice('first', 'first one', ['outside' => 'outside', 'inside' => 'inside']),
            FormSetting::choice(
                'equal',
                'equal amounts',
                ['angle' => 'same angle', 'length' => 'same length'],
                hint: 'With the same angle outer rings are longer for the same amount; with the same length they turn less.',
            ),
            FormSetting::number('startDegrees', 'starts at', 'degrees', -3600, 3600, 0),
            CommonSettings::direction(),
            FormSetting::number(
                'thickness',
                'thickness',
                'pixels',
                0,
                1000,
                0,
                hint: '0: by the spacing. Pixels stay when the radius changes.',
            ),
            CommonSettings::maximum('0: at 100 for percentages, else at a round number behind the largest figure.'),
        ];
    }

    public function promise(): string
    {
        return 'Each ring covers as much of the full scale as its figure is of the maximum: by angle, or by its length'.
            ' on its middle circle, as is chosen. With equal angles outer rings look longer for the same amount.';
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
