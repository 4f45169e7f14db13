<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Ribbon;

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
use Lupine\Core\Geometry\ArcChain;
use Lupine\Core\Geometry\BadOutline;
use Lupine\Core\Geometry\Course;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\SvgPath;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Settings\Unit;

/** Parts in one band, or amounts in several side by side, bent along a curve. */
final readonly class Ribbon implements Form
{
    use StandsAlone;

    public function name(): string
    {
        return 'ribbon';
    }

    public function needs(FormSettings $settings): Needs
    {
        return $settings->word('shows') === 'parts' ? Needs::Parts : Needs::Amounts;
    }

    public function settings(): array
    {
        return [
            FormSetting::choice(
                'curve',
                'Curve',
                [
                    'wave' => 'S',
                    'arch' => 'Arch',
                    'circle' => 'Circle',
                    'spiral' => 'Spiral',
                    'waves' => 'Waves',
                    'line' => 'Line',
                    'points' => 'Points',
                    'path' => 'SVG path',
                ],
                true,
            ),
            FormSetting::choice('shows', 'Shows', ['parts' => 'Parts', 'amounts' => 'Amounts'], true),
            FormSetting::number('width', 'Width', Unit::Pixels, 20, 8000, 1100, true),
            FormSetting::number('height', 'Height', Unit::Pixels, 20, 8000, 640, true),
            ...RibbonSettings::shared(90),
            FormSetting::number('spacing', 'Band spacing', Unit::Pixels, 0, 1000, 14),
            CommonSettings::track(),
            FormSetting::number('archDegrees', 'Arch angle', Unit::Degrees, 10, 350, 220),
            FormSetting::number('turns', 'Spiral turns', Unit::Count, 0.5, 8, 2.25),
            FormSetting::text(
                'points',
                'Points',
                '-500,90 -210,-170 190,170 500,-90',
                'x,y pairs in pixels from the centre of the chart. You can also drag the points on the stage.',
            ),
            FormSetting::text(
                'path',
                'Path data',
                '',
                'The d attribute of an SVG path. Only its first subpath is used.',
            ),
            CommonSettings::maximum('0: at 100 for percentages, else at the round number beyond the largest figure.'),
        ];
    }

    public function promise(): string
    {
        return 'Lengths along the centre of each band are in exact proportion to the figures, on any curve. Side by side,'
            .' outer bands are longer for the same figure; each is exact on its own track.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(labels: 'on', hasLegend: true);
    }

    public function fitted(float $width, float $height, int $count): array
    {
        return [
            'width' => floor($width),
            'height' => floor($height),
            'thickness' => floor(min($width, $height) * 0.13),
        ];
    }

    public function stacking(FormSettings $settings): string
    {
        return 'none';
    }

    public function scale(FormSettings $settings, Figures $figures): Scale
    {
        if ($settings->word('shows') === 'parts') {
            return Scale::none();
        }
        $maximum = $settings->number('maximum');

        return Scale::around(
            $figures->values(),
            $maximum <= 0 && $figures->arePercentages() ? 100.0 : $maximum,
        );
    }

    public function handles(FormSettings $settings, Point $place, int $count): array
    {
        $isParts = $settings->word('shows') === 'parts';
        $bands = $isParts ? 1 : $count;
        $thickness = $settings->number('thickness');
        $chain = self::chain($settings, $place, $bands * $thickness + ($bands - 1) * $settings->number('spacing'));
        // On the outer edge of all bands; each of them becomes thicker at once.
        [$middle, $heading] = $chain->at($chain->length / 2);
        $far = ($bands * $thickness + ($bands - 1) * $settings->number('spacing')) / 2;
        $edge = new Point($middle->x + $far * sin($heading), $middle->y - $far * cos($heading));
        $thick = Handle::along('thickness', $edge, rad2deg($heading), 2 / $bands);
        if ($settings->word('curve') === 'points') {
            return [$thick];
        }
        [$width, $height] = [$settings->number('width'), $settings->number('height')];

        return [
            Handle::along('width', new Point($place->x + $width / 2, $place->y), 90, 2),
            Handle::along('height', new Point($place->x, $place->y - $height / 2), 0, 2),
            $thick,
        ];
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): RibbonLayout
    {
        $isParts = $settings->word('shows') === 'parts';
        $bands = $isParts ? 1 : $moment->room();
        $thick = $bands * $settings->number('thickness') + ($bands - 1) * $settings->number('spacing');
        $chain = self::chain($settings, $place, $thick);

        return $isParts
            ? RibbonLayout::ofParts($settings, $chain, $moment)
            : RibbonLayout::ofAmounts($settings, $chain, $moment);
    }

    /** The curve as it runs on the stage: one of points where they stand, any other fitted into its room. */
    private static function chain(FormSettings $settings, Point $place, float $thick): ArcChain
    {
        $course = self::course($settings);
        $bend = $settings->number('bend');
        $isOfPoints = $settings->word('curve') === 'points';
        $scaled = $isOfPoints ? $course : $course->scaled(self::fit($course, $settings, $thick));
        $canHaveCorners = $isOfPoints || $settings->word('curve') === 'path';
        if ($canHaveCorners && $scaled->tightestRadius() < $thick / 2) {
            $scaled = Course::smoothed($scaled, $thick);
        }

        return $isOfPoints && $bend >= 1
            ? $scaled->moved($place->x, $place->y)
            : Centred::on($scaled->bent($bend), $place);
    }

    private static function fit(ArcChain $course, FormSettings $settings, float $thick): float
    {
        $box = $course->box();
        $room = static fn (float $side): float => max(10.0, $side - $thick);

        return min(
            $box->width > 1e-6 ? $room($settings->number('width')) / $box->width : INF,
            $box->height > 1e-6 ? $room($settings->number('height')) / $box->height : INF,
        );
    }

    private static function course(FormSettings $settings): ArcChain
    {
        try {
            return match ($settings->word('curve')) {
                'arch' => Course::arch($settings->number('archDegrees')),
                'circle' => Course::circle(),
                'spiral' => Course::spiral($settings->number('turns')),
                'waves' => Course::wave(4),
                'line' => Course::line(),
                'points' => Course::throughPoints(self::points($settings->word('points'))),
                'path' => Course::ofCubics(SvgPath::read($settings->word('path'))),
                default => Course::wave(2),
            };
        } catch (BadOutline) {
            // What is half typed is no curve yet.
            return Course::line();
        }
    }

    /**
     * @return list<Point> at least two
     *
     * @throws BadOutline
     */
    private static function points(string $text): array
    {
        preg_match_all('/(-?\d+(?:\.\d+)?)\s*,\s*(-?\d+(?:\.\d+)?)/', $text, $found, PREG_SET_ORDER);
        $points = [];
        foreach (array_slice($found, 0, 200) as [, $x, $y]) {
            $point = new Point((float) $x, (float) $y);
            if ($points === [] || $point->distanceTo($points[count($points) - 1]) > 1e-6) {
                $points[] = $point;
            }
        }

        return count($points) >= 2 ? $points : throw new BadOutline('A curve needs at least two points.');
    }
}
