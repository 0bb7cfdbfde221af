<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Clinic;
use App\Models\Decision;
use App\Models\User;
use BuoyantStep\Core\Progress\Progression;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Units\MassUnit;
use Illuminate\Support\Facades\DB;

/** What a clinic's lead chooses for everyone who has no choice of their own. */
final class SetClinicDefault
{
    /** @param  string|null  $seen  what the page showed as chosen */
    public function school(Clinic $clinic, User $by, string $code, ?string $choice, ?string $seen): void
    {
        DB::transaction(static function () use ($clinic, $by, $code, $choice, $seen): void {
            $now = Clinic::query()->lockForUpdate()->findOrFail($clinic->id);
            if (($now->schools[$code] ?? null) !== $seen) {
                throw Refusal::at(
                    'choice',
                    'Somebody changed this choice meanwhile. The page shows it now; choose again if yours still holds.',
                );
            }
            $now->update(['schools' => array_filter([...($now->schools ?? []), $code => $choice])]);
            $clinic->refresh();
            $question = Progression::questions(SchoolBook::all())[$code];
            Decision::record(
                $by,
                $now,
                'school',
                sprintf(
                    '%s: %s.',
                    $question['ask'],
                    $choice === null ? 'default' : $question['choices'][$choice],
                ),
            );
        });
    }

    public function unit(Clinic $clinic, User $by, MassUnit $unit, MassUnit $seen): void
    {
        DB::transaction(static function () use ($clinic, $by, $unit, $seen): void {
            $now = Clinic::query()->lockForUpdate()->findOrFail($clinic->id);
            if ($now->mass_unit !== $seen) {
                throw Refusal::at('mass_unit', 'Somebody changed the unit meanwhile. The page shows it now.');
            }
            $now->update(['mass_unit' => $unit]);
            $clinic->refresh();
            Decision::record($by, $now, 'unit', sprintf('Masses are shown in %s.', $unit->value));
        });
    }

    /** A clinician has read what clients read in the clinic's language, or has to read it again. */
    public function wordsRead(Clinic $clinic, User $by, bool $read): void
    {
        DB::transaction(static function () use ($clinic, $by, $read): void {
            $now = Clinic::query()->lockForUpdate()->findOrFail($clinic->id);
            $others = array_values(array_diff($now->words_read ?? [], [$now->locale]));
            $now->update(['words_read' => $read ? [...$others, $now->locale] : $others]);
            $clinic->refresh();
            Decision::record($by, $now, 'clinic.words', sprintf(
                $read ? 'The words for clients were read, in "%s".' : 'The words for clients are to be read, in "%s".',
                $now->locale,
            ));
        });
    }

    /**
     * Who the clinic is, as it stands on what it hands out.
     *
     * @param  array<string, string|null>  $profile
     * @param  array<string, string|null>  $seen  what the page showed
     */
    public function profile(Clinic $clinic, User $by, array $profile, array $seen): void
    {
        DB::transaction(static function () use ($clinic, $by, $profile, $seen): void {
            $now = Clinic::query()->lockForUpdate()->findOrFail($clinic->id);
            foreach ($seen as $field => $value) {
                if (($now->getAttribute($field) ?? '') !== ($value ?? '')) {
                    throw Refusal::at('name', 'Somebody changed the profile meanwhile. The page shows it now.');
                }
            }
            $now->update($profile);
            $clinic->refresh();
            Decision::record($by, $now, 'clinic.profile', 'The clinic’s profile changed.', $profile);
        });
    }
}
