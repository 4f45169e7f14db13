<?php

declare(strict_types=1);

namespace App\Voice;

use App\Film\StopSignals;
use App\Models\Listening;
use App\Models\WorkStatus;

/** How far a listening is, written down now and then; and whether it is still wanted. */
final class Course
{
    private float $written = 0.0;

    private string $doing = '';

    private float $from = 0.0;

    private float $to = 1.0;

    public function __construct(private readonly ?Listening $listening, private readonly ?StopSignals $signals)
    {
    }

    /** That nobody follows, and that is not stopped by itself. */
    public static function unseen(): self
    {
        return new self(null, null);
    }

    /** What is being done from now on, and which part of the whole that is. */
    public function begin(string $doing, float $from, float $to): void
    {
        $this->doing = $doing;
        $this->from = $from;
        $this->to = $to;
        $this->written = 0.0;
        $this->at(0.0);
    }

    /**
     * @param float $part of what is being done, 0 to 1
     *
     * @throws Cancelled
     */
    public function at(float $part): void
    {
        if ($this->signals?->haveCome() === true) {
            throw new Cancelled();
        }
        if ($this->listening === null || microtime(true) - $this->written < 0.25) {
            return;
        }
        $this->written = microtime(true);
        Listening::query()
            ->whereKey($this->listening->id)
            ->update([
                'part' => $this->from + ($this->to - $this->from) * max(0.0, min(1.0, $part)),
                'doing' => $this->doing,
                'heard_at' => now(),
            ]);
        if (Listening::query()->whereKey($this->listening->id)->value('status') !== WorkStatus::Running) {
            throw new Cancelled();
        }
    }
}
