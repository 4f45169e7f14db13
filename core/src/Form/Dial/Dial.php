<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Dial;

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

/** One amount on a full or partial circle, filled or as a ring. */
final readonly class Dial implements Form
{
    use StandsAlone;

    public function name(): string
    {
        return 'dial';
    }

    public function needs(FormSettings $settings): Needs
    {
        return Needs::One;
    }

    public function settings(): array
    {
        return [
            FormSetting::number('radius', 'Radius', Unit::Pixels, 4, 4000, 340, true),
            FormSetting::number('hole', 'Hole', Unit::Fraction, 0, 0.98, 0.76, true),
            FormSetting::number('sweepDegrees', 'Full scale', Unit::Degrees, 1, 360, 270, true),
            FormSetting::number('startDegrees', 'Start angle', Unit::Degrees, -3600, 3600, -135, true),
            FormSetting::choice('ends', 'Ends', ['round' => 'Round', 'flat' => 'Flat'], true),
            CommonSettings::track(true),
            FormSetting::number(
                'target',
                'Target',
                Unit::Value,
                0,
                1e15,
                0,
                true,
                hint: '0 hides the target.',
            ),
            FormSetting::number('ticks', 'Ticks', Unit::Count, 0, 120, 0, isKeyed: false),
            CommonSettings::direction(),
            CommonSettings::maximum('0 uses the whole if there is one, otherwise a round number above the figure.'),
        ];
    }

    public function promise(): string
    {
        return 'The angle of the mark is in exact proportion to the figure on the full scale. Round ends are included in'
            .' the angle.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(readings: 'value', hasTotal: true);
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
        if ($maximum <= 0 && $figures->arePercentages()) {
            $maximum = 100.0;
        } elseif ($maximum <= 0 && $figures->hasGivenWhole) {
            $maximum = max([$figures->whole->toFloat(), ...$figures->values()]);
        }

        return Scale::around($figures->values(), $maximum);
    }

    public function handles(FormSettings $settings, Point $place, int $count): array
    {
        return RoundHandles::of($settings, $place);
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): DialLayout
    {
        return new DialLayout($settings, $place, $moment->standings[0], $moment->scale);
    }
}
