<?php

declare(strict_types=1);

namespace Lupine\Core\Versions;

use Lupine\Core\Settings\Json;

/** What was written in one version and not in the other: the title, texts on the stage, lines of the script. */
final readonly class OfWords
{
    private const ROLES = ['title' => 'Title', 'subtitle' => 'Subtitle', 'source' => 'Source line'];

    /** @return list<Difference> */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        $texts = self::ofTexts($before, $after);
        if (Json::text($before, 'title') !== Json::text($after, 'title')) {
            array_unshift($texts, 'Piece renamed '.Differences::quoted(Json::text($after, 'title')));
        }
        $captions = [isset($before->captions), isset($after->captions)];
        if ($captions[0] !== $captions[1]) {
            $texts[] = $captions[1] ? 'Captions on' : 'Captions off';
        }

        return array_map(
            static fn (string $text): Difference => new Difference('words', $text),
            [...$texts, ...self::ofLines($before, $after)],
        );
    }

    /** @return list<string> */
    private static function ofTexts(\stdClass $before, \stdClass $after): array
    {
        $texts = [];
        [$both, $new, $gone] = Differences::paired($before->words ?? null, $after->words ?? null);
        foreach ($both as [$was, $is]) {
            if (Json::text($was, 'text') !== Json::text($is, 'text')) {
                $texts[] = self::role($is).': '.Differences::quoted(Json::text($is, 'text'));
            }
            if (($was->hidden ?? false) !== ($is->hidden ?? false)) {
                $texts[] = self::said($is).(($is->hidden ?? false) === true ? ' hidden' : ' shown');
            }
        }
        foreach ($new as $text) {
            $texts[] = self::said($text).' new';
        }
        foreach ($gone as $text) {
            $texts[] = self::said($text).' removed';
        }

        return $texts;
    }

    /** @return list<string> */
    private static function ofLines(\stdClass $before, \stdClass $after): array
    {
        [$then, $now] = [Json::object($before, 'script')->lines ?? null, Json::object($after, 'script')->lines ?? null];
        [$both, $new, $gone] = Differences::paired($then, $now);
        $texts = [];
        foreach ($both as [$was, $is]) {
            if (Json::text($was, 'text') !== Json::text($is, 'text')) {
                $texts[] = 'Line: '.Differences::quoted(Json::text($is, 'text'));
            }
        }
        if ($new !== []) {
            $texts[] = Differences::counted(count($new), 'line').' of the script new';
        }
        if ($gone !== []) {
            $texts[] = Differences::counted(count($gone), 'line').' of the script removed';
        }

        return $texts;
    }

    private static function role(\stdClass $text): string
    {
        return self::ROLES[Json::text($text, 'role')] ?? 'Text';
    }

    private static function said(\stdClass $text): string
    {
        return self::role($text).' '.Differences::quoted(Json::text($text, 'text'));
    }
}
