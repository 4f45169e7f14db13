<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Line;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Form\Handle;
use Lupine\Core\Form\Moment;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Settings\Unit;

/** Amounts one after another, joined from figure to figure: a line, or an area down to the baseline. */
final readonly class Line implements Form
{
    /** how high a new chart is at most, as a multiple of its width */
    private const TALLEST = 1.2;

    private function __construct(private bool $isFilled)
    {
    }

    public static function drawn(): self
    {
        return new self(false);
    }

    public static function filled(): self
    {
        return new self(true);
    }

    public function name(): string
    {
        return $this->isFilled ? 'area' : 'line';
    }

    public function needs(FormSettings $settings): Needs
    {
        return Needs::SignedAmounts;
    }

    public function settings(): array
    {
        $curves = ['straight' => 'straight', 'smooth' => 'smooth', 'stepped' => 'stepped'];
        $stacks = ['stacked' => 'Stacked', 'full' => 'To 100 %', 'side' => 'Overlaid'];

        return [
            FormSetting::number('width', 'Width', Unit::Pixels, 20, 8000, 760, true),
            FormSetting::number('height', 'Height', Unit::Pixels, 20, 8000, 560, true),
            ...$this->isFilled ? [] : [
                FormSetting::number('thickness', 'Thickness', Unit::Pixels, 1, 200, 10, true),
                FormSetting::number(
                    'points',
                    'Points',
                    Unit::Pixels,
                    0,
                    200,
                    0,
                    true,
                    hint: 'Size of the dot at each figure. 0 hides the dots.',
                ),
            ],
            FormSetting::choice(
                'between',
                'Join',
                $curves,
                true,
                hint: 'Smooth never rises above or dips below neighbouring figures.',
            ),
            FormSetting::choice('axis', 'Axis', ['ticks' => 'With ticks', 'line' => 'Line', 'none' => 'None'], true),
            ...$this->isFilled ? [FormSetting::choice('stack', 'Series', $stacks)] : [],
            FormSetting::choice(
                'across',
                'Spacing',
                ['even' => 'Even', 'time' => 'By date'],
                hint: 'By date spaces figures by the days, months or years in their labels.',
            ),
            CommonSettings::maximum('0: at the round number beyond the largest figure.'),
        ];
    }

    public function promise(): string
    {
        return $this->isFilled
            ? 'Heights at each figure are in exact proportion, from a shared baseline at zero. Between figures, the'
                .' edge only joins them.'
            : 'Each point sits at the exact height of its figure, on one scale. Between figures, the line only joins'
                .' them.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(
            labels: 'none',
            readings: 'value',
            hasNames: true,
            isWide: true,
            isRising: $this->isFilled,
        );
    }

    public function fitted(float $width, float $height, int $count): array
    {
        return ['width' => floor($width), 'height' => floor(min($height, $width * self::TALLEST))];
    }

    public function stacking(FormSettings $settings): string
    {
        return $this->isFilled ? $settings->word('stack') : 'side';
    }

    public function isJoined(): bool
    {
        return true;
    }

    public function scale(FormSettings $settings, Figures $figures): Scale
    {
        return Scale::stacked($figures, $this->stacking($settings), $settings->number('maximum'));
    }

    public function handles(FormSettings $settings, Point $place, int $count): array
    {
        return [
            // Its middle stays, so that each side goes half of the way.
            Handle::along('width', new Point($place->x + $settings->number('width') / 2, $place->y), 90, 2),
            Handle::along('height', new Point($place->x, $place->y - $settings->number('height') / 2), 0, 2),
        ];
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): LineLayout
    {
        return LineLayout::of($settings, $place, $moment, $this->isFilled);
    }
}
