<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use App\Queries\ReadCourse;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;
use Illuminate\Database\Eloquent\Collection;
use Symfony\Component\Serializer\Encoder\CsvEncoder;
use Symfony\Component\Serializer\Exception\ExceptionInterface;

/**
 * Sessions as comma-separated values, one line a set. Columns in any order: date (2026-11-25), exercise (as the plan
 * names it, or family/rung), amount, rpe; and where they are known side (left, right), load_kg, reps_left, pain_before,
 * pain_during, pain_next_morning, note. Every line that cannot be read is named, with a value that works.
 *
 * @phpstan-type Session array{
 *     done_on: string, pain_before: int|null, pain_next_morning: int|null, stop_sign: null, skipped: null,
 *     note: string|null
 * }
 * @phpstan-type Item array{item: int, sets: list<array<string, mixed>>, pain_during: int|null}
 * @phpstan-type Found array{plan: Plan, session: Session, items: list<Item>}
 */
final class LogCsv
{
    public const COLUMNS = [
        'date', 'exercise', 'set', 'side', 'amount', 'load_kg', 'rpe', 'reps_left', 'pain_before', 'pain_during',
        'pain_next_morning', 'note',
    ];

    private const MOST_LINES = 2000;

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return array{sessions: list<Found>, errors: list<array{line: int, says: string}>} by day, oldest first */
    public function read(string $csv, Client $client): array
    {
        $lines = self::lines($csv);
        if ($lines === null) {
            return ['sessions' => [], 'errors' => [['line' => 1, 'says' => sprintf(
                'Give 1 to %d lines below a first line that names the columns, for example: date,exercise,amount,rpe',
                self::MOST_LINES,
            )]]];
        }
        $plans = ReadCourse::issued($client);
        $days = $errors = [];
        foreach ($lines as $i => $line) {
            try {
                $this->put($days, $line, $plans, $client->clinic->today());
            } catch (CsvFault|CoreError $fault) {
                $errors[] = ['line' => $i + 2, 'says' => $fault->getMessage()];
            }
        }
        ksort($days);

        return ['sessions' => array_map(static fn (array $d): array => [
            ...$d, 'items' => array_values($d['items']),
        ], array_values($days)), 'errors' => $errors];
    }

    /** @return list<array<array-key, string>>|null */
    private static function lines(string $csv): ?array
    {
        $text = preg_replace(['/^\xEF\xBB\xBF/', '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/'], '', mb_scrub($csv)) ?? '';
        try {
            $rows = (new CsvEncoder)->decode(
                str_replace(["\r\n", "\r"], "\n", $text), 'csv', [CsvEncoder::AS_COLLECTION_KEY => true],
            );
        } catch (ExceptionInterface) {
            return null;
        }
        if (! is_array($rows) || $rows === [] || count($rows) > self::MOST_LINES) {
            return null;
        }

        return array_values(array_map(static fn (mixed $row): array => array_map(
            static fn (mixed $v): string => is_scalar($v) ? trim((string) $v) : '', is_array($row) ? $row : [],
        ), $rows));
    }

    /**
     * @param  array<string, array{plan: Plan, session: Session, items: array<int, Item>}>  $days
     * @param  array<array-key, string>  $line
     * @param  Collection<int, Plan>  $plans
     */
    private function put(array &$days, array $line, Collection $plans, Day $today): void
    {
        $on = Day::of($line['date'] ?? '', 'date');
        if ($on->isAfter($today)) {
            throw new CsvFault(
                sprintf('%s lies ahead; a session has been done, for example on %s.', $on->label(), $today),
            );
        }
        $plan = $plans->last(static fn (Plan $p): bool => (string) $p->issued_on <= (string) $on);
        if ($plan === null) {
            throw new CsvFault(sprintf('No plan was in use on %s.', $on->label()));
        }
        $item = $this->item($plan, $line['exercise'] ?? '');
        $set = $this->set($item, $line);
        $day = $days[(string) $on] ?? ['plan' => $plan, 'session' => [
            'done_on' => (string) $on, 'pain_before' => null, 'pain_next_morning' => null, 'stop_sign' => null,
            'skipped' => null, 'note' => null,
        ], 'items' => []];
        $row = $day['items'][$item->id] ?? ['item' => $item->id, 'sets' => [], 'pain_during' => null];
        $row['sets'][] = $set;
        $row['pain_during'] = self::whole($line, 'pain_during', 0, 10) ?? $row['pain_during'];
        $day['items'][$item->id] = $row;
        foreach (['pain_before', 'pain_next_morning'] as $pain) {
            $day['session'][$pain] = self::whole($line, $pain, 0, 10) ?? $day['session'][$pain];
        }
        $note = mb_substr($line['note'] ?? '', 0, 500);
        $day['session']['note'] = $note === '' ? $day['session']['note'] : $note;
        $days[(string) $on] = $day;
    }

