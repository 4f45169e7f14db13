<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Round;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\RoundHandles;
use Lupine\Core\Form\StandsAlone;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Settings\Unit;

/** Parts of a whole as sectors of a disc or of a ring. */
final readonly class Round implements Form
{
    use StandsAlone;

    private function __construct(private bool $hasHole)
    {
    }

    public static function pie(): self
    {
        return new self(false);
    }

    public static function donut(): self
    {
        return new self(true);
    }

    public function name(): string
    {
        return $this->hasHole ? 'donut' : 'pie';
    }

    public function needs(FormSettings $settings): Needs
    {
        return Needs::Parts;
    }

    public function settings(): array
    {
        $hole = FormSetting::number('hole', 'Hole', Unit::Fraction, 0, 0.98, 0.6, true);

        return [...RoundSettings::first(), ...$this->hasHole ? [$hole] : [], ...RoundSettings::others()];
    }

    public function promise(): string
    {
        return 'Each angle is in exact proportion to its figure. Gaps and corners trim both sides of a boundary equally, so'
            .' thin parts look slightly smaller.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(hasLegend: true, hasTotal: $this->hasHole, isCut: true);
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
        return Scale::none();
    }

    public function handles(FormSettings $settings, Point $place, int $count): array
    {
        return RoundHandles::of($settings, $place);
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): RoundLayout
    {
        return RoundLayout::of($settings, $this->hasHole ? $settings->number('hole') : 0.0, $place, $moment);
    }
}
