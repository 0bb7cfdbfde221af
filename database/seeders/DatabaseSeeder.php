<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Clinic;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/** Fills an empty database with the demo once; a database that has a clinic is left alone. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        if (Clinic::query()->doesntExist()) {
            // All of the demo or none of it: a half-told scenario would look like a fault of the application.
            DB::transaction(fn () => $this->call([
                Demo\TidewaterRow::class, Demo\HarbourSteps::class, Demo\TwelveWeeks::class,
            ]));
        }
    }
}
