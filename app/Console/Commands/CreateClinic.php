<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Clinic;
use DateTimeZone;
use Illuminate\Console\Command;

final class CreateClinic extends Command
{
    protected $signature = 'clinic:create {name : What the clinic is called} {--timezone=Europe/Brussels : Whose '
        .'calendar its days belong to}';

    protected $description = 'Add a clinic';

    public function handle(): int
    {
        $name = trim((string) $this->argument('name'));
        $zone = (string) $this->option('timezone');
        if ($name === '' || mb_strlen($name) > 120) {
            $this->error('A clinic needs a name of up to 120 letters.');

            return self::FAILURE;
        }
        if (! in_array($zone, DateTimeZone::listIdentifiers(), true)) {
            $this->error("There is no time zone \"$zone\"; write it like Europe/Brussels or America/Los_Angeles.");

            return self::FAILURE;
        }
        if (Clinic::query()->where('name', $name)->exists()) {
            $this->error("There is a clinic called \"$name\" already.");

            return self::FAILURE;
        }
        $clinic = Clinic::query()->create(['name' => $name, 'timezone' => $zone]);
        $this->line(
            sprintf(
                'Clinic %d, %s, in %s. Next: php artisan clinic:user %d "Their Name" their@address.example --role=lead',
                $clinic->id,
                $clinic->name,
                $clinic->timezone,
                $clinic->id,
            ),
        );

        return self::SUCCESS;
    }
}
