<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Models\Plan;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Mass;

/**
 * The loads that a home makes near the one of the plan, each with its recipe: what may have been in the bag instead.
 */
final class LoadsNear
{
    /** So many on either side. */
    private const NEAR = 3;

    public function __construct(private readonly Catalogue $catalogue, private readonly Kept $kept)
    {
    }

    /** @return array<int, list<array{string, string}>> by exercise of the plan: as it is typed, and in words */
    public function of(?Plan $plan, Client $client, Situation $situation): array
    {
        if ($plan === null) {
            return [];
        }
        $kept = $this->kept->of('loads', $client, [$plan, $plan->items], fn (): array => [
            'near' => $this->near($plan, $situation),
        ]);
        $loads = [];
        foreach ((array) $kept['near'] as $id => $near) {
            $loads[(int) $id] = array_values(array_filter((array) $near, is_array(...)));
        }

        /** @var array<int, list<array{string, string}>> $loads */
        return $loads;
    }

    /** @return array<int, list<array{string, string}>> */
    private function near(Plan $plan, Situation $situation): array
    {
        $loads = [];
        foreach ($plan->items as $item) {
            $dose = PlanItemRow::dose($item);
            $family = $this->catalogue->family($item->family);
            $ladder = $dose->loadG === null || $dose->isApart()
                ? null
                : $situation->at($family, $family->rung($item->rung))->ladder();
            $grams = $ladder?->grams() ?? [];
            $below = array_filter($grams, static fn (int $g): bool => $g < (int) $dose->loadG);
            $above = array_filter($grams, static fn (int $g): bool => $g >= (int) $dose->loadG);
            foreach ([...array_slice($below, -self::NEAR), ...array_slice($above, 0, self::NEAR + 1)] as $load) {
                $recipe = $ladder?->at($load)?->recipe($situation->kit);
                if ($recipe !== null) {
                    $loads[$item->id][] = [Mass::field($load), Mass::say($load).': '.$recipe];
                }
            }
        }

        return $loads;
    }
}
