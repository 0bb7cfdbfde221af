<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\RenewNeeds;
use App\Models\Clinic;
use App\Models\Standing;
use Illuminate\Console\Command;

/** For the hour after midnight of each clinic: a day that has passed changes what clients need. */
final class RenewNeedsCommand extends Command
{
    protected $signature = 'needs:renew';

    protected $description = 'Work out what each client needs today, so that the first look of the day finds it done';

    public function handle(RenewNeeds $renew): int
    {
        foreach (Clinic::query()->orderBy('id')->get() as $clinic) {
            $bar = $this->output->createProgressBar(Standing::query()->where('clinic_id', $clinic->id)->count());
            do {
                $left = $renew->some($clinic);
                $bar->setProgress($bar->getMaxSteps() - $left);
            } while ($left > 0);
            $bar->finish();
            $this->line(' '.$clinic->name);
        }

        return self::SUCCESS;
    }
}
