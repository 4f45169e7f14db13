<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Desk\ChartSheet;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Along;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\Forms;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Rim;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\Shape;
use Lupine\Core\Form\Spread;
use Lupine\Core\Form\Standing;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** A form that is not shipped, in one file: everything else comes to it by the contract alone. */
final class OwnFormTest extends TestCase
{
    public function testAFormOfOnesOwnGetsEverything(): void
    {
        $forms = Forms::shipped()->with(new Fence());
        $document = json_decode(
            (string) json_encode(
                NewPiece::document(TableText::read(Sample::FIGURES), $forms->named('fence'), 'Fence'),
            ),
            true,
        );
        $document['charts'][0]['finish']['glows'] = [['reach' => 20, 'opacity' => 0.5]];
        $document['charts'][0]['finish']['fills'] = [['kind' => 'shaded']];
        $document['charts'][0]['finish']['patterns'] = [[
            'kind' => 'dots',
            'size' => 20,
            'opacity' => 0.3,
            'degrees' => 0,
        ]];
        $document['charts'][0]['words']['labels']['show'] = 'beside';
        $document['moves'] = [
            [
                'id' => 'm1',
                'kind' => 'change',
                'target' => ['chart' => 'chart1', 'figure' => 'r2'],
                'property' => 'value',
                'to' => '400',
                'begin' => 150,
                'pin' => null,
                'frames' => 20,
                'curve' => 'linear',
                'opens' => 'forward',
            ],
        ];
        $piece = Piece::fromDocument($document, $forms);
        $draw = new DrawPiece(Sample::fonts(), $forms);
        $drawing = $draw->draw($piece);
        $reel = WriteReel::of($drawing);

        self::assertTrue(Proof::of($piece, $reel, $drawing->timings, $draw->setter)->isExact());
        $svg = Svg::ofFrame($drawing, 200);
        self::assertSame(5, substr_count($svg, 'data-figure='));
        self::assertSame(5, substr_count($svg, 'data-reading-of="r'));
        self::assertStringContainsString('data-maximum="600"', $svg);
        foreach (['feGaussianBlur', '<pattern', 'linearGradient'] as $part) {
            self::assertStringContainsString($part, $svg);
        }
        self::assertCount(5, ChartSheet::stems($piece, $drawing->timings));
        self::assertSame('400', $drawing->timings['chart1']->amounts->readingAt('r2', 200, Presence::full()));
    }
}

/** Upright planks. */
final readonly class Fence implements Form
{
    use \Lupine\Core\Form\StandsAlone;

    public function name(): string
    {
        return 'fence';
    }

    public function needs(FormSettings $settings): Needs
    {
        return Needs::Amounts;
    }

    public function settings(): array
    {
        return [FormSetting::number('plank', 'plank', Unit::Pixels, 1, 400, 60)];
    }

    public function promise(): string
    {
        return 'Heights are to each other as the figures are.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(labels: 'beside', readings: 'value');
    }

    public function fitted(float $width, float $height, int $count): array
    {
        return [];
    }

    public function stacking(FormSettings $settings): string
    {
        return 'none';
    }

    public function scale(FormSettings $settings, Figures $figures): Scale
    {
        return Scale::around($figures->values());
    }

    public function handles(FormSettings $settings, Point $place, int $count): array
    {
        return [];
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): Layout
    {
        return new FenceLayout($settings->number('plank'), $place, $moment);
    }
}

final readonly class FenceLayout implements Layout
{
    use \Lupine\Core\Form\CountsFromZero;
    private const HEIGHT = 500.0;

    public function __construct(private float $plank, private Point $place, private Moment $moment)
    {
    }

    public function order(): array
    {
        return array_map(static fn (Standing $one): string => $one->figureId, $this->moment->inPlace());
    }

    public function shape(string $figureId, Presence $there, float $out): Shape
    {
        $one = array_values(
            array_filter(
                $this->moment->standings,
                static fn (Standing $standing): bool => $standing->figureId === $figureId,
            ),
        )[0];
        $height = self::HEIGHT * $one->fraction * $there->amount;
        $left = $this->place->x + $one->place * $this->plank * 1.5;

        return new Plank(new Box($left, $this->place->y - $height, $this->plank, $height));
    }

    public function pivot(): Point
    {
        return $this->place;
    }

    public function extent(): Box
    {
        return Box::around($this->place, 600, self::HEIGHT);
    }

    public function measure(): Measure
    {
        return Measure::Height;
    }

    public function whole(string $figureId): float
    {
        return self::HEIGHT;
    }

    public function neighbours(): array
    {
        return [];
    }

    public function seam(string $before, string $behind, Presence $beforeThere, Presence $behindThere): string
    {
        return '';
    }

    public function furniture(): array
    {
        return [];
    }

    public function spread(): Spread
    {
        return Spread::Stay;
    }

    public function axes(): ?Axes
    {
        return null;
    }

    public function pitch(): ?float
    {
        return null;
    }

    public function middle(): ?Room
    {
        return null;
    }
}

final readonly class Plank implements Shape
{
    public function __construct(private Box $box)
    {
    }

    public function outline(): string
    {
        return $this->box->height > 0
            ? OutlineBuilder::rectangle(
                $this->box->left,
                $this->box->top,
                $this->box->width,
                $this->box->height,
            )
            : '';
    }

    public function middle(): Point
    {
        return $this->box->middle();
    }

    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        return $this->box->holds($middle, $width, $height, $margin);
    }

    public function beside(float $clear, float $width, float $height): Point
    {
        return new Point($this->box->middle()->x, $this->box->top - $clear);
    }

    public function rim(): Rim
    {
        return new Rim(new Point($this->box->middle()->x, $this->box->top), 0.0, -1.0);
    }

    public function along(): ?Along
    {
        return null;
    }

    public function foot(float $clear, float $height): ?Anchor
    {
        return null;
    }

    public function grain(): Grain
    {
        $middle = $this->box->middle();

        return Grain::linear(new Point($middle->x, $this->box->bottom()), $middle, $middle, 600);
    }
}
