<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\KitBand;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Dose\Pulls;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\BandSetUp;
use BuoyantStep\Core\Plan\BandFit;
use BuoyantStep\Core\Plan\GoalFor;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Mass;

/** One band in one exercise for one client, with the target that the measures suggest when none is given. */
final class WorkOutBand
{
    /**
     * @param  'mean'|'end'  $at
     * @return array<string, mixed>
     *
     * @throws CoreError when the rung is unknown or uses no band, or nothing within the band's stretch meets the target
     */
    public function run(
        Situation $situation,
        Wishes $wishes,
        KitBand $row,
        string $familyAndRung,
        string $at,
        ?float $kgf,
    ): array {
        [$familyCode, $rungCode] = explode('/', $familyAndRung, 2) + ['', ''];
        $family = $situation->catalogue->family($familyCode);
        $here = $situation->at($family, $family->rung($rungCode));
        $band = BuildSituation::band($row);
        if (! $band->isMeasured()) {
            throw InvalidInput::at('/band', 'Pull it on a scale to one length at least; until then it goes by feel.');
        }
        if ($kgf === null) {
            $fit = BandFit::suggest($here, (new GoalFor($situation))->family($family, $wishes->aim), $band, $at);
            [$setUp, $force, $says] = [$fit->setUp, $fit->forceN, $fit->targetSays];
        } else {
            $force = $kgf * BandSetUp::KGF;
            [$setUp, $says] = [BandFit::setUp($here, $band, $at, $force), 'As typed.'];
        }

        return [
            ...$setUp->jsonSerialize(),
            'pull' => Mass::field(round($force / BandSetUp::KGF, 2) * 1000),
            'target_says' => $says,
            'out' => $here->isOut() ? $here->whyOut() : Pulls::keptFrom($here, $band)?->says,
            'figure' => $here->rung->figure->draw(),
        ];
    }
}
