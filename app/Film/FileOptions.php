<?php

declare(strict_types=1);

namespace App\Film;

use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

/** How a file is made beside its kind, its frames and its shape; kept with what was asked for. */
final readonly class FileOptions
{
    /** pictures in a second of a file that plays without end: hundredths of a second are what a GIF counts in */
    public const RATES = [10.0, 12.5, 20.0, 25.0, 50.0];

    /** pixels across */
    public const LEAST_WIDTH = 64;

    public function __construct(
        /** whether captions are in the picture */
        public bool $withCaptions = true,
        /** whether the lines of the script are its chapters */
        public bool $withChapters = false,
        /** pixels across of a file that plays without end; null: as the stage has it */
        public ?int $width = null,
        /** pictures in a second of such a file; null: as the stage has it, or 25 */
        public ?float $perSecond = null,
        /** whether a page has every shape of the piece, and shows the one that suits its window */
        public bool $hasEveryShape = false,
        /** whether what plays by itself begins again at the end */
        public bool $loops = true,
        /** the recording that a scratch voice reads again before; null: none is */
        public ?string $reading = null,
    ) {
    }

    /**
     * @param Field $asked captions, chapters, width, perSecond, everyShape, loops, reading; all of them can be missing
     *
     * @throws BadPiece
     */
    public static function read(Field $asked, Piece $piece): self
    {
        $width = $asked->get('width');
        $rate = $asked->get('perSecond');

        return new self(
            $asked->get('captions')->flag(true),
            $asked->get('chapters')->flag(false),
            $width->isNull() ? null : (int) $width->number(self::LEAST_WIDTH, $piece->stage->width),
            $rate->isNull() ? null : (float) $rate->number(self::RATES[0], self::RATES[count(self::RATES) - 1]),
            $asked->get('everyShape')->flag(false),
            $asked->get('loops')->flag(true),
            $asked->get('reading')->isNull() ? null : $asked->get('reading')->id(),
        );
    }

    /** @param array<string, mixed>|null $kept as it was written; null where nothing was */
    public static function fromArray(?array $kept): self
    {
        $width = $kept['width'] ?? null;
        $rate = $kept['perSecond'] ?? null;

        return new self(
            ($kept['captions'] ?? true) === true,
            ($kept['chapters'] ?? false) === true,
            is_int($width) ? $width : null,
            is_int($rate) || is_float($rate) ? (float) $rate : null,
            ($kept['everyShape'] ?? false) === true,
            ($kept['loops'] ?? true) === true,
            is_string($kept['reading'] ?? null) ? $kept['reading'] : null,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'captions' => $this->withCaptions,
            'chapters' => $this->withChapters,
            'width' => $this->width,
            'perSecond' => $this->perSecond,
            'everyShape' => $this->hasEveryShape,
            'loops' => $this->loops,
            'reading' => $this->reading,
        ];
    }

    /**
     * Pictures in a second as a file that plays without end counts them: what was asked for, or 25, but no more than
     * the stage has.
     */
    public function rateWithin(Stage $stage): float
    {
        $most = $stage->rateNumerator / $stage->rateDenominator;
        $wanted = min($this->perSecond ?? 25.0, $most);
        $rate = self::RATES[0];
        foreach (self::RATES as $one) {
            $rate = $one <= $wanted + 1e-9 ? $one : $rate;
        }

        return $rate;
    }
}
