<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** How the parts of a chart come in, or leave, where they have no move of their own. */
#[Described('How the parts come in, or leave, where they have no move of their own.')]
final readonly class ChartMotion
{
    /** how the parts of a chart come one after another, or at once */
    public const ORDERS = [
        'together' => 'All at once',
        'after' => 'One after another',
        'overlapping' => 'Overlapping',
        'length' => 'By path length',
        'one' => 'As one sweep',
    ];

    /** which part is first */
    public const SEQUENCES = [
        'laid' => 'Chart order',
        'backward' => 'Reverse chart order',
        'sheet' => 'Sheet order',
        'largest' => 'Largest first',
        'smallest' => 'Smallest first',
        'outward' => 'From the middle',
        'inward' => 'From the ends',
    ];

    /** how a part comes and goes */
    public const MANNERS = ['open' => 'Open', 'pop' => 'Pop', 'fade' => 'Fade', 'rise' => 'Rise'];

    /** how a chart comes and goes as a whole: it bends from a strip, or a straight one unbends from a ring */
    public const WHOLE = ['bend' => 'Bend as a whole'];

    /** one of the orders above; a chart that comes as a whole has no other than together */
    public string $order;

    public function __construct(
        #[Whole('Starts', Unit::Frames, 0, Stage::MAX_FRAMES, 12)]
        #[Detail('of the first part')]
        public int $begin,
        #[Whole('Lasts', Unit::Frames, 1, Stage::MAX_FRAMES, 24)]
        #[Detail('of each move, or of all of them where their order says so')]
        public int $frames,
        #[CurveValue('ease-in-out')]
        public CurveSettings $curve,
        #[Choice('Order', self::ORDERS, 'after')]
        #[Detail('one: one sweep over the whole chart, of which each part has its stretch')]
        string $order,
        #[Whole('Overlap', Unit::Frames, 0, Stage::MAX_FRAMES, 12)]
        #[Detail('of neighbours', when: ['order' => ['overlapping']])]
        public int $overlap,
        #[Opening]
        public string $opens,
        #[Id]
        #[Detail(
            'the chart whose order it shares, with its beginning, lengths and curve; absent: an order of its own',
            isOptional: true,
            isNeverNull: true,
        )]
        public ?string $with = null,
        #[Choice('', ['together' => 'With', 'after' => 'After'])]
        #[Detail('together: each figure with that of the same place; after: after its last', isOptional: true)]
        public string $joins = 'together',
        #[Choice('Manner', self::MANNERS + self::WHOLE)]
        #[Detail(
            'how something comes or goes: as its form opens it, popping up from its middle, fading, or rising to its'
                .' place; a chart that can bend also as a whole, from a strip or, where it is one, from a ring',
            isOptional: true,
        )]
        public string $manner = 'open',
        #[Choice('Sequence', self::SEQUENCES)]
        #[Detail(
            'which part is first where they follow one another: as the form lays them out, against that, as the sheet'
                .' has them, by size, from the middle or towards it',
            isOptional: true,
        )]
        public string $sequence = 'laid',
        #[Whole('Wait between', Unit::Frames, 0, Stage::MAX_FRAMES, 0)]
        #[Detail('between two that come one after another', isOptional: true)]
        public int $hold = 0,
        #[Toggle('Overshoot the figure')]
        #[Detail(
            'parts that open may run past their figures where the curve does, and their readings with them',
            isOptional: true,
            name: 'passes',
        )]
        public bool $isPassing = false,
    ) {
        $this->order = isset(self::WHOLE[$manner]) ? 'together' : $order;
    }
}
