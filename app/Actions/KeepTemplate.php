<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\PlanTemplate;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** The exercises of the plan at hand as a template of the clinic. Nothing of the client goes along. */
final class KeepTemplate
{
    /** More than these nobody looks through. */
    private const MOST = 40;

    public function run(Client $client, User $by, string $name): PlanTemplate
    {
        return DB::transaction(static function () use ($client, $by, $name): PlanTemplate {
            $there = PlanTemplate::query()->where('clinic_id', $client->clinic_id)->lockForUpdate()->get();
            $names = $there->map(static fn (PlanTemplate $t): string => mb_strtolower($t->name))->all();
            if (in_array(mb_strtolower($name), $names, true)) {
                throw Refusal::at('name', sprintf('There is a template "%s" already; choose another name.', $name));
            }
            if ($there->count() >= self::MOST) {
                throw Refusal::at('name', sprintf('A clinic keeps %d templates; throw one away first.', self::MOST));
            }
            $plan = $client->plans()->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items')
                ->orderByRaw('status = ? desc', [Plan::DRAFT])->firstOrFail();
            $template = PlanTemplate::query()->create([
                'clinic_id' => $client->clinic_id, 'user_id' => $by->id, 'name' => $name,
                'exercises' => array_values($plan->items->map(
                    static fn (PlanItem $i): string => $i->family.'/'.$i->rung,
                )->all()),
            ]);
            Decision::record($by, $client->clinic, 'template.kept', sprintf('Template "%s" kept.', $name));

            return $template;
        });
    }

    public function discard(User $by, int $id): void
    {
        DB::transaction(static function () use ($by, $id): void {
            $template = PlanTemplate::query()->where('clinic_id', $by->clinic_id)->lockForUpdate()->findOrFail($id);
            $template->delete();
            $says = sprintf('Template "%s" thrown away.', $template->name);
            Decision::record($by, $by->clinic, 'template.discarded', $says);
        });
    }
}
