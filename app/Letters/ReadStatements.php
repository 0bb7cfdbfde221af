<?php

declare(strict_types=1);

namespace App\Letters;

use App\Models\Client;
use App\Models\ClientCondition;
use App\Models\Decision;
use App\Models\GateCheck;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use App\Queries\CourseEvents;
use App\Queries\ReadCourse;
use App\Rows\ClearanceRows;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Caseload\Rules\Retest;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Field as LimitField;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\LimitLine;
use BuoyantStep\Core\Limits\LimitLines;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Measures\Change;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Progress\OverTime\SessionPoint;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Clearance;
use Illuminate\Database\Eloquent\Collection;

/** What the record says of a client, sentence by sentence, each with the page that shows it. Nothing else is stated. */
final class ReadStatements
{
    private const DAYS = 365;

    private const DECISIONS = 6;

    /** Sessions are held beside the plan over so many, or since it began. */
    private const WEEKS = 4;

    /** Said to the clinician on a page; a letter is read by others. */
    private const TO_THE_CLINICIAN = ' Opens when you confirm it.';

    private const EXERCISES = 8;

    private const READINGS = [
        'sbp' => ['Systolic pressure before sessions', 'mmHg'], 'dbp' => ['Diastolic pressure', 'mmHg'],
        'spo2' => ['Saturation at rest', '%'], 'glucose_mmol' => ['Glucose before sessions', 'mmol/L'],
    ];

    public function __construct(
        private readonly ReadCourse $course,
        private readonly CourseEvents $events,
        private readonly RuleBook $rules,
        private readonly Catalogue $catalogue,
    ) {
    }

    /** @return list<Statement> of one field */
    public function of(Field $field, Client $client, Situation $situation): array
    {
        return match ($field) {
            Field::Problem => $this->problem($client, $situation),
            Field::Wants => self::wants($client),
            Field::Clearance => self::clearance($client, $situation),
            Field::Asked => $this->asked($client, $situation),
            Field::Sessions => $this->sessions($client, $situation),
            Field::Pain => $this->pain($client, $situation),
            Field::Events => $this->happened($client, $situation),
            Field::Readings => self::readings($client, $situation),
            Field::Tests => self::tests($situation),
            Field::Response => $this->response($client, $situation),
            Field::Decisions => self::decisions($client),
            Field::Programme => $this->programme($client, $situation),
            Field::Limits => $this->limits($situation),
            Field::Next => $this->next($client, $situation),
            // The frame of the letter, not of the record.
            Field::Client, Field::Today, Field::Author, Field::Clinic, Field::Recipient => [],
        };
    }

    /** @return list<Statement> */
    private function problem(Client $client, Situation $situation): array
    {
        $abouts = array_column($this->rules->conditions(), null, 'code');
        $names = $client->conditions->map(static fn (ClientCondition $c): string => self::condition(
            $c, $abouts[$c->code] ?? null,
        ))->all();
        $says = $names === [] ? [] : [new Statement(implode('; ', $names).'.', 'Screen', 'screen')];
        if ($client->due_date !== null && ! Day::of($client->due_date)->isBefore($situation->on)) {
            $says[] = new Statement('Pregnant, due on '.Day::of($client->due_date)->label().'.', 'Screen', 'screen');
        }
        if ($client->usual_pain !== null) {
            $says[] = new Statement(sprintf(
                'Usual pain %d of 10%s.', $client->usual_pain,
                $client->pain_where === null ? '' : ' ('.$client->pain_where.')',
            ), 'Screen', 'screen');
        }

        return $says;
    }

    /** With its side, and with what of its details changes the limits. */
    private static function condition(ClientCondition $condition, ?ConditionAbout $about): string
    {
        $details = $about === null ? [] : array_filter(array_map(
            static fn (string $d): ?string => $about->details[$d] ?? ($about->freeDetails ? $d : null),
            $condition->details,
        ));
        $side = $condition->side === null || $condition->side === 'both' ? '' : ', '.$condition->side;

        return ($about->label ?? $condition->code).$side.($details === [] ? '' : ' ('.implode(', ', $details).')');
    }

