<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Reel\Defined;
use Lupine\Core\Reel\PicturePaint;
use Lupine\Core\Reel\TilePaint;

/** What an attribute of an SVG refers to: a paint, a filter, a clip or a mask, told apart by its content. */
final readonly class SvgReference
{
    /**
     * @param string $letter that its id begins with
     * @param string $content with %1$s for the id
     * @param TilePaint|PicturePaint|null $picture that it uses, which is defined once for all that do
     */
    public function __construct(
        public string $letter,
        public string $content,
        public TilePaint|PicturePaint|null $picture = null,
    ) {
    }

    /** A paint or an effect on a stage of a size. */
    public static function to(string $letter, Defined $one, int $width, int $height): self
    {
        return new self(
            $letter,
            $one->svg('%1$s', $width, $height),
            $one instanceof TilePaint || $one instanceof PicturePaint ? $one : null,
        );
    }
}
