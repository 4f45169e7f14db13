<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** What else there is to say of a setting. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Detail
{
    public function __construct(
        /** what the document means by it, where the label does not say so */
        public string $note = '',
        /** a sentence for those who set it */
        public string $hint = '',
        /** whether it stands in no document as null: what has none is left out */
        public bool $isNeverNull = false,
        /** whether documents may leave it out: it came later, or is rarely said */
        public bool $isOptional = false,
        /** its name in the document, where that is not the property's */
        public string $name = '',
        /** @var array<string, bool|list<string>> where it matters: others are on (true) or off, or one of these */
        public array $when = [],
        /** whether moves can change it */
        public bool $isKeyed = false,
        /** whether it is one of the few decisions that make most of the difference */
        public bool $isFirst = false,
        /** the word at the desk for having none, where it can have none */
        public string $none = '',
    ) {
    }

    /** @param array<string, bool|list<string>> $when what it depends on besides */
    public function onlyWhen(array $when): self
    {
        return $when === [] ? $this : new self(
            $this->note,
            $this->hint,
            $this->isNeverNull,
            $this->isOptional,
            $this->name,
            [...$this->when, ...$when],
            $this->isKeyed,
            $this->isFirst,
            $this->none,
        );
    }
}
