<?php

declare(strict_types=1);

namespace App\Models;

use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\MassUnit;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $timezone
 * @property array<string, string>|null $schools
 * @property MassUnit $mass_unit
 * @property string|null $address
 * @property string|null $phone
 * @property string|null $emergency_phone
 * @property string $locale  of what is printed for clients
 * @property-read Collection<int, ClinicFigure> $figures
 */
final class Clinic extends Model
{
    protected $guarded = [];

    protected $attributes = ['mass_unit' => 'kg', 'locale' => 'en'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['schools' => 'array', 'mass_unit' => MassUnit::class];
    }

    /** @return HasMany<ClinicFigure, $this> */
    public function figures(): HasMany
    {
        return $this->hasMany(ClinicFigure::class)->orderBy('id');
    }

    /** The clinic's own calendar day: times are stored in UTC, days belong to where the clinic is. */
    public function today(): Day
    {
        return Day::of(now($this->timezone)->format('Y-m-d'));
    }
}
