<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\User;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Limits\Always\BalanceMeasures;
use BuoyantStep\Core\Limits\Conditions\FallsRiskHigh;
use BuoyantStep\Core\Situation\Situation;
use Illuminate\Support\Facades\DB;

/**
 * The answer to what the balance tests or a fall ask: does high falls risk belong on the screen? A no needs a reason,
 * and is asked again when something new is found.
 */
final class AnswerFallsRisk
{
    public function __construct(private readonly BuildSituation $build)
    {
    }

    /** @return list<string> what was found and is not answered yet */
    public static function asked(Client $client, Situation $situation): array
    {
        $found = BalanceMeasures::ask($situation->facts());

        return implode(', ', $found) === $client->falls_answered ? [] : $found;
    }

    public function yes(Client $client, User $by): void
    {
        $this->answer($client, static function (string $found) use ($client, $by): void {
            $client->conditions()->updateOrCreate(
                ['code' => FallsRiskHigh::CODE], ['until' => null, 'details' => []],
            );
            Decision::record($by, $client, 'falls.added', "High falls risk added: $found.", []);
        });
    }

    public function no(Client $client, User $by, string $reason): void
    {
        $this->answer($client, static function (string $found) use ($client, $by, $reason): void {
            $client->falls_answered = $found;
            Decision::record($by, $client, 'falls.dismissed', "High falls risk not added: $found.", [], $reason);
        });
    }

    /** @param  callable(string): void  $keep */
    private function answer(Client $client, callable $keep): void
    {
        DB::transaction(function () use ($client, $keep): void {
            SaveScreen::next($client, $client->screen_version);
            $found = self::asked($client, $this->build->of($client));
            if ($found === []) {
                throw Refusal::at('answer', 'Nothing asks for this any more.');
            }
            $keep(implode(', ', $found));
            $client->save();
        });
    }
}
