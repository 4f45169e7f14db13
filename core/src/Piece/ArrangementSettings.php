<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;

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

    public function __construct(
        #[Choice('Charts', self::CHARTS)]
        #[Detail('where the charts stand, seen from the words; alone: the words small above them')]
        public string $charts = 'left',
        #[Choice('Several charts', self::SEVERAL)]
        #[Detail('how several charts stand to each other')]
        public string $several = 'fitting',
    ) {
    }
}
