<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\PlanItem;
use App\Models\User;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Support\Facades\DB;

/** Changes to a draft, one exercise at a time; every change is held against the limits before it is kept. */
final class EditPlan
{
    public function __construct(private readonly BuildSituation $build, private readonly Catalogue $catalogue, private readonly DraftPlan $drafts, private readonly PlanFit $fit)
    {
    }

    public function swapRung(Client $client, User $by, int $itemId, string $rung, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, function (PlanItem $item, Situation $situation, Wishes $wishes) use ($rung): array {
            $family = $this->catalogue->family($item->family);
            [$new, $why] = (new Drafter($situation))->item($family, $family->rung($rung), $wishes);
            if ($new === null) {
                throw Refusal::at('rung', $why);
            }

            return PlanItemRow::from($new);
        });
    }

    public function setDose(Client $client, User $by, int $itemId, Dose $dose, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, function (PlanItem $item, Situation $situation) use ($dose): array {
            $family = $this->catalogue->family($item->family);
            $rung = $family->rung($item->rung);
            $dose = self::asMeant($situation, $rung, $dose);
            self::assertAllowed($situation, $item->family, $rung, PlanItemRow::goal($item), $dose);
            $recipe = (new Drafter($situation))->recipe($family, $rung, PlanItemRow::goal($item), $dose);

            return [
                'dose' => $dose->jsonSerialize(), 'recipe' => $recipe,
                'because' => [...$item->because, ['from' => 'rule', 'rule' => 'clinician', 'says' => 'Set by the clinician: '.$dose->amountLabel().($dose->loadG === null ? '' : ', '.Mass::say($dose->loadG)).'.', 'source' => '']],
            ];
        });
    }

    /** The same exercise as the limits, the kit and the measures of today have it: its dose is kept where it still may be. */
    public function bringUpToDate(Client $client, User $by, int $itemId, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, function (PlanItem $item, Situation $situation, Wishes $wishes): array {
            $family = $this->catalogue->family($item->family);
            $rung = $family->rung($item->rung);
            [$new, $why] = (new Drafter($situation))->item($family, $rung, $wishes);
            if ($new === null) {
                throw Refusal::at('rung', $why);
            }

            return $this->fit->renewed($item, $new, $situation);
        });
    }

    public function remove(Client $client, User $by, int $itemId, int $revision): void
    {
        DB::transaction(function () use ($client, $by, $itemId, $revision): void {
            $item = $this->onDesk($client, $by, $itemId, $revision);
            $item->delete();
        });
    }

    public function add(Client $client, User $by, string $familyCode, int $revision): void
    {
        $situation = $this->build->of($client);
        $wishes = $this->build->wishes($client);
        $family = $this->catalogue->family($familyCode);
        $drafter = new Drafter($situation);
        $why = '';
        foreach (array_reverse($family->rungs) as $rung) {
            if ($drafter->notYet($rung) !== null) {
                continue;
            }
            [$item, $why] = $drafter->item($family, $rung, $wishes);
            if ($item !== null) {
                DB::transaction(function () use ($client, $by, $item, $revision): void {
                    $plan = $this->drafts->deskAt($client, $by, $revision);
                    $position = $plan->items()->max('position');
                    $plan->items()->updateOrCreate(['family' => $item->family->code], ['position' => (is_numeric($position) ? (int) $position : 0) + 1, ...PlanItemRow::from($item)]);
                });

                return;
            }
        }

        throw Refusal::at('family', $why === '' ? 'No rung of this family is open yet: measure first.' : $why);
    }

    /** A load typed as the page showed it, to ten grams or in pounds, is the one that the kit makes. */
    public static function asMeant(Situation $situation, Rung $rung, Dose $dose): Dose
    {
        $made = $dose->loadG === null || $rung->holding === null ? null : $situation->ladder($rung)?->alike($dose->loadG);

        return $made === null ? $dose : $dose->with(loadG: $made->loadG);
    }

    /** Held against envelope and kit; the refusal names the field and a value that works. */
    public static function assertAllowed(Situation $situation, string $family, Rung $rung, Goal $goal, Dose $dose): void
    {
        $oneRepMax = $situation->measures->oneRepMax($family);
        if ($rung->holding !== null) {
            $ladder = $situation->ladder($rung);
            if ($dose->loadG === null) {
                throw Refusal::at('load', 'This exercise takes a load; choose one that the kit can make.');
            }
            if ($ladder === null || $ladder->at($dose->loadG) === null) {
                $near = array_filter([$ladder?->below($dose->loadG)?->loadG, $ladder?->above($dose->loadG)?->loadG]);
                throw Refusal::at('load', sprintf('%s cannot be made here.%s', Mass::say($dose->loadG), $near === [] ? '' : ' Nearest: '.implode(' or ', array_map(Mass::say(...), $near)).'.'));
            }
        } elseif ($dose->loadG !== null) {
            throw Refusal::at('load', 'This exercise takes no load; leave it empty.');
        }
        foreach ($situation->prescriber->breaches($rung, $goal, $dose, $oneRepMax, $situation->workingSide($rung)) as $limit) {
            $field = match ($limit->field->value) {
                'effort_max' => 'effort_hi',
                'rest_min_s' => 'rest_s',
                'reps_min' => 'amount_lo',
                'reps_max', 'hold_max_s' => 'amount_hi',
                default => 'load',
            };
            throw Refusal::at($field, 'Outside the limits: '.$limit->says);
        }
    }

    /** @param  callable(PlanItem, Situation, Wishes): array<string, mixed>  $to */
    private function change(Client $client, User $by, int $itemId, int $revision, callable $to): void
    {
        $situation = $this->build->of($client);
        $wishes = $this->build->wishes($client);
        DB::transaction(function () use ($client, $by, $itemId, $revision, $to, $situation, $wishes): void {
            $item = $this->onDesk($client, $by, $itemId, $revision);
            $item->update($to($item, $situation, $wishes));
        });
    }

    private function onDesk(Client $client, User $by, int $itemId, int $revision): PlanItem
    {
        $asked = PlanItem::query()->whereKey($itemId)->whereHas('plan', static fn ($q) => $q->where('client_id', $client->id))->firstOrFail();
        $plan = $this->drafts->deskAt($client, $by, $revision);

        return $plan->items()->where('family', $asked->family)->firstOrFail();
    }
}
