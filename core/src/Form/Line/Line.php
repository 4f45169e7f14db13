<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Line;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\Handle;
use Lupine\Core\Form\Moment;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSetting;
use Lupine\Core\Piece\FormSettings;

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
        $stacks = ['stacked' => 'stacked', 'full' => 'to 100 %', 'side' => 'one over another'];

        return [
            FormSetting::number('width', 'width', 'pixels', 20, 8000, 760, true),
            FormSetting::number('height', 'height', 'pixels', 20, 8000, 560, true),
            ...$this->isFilled ? [] : [
                FormSetting::number('thickness', 'thickness', 'pixels', 1, 200, 10, true),
                FormSetting::number('points', 'points', 'pixels', 0, 200, 0, true, hint: 'The width of a dot at each figure; 0: none.'),
            ],
            FormSetting::choice(
                'between',
                'between',
                $curves,
                true,
                hint: 'Smooth: never above or below what the figures say between two of them.',
            ),
            FormSetting::choice('axis', 'axis', ['ticks' => 'with ticks', 'line' => 'line', 'none' => 'none'], true),
            ...$this->isFilled ? [FormSetting::choice('stack', 'series', $stacks)] : [],
            FormSetting::choice(
                'across',
                'figures stand',
                ['even' => 'evenly', 'time' => 'by their dates'],
                hint: 'By their dates: as far from each other as the days, months or years are that name them.',
            ),
            CommonSettings::maximum('0: at a round number behind the largest figure.'),
        ];
    }

    public function promise(): string
    {
        return $this->isFilled
            ? 'The height over each figure is to the others as the figures are, from one baseline at zero. Between two'
                .' figures nothing is known: the edge only joins them.'
            : 'Each figure stands as high above the baseline as it is large, on one scale. Between two figures nothing is'
                .' known: the line only joins them.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(labels: 'none', readings: 'value', hasNames: true, isWide: true);
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
