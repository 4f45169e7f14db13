<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\Saying;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** What a check found hard to read is mended, where one act can do it. */
#[Described('Mends what was found hard to read.')]
final readonly class Mend implements Act
{
    /** where the style of words is, by their kind */
    private const STYLES = ['label' => 'labels', 'name' => 'names', 'legend' => 'legend', 'axis' => 'axis',
        'centre' => 'centre'];

    /** a dark and a light plate */
    private const PLATES = ['#10201d', '#f4f1e8'];

    public function __construct(
        #[Choice('', ['larger' => '', 'ink' => '', 'plate' => '', 'arranged' => '', 'legend' => '', 'combine' => '',
            'longer' => '', 'lengthen' => '', 'keep' => ''])]
        private string $what,
        #[Id]
        #[Detail('the chart, the text or the line; absent: the piece, or its captions', isOptional: true)]
        private ?string $of = null,
        #[Choice('', ['label' => '', 'name' => '', 'legend' => '', 'caption' => '', 'tick' => '', 'axis' => '',
            'centre' => '', 'words' => ''])]
        #[Detail('which of its words', isOptional: true)]
        private ?string $kind = null,
        #[Number('', Unit::Count, 0, Stage::MAX_FRAMES)]
        #[Detail('how much larger, or how many frames or parts', isOptional: true)]
        private ?float $by = null,
    ) {
    }

    /** Whether there is something that it would change. */
    public function isOfUse(\stdClass $document, Piece $piece, FormCatalogue $forms): bool
    {
        try {
            $edited = new Edited($document, $piece, $forms);
            $this->change($edited);
        } catch (BadPiece) {
            return false;
        }

        return json_encode($edited->document) !== json_encode($document);
    }

    public function change(Edited $edited): array
    {
        match ($this->what) {
            'larger' => $this->enlarge($this->style($edited)),
            'ink' => $this->style($edited)->colour = null,
            'plate' => $this->back($this->style($edited)),
            'arranged' => $this->arrange($edited),
            'legend' => Saying::names($this->chart($edited), 'legend'),
            'combine' => $this->combine($this->chart($edited)),
            'longer' => $this->stay($edited),
            'lengthen' => $edited->growTo((int) $this->by),
            default => $this->keep($edited),
        };

        return [];
    }

    private function chart(Edited $edited): \stdClass
    {
        return $edited->chart($this->of ?? '');
    }

    /** @throws BadPiece where there are no such words */
    private function style(Edited $edited): \stdClass
    {
        $none = new BadPiece('There are no such words.', 'with.of');
        if ($this->kind === 'words') {
            return Edited::named($edited->words(), $this->of ?? '') ?? throw $none;
        }
        if ($this->kind === 'caption') {
            return Json::object($edited->document, 'captions') ?? throw $none;
        }
        $words = Json::object($this->chart($edited), 'words');

        return Json::object($words, self::STYLES[$this->kind ?? ''] ?? '') ?? throw $none;
    }

    private function enlarge(\stdClass $style): void
    {
        $style->size = ceil(Json::number($style, 'size') * max(1.0, $this->by ?? 1.0));
    }

    /** @throws BadPiece where there is a plate already */
    private function back(\stdClass $style): void
    {
        if (Json::object($style, 'plate') !== null) {
            throw new BadPiece('There is a plate behind them already.', 'with.of');
        }
        $ink = Json::text($style, 'colour');
        [$dark, $light] = self::PLATES;
        $isLight = $ink !== '' && Colour::hex($ink)->contrastWith(Colour::hex($light))
            > Colour::hex($ink)->contrastWith(Colour::hex($dark));
        $style->plate = (object) ['colour' => $isLight ? $light : $dark];
    }

    /** @throws BadPiece where no arrangement places it */
    private function arrange(Edited $edited): void
    {
        if ($this->kind === null) {
            $place = Json::object($this->chart($edited), 'place') ?? new \stdClass();
            $place->placedBy = 'rule';
            unset($place->size, $place->turn);

            return;
        }
        $words = $this->style($edited);
        $isPlaced = match ($this->kind) {
            'words' => Json::text($words, 'role') !== '' && Json::text($words, 'role') !== 'note',
            default => in_array($this->kind, ['legend', 'caption'], true),
        };
        if (!$isPlaced) {
            throw new BadPiece('The arrangement does not place this.', 'with.of');
        }
        $words->placedBy = 'rule';
    }

    private function combine(\stdClass $chart): void
    {
        if (Json::object($chart, 'pick') !== null || count((array) ($chart->series ?? [])) > 1) {
            throw new BadPiece('Its rows are picked already.', 'with.of');
        }
        $chart->pick = (object) ['by' => 'largest', 'count' => max(1, (int) $this->by), 'others' => true,
            'label' => 'Others'];
    }

    /** @throws BadPiece where a voice says when, or the next line comes too early */
    private function stay(Edited $edited): void
    {
        $line = $edited->line($this->of ?? '');
        $end = Json::whole($line, 'begin') + (int) $this->by;
        foreach ($edited->lines() as $other) {
            if ($other !== $line && Json::whole($other, 'begin') >= Json::whole($line, 'end')) {
                $end = min($end, Json::whole($other, 'begin'));
            }
        }
        if ($edited->piece->narration->inUse !== null || $end < Json::whole($line, 'begin') + (int) $this->by) {
            throw new BadPiece('The line cannot stay longer: the next one begins.', 'with.of');
        }
        $line->end = $end;
        $edited->growTo($end);
    }

    private function keep(Edited $edited): void
    {
        $words = Edited::named($edited->words(), $this->of ?? '');
        unset($words->guessed);
    }
}
