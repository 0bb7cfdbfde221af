<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\ClientCondition;
use App\Models\Decision;
use App\Models\User;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Client\BirthSymptom;
use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Units\Day;
use Illuminate\Support\Facades\DB;

/** A clinician's word that a limit may loosen now that its date has come. Nothing loosens without it. */
final class ConfirmLoosening
{
    public function __construct(private readonly BuildSituation $build, private readonly RuleBook $rules)
    {
    }

    public function run(Client $client, User $by, string $rule, string $reason): void
    {
        $situation = $this->build->of($client);
        $waiting = $this->rules->waiting($situation->facts());
        $due = array_values(array_filter($waiting, static fn (Crossing $c): bool => $c->rule === $rule));
        if ($due === []) {
            throw Refusal::at('rule', 'Nothing here waits for a confirmation.');
        }
        DB::transaction(function () use ($client, $by, $rule, $reason, $due, $situation): void {
            // On the screen that was asked about: of two confirmations at once, the second is told.
            SaveScreen::next($client, $client->screen_version);
            $client->save();
            if ($rule === 'postpartum') {
                $this->screenedAfterBirth($client);
            }
            $opened = false;
            foreach ($client->conditions->where('code', $rule) as $condition) {
                $opened = $this->open($condition, $situation->on) || $opened;
            }
            // "New to training" is what fires the older adult's first block when the box was never ticked.
            if (! $opened && $rule === 'older_adult_new' && $client->training_level === 'new') {
                $client->update(['training_level' => 'returning']);
            }
            Decision::record($by, $client, 'limit.loosened', $due[0]->says, ['rule' => $rule], $reason);
        });
    }

    /**
     * Marks what the word is for: the end of the condition, its dated opening, or its first block. True for the first
     * two.
     */
    private function open(ClientCondition $condition, Day $on): bool
    {
        $opening = $this->rules->opening($condition->code);
        $ended = $condition->until !== null && $condition->until < (string) $on;
        $dated = $opening !== null
            && $condition->since !== null
            && ! Day::of($condition->since)->plus($opening->days)->isAfter($on);
        $detail = match (true) {
            $ended => Condition::END_CONFIRMED,
            $dated => $opening->opensBy,
            default => Condition::FIRST_BLOCK_DONE,
        };
        $condition->update([
            'details' => array_values(array_unique([...$condition->details, $detail])),
            // A whole condition that ends by word and had no end date ended yesterday.
            'until' => $condition->until ?? ($detail === Condition::END_CONFIRMED ? (string) $on->plus(-1) : null),
        ]);

        return $ended || $dated;
    }

    private function screenedAfterBirth(Client $client): void
    {
        $symptoms = array_values(array_diff($client->birth_symptoms ?? [], [BirthSymptom::SymptomFreeScreen->value]));
        if ($symptoms !== []) {
            throw Refusal::at(
                'rule',
                sprintf(
                    'Recorded as symptoms: %s. When they are gone, take them out on Screen first.',
                    str_replace('_', ' ', implode(', ', $symptoms)),
                ),
            );
        }
        $client->update(['birth_symptoms' => [BirthSymptom::SymptomFreeScreen->value]]);
    }
}
