<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Actions\AcceptSteps;
use App\Actions\CheckGate;
use App\Actions\DecideProposal;
use App\Actions\IssuePlan;
use App\Actions\LogSession;
use App\Actions\RecordMeasures;
use App\Actions\SetOwnLimit;
use App\Actions\StopSigns;
use App\Models\Client;
use App\Models\LogSource;
use App\Models\Message;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Models\User;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Forecast\SimulatedClient;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Twelve weeks of LongCourses, session by session, by made-up bodies that do what the plan says as well as they can:
 * seeded, so that the demo is the same each time but for its dates.
 *
 * @phpstan-import-type Week from LongCourses
 */
final class TwelveWeeks extends Seeder
{
    private const RETEST_WEEKS = [4, 8];

    public function __construct(
        private readonly Teller $teller,
        private readonly LogSession $log,
        private readonly AcceptSteps $steps,
        private readonly DecideProposal $decide,
        private readonly IssuePlan $issue,
        private readonly CheckGate $gate,
        private readonly RecordMeasures $measures,
        private readonly StopSigns $stops,
        private readonly SetOwnLimit $limit,
        private readonly BuildSituation $build,
        private readonly Catalogue $catalogue,
    ) {
    }

    public function run(): void
    {
        $now = Date::getTestNow();
        $by = User::query()->where('email', DemoAccounts::CLINICIAN)->firstOrFail()->load('clinic');
        $clients = [];
        foreach (LongCourses::all() as $told) {
            $client = $this->teller->begin($told['client'], $by);
            $luck = new Randomizer(new Mt19937($told['seed']));
            $body = new SimulatedClient(
                $this->build->of($this->teller->fresh($client))->client, $luck, $told['strength'], $told['gain'],
            );
            for ($week = 0; $week < LongCourses::WEEKS; $week++) {
                $this->week(
                    $client, $by, $body, $luck, $week, $told['weeks'][$week] ?? [], $told['client']['days'] ?? [],
                );
            }
            $this->teller->goTo(0);
            $clients[] = $client;
        }
        $this->goOn($clients, $by);
        Date::setTestNow($now);
    }

    /**
     * @param  Week  $how
     * @param  list<int>  $days
     */
    private function week(
        Client $client,
        User $by,
        SimulatedClient $body,
        Randomizer $luck,
        int $week,
        array $how,
        array $days,
    ): void {
        if ($how['missed'] ?? false) {
            return;
        }
        $last = $week === LongCourses::WEEKS - 1;
        if (in_array($week, self::RETEST_WEEKS, true)) {
            $this->retest($client, $by, $week);
        }
        foreach (self::ago($days, $by->clinic->today()->weekday()) as $nth => $ago) {
            $this->teller->goTo(7 * (LongCourses::WEEKS - 1 - $week) + $ago);
            $this->session($client, $by, $body, $luck, $how, $nth === count($days) - 1);
            if (isset($how['stop'])) {
                $this->teller->goTo(7 * (LongCourses::WEEKS - 1 - $week));
                $this->stops->clear(
                    $this->teller->fresh($client), $by, 'Seen by Dr Amari: muscular, no cause found in the heart.',
                );

                return;
            }
        }
        if (! $last) {
            $this->decideAll($client, $by);
        }
    }

    /**
     * @param  list<int>  $days  weekdays
     * @return list<int> how many days ago each was last, not today, the longest ago first
     */
    private static function ago(array $days, int $today): array
    {
        $ago = array_map(static fn (int $day): int => ($today - $day + 6) % 7 + 1, $days);
        rsort($ago);

        return $ago;
    }

