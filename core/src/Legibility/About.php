<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;

/** Where at the desk something is mended: what is selected, on which face, and the setting that does it. */
final readonly class About extends Answer
{
    private function __construct(
        /** what is done there, for a button */
        public string $does,
        #[OneOf('Figures', 'Form', 'Finish', 'Words', 'Stage', 'Motion')]
        public string $face,
        /** the group and the setting, such as `Labels.size` */
        public ?string $setting = null,
        public ?string $chart = null,
        /** a figure of that chart */
        public ?string $figure = null,
        public ?string $words = null,
        public ?string $line = null,
        /** what does it in one act; null: nothing does */
        public ?Mending $mending = null,
    ) {
    }

    public function with(?Mending $mending): self
    {
        return new self(
            $this->does,
            $this->face,
            $this->setting,
            $this->chart,
            $this->figure,
            $this->words,
            $this->line,
            $mending,
        );
    }

    /** The colours of a chart’s parts, with how little it takes to tell them apart. */
    public static function colours(string $chart): self
    {
        return new self('Tell them apart', 'Finish', 'Finish.apart', $chart);
    }

    public static function form(string $chart, string $does, string $setting): self
    {
        return new self($does, 'Form', $setting, $chart);
    }

    public static function figure(string $chart, string $figure): self
    {
        return new self('Edit the figure', 'Figures', null, $chart, $figure);
    }

    public static function words(string $id, string $does = 'Edit the text', string $setting = 'FreeText.text'): self
    {
        return new self($does, 'Words', $setting, words: $id);
    }

    public static function line(string $id): self
    {
        return new self('Edit the line', 'Figures', 'Line.text', line: $id);
    }

    public static function labels(string $chart): self
    {
        return new self('Change the labels', 'Words', 'Labels.show', $chart);
    }

    /** Which rows are shown, and which are put together. */
    public static function shown(string $chart): self
    {
        return new self('Choose the rows shown', 'Figures', 'Pick', $chart);
    }

    public static function place(string $chart): self
    {
        return new self('Move the chart', 'Stage', 'Place.x', $chart);
    }

    public static function arrangement(): self
    {
        return new self('Arrange the stage', 'Stage', 'Arrangement.across');
    }

    /**
     * How words on the stage are set.
     *
     * @param string $kind label, name, legend, caption, tick, axis, centre or words
     * @param string $owner the chart or the text that they belong to
     */
    public static function style(string $kind, string $owner, string $does, string $setting): self
    {
        return match ($kind) {
            'words' => self::words($owner, $does, 'FreeText.'.$setting),
            'caption' => new self($does, 'Words', 'Captions.'.$setting),
            default => new self($does, 'Words', (match ($kind) {
                'name' => 'Names',
                'legend' => 'Legend',
                'centre' => 'Centre',
                'tick', 'axis' => 'AxisTitles',
                default => 'Labels',
            }).'.'.$setting, $owner),
        };
    }
}
