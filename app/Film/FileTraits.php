<?php

declare(strict_types=1);

namespace App\Film;

/** What there is to know of a kind of file. */
final readonly class FileTraits
{
    /** @param class-string<Maker> $maker */
    public function __construct(
        /** how the names of its files end, after a point */
        public string $ending,
        public string $contentType,
        public string $maker,
        /** what is put after the title in the name of a file, so that files of one ending are told apart */
        public string $suffix = '',
        /** whether it can be seen through where the piece has no backdrop */
        public bool $hasTransparency = true,
        /** whether it is a picture, or has one, of a shape of the stage */
        public bool $hasShape = true,
        /** whether it can hold the narrator */
        public bool $hasSound = false,
        /** whether it says the timecode of its first frame */
        public bool $hasTimecode = false,
        /** whether it is a picture that plays by itself, of any size and of fewer frames a second */
        public bool $isLoop = false,
        /** whether it holds each frame by itself */
        public bool $isFrames = false,
        /** whether parts of it can be joined without being encoded again */
        public bool $isJoined = false,
        /** whether what moves is blurred in it where the piece has a shutter */
        public bool $hasShutter = true,
        /** whether it goes before films in the queue: it takes a moment, or is wanted in one */
        public bool $isSoon = false,
    ) {
    }

    /** A film, which painted frames are made into. */
    public static function film(
        string $ending,
        string $contentType,
        string $suffix = '',
        bool $hasTransparency = true,
        bool $hasSound = true,
        bool $hasTimecode = false,
        bool $isJoined = true,
    ): self {
        return new self(
            $ending,
            $contentType,
            FilmMaker::class,
            $suffix,
            $hasTransparency,
            hasSound: $hasSound,
            hasTimecode: $hasTimecode,
            isJoined: $isJoined,
        );
    }

    /** A picture that plays by itself, made of painted frames. */
    public static function loop(string $ending): self
    {
        return new self($ending, 'image/'.$ending, FilmMaker::class, isLoop: true);
    }

    /**
     * What is made without painting frames, in a moment.
     *
     * @param class-string<Maker> $maker
     */
    public static function soon(
        string $ending,
        string $contentType,
        string $maker,
        string $suffix = '',
        bool $hasShape = false,
        bool $hasSound = false,
    ): self {
        return new self(
            $ending,
            $contentType,
            $maker,
            $suffix,
            hasShape: $hasShape,
            hasSound: $hasSound,
            hasShutter: false,
            isSoon: true,
        );
    }
}
