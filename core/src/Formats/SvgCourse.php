<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

/** A definition over time: one markup, in whose elements those attributes are animated that change. */
final readonly class SvgCourse
{
    private const TAG = '/<([a-zA-Z]+)((?:\s+[\w:-]+="[^"]*")*)\s*(\/?)>/';
    private const ATTRIBUTE = '/\s+([\w:-]+)="([^"]*)"/';

    /** attributes that refer, or that no element of SMIL changes */
    private const FIXED = [
        'id', 'href', 'in', 'in2', 'result', 'operator', 'gradientTransform', 'patternTransform', 'transform', 'style',
        'd', 'fill', 'width', 'height', 'filterUnits', 'patternUnits', 'gradientUnits', 'shape-rendering',
    ];

    /** What of a markup has to be the same so that it can be gone through as one: all but what is animated. */
    public static function formOf(string $markup): string
    {
        return (string) preg_replace_callback(self::TAG, static function (array $tag): string {
            return '<'.$tag[1].preg_replace_callback(
                self::ATTRIBUTE,
                static fn (array $one): string => in_array($one[1], self::FIXED, true) ? $one[0] : ' '.$one[1],
                $tag[2],
            ).$tag[3].'>';
        }, $markup);
    }

    /**
     * @param non-empty-array<int, string> $markups of one form, by frame
     * @param string $still one of them
     */
    public static function of(array $markups, string $still, Smil $smil): string
    {
        if (count(array_unique($markups)) === 1) {
            return $still;
        }
        $values = [];
        foreach ($markups as $frame => $markup) {
            preg_match_all(self::TAG, $markup, $tags);
            foreach ($tags[2] as $place => $attributes) {
                preg_match_all(self::ATTRIBUTE, $attributes, $found);
                foreach ($found[1] as $at => $name) {
                    $values[$place][$name][$frame] = $found[2][$at];
                }
            }
        }
        $place = -1;

        return (string) preg_replace_callback(
            self::TAG,
            static function (array $tag) use ($values, $smil, &$place): string {
                ++$place;
                $animated = '';
                foreach ($values[$place] ?? [] as $name => $its) {
                    $animated .= in_array($name, self::FIXED, true) ? '' : $smil->attribute($name, $its);
                }
                if ($animated === '') {
                    return $tag[0];
                }

                return '<'.$tag[1].$tag[2].'>'.$animated.($tag[3] === '' ? '' : '</'.$tag[1].'>');
            },
            $still,
        );
    }
}
