<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Kit\Dress;
use Lupine\Core\Kit\Kit;
use Lupine\Core\Kit\KitValue;
use Lupine\Core\Piece\KitMark;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Toggle;

/** A piece takes its look from a kit. */
#[Described('Takes the look of a kit, or some of it; what single parts have of their own stays, unless let go.')]
final readonly class TakeKit implements Act
{
    public function __construct(
        #[KitValue]
        private Kit $kit,
        #[Part(KitMark::class)]
        private KitMark $mark,
        #[Toggle('Let go of what parts have of their own')]
        private bool $isLettingGo,
    ) {
    }

    public function change(Edited $edited): array
    {
        Dress::in($edited->document, $this->kit, $this->mark->parts, $this->isLettingGo, $edited->forms);
        $edited->document->kit = (object) [
            'id' => $this->mark->id,
            'name' => $this->mark->name,
            'parts' => $this->mark->parts,
            'revision' => $this->mark->revision,
        ];

        return [];
    }
}