    /** @param  Week  $how */
    private function session(
        Client $client,
        User $by,
        SimulatedClient $body,
        Randomizer $luck,
        array $how,
        bool $lastOfWeek,
    ): void {
        $now = $this->teller->fresh($client);
        $usual = $now->usual_pain ?? 0;
        $rested = $now->usual ?? [];
        $this->gate->run($now, $by, [
            'sbp' => ($rested['sbp'] ?? 132) - 6 + $luck->getInt(0, 16),
            'dbp' => ($rested['dbp'] ?? 78) - 6 + $luck->getInt(0, 10),
            'heart_rate' => ($rested['heart_rate'] ?? 70) - 6 + $luck->getInt(0, 12), 'repeat' => false,
        ], [], $usual);
        $plan = $this->planOf($now);
        $situation = $this->build->of($now);
        $pain = $lastOfWeek ? $how['pain'] ?? $usual : $usual;
        $stop = $how['stop'] ?? null;
        $items = [];
        foreach ($stop === null ? $plan->items : [] as $item) {
            /** @var PlanItem $item */
            $family = $this->catalogue->family($item->family);
            $dose = PlanItemRow::dose($item);
            // Easy minutes are done as they are asked for; the body is there for what is hard.
            $sets = PlanItemRow::goal($item)->isPreparation() ? [new LoggedSet(
                $dose->kind, $dose->amount->lo, null, (float) $dose->effort->lo, Side::Both,
            )] : $body->does(
                $situation->at($family, $family->rung($item->rung)), $dose, array_map(Side::from(...), $item->sides),
                Day::of($this->teller->now()), $how['form'] ?? 1.0, $pain,
            )->sets;
            $items[] = [
                'item' => $item->id, 'pain_during' => $pain,
                'sets' => array_map(static fn (LoggedSet $s): array => $s->jsonSerialize(), $sets),
            ];
        }
        $this->log->run($now, $by, $plan, (string) Str::uuid(), [
            'done_on' => $this->teller->now(), 'pain_before' => $usual,
            'pain_next_morning' => $stop === null ? ($lastOfWeek ? $how['morning'] ?? $usual : $usual) : null,
            'pain_where' => isset($how['pain']) && $lastOfWeek ? $now->pain_where : null,
            'stop_sign' => $stop, 'skipped' => null, 'note' => $lastOfWeek ? $how['note'] ?? null : null,
        ], $items);
    }

    private function decideAll(Client $client, User $by): void
    {
        $now = $this->teller->fresh($client);
        $this->steps->all($now, $by);
        foreach ($now->proposals()->where('status', Proposal::OPEN)->where('decision', 'ease')->with([
            'planItem', 'client.clinic',
        ])->get() as $proposal) {
            try {
                $this->decide->accept($proposal, $by);
            } catch (ValidationException) {
                continue;
            }
        }
        $draft = Plan::query()->where('client_id', $client->id)->where('status', Plan::DRAFT)->first();
        if ($draft !== null) {
            $this->issue->run($this->teller->fresh($client), $by, $draft->revision);
        }
    }

    private function retest(Client $client, User $by, int $week): void
    {
        $this->teller->goTo(7 * (LongCourses::WEEKS - $week));
        $before = $client->measures()->where('test', 'chair_stand_30s')->reorder()->latest('id')->value('value');
        $this->measures->run($this->teller->fresh($client), $by, [
            ['test' => 'chair_stand_30s', 'value' => (is_numeric($before) ? (int) $before : 0) + 1],
            ['test' => 'tandem_stand', 'value' => 10],
        ], $this->teller->now());
    }

    private function planOf(Client $client): Plan
    {
        return Plan::query()->with('items')->where('client_id', $client->id)->where('status', Plan::ISSUED)
            ->firstOrFail();
    }

    /**
     * What is new today.
     *
     * @param  list<Client>  $clients
     */
    private function goOn(array $clients, User $by): void
    {
        [$solveig, $ruben, $edda, $imre] = array_map($this->teller->fresh(...), $clients);
        $this->teller->goTo(0);
        $this->steps->choose($solveig, $by, true);
        SessionLog::query()->where('client_id', $imre->id)->orderByDesc('done_on')->limit(1)->update(
            ['to_see' => true, 'source' => LogSource::Client->value],
        );
        foreach ([
            [$ruben, 'new_tablets', 'Since Monday I take a water tablet in the morning. May I go on as before?'],
            [$solveig, 'question', 'My neighbour has a step bench. Is it good for me?'],
        ] as [$client, $kind, $says]) {
            Message::query()->create(
                ['client_id' => $client->id, 'user_id' => $by->id, 'kind' => $kind, 'says' => $says],
            );
        }
        $ruben->clearances()->update(['until' => $this->teller->ago(-9)]);
        $this->gate->run(
            $edda, $by, ['sbp' => 186, 'dbp' => 112, 'heart_rate' => 88, 'repeat' => true], ['sudden_headache'], 0,
        );
        $this->limit->set($imre, $by, [
            'field' => 'effort_max', 'value' => '4', 'region' => 'any', 'side' => 'both', 'until' => null,
            'set_by' => 'Dr Amari, by telephone', 'why' => 'Shingles: light work only until the next visit.',
        ]);
    }
}
