<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A timed change of one figure of a chart, of a whole chart, of a free text, of the backdrop, or of the camera. */
final readonly class Move
{
    /** how words alone come and go: letter by letter, or word by word */
    public const WRITTEN = ['letters', 'words'];

    private function __construct(
        public string $id,
        /** entrance, exit, change, emphasis or shot */
        public string $kind,
        /** the chart and the row it moves, the chart alone, or the free text */
        public ?string $chart,
        public ?string $figure,
        public ?string $words,
        /** the first frame, where it is not pinned */
        public int $begin,
        public ?Pin $pin,
        public int $frames,
        public CurveSettings $curve,
        public string $opens,
        /** what a change changes; null where something comes or goes */
        public ?Change $change = null,
        /** what an emphasis does; null for any other kind */
        public ?EmphasisSettings $emphasis = null,
        /** what a shot leads the camera to; null for any other kind */
        public ?ShotSettings $shot = null,
        /** how something comes or goes: open, pop, fade, rise, letters or words */
        public string $manner = 'open',
        /** the move that it begins with or after; null: it begins by itself */
        public ?Follow $follow = null,
        /** it lasts to the end of the line in which it begins, whatever its frames say */
        public bool $isToLineEnd = false,
        /** a part may run past its figure on its way, where its curve does */
        public bool $isPassing = false,
        /** it is the label of the figure that comes or goes, not its mark */
        public bool $isOfLabel = false,
    ) {
    }

    /** @param \Closure(string $chart): list<Property> $ofChart what can be changed about a chart */
    public static function read(Field $field, \Closure $ofChart): self
    {
        $target = $field->get('target');
        $isWords = !$target->get('words')->isNull();
        $isBackdrop = !$target->get('stage')->isNull() && $target->get('stage')->oneOf(['backdrop']) === 'backdrop';
        $kind = $field->get('kind')->oneOf(['entrance', 'exit', 'change', 'emphasis', 'shot']);
        if ($isBackdrop && $kind !== 'change') {
            throw $field->get('kind')->wrong('has to be change: the backdrop neither comes nor goes');
        }
        $chart = $isWords || $isBackdrop || $kind === 'shot' ? null : $target->get('chart')->id();
        $isOfChart = !$isWords && $kind === 'change' && $target->get('figure')->isNull();
        $isOfLabel = $target->get('part')->oneOf(['mark', 'label'], 'mark') === 'label';
        if ($isOfLabel && ($chart === null || !in_array($kind, ['entrance', 'exit'], true))) {
            throw $target->get('part')->wrong('can be a label only where the label of a figure comes or goes');
        }
        $change = null;
        if ($kind === 'change') {
            $change = Change::read(
                $field,
                match (true) {
                    $isWords => Properties::ofWords(),
                    $isBackdrop => Properties::ofBackdrop(),
                    $isOfChart => $ofChart((string) $chart),
                    default => Properties::ofFigure(),
                },
            );
        }

        return new self(
            $field->get('id')->id(),
            $kind,
            $chart,
            $chart === null || $isOfChart ? null : $target->get('figure')->id(),
            $isWords ? $target->get('words')->id() : null,
            $field->get('begin')->whole(0, Stage::MAX_FRAMES, 0),
            Pin::read($field->get('pin')),
            $field->get('frames')->whole(1, Stage::MAX_FRAMES, 24),
            CurveSettings::read($field->get('curve'), 'ease-in-out'),
            $field->get('opens')->oneOf(ChartMotion::OPENS, 'forward'),
            $change,
            $kind === 'emphasis' ? EmphasisSettings::read($field->get('emphasis')) : null,
            $kind === 'shot' ? ShotSettings::read($field->get('shot')) : null,
            $field->get('manner')->oneOf([...ChartMotion::MANNERS, ...self::WRITTEN], 'open'),
            Follow::read($field->get('follow')),
            $field->get('toLineEnd')->yes(false),
            $field->get('passes')->yes(false),
            $isOfLabel,
        );
    }
}
