<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Settings\Declared;

/**
 * How figures become shapes: a pure function of a moment.
 *
 * A form knows no time, no colours and no words. It is given its settings and how every figure stands at one moment,
 * and answers with a layout. Everything else, words, finish, seams, proof and hit testing, uses the layout alone.
 */
interface Form
{
    /** Its name in documents, such as `donut`. */
    public function name(): string;

    /** What its figures have to be. */
    public function needs(FormSettings $settings): Needs;

    /** @return list<Declared> in the order in which the desk shows them */
    public function settings(): array;

    /** What the picture promises, in a sentence, and what it does not. */
    public function promise(): string;

    /** The words that it looks right with at once. */
    public function defaults(): FormDefaults;

    /**
     * The settings of a new chart that fills a room, beside the usual ones.
     *
     * @param int $count figures
     *
     * @return array<string, float|string>
     */
    public function fitted(float $width, float $height, int $count): array;

    /** How several series of one row stand to each other: none (it shows one alone), side, stacked or full. */
    public function stacking(FormSettings $settings): string;

    /** Whether the marks of a series are drawn as one, in the colour of the series. */
    public function isJoined(): bool;

    /** What its amounts are drawn against; nothing for parts of a whole. */
    public function scale(FormSettings $settings, Figures $figures): Scale;

    /**
     * Where its numbers are taken hold of on the stage.
     *
     * @param Point $place the middle of the chart
     * @param int $count figures that stand side by side
     *
     * @return list<Handle>
     */
    public function handles(FormSettings $settings, Point $place, int $count): array;

    /** @param Point $place the middle of the chart */
    public function layout(FormSettings $settings, Point $place, Moment $moment): Layout;
}
