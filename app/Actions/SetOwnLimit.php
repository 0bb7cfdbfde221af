<?php

declare(strict_types=1);

namespace App\Actions;

use App\Editing\MassFields;
use App\Models\Client;
use App\Models\Decision;
use App\Models\OwnLimit;
use App\Models\User;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\OwnLimits;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Support\Facades\DB;

/**
 * A letter's restriction, or a clinician's own limit, for one client; ended by hand and with a reason, never by a
 * date.
 */
final class SetOwnLimit
{
    public function __construct(private readonly BuildSituation $build)
    {
    }

    /** @param  array<string, mixed>  $limit  the columns of the table, checked for their shape */
    public function set(Client $client, User $by, array $limit): void
    {
        DB::transaction(function () use ($client, $by, $limit): void {
            SaveScreen::next($client, $client->screen_version);
            $client->save();
            $this->add($client, $by, $limit, 'value');
        });
    }

    /**
     * Within a change of the screen that has already locked the client.
     *
     * @param  array<string, mixed>  $limit  the columns of the table, checked for their shape
     * @param  string  $at  the field of the form that an impossible value is told at
     */
    public function add(Client $client, User $by, array $limit, string $at): void
    {
        if ($limit['field'] === Field::LiftMaxG->value) {
            $limit['value'] = (string) Mass::typed(MassFields::kilograms($limit['value']))?->grams;
        }
        $row = $client->ownLimits()->create([...$limit, 'user_id' => $by->id]);
        $client->load('ownLimits');
        try {
            OwnLimits::of(Profile::read(new Bag($this->build->openForm($client), '/client')));
        } catch (CoreError $e) {
            throw Refusal::at($at, $e->getMessage());
        }
        Decision::record(
            $by, $client, 'limit.set', self::say($row).': set by '.$row->set_by.'.', $row->openForm(), $row->why,
        );
    }

    public function end(Client $client, User $by, int $id, string $reason): void
    {
        DB::transaction(static function () use ($client, $by, $id, $reason): void {
            SaveScreen::next($client, $client->screen_version);
            $client->save();
            $row = $client->ownLimits()->lockForUpdate()->findOrFail($id);
            $row->update(['ended_at' => now()]);
            Decision::record($by, $client, 'limit.ended', self::say($row).': ended.', $row->openForm(), $reason);
        });
    }

    private static function say(OwnLimit $row): string
    {
        return Field::from($row->field)->label();
    }
}
