<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Clinic;

/** Commands that are about one clinic, named by its number or its name. */
trait FindsClinic
{
    private function clinic(): ?Clinic
    {
        $given = trim((string) $this->argument('clinic'));
        $clinic = ctype_digit($given)
            ? Clinic::query()->find((int) $given)
            : Clinic::query()->where('name', $given)->first();
        if ($clinic === null) {
            $known = Clinic::query()->orderBy('id')->get()->map(
                static fn (Clinic $c): string => "$c->id $c->name",
            )->implode(', ');
            $this->error(
                "There is no clinic \"$given\". ".(
                    $known === ''
                        ? 'Add one: php artisan clinic:create "Its Name"'
                        : "Known: $known."
                ),
            );
        }

        return $clinic;
    }
}
