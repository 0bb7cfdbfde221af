<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\Decision;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use RuntimeException;

/**
 * A page sent a change that was made on an older state of the record than the one that is stored. Nothing was
 * changed.
 */
final class StaleRecord extends RuntimeException
{
    private function __construct(public readonly string $by, public readonly ?string $at)
    {
        parent::__construct('The record was changed meanwhile.');
    }

    /**
     * With who changed it last, as far as the record of decisions tells.
     *
     * @param  list<string>  $kinds  kinds of decision that change this record
     */
    public static function of(int $clinicId, ?int $clientId, array $kinds): self
    {
        $last = Decision::query()->where('clinic_id', $clinicId)->where('client_id', $clientId)
            ->where(static function (Builder $q) use ($kinds): void {
                foreach ($kinds as $kind) {
                    $q->orWhere('kind', 'like', $kind.'%');
                }
            })->latest('id')->first();
        $by = $last === null ? null : User::query()->whereKey($last->user_id)->value('name');
        if ($last !== null && $last->user_id === auth()->id()) {
            $by = 'You, in another window,';
        }

        return new self(is_string($by) ? $by : 'Somebody', $last?->made_at);
    }
}
