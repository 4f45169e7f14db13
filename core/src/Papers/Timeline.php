<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Story\ChartTiming;

/**
 * A film and the marks in it as an editing timeline: one clip, with a marker for each line and word and for what comes,
 * changes and goes.
 *
 * Source: OpenTimelineIO, serialized schemas Timeline.1, Stack.1, Track.1, Clip.2, ExternalReference.1, Marker.2,
 * TimeRange.1 and RationalTime.1 (the Academy Software Foundation's documentation, “File Format Specification”; from
 * memory).
 */
final readonly class Timeline
{
    private const COLOURS = [
        'line' => 'CYAN', 'word' => 'WHITE', 'comes' => 'GREEN', 'changes' => 'YELLOW', 'goes' => 'RED',
    ];

    /**
     * @param array<string, ChartTiming> $timings by chart id
     * @param FrameRange $range of the film
     * @param string $film the name of the film's file, which the clip refers to
     *
     * @return array<string, mixed> to be written as JSON, whole numbers of time with a fraction
     */
    public static function of(Piece $piece, array $timings, FrameRange $range, string $film): array
    {
        $rate = FrameRate::ofStage($piece->stage)->perSecond();
        $time = static fn (int $frame): array => [
            'OTIO_SCHEMA' => 'RationalTime.1',
            'rate' => $rate,
            'value' => (float) $frame,
        ];
        $span = static fn (int $begin, int $frames): array => [
            'OTIO_SCHEMA' => 'TimeRange.1',
            'start_time' => $time($begin),
            'duration' => $time($frames),
        ];
        $markers = [];
        foreach (Markers::of($piece, $timings)->rows as [$kind, $name, , , $first, $frames, , $chart]) {
            // Those that begin in the film, counted as its own frames are.
            if ((int) $first >= $range->from && (int) $first <= $range->to) {
                $markers[] = [
                    'OTIO_SCHEMA' => 'Marker.2',
                    'name' => (string) $name,
                    'color' => self::COLOURS[(string) $kind] ?? 'WHITE',
                    'comment' => trim($kind.($chart === '' ? '' : ', '.$chart)),
                    'marked_range' => $span((int) $first, (int) $frames),
                    'metadata' => (object) [],
                ];
            }
        }
        $whole = $span($range->from, $range->count());

        return [
            'OTIO_SCHEMA' => 'Timeline.1',
            'name' => $piece->title,
            'global_start_time' => $time($range->from),
            'metadata' => (object) [],
            'tracks' => [
                'OTIO_SCHEMA' => 'Stack.1',
                'name' => 'tracks',
                'source_range' => null,
                'effects' => [],
                'markers' => [],
                'enabled' => true,
                'metadata' => (object) [],
                'children' => [[
                    'OTIO_SCHEMA' => 'Track.1',
                    'name' => 'picture',
                    'kind' => 'Video',
                    'source_range' => null,
                    'effects' => [],
                    'markers' => [],
                    'enabled' => true,
                    'metadata' => (object) [],
                    'children' => [[
                        'OTIO_SCHEMA' => 'Clip.2',
                        'name' => $piece->title,
                        'source_range' => $whole,
                        'effects' => [],
                        'markers' => $markers,
                        'enabled' => true,
                        'metadata' => (object) [],
                        'active_media_reference_key' => 'DEFAULT_MEDIA',
                        'media_references' => ['DEFAULT_MEDIA' => [
                            'OTIO_SCHEMA' => 'ExternalReference.1',
                            'name' => $film,
                            'available_range' => $whole,
                            'available_image_bounds' => null,
                            'target_url' => $film,
                            'metadata' => (object) [],
                        ]],
                    ]],
                ]],
            ],
        ];
    }
}
