<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** A timed change of a figure of a chart, a whole chart, a text, a panel, the backdrop, the captions, or the camera. */
#[Described(
    'A timed move of one figure, of a chart, of a text, of a panel or of the camera: something comes, goes, changes one'
        .' property, stands out, or is looked at.',
)]
final readonly class Move implements Checked
{
    /** how something comes or goes; words also letter by letter, or word by word */
    public const MANNERS = ChartMotion::MANNERS + ['letters' => 'Letter by letter', 'words' => 'Word by word'];

    public const KINDS = [
        'entrance' => 'Entrance',
        'exit' => 'Exit',
        'change' => 'Change',
        'emphasis' => 'Emphasis',
        'shot' => 'Shot',
    ];

    /** what the captions are to other moves: no id of a text can be it */
    public const CAPTIONS = '(captions)';

    /** the chart and the row it moves, the chart alone, the free text, or the panel */
    public ?string $chart;
    public ?string $figure;
    public ?string $words;
    public ?string $panel;

    /** what a change changes; null where something comes or goes */
    public ?Change $change;

    /** what an emphasis does, and what a shot leads the camera to; null for any other kind */
    public ?EmphasisSettings $emphasis;
    public ?ShotSettings $shot;

    /** it is the label of the figure that comes or goes, not its mark */
    public bool $isOfLabel;

    /** of the stage itself, what it changes; null: nothing */
    private ?string $stage;

    public function __construct(
        #[Id]
        public string $id,
        #[Choice('', self::KINDS, '')]
        public string $kind,
        #[Target]
        Field $target,
        #[Whole('Starts', Unit::Frames, 0, Stage::MAX_FRAMES, 0)]
        #[Detail('where it is not pinned')]
        public int $begin,
        #[Part(Pin::class)]
        public ?Pin $pin,
        #[Whole('Lasts', Unit::Frames, 1, Stage::MAX_FRAMES, 24)]
        public int $frames,
        #[CurveValue('ease-in-out')]
        public CurveSettings $curve,
        #[Opening]
        public string $opens,
        #[Among(Change::class)]
        Change $change,
        #[Part(EmphasisSettings::class)]
        #[Detail('what an emphasis does', isOptional: true, isNeverNull: true)]
        ?EmphasisSettings $emphasis,
        #[Part(ShotSettings::class)]
        #[Detail('what a shot leads the camera to', isOptional: true, isNeverNull: true)]
        ?ShotSettings $shot,
        #[Choice('Manner', self::MANNERS)]
        #[Detail(
            'how something comes or goes: as its form opens it (words fade then), popping up from its middle, fading,'
                .' or rising to its place; words also letter by letter or word by word',
            isOptional: true,
        )]
        public string $manner,
        #[Part(Follow::class)]
        #[Detail('the move that it begins with or after, where it is not pinned', isOptional: true)]
        public ?Follow $follow,
        #[Toggle('Until the line ends')]
        #[Detail('it lasts to the end of the line in which it begins', isOptional: true, name: 'toLineEnd')]
        public bool $isToLineEnd,
        #[Toggle('Overshoot the figure')]
        #[Detail(
            'a part that opens, or figures that change, may run past their figures where the curve does, and their'
                .' readings with them',
            isOptional: true,
            name: 'passes',
        )]
        public bool $isPassing,
    ) {
        $isWords = !$target->get('words')->isNull();
        $isPanel = !$target->get('panel')->isNull();
        $stage = $target->get('stage');
        $this->stage = $stage->isNull() ? null : $stage->oneOf(['backdrop', 'captions']);
        $this->isOfLabel = $target->get('part')->oneOf(['mark', 'label'], 'mark') === 'label';
        $this->words = $isWords ? $target->get('words')->id() : null;
        $this->panel = $isPanel ? $target->get('panel')->id() : null;
        $isOfChart = !$isWords && !$isPanel && $this->stage === null && $kind !== 'shot';
        $this->chart = $isOfChart ? $target->get('chart')->id() : null;
        $isOfFigure = $isOfChart && ($kind !== 'change' || !$target->get('figure')->isNull());
        $this->figure = $isOfFigure ? $target->get('figure')->id() : null;
        $this->change = $kind === 'change' ? $change : null;
        $this->emphasis = $kind === 'emphasis' ? $emphasis : null;
        $this->shot = $kind === 'shot' ? $shot : null;
    }

    /** The text, the panel or the captions that it moves. */
    public function thing(): ?string
    {
        return $this->words ?? $this->panel ?? ($this->stage === 'captions' ? self::CAPTIONS : null);
    }

    public function check(Field $field): void
    {
        if ($this->stage !== null && $this->kind !== 'change') {
            throw $field->get('kind')->wrong('must be change, for '.($this->stage === 'backdrop'
                ? 'the backdrop neither comes nor goes'
                : 'captions come and go with their lines'));
        }
        $target = $field->get('target');
        if ($this->isOfLabel && ($this->chart === null || !in_array($this->kind, ['entrance', 'exit'], true))) {
            throw $target->get('part')->wrong('can be a label only where the label of a figure comes or goes');
        }
        foreach (['emphasis', 'shot'] as $kind) {
            if ($this->kind === $kind && $field->get($kind)->isNull()) {
                throw $field->get($kind)->wrong('must be said for a move of this kind');
            }
        }
    }

    /**
     * @param Field $field in which it stands
     * @param \Closure(string $chart): list<Property> $ofChart what can be changed about a chart
     */
    public function checkChange(Field $field, \Closure $ofChart): void
    {
        $this->change?->check($field, ...match (true) {
            $this->words !== null => [Properties::ofText(), Properties::inStyle(...)],
            $this->panel !== null => [Properties::ofPanel(), Properties::inCoats(...)],
            $this->stage === 'captions' => [Properties::ofStyle(), Properties::inStyle(...)],
            $this->stage === 'backdrop' => [Properties::ofBackdrop(), null],
            $this->figure === null => [$ofChart((string) $this->chart), Properties::inChart(...)],
            default => [Properties::ofFigure(), Properties::inFinish(...)],
        });
    }
}
