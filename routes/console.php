<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('lupine:tidy')->hourly()->withoutOverlapping(30);
