<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** How the parts of a chart come in, or leave, where they have no move of their own. */
final readonly class ChartMotion
{
    /**
     * in the direction in which the form lays figures out, against it, from the middle; of a whole, from its
     * neighbour's edge, which it follows as that one opens; of a line or an area, up from the baseline
     */
    public const OPENS = ['forward', 'backward', 'middle', 'neighbour', 'baseline'];

    /**
     * all at once; one after another; overlapping; one after another, as long as their ways; or one course over the
     * whole chart, of which each part has its stretch
     */
    public const ORDERS = ['together', 'after', 'overlapping', 'length', 'one'];

    /** as the form lays them out, against that, as the sheet has them, by size, from the middle or towards it */
    public const SEQUENCES = ['laid', 'backward', 'sheet', 'largest', 'smallest', 'outward', 'inward'];

    /** how a part comes and goes: it opens as its form lets it, pops up from its middle, fades, or rises */
    public const MANNERS = ['open', 'pop', 'fade', 'rise'];

    /** how a chart comes and goes as a whole: it bends from a strip, or a straight one unbends from a ring */
    public const WHOLE = ['bend'];

    private function __construct(
        /** the frame on which the first part begins */
        public int $begin,
        /** length of each move, or of all of them where their order says so, in frames */
        public int $frames,
        public CurveSettings $curve,
        /** one of the orders above */
        public string $order,
        /** by how many frames neighbours overlap */
        public int $overlap,
        /** one of the ways above */
        public string $opens,
        /** the chart whose order it shares, with its beginning, lengths and curve; null: an order of its own */
        public ?string $with = null,
        /** together (each figure with that of the same place) or after (behind its last) */
        public string $joins = 'together',
        /** open, pop, fade or rise, or one of the ways of a whole chart */
        public string $manner = 'open',
        /** which part is first where they follow one another */
        public string $sequence = 'laid',
        /** frames that are waited between two that follow one another */
        public int $hold = 0,
        /** parts may run past their figures on their way, where the curve does */
        public bool $isPassing = false,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        $manner = $field->get('manner')->oneOf([...self::MANNERS, ...self::WHOLE], 'open');

        return new self(
            $field->get('begin')->whole(0, Stage::MAX_FRAMES, 0),
            $field->get('frames')->whole(1, Stage::MAX_FRAMES, 24),
            CurveSettings::read($field->get('curve'), 'ease-in-out'),
            in_array($manner, self::WHOLE, true) ? 'together' : $field->get('order')->oneOf(self::ORDERS, 'after'),
            $field->get('overlap')->whole(0, Stage::MAX_FRAMES, 12),
            $field->get('opens')->oneOf(self::OPENS, 'forward'),
            $field->get('with')->isNull() ? null : $field->get('with')->id(),
            $field->get('joins')->oneOf(['together', 'after'], 'together'),
            $manner,
            $field->get('sequence')->oneOf(self::SEQUENCES, 'laid'),
            $field->get('hold')->whole(0, Stage::MAX_FRAMES, 0),
            $field->get('passes')->yes(false),
        );
    }
}
