<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A title or any other text that stands on the stage by itself. */
final readonly class FreeText
{
    public const ROLES = ['note', 'title', 'subtitle', 'source'];

    private function __construct(
        public string $id,
        public string $text,
        /** left, middle or right of the text by its alignment; y is the first baseline */
        public float $x,
        public float $y,
        /** lines wrap at this width, in pixels */
        public float $width,
        public string $align,
        public bool $upperCase,
        public TextStyle $style,
        /** what it is to the arrangement: title, subtitle, source or note */
        public string $role = 'note',
        public bool $isByRule = false,
        /** whether it is left out of the picture */
        public bool $isHidden = false,
        /** what it is taken together with, or null */
        public ?string $group = null,
        /** the mark that it points at, or null */
        public ?FigureName $pointsAt = null,
        /** the chart whose table the bound parts of its text follow (see BoundText); null: the first */
        public ?string $momentOf = null,
        public ?DriftSettings $drift = null,
        /** the most that its bound parts make of it, for the room that it needs; null: its text */
        private ?string $longest = null,
    ) {
    }

    public static function read(Field $field): self
    {
        $follows = $field->get('momentOf')->isNull() ? null : $field->get('momentOf')->id();
        $text = $field->get('text')->text(500);

        return new self(
            $field->get('id')->id(),
            // Texts that said nothing but the moment had no text of their own.
            $follows !== null && !BoundText::isBound($text) ? BoundText::COLUMN : $text,
            $field->get('x')->number(-8000, 8000),
            $field->get('y')->number(-8000, 8000),
            $field->get('width')->number(20, 8000, 8000),
            $field->get('align')->oneOf(['left', 'middle', 'right'], 'left'),
            $field->get('upperCase')->yes(false),
            TextStyle::read($field, 'bricolage-bold', 72, '#ffffff'),
            $field->get('role')->oneOf(self::ROLES, 'note'),
            PlacedBy::rule($field),
            $field->get('hidden')->yes(false),
            $field->get('group')->isNull() ? null : $field->get('group')->id(),
            FigureName::read($field->get('pointsAt')),
            $follows,
            DriftSettings::read($field->get('drift')),
        );
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
            $this->upperCase,
            $this->style->withSize($size),
            $this->role,
            false,
            $this->isHidden,
            $this->group,
            $this->pointsAt,
            $this->momentOf,
            $this->drift,
            $this->longest,
        );
    }

    /** The same text, knowing the most that the parts that follow a table make of it. */
    public function following(Table $table): self
    {
        if (!BoundText::isBound($this->text)) {
            return $this;
        }
        $cells = array_map(static fn (Row $row): string => self::longest($row->cells), $table->rows);
        $names = array_column($table->rows, 'label', 'id');
        $text = BoundText::filled($this->text, static fn (string $what, string $rowId): string => match ($what) {
            'column' => self::longest(array_map(static fn (Column $column): string => $column->name, $table->columns)),
            'total' => self::longest($cells).'0',
            'name' => $names[$rowId] ?? '–',
            'share' => '00.0%',
            default => self::longest($cells),
        });

        return new self(
            $this->id,
            $this->text,
            $this->x,
            $this->y,
            $this->width,
            $this->align,
            $this->upperCase,
            $this->style,
            $this->role,
            $this->isByRule,
            $this->isHidden,
            $this->group,
            $this->pointsAt,
            $this->momentOf,
            $this->drift,
            $text,
        );
    }

    /** @param list<string> $texts */
    private static function longest(array $texts): string
    {
        usort($texts, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return $texts[0] ?? '';
    }

    /** As it is written on the stage, where it takes most room. */
    public function shown(): string
    {
        return $this->written($this->longest ?? $this->text);
    }

    /** A text as its capitals are set. */
    public function written(string $text): string
    {
        return $this->upperCase ? mb_strtoupper($text) : $text;
    }
}