    private function item(Plan $plan, string $exercise): PlanItem
    {
        $named = $plan->items->first(fn (PlanItem $i): bool => "$i->family/$i->rung" === $exercise
            || mb_strtolower($this->catalogue->family($i->family)->rung($i->rung)->name) === mb_strtolower($exercise));
        $first = $plan->items->first();
        if ($named === null || $first === null) {
            throw new CsvFault(sprintf(
                '"%s" is not in version %d of the plan, which was in use that day%s.', $exercise, $plan->version,
                $first === null
                    ? ''
                    : ', for example: '.$this->catalogue->family($first->family)->rung($first->rung)->name,
            ));
        }

        return $named;
    }

    /**
     * @param  array<array-key, string>  $line
     * @return array<string, mixed>
     */
    private function set(PlanItem $item, array $line): array
    {
        $dose = PlanItemRow::dose($item);
        $amount = self::whole($line, 'amount', 0, LoggedSet::MAX_AMOUNT)
            ?? throw new CsvFault('Give the amount of the set, for example 10.');
        $left = self::whole($line, 'reps_left', 0, 50);
        $rpe = self::number($line, 'rpe', 0, 10);
        if ($rpe === null && $left === null) {
            throw new CsvFault('Give rpe, 0 to 10, or reps_left, for example 6.');
        }
        $side = ($line['side'] ?? '') === ''
            ? null
            : Side::tryFrom(mb_strtolower($line['side']))
            ?? throw new CsvFault('side is left, right, both or nothing.');
        $kg = self::number($line, 'load_kg', 0, 200);
        $load = $kg === null ? null : (int) round($kg * 1000);

        return array_filter([
            $dose->kind->value => $amount,
            'load_g' => $dose->pullN !== null ? null : $load ?? $dose->loadG,
            'pull_n' => $dose->pullN === null ? null : ($load === null ? $dose->pullN : Gravity::newtonsOf($load)),
            'effort' => $rpe ?? LoggedSet::effortOf((int) $left),
            'rir' => $dose->kind === DoseKind::Reps ? $left : null,
            'side' => $side->value ?? (count($item->sides) === 1 ? $item->sides[0] : null),
        ], static fn (mixed $v): bool => $v !== null);
    }

    /** @param  array<array-key, string>  $line */
    private static function whole(array $line, string $column, int $least, int $most): ?int
    {
        $value = self::number($line, $column, $least, $most);
        if ($value !== null && floor($value) !== $value) {
            throw new CsvFault(
                sprintf('%s is a whole number from %d to %d, for example %d.', $column, $least, $most, $least),
            );
        }

        return $value === null ? null : (int) $value;
    }

    /** @param  array<array-key, string>  $line */
    private static function number(array $line, string $column, int $least, int $most): ?float
    {
        $typed = str_replace(',', '.', $line[$column] ?? '');
        if ($typed === '') {
            return null;
        }
        if (! is_numeric($typed) || (float) $typed < $least || (float) $typed > $most) {
            throw new CsvFault(sprintf(
                '%s goes from %d to %d; "%s" does not.', $column, $least, $most, mb_substr($line[$column] ?? '', 0, 30),
            ));
        }

        return (float) $typed;
    }

    /** @param  iterable<SessionLog>  $logs  oldest first, with their items */
    public function write(iterable $logs): string
    {
        $rows = [];
        foreach ($logs as $log) {
            foreach ($log->items as $item) {
                foreach ($item->sets as $n => $stored) {
                    $set = LoggedSet::read(new Bag($stored));
                    $rows[] = array_combine(self::COLUMNS, [
                        substr($log->done_on, 0, 10), "$item->family/$item->rung", $n + 1, $set->side->value ?? '',
                        $set->amount,
                        $set->resistanceG() === null ? '' : Mass::grams($set->resistanceG())->kilograms(),
                        $set->effort, $set->inReserve ?? '', $log->pain_before ?? '', $item->pain_during ?? '',
                        $log->pain_next_morning ?? '', $log->note ?? '',
                    ]);
                }
            }
        }

        return (new CsvEncoder)->encode(
            $rows === [] ? [array_fill_keys(self::COLUMNS, '')] : $rows, 'csv', [
                CsvEncoder::ESCAPE_FORMULAS_KEY => true,
            ],
        );
    }
}
