<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

/**
 * The common kinds of colour vision, and how colours look to them.
 *
 * Source: Machado, Oliveira and Fernandes, “A physiologically-based model for simulation of color vision deficiency”,
 * 2009; matrices for full severity, for linear light.
 */
enum ColourVision: string
{
    case Usual = 'usual';
    case Protan = 'protan';
    case Deutan = 'deutan';
    case Tritan = 'tritan';

    /** @return list<array{float, float, float}> rows of the matrix */
    public function matrix(): array
    {
        return match ($this) {
            self::Usual => [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]],
            self::Protan => [
                [0.152286, 1.052583, -0.204868],
                [0.114503, 0.786281, 0.099216],
                [-0.003882, -0.048116, 1.051998],
            ],
            self::Deutan => [
                [0.367322, 0.860646, -0.227968],
                [0.280085, 0.672501, 0.047413],
                [-0.011820, 0.042940, 0.968881],
            ],
            self::Tritan => [
                [1.255528, -0.076749, -0.178779],
                [-0.078411, 0.930809, 0.147602],
                [0.004733, 0.691367, 0.303900],
            ],
        };
    }

    /** What it is called where the stage can be seen with it. */
    public function label(): string
    {
        return match ($this) {
            self::Usual => 'All colours',
            self::Protan => 'Reduced red vision',
            self::Deutan => 'Reduced green vision',
            self::Tritan => 'Reduced blue vision',
        };
    }

    /** What those are called who have it, in a sentence. */
    public function people(): string
    {
        return match ($this) {
            self::Usual => 'everybody',
            self::Protan => 'people with reduced red vision',
            self::Deutan => 'people with reduced green vision',
            self::Tritan => 'people with reduced blue vision',
        };
    }
}
