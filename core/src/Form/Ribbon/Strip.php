<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Ribbon;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Form\Handle;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\StandsAlone;
use Lupine\Core\Geometry\ArcChain;
use Lupine\Core\Geometry\Course;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Settings\Unit;

/** Parts of a whole as one straight strip, which can bend into a ring. */
final readonly class Strip implements Form
{
    use StandsAlone;

    public function name(): string
    {
        return 'strip';
    }

    public function needs(FormSettings $settings): Needs
    {
        return Needs::Parts;
    }

    public function settings(): array
    {
        $shared = RibbonSettings::shared(120);
        $shared[1] = FormSetting::number(
            'bend',
            'Bend',
            Unit::Fraction,
            0,
            1,
            0,
            true,
            hint: '0 is straight, 1 is a full ring of the same length.',
        );

        return [FormSetting::number('width', 'Length', Unit::Pixels, 20, 8000, 1100, true), ...$shared];
    }

    public function promise(): string
    {
        return 'Lengths along the centre of the strip are in exact proportion to the figures, straight or bent. Gaps come'
            .' off the strip as a whole.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(labels: 'on', hasLegend: true, isWide: true);
    }

    public function fitted(float $width, float $height, int $count): array
    {
        return ['width' => floor($width), 'thickness' => floor(min($height * 0.25, $width * 0.12))];
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
        $chain = self::chain($settings, $place);
        [$end, $heading] = $chain->at($chain->length);
        [$middle, $across] = $chain->at($chain->length / 2);
        $half = $settings->number('thickness') / 2;
        // Bent into a ring it is longer than it is wide.
        $rate = 2 * $chain->length / max(1.0, 2 * $end->distanceTo($place));

        return [
            Handle::along('width', $end, rad2deg($heading) + 90, $rate),
            Handle::along(
                'thickness',
                new Point($middle->x + $half * sin($across), $middle->y - $half * cos($across)),
                rad2deg($across),
                2,
            ),
        ];
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): RibbonLayout
    {
        return RibbonLayout::ofParts($settings, self::chain($settings, $place), $moment);
    }

    private static function chain(FormSettings $settings, Point $place): ArcChain
    {
        $course = Course::circle();
        $chain = $course->scaled($settings->number('width') / $course->length)->bent($settings->number('bend'));

        return Centred::on($chain, $place);
    }
}
