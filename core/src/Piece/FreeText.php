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
        /** the chart whose moment it says, where that runs; null: it says its own text */
        public ?string $momentOf = null,
        public ?DriftSettings $drift = null,
    ) {
    }

    public static function read(Field $field): self
    {
        return new self(
            $field->get('id')->id(),
            $field->get('text')->text(500),
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
            $field->get('momentOf')->isNull() ? null : $field->get('momentOf')->id(),
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
        );
    }

    /** As it is written on the stage. */
    public function shown(): string
    {
        return $this->upperCase ? mb_strtoupper($this->text) : $this->text;
    }
}
