<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** The entrance and the exit of one thing on the stage. */
final readonly class FigureMoves
{
    public function __construct(public ?TimedMove $entrance, public ?TimedMove $exit)
    {
    }

    /** @return Track<Presence> */
    public function presence(): Track
    {
        $changes = [...$this->entrance?->changes() ?? [], ...$this->exit?->changes() ?? []];

        return Track::of($changes, function (int $frame): Presence {
            if ($this->exit !== null && $frame >= $this->exit->begin) {
                return Presence::closing(
                    $this->amountEntered($frame) * (1.0 - min(1.0, max(0.0, $this->exit->progressAt($frame)))),
                    $this->exit->opens,
                );
            }

            return $this->entrance === null
                ? Presence::full()
                : Presence::opening($this->amountEntered($frame), $this->entrance->opens);
        });
    }

    private function amountEntered(int $frame): float
    {
        return $this->entrance === null ? 1.0 : min(1.0, max(0.0, $this->entrance->progressAt($frame)));
    }
}
