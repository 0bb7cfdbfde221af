<?php

declare(strict_types=1);

use App\Console\Commands\RenewNeedsCommand;
use Illuminate\Support\Facades\Schedule;

// Clinics lie in different zones: whichever hour midnight falls on, the first look of the day finds it done.
Schedule::command(RenewNeedsCommand::class)->hourly()->withoutOverlapping();