    /** @return list<Statement> */
    private static function wants(Client $client): array
    {
        return $client->wants === null
            ? []
            : [new Statement('Wants: '.rtrim($client->wants, '.').'.', 'Screen', 'screen')];
    }

    /** @return list<Statement> */
    private static function clearance(Client $client, Situation $situation): array
    {
        $given = ClearanceRows::current($client, $situation);

        return $given === null ? [] : [new Statement(sprintf(
            'Cleared by %s on %s%s.%s', $given->given_by, Day::of($given->given_on)->label(),
            $given->until === null ? '' : ', until '.Day::of($given->until)->label(),
            $given->restrictions === null ? '' : ' Restrictions: '.$given->restrictions.'.',
        ), 'Screen', 'screen')];
    }

    /** @return list<Statement> */
    private function asked(Client $client, Situation $situation): array
    {
        $labels = $this->rules->labels();
        $asks = array_filter(
            $situation->envelope->binding(LimitField::Clearance),
            static fn (Limit $l): bool => $l->value !== Clearance::None,
        );
        $says = array_map(static fn (Limit $l): Statement => new Statement(
            ($labels[$l->rule] ?? $l->rule).': '.$l->says, 'Limits', 'limits',
        ), array_values($asks));
        if ($says === []) {
            $says[] = new Statement(
                'Nothing on record asks for it; we should like your view in general.', 'Limits', 'limits',
            );
        }
        $load = $situation->envelope->atLeast(LimitField::LoadPctMax, 100);
        $says[] = new Statement(sprintf(
            'Planned: %d sessions a week of %d minutes at home, up to RPE %s of 10%s.', count($client->days),
            $client->minutes, (string) $situation->envelope->atLeast(LimitField::EffortMax, 10),
            $load < 100 ? ' and '.$load.' % of an estimated 1RM' : '',
        ), 'Limits', 'limits');

        return $says;
    }

    /** @return Collection<int, SessionLog> */
    private function logs(Client $client, Situation $situation): Collection
    {
        return $this->course->logs($client, $situation->on->plus(-self::DAYS));
    }

    /** @return list<Statement> */
    private function sessions(Client $client, Situation $situation): array
    {
        $done = $this->logs($client, $situation)->whereNull('skipped')->values();
        $off = $this->logs($client, $situation)->whereNotNull('skipped')->count();
        $first = $done->first();
        $last = $done->last();
        if ($first === null || $last === null) {
            return [];
        }
        $plan = $client->plans->firstWhere('status', Plan::ISSUED);
        $began = Plan::query()->where('client_id', $client->id)->min('issued_on');
        $days = is_string($began) ? Day::of(substr($began, 0, 10))->daysTo($situation->on) : 0;
        $weeks = max(1, min(self::WEEKS, intdiv($days + 6, 7)));
        $recent = $done->filter(
            static fn (SessionLog $l): bool => $l->done_on > (string) $situation->on->plus(-7 * $weeks),
        )->count();

        return [new Statement(sprintf(
            '%d %s logged from %s to %s%s%s.', $done->count(), $done->count() === 1 ? 'session' : 'sessions',
            Day::of(substr($first->done_on, 0, 10))->label(), Day::of(substr($last->done_on, 0, 10))->label(),
            $off === 0 ? '' : sprintf(', %d called off', $off),
            $plan === null ? '' : sprintf(
                '; in the last %s %d of the %d that the plan asks for',
                $weeks === 1 ? 'week' : $weeks.' weeks', $recent,
                $weeks * count($plan->days),
            ),
        ), 'Over time', 'course')];
    }

