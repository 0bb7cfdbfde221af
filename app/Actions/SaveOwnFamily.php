<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Decision;
use App\Models\OwnFamily;
use App\Models\User;
use App\Queries\ClinicCatalogue;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\OwnFamily as Own;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A clinic's own family is made, changed, taken out of use and taken back. */
final class SaveOwnFamily
{
    public function __construct(private readonly ClinicCatalogue $catalogues)
    {
    }

    /**
     * @param  array<string, mixed>  $data  as a file
     * @param  OwnFamily|null  $row  the one to change; null for a new one
     * @param  string  $at  the field of the form that a fault of the file is told at
     */
    public function run(User $by, array $data, ?string $reason, ?OwnFamily $row, int $version, string $at): OwnFamily
    {
        $data['code'] = $row->code ?? $this->code($by, $data);
        try {
            $own = Own::read($data, Catalogue::standard());
        } catch (CoreError $error) {
            throw Refusal::at($at, $error->getMessage());
        }
        $this->assertMayLower($by, $own, $reason);

        return DB::transaction(function () use ($by, $own, $reason, $row, $version): OwnFamily {
            $now = $row === null ? null : OwnFamily::query()->lockForUpdate()->findOrFail($row->id);
            if ($now !== null && $now->version !== $version) {
                throw Refusal::at(
                    'version', 'Somebody changed this exercise meanwhile. Reload it and change it again.',
                );
            }
            $values = ['data' => $own->data, 'reason' => $own->lowered === [] ? null : $reason, 'user_id' => $by->id];
            $saved = $now ?? new OwnFamily(['clinic_id' => $by->clinic_id, 'code' => $own->family->code]);
            $saved->fill([...$values, 'version' => ($now->version ?? 0) + 1])->save();
            $says = sprintf(
                '%s, a copy of %s, was %s.%s', $own->family->name,
                str_replace('_', ' ', (string) $own->family->copiedFrom),
                $now === null ? 'added' : 'changed',
                $own->lowered === [] ? '' : ' It asks less in: '.implode('; ', $own->lowered).'.',
            );
            Decision::record($by, $by->clinic, 'exercise.'.($now === null ? 'added' : 'changed'), $says, [
                'code' => $saved->code, 'version' => $saved->version,
            ], $own->lowered === [] ? null : $reason);
            $this->catalogues->forget($by->clinic_id);

            return $saved;
        });
    }

    public function retire(User $by, OwnFamily $row, bool $out): void
    {
        DB::transaction(function () use ($by, $row, $out): void {
            $row->update(['retired_at' => $out ? now() : null]);
            $name = is_string($row->data['name'] ?? null) ? $row->data['name'] : $row->code;
            Decision::record(
                $by, $by->clinic, $out ? 'exercise.retired' : 'exercise.returned',
                $name.($out ? ' is no longer offered; plans that hold it keep it.' : ' is offered again.'),
                ['code' => $row->code],
            );
            $this->catalogues->forget($by->clinic_id);
        });
    }

    private function assertMayLower(User $by, Own $own, ?string $reason): void
    {
        if ($own->lowered === []) {
            return;
        }
        $says = sprintf('This asks less than the exercise it is a copy of (%s).', implode('; ', $own->lowered));
        if (! $by->can('setFigures', $by->clinic)) {
            throw Refusal::at('reason', $says.' Only a lead may do that.');
        }
        if ($reason === null) {
            throw Refusal::at('reason', $says.' Say why that is safe.');
        }
    }

    /** @param  array<string, mixed>  $data */
    private function code(User $by, array $data): string
    {
        $name = is_string($data['name'] ?? null) ? $data['name'] : 'exercise';
        $base = Own::PREFIX.$by->clinic_id.'_'.Str::limit(Str::slug($name, '_', dictionary: []), 30, '');
        for ($n = 1; OwnFamily::query()->where('code', $code = $n === 1 ? $base : $base.'_'.$n)->exists(); $n++);

        return $code;
    }
}
