<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Reel\TilePaint;

/** What elements of an SVG refer to, each content once. */
final class SvgDefinitions
{
    /** @var array<string, string> ids by content */
    private array $known = [];

    private string $text = '';

    /** @param \Closure(string, int): string $pictures a picture as a data URI, by its fingerprint and its blur */
    public function __construct(private readonly \Closure $pictures)
    {
    }

    /** The id of what is referred to. */
    public function id(SvgReference $reference): string
    {
        $picture = $reference->picture;
        if ($picture !== null && !isset($this->known[$picture->pictureId()])) {
            $this->known[$picture->pictureId()] = $picture->pictureId();
            $this->text .= ($picture instanceof TilePaint ? $picture->picture() : sprintf(
                '<image id="%s" width="1" height="1" preserveAspectRatio="none" href="%s"/>',
                $picture->pictureId(),
                ($this->pictures)($picture->file, $picture->blur),
            ))."\n";
        }

        return $this->define($reference->letter, $reference->content);
    }

    /** @param string $content with %1$s for its id */
    public function define(string $letter, string $content): string
    {
        if (!isset($this->known[$content])) {
            $this->known[$content] = $letter.(count($this->known) + 1);
            $this->text .= sprintf($content, $this->known[$content])."\n";
        }

        return $this->known[$content];
    }

    public function length(): int
    {
        return strlen($this->text);
    }

    /** All of them as an element; empty where there are none. */
    public function toSvg(): string
    {
        return $this->text === '' ? '' : '<defs>'.$this->text.'</defs>'."\n";
    }
}