    /** @return list<Statement> */
    private function pain(Client $client, Situation $situation): array
    {
        $logs = $this->logs($client, $situation);
        $during = $logs->map(
            static fn (SessionLog $l): mixed => $l->items->max('pain_during'),
        )->filter(static fn (mixed $v): bool => is_int($v));
        $morning = $logs->pluck('pain_next_morning')->filter(static fn (mixed $v): bool => is_int($v));
        $says = [];
        if ($during->isNotEmpty()) {
            $says[] = sprintf('Pain during the sessions at most %d of 10', self::int($during->max()));
        }
        if ($morning->isNotEmpty()) {
            $says[] = sprintf('%sext morning at most %d', $says === [] ? 'N' : 'n', self::int($morning->max()));
        }

        return $says === [] ? [] : [new Statement(implode(', ', $says).'.', 'Over time', 'course')];
    }

    /** @return list<Statement> */
    private function happened(Client $client, Situation $situation): array
    {
        $from = $situation->on->plus(-self::DAYS);
        $events = $this->events->of($client, $situation, $this->logs($client, $situation), '', $from);
        $told = array_filter($events, static fn (array $e): bool => in_array($e['kind'], ['stop', 'flare'], true));

        return array_values(array_map(static fn (array $e): Statement => new Statement(
            Day::of($e['on'])->label().': '.$e['says'], 'Over time', 'course',
        ), $told));
    }

    /** @return list<Statement> */
    private static function readings(Client $client, Situation $situation): array
    {
        $checks = GateCheck::query()->where('client_id', $client->id)
            ->where('checked_on', '>=', (string) $situation->on->plus(-self::DAYS))->orderBy('id')->get();
        $says = [];
        foreach (self::READINGS as $key => [$title, $unit]) {
            $values = $checks->map(static fn (GateCheck $c): mixed => $c->readings[$key] ?? null)->filter(
                static fn (mixed $v): bool => is_int($v) || is_float($v),
            )->all();
            if ($values !== []) {
                $says[] = new Statement(self::reading($title, $unit, array_values($values)), 'Over time', 'course');
            }
        }

        return $says;
    }

    /** @param  non-empty-list<int|float>  $values */
    private static function reading(string $title, string $unit, array $values): string
    {
        [$least, $most, $last] = array_map(
            self::number(...), [min($values), max($values), $values[count($values) - 1]],
        );
        $checks = count($values) === 1 ? '' : sprintf(' over %d checks', count($values));

        return $least === $most
            ? sprintf('%s: %s %s%s.', $title, $least, $unit, $checks)
            : sprintf('%s: %s to %s %s%s, the last %s.', $title, $least, $most, $unit, $checks, $last);
    }

    /** @return list<Statement> */
    private static function tests(Situation $situation): array
    {
        $says = [];
        foreach (AllTests::list() as $test) {
            $bySide = [];
            foreach ($situation->measures->results as $result) {
                if (
                    $result->test->is($test) && $result->value !== null && $result->on !== null
                        && $result->family === null
                ) {
                    $bySide[$result->side->value ?? ''][] = $result;
                }
            }
            foreach ($bySide as $side => $results) {
                $says[] = self::test($test, $side, $results, $situation);
            }
        }

        return $says;
    }

    /** @param  non-empty-list<Result>  $results  oldest first */
    private static function test(Test $test, string $side, array $results, Situation $situation): Statement
    {
        $first = $results[0];
        $last = $results[count($results) - 1];
        $about = $test->about();
        $name = $about->label.($side === '' ? '' : ', '.$side);
        $line = $test->line($situation->client, $situation->on);
        $norm = $line === null
            ? ''
            : sprintf(' (cut-off for age and sex %s)', self::number($line));
        $at = static fn (Result $r): string => self::number((float) $r->value).' '.$about->unit.' on '
            .($r->on?->label() ?? '');

        return new Statement($first === $last
            ? sprintf('%s: %s%s.', $name, $at($last), $norm)
            : sprintf(
                '%s: %s, %s%s: %s.', $name, $at($first), $at($last), $norm,
                Change::between($test, (float) $first->value, (float) $last->value)->says($test),
            ), 'Measure', 'measure');
    }

