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
 * @property list<string>|null $words_read  languages whose words for clients a clinician of this clinic has read
 * @property-read Collection<int, ClinicFigure> $figures
 */
final class Clinic extends Model
{
    /** The language that the words for clients were written and read in; every other is read by the clinic first. */
    private const WRITTEN_IN = 'en';

    protected $guarded = [];

    protected $attributes = ['mass_unit' => 'kg', 'locale' => 'en'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['schools' => 'array', 'mass_unit' => MassUnit::class, 'words_read' => 'array'];
    }

    /** @return HasMany<ClinicFigure, $this> */
    public function figures(): HasMany
    {
        return $this->hasMany(ClinicFigure::class)->orderBy('id');
    }

    /** Has a clinician read what clients read, in the language that they read it in? */
    public function hasReadWords(): bool
    {
        return $this->locale === self::WRITTEN_IN || in_array($this->locale, $this->words_read ?? [], true);
    }

    /** The clinic's own calendar day: times are stored in UTC, days belong to where the clinic is. */
    public function today(): Day
    {
        return Day::of(now($this->timezone)->format('Y-m-d'));
    }
}
