<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Either;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** A title or any other text that stands on the stage by itself. */
#[Described('A title, or any other text that stands by itself.')]
final readonly class FreeText
{
    public const ROLES = ['note', 'title', 'subtitle', 'source'];

    public string $text;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('Text', 500)]
        string $text,
        #[Number('X', Unit::Pixels, -8000, 8000, step: 2)]
        #[Detail('left, middle or right of the text by its alignment', isKeyed: true)]
        public float $x,
        #[Number('Y', Unit::Pixels, -8000, 8000, step: 2)]
        #[Detail('first baseline', isKeyed: true)]
        public float $y,
        #[Number('Width', Unit::Pixels, 20, 8000, 8000, step: 10)]
        #[Detail('lines wrap at it')]
        public float $width,
        #[Choice('Align', ['left' => 'Left', 'middle' => 'Middle', 'right' => 'Right'])]
        public string $align,
        #[Among(TextStyle::class, ['font' => 'bricolage-bold', 'size' => 72])]
        public TextStyle $style,
        #[Choice('Role', ['note' => 'Note', 'title' => 'Title', 'subtitle' => 'Subtitle', 'source' => 'Source line'])]
        #[Detail('what it is to the arrangement', isOptional: true)]
        public string $role = 'note',
        #[Either('', PlacedBy::WORDS)]
        #[Detail(PlacedBy::NOTE, isOptional: true, name: 'placedBy')]
        public bool $isByRule = false,
        #[Toggle('Hidden')]
        #[Detail('left out of the picture', isOptional: true)]
        public bool $isHidden = false,
        #[Text('', 200)]
        #[Detail('the name of the group that it is taken together with', isOptional: true)]
        public ?string $group = null,
        #[Part(FigureName::class)]
        #[Detail('the mark that it points at', isOptional: true)]
        public ?FigureName $pointsAt = null,
        #[Id]
        #[Detail(
            'the chart whose table the parts in brackets of its text follow ([table], [column], [total], [value of r2],'
                .' [share of r2], [name of r2]); absent or null: the first',
            isOptional: true,
        )]
        public ?string $momentOf = null,
        #[Part(DriftSettings::class)]
        #[Detail('absent or null: it stands still', isOptional: true)]
        public ?DriftSettings $drift = null,
        #[Number('Arc radius', Unit::Pixels, -8000, 8000, 0, step: 10)]
        #[Detail(
            'of the circle that its baseline is bent to; below 0 it is bent downward; 0: straight',
            isOptional: true,
            hint: 'Bends the text to a circle of this radius, up or, below 0, down. 0 is straight.',
        )]
        public float $arc = 0.0,
        #[Toggle('')]
        #[Detail('whether it was guessed from the table, and nobody has said that it is right', isOptional: true)]
        public bool $isGuessed = false,
        /** the most that its bound parts make of it, for the room that it needs; null: its text */
        private ?string $longest = null,
    ) {
        // Texts that said nothing but the moment had no text of their own.
        $this->text = $momentOf !== null && !BoundText::isBound($text) ? BoundText::COLUMN : $text;
    }

    /** The same text, in its place. */
    public function arranged(float $x, float $y, float $width, string $align, float $size): self
    {
        return new self(
            $this->id,
            $this->text,
            $x,
            $y,
            $width,
            $align,
            $this->style->withSize($size),
            $this->role,
            false,
            $this->isHidden,
            $this->group,
            $this->pointsAt,
            $this->momentOf,
            $this->drift,
            $this->arc * $size / $this->style->size,
            $this->isGuessed,
            $this->longest,
        );
    }

    /** The same text in a colour. */
    public function inked(string $colour): self
    {
        return new self(
            $this->id,
            $this->text,
            $this->x,
            $this->y,
            $this->width,
            $this->align,
            $this->style->withColour($colour),
            $this->role,
            $this->isByRule,
            $this->isHidden,
            $this->group,
            $this->pointsAt,
            $this->momentOf,
            $this->drift,
            $this->arc,
            $this->isGuessed,
            $this->longest,
        );
    }

    /**
     * The same text, knowing the most that the parts that follow a table make of it.
     *
     * @param ReadingSettings $readings how its figures are written
     */
    public function following(Table $table, ReadingSettings $readings): self
    {
        if (!BoundText::isBound($this->text)) {
            return $this;
        }
        $typed = self::longest(array_merge(...array_map(static fn (Row $row): array => $row->cells, $table->rows)));
        $names = array_column($table->rows, 'label', 'id');
        $text = BoundText::filled($this->text, static fn (string $what, string $rowId): string => match ($what) {
            'table' => $table->name,
            'column' => self::longest(array_map(static fn (Column $column): string => $column->name, $table->columns)),
            // All together have a digit more, as a rule.
            'total' => $readings->widest('9'.$typed),
            'name' => $names[$rowId] ?? '–',
            'share' => '00.0%',
            default => $readings->widest($typed),
        });

        return new self(
            $this->id,
            $this->text,
            $this->x,
            $this->y,
            $this->width,
            $this->align,
            $this->style,
            $this->role,
            $this->isByRule,
            $this->isHidden,
            $this->group,
            $this->pointsAt,
            $this->momentOf,
            $this->drift,
            $this->arc,
            $this->isGuessed,
            $text,
        );
    }

    /** @param list<string> $texts */
    private static function longest(array $texts): string
    {
        usort($texts, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return $texts[0] ?? '';
    }

    /** What it says where it takes most room. */
    public function shown(): string
    {
        return $this->longest ?? $this->text;
    }
}