    /** @return list<Statement> */
    private function response(Client $client, Situation $situation): array
    {
        $says = [];
        foreach ($this->course->exercises($this->logs($client, $situation), $situation) as $key => $exercise) {
            $loaded = array_values(array_filter(
                $exercise['points'], static fn (SessionPoint $p): bool => $p->loadG !== null && $p->loadG > 0,
            ));
            $first = $loaded[0] ?? null;
            $last = $loaded[count($loaded) - 1] ?? null;
            if ($first === null || $last === null || (string) $first->on === (string) $last->on) {
                continue;
            }
            $says[] = new Statement(sprintf(
                '%s: %s on %s, %s on %s.', $exercise['rung']->name, Mass::say((int) $first->loadG), $first->on->label(),
                Mass::say((int) $last->loadG), $last->on->label(),
            ), 'Over time', 'course?exercise='.urlencode($key));
        }

        return array_slice($says, 0, self::EXERCISES);
    }

    /** @return list<Statement> */
    private static function decisions(Client $client): array
    {
        $rows = Decision::query()->where('client_id', $client->id)->where('kind', 'like', 'proposal.%')
            // What stays as it is was no decision.
            ->where('says', 'not like', '%: stay %')
            ->latest('id')->limit(self::DECISIONS)->get();

        return array_values($rows->map(static fn (Decision $d): Statement => new Statement(
            Day::of(substr($d->made_at, 0, 10))->label().': '.$d->says
                .($d->reason === null ? '' : ' '.rtrim($d->reason, '.').'.'),
            'Review', 'review',
        ))->all());
    }

    /** @return list<Statement> */
    private function programme(Client $client, Situation $situation): array
    {
        $plan = $client->plans->firstWhere('status', Plan::ISSUED)?->loadMissing('items');
        if ($plan === null) {
            return [];
        }
        $says = [new Statement(sprintf(
            'Version %d of %s, %d days a week, %d minutes.', $plan->version,
            Day::of((string) $plan->issued_on)->label(),
            count($plan->days), $plan->minutes,
        ), 'Plan', 'plan')];
        foreach ($plan->items as $item) {
            /** @var PlanItem $item */
            $dose = PlanItemRow::dose($item);
            $says[] = new Statement(sprintf(
                '%s: %s%s, RPE %s.', $this->catalogue->family($item->family)->rung($item->rung)->name,
                $dose->amountLabel(), $dose->loadLabel() === null ? '' : ', '.$dose->loadLabel(),
                $dose->effort->label(),
            ), 'Plan', 'plan');
        }

        return $says;
    }

    /** @return list<Statement> */
    private function limits(Situation $situation): array
    {
        return array_map(
            static fn (LimitLine $l): Statement => new Statement($l->title.' ('.$l->by.').', 'Limits', 'limits'),
            LimitLines::of($situation->envelope, $this->rules->labels()),
        );
    }

    /** @return list<Statement> */
    private function next(Client $client, Situation $situation): array
    {
        $plan = $client->plans->firstWhere('status', Plan::ISSUED);
        $measured = $client->measures->whereNull('not_tested')->last()?->measured_on;
        $says = array_map(static fn (Crossing $c): Statement => new Statement(
            $c->date->label().': '.str_replace(self::TO_THE_CLINICIAN, '', $c->says), 'Limits', 'limits',
        ), $this->rules->crossings($situation->facts()));
        if ($plan !== null && $measured !== null) {
            $on = Day::of(substr($measured, 0, 10))->plus(Retest::days($situation, $plan->block_weeks));
            $says[] = new Statement('Re-test due on '.$on->label().'.', 'Measure', 'measure');
        }

        return $says;
    }

    private static function number(int|float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }

    private static function int(mixed $value): int
    {
        return is_int($value) ? $value : 0;
    }
}
