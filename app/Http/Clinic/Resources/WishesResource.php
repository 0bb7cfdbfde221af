<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Actions\DraftPlan;
use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\PlanTemplate;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Plan\Exclusions;
use BuoyantStep\Core\Plan\Needs\DailyGoals;
use BuoyantStep\Core\Plan\Pin;
use BuoyantStep\Core\Plan\Preferences;
use BuoyantStep\Core\Vocabulary\Position;

/** What a draft goes by, and what may be chosen for it. */
final class WishesResource
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return array<string, mixed> */
    public function of(?Plan $plan, Client $client, Preferences $prefers): array
    {
        $isChosen = array_key_exists('goals', $client->wishes ?? []);

        return [
            'goals' => array_map(static fn (Purpose $p): string => $p->value, $prefers->goals),
            // Where nobody chose them, they are what the screen's own words speak of.
            'from_words' => $isChosen ? null : ($client->wants ?? ''),
            'pin' => array_map($this->pin(...), $prefers->pins),
            'exclude' => $this->excluded($prefers->exclusions),
            'max_exercises' => $prefers->mostItems === null ? '' : (string) $prefers->mostItems,
            'done' => array_map(
                fn (PlanItem $i): string => $this->catalogue->family($i->family)->rung($i->rung)->name,
                $plan === null ? [] : DraftPlan::doneOf($plan, $client),
            ),
            'templates' => $this->templates($client),
            'offers' => [
                'goals' => array_map(
                    static fn (Purpose $p): array => [$p->value, ucfirst($p->label())], DailyGoals::all(),
                ),
                'exclude' => [
                    ...array_map(self::position(...), Exclusions::POSITIONS),
                    ...array_map(self::pattern(...), Pattern::cases()),
                ],
            ],
        ];
    }

    /**
     * What the clinic starts plans from.
     *
     * @return list<array{id: int, name: string, pin: list<array{string, string}>}>
     */
    private function templates(Client $client): array
    {
        $all = PlanTemplate::query()->where('clinic_id', $client->clinic_id)->orderBy('name')->get();

        return array_values($all->map(fn (PlanTemplate $t): array => [
            'id' => $t->id, 'name' => $t->name, 'pin' => array_values(array_map(
                fn (string $code): array => $this->pin(Pin::read($code, $this->catalogue)),
                array_filter($t->exercises, fn (string $c): bool => $this->catalogue->has(explode('/', $c)[0])),
            )),
        ])->all());
    }

    /** @return array{string, string} */
    private function pin(Pin $pin): array
    {
        $family = $this->catalogue->family($pin->family);

        return [$pin->code(), $pin->rung === null ? $family->name : $family->rung($pin->rung)->name];
    }

    /** @return list<array{string, string}> */
    private function excluded(Exclusions $exclusions): array
    {
        return [
            ...array_map(fn (string $f): array => [$f, $this->catalogue->family($f)->name], $exclusions->families),
            ...array_map(self::pattern(...), $exclusions->patterns),
            ...array_map(self::position(...), $exclusions->positions),
        ];
    }

    /** @return array{string, string} */
    private static function pattern(Pattern $pattern): array
    {
        return ['pattern:'.$pattern->value, 'Any '.$pattern->label()];
    }

    /** @return array{string, string} */
    private static function position(Position $position): array
    {
        return ['position:'.$position->value, ucfirst($position->label())];
    }
}
