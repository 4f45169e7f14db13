<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** The rule by which charts, title, legends and captions share the stage, in any shape of it. */
#[Described('The rule by which charts, words and captions share the stage, in any shape of it.')]
final readonly class ArrangementSettings
{
    public const CHARTS = [
        'left' => 'Chart left, words right',
        'right' => 'Words left, chart right',
        'below' => 'Words above the chart',
        'above' => 'Chart above the words',
        'alone' => 'Chart only, small title',
    ];

    public const SEVERAL = [
        'fitting' => 'Best fit',
        'row' => 'Charts in a row',
        'column' => 'Charts in a column',
        'grid' => 'Charts in a grid',
    ];

    /** margins where nothing is said of them: taste; never less than EBU R 95 keeps clear */
    public const ACROSS = 0.11;
    public const DOWN = 0.1;
    private const GUTTER = 0.02;

    public function __construct(
        #[Choice('Charts', self::CHARTS)]
        #[Detail('where the charts stand, seen from the words; alone: the words small above them')]
        public string $charts = 'left',
        #[Choice('Several charts', self::SEVERAL)]
        #[Detail('how several charts stand to each other')]
        public string $several = 'fitting',
        #[Number('Side margins', Unit::Fraction, 0.03, 0.3, self::ACROSS, step: 1)]
        #[Detail('left and right, as a part of the stage’s shorter side', isOptional: true)]
        public float $across = self::ACROSS,
        #[Number('Margins above and below', Unit::Fraction, 0.03, 0.3, self::DOWN, step: 1)]
        #[Detail('as a part of the stage’s shorter side', isOptional: true)]
        public float $down = self::DOWN,
        #[Whole('Columns', Unit::Count, 1, 24, 12)]
        #[Detail('of the grid that is shown on the stage, between its margins', isOptional: true)]
        public int $columns = 12,
        #[Whole('Rows', Unit::Count, 1, 24, 6)]
        #[Detail('of the same grid', isOptional: true)]
        public int $rows = 6,
        #[Number('Gutter', Unit::Fraction, 0, 0.1, self::GUTTER, step: 1)]
        #[Detail('between two columns or rows, as a part of the stage’s shorter side', isOptional: true)]
        public float $gutter = self::GUTTER,
    ) {
    }
}
