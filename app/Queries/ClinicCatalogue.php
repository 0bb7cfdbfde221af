<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\OwnFamily;
use BuoyantStep\Core\Exercises\Catalogue;
use Illuminate\Support\Facades\Cache;

/** The catalogue as a clinic has it: with its own families. Kept in the cache until one of them changes. */
final class ClinicCatalogue
{
    /** @var array<int, Catalogue> */
    private array $read = [];

    /** @var array<int, string> */
    private array $marks = [];

    /** @param  int|null  $clinicId  null where nobody is signed in: then with those of all, to be looked up by code */
    public function of(?int $clinicId): Catalogue
    {
        return $this->read[$clinicId ?? 0] ??= $this->with($clinicId);
    }

    /** The same as long as no exercise of the clinic's own changes. */
    public function mark(int $clinicId): string
    {
        $this->of($clinicId);

        return $this->marks[$clinicId];
    }

    public function forget(int $clinicId): void
    {
        foreach ([$clinicId, 0] as $id) {
            unset($this->read[$id], $this->marks[$id]);
            Cache::forget(self::key($id));
        }
    }

    private function with(?int $clinicId): Catalogue
    {
        /** @var array{own: array<string, array<string, mixed>>, retired: list<string>} $kept */
        $kept = Cache::rememberForever(self::key($clinicId ?? 0), static function () use ($clinicId): array {
            $rows = OwnFamily::query()->when($clinicId !== null, static fn ($q) => $q->where('clinic_id', $clinicId))
                ->orderBy('id')->get();

            return [
                'own' => $rows->mapWithKeys(static fn (OwnFamily $f): array => [$f->code => $f->data])->all(),
                'retired' => $rows->whereNotNull('retired_at')->pluck('code')->values()->all(),
            ];
        });

        $this->marks[$clinicId ?? 0] = hash('xxh128', serialize($kept));

        return Catalogue::standard()->with($kept['own'], $kept['retired']);
    }

    private static function key(int $clinicId): string
    {
        return 'own.families.'.$clinicId;
    }
}
