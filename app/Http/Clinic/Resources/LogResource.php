<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use App\Models\SessionLogVersion;
use App\Queries\SeenForm;
use App\Rows\BlockRow;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\EasierWeek;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Look;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Support;

/** The form for a session, laid out as the plan asks for it, and the sessions so far. */
final class LogResource
{
    /** A red flag that has no word of its own. */
    private const OTHER_SIGN = ['other', 'other'];

    public function __construct(private readonly Catalogue $catalogue, private readonly SeenForm $seen)
    {
    }

    /**
     * @param  iterable<SessionLog>  $logs
     * @param  SessionLog|null  $correcting  the session to correct; the plan is then the one it was done on
     * @return array<string, mixed>
     */
    public function of(
        ?Plan $plan,
        iterable $logs,
        ?SessionLog $correcting,
        string $zone,
        Situation $situation,
    ): array {
        $this->seen->from($logs);
        $rows = [];
        foreach ($logs as $log) {
            $rows[] = $this->past($log, $zone);
        }

        return [
            'plan' => $plan === null
                ? null
                : [
                    'id' => $plan->id,
                    'version' => $plan->version,
                    'easier' => array_map(
                        static fn (array $w): array => [(string) $w[0], (string) $w[1]],
                        BlockRow::of($plan, $situation)->easierWeeks(),
                    ),
                    'items' => $plan->items->map(
                        fn (PlanItem $i): array => $this->item($i, $situation),
                    )->values()->all(),
                ],
            'signs' => [
                ...array_map(
                    static fn (Sign $s): array => [$s->value, $s->label()], $situation->envelope->redFlags(),
                ),
                self::OTHER_SIGN,
            ],
            // Who sits holds on to nothing.
            'supports' => array_values(array_filter(
                Options::of(Support::class), static fn (array $o): bool => $o[0] !== Support::Seated->value,
            )),
            'logs' => $rows,
            'correcting' => $plan === null || $correcting === null ? null : self::form($plan, $correcting),
        ];
    }

    /** @return array<string, mixed> a session as the list of sessions shows it */
    private function past(SessionLog $log, string $zone): array
    {
        return [
            'id' => $log->id, 'on' => $log->done_on, 'skipped' => $log->skipped, 'stop_sign' => $log->stop_sign === null
                ? null
                : Sign::words($log->stop_sign),
            'stop_open' => $log->hasOpenStopSign(),
            'pain_before' => $log->pain_before, 'pain_next_morning' => $log->pain_next_morning,
            'pain_where' => $log->pain_where,
            'note' => $log->note, 'to_see' => $log->to_see,
            'corrected' => $log->earlier->where('was_in_force', true)->count(),
            'set_aside' => $log->earlier->where('was_in_force', false)->count(),
            'earlier' => $log->earlier->map(
                fn (SessionLogVersion $v): array => [
                    'id' => $v->id,
                    'at' => $v->created_at->setTimezone($zone)->format('Y-m-d H:i'),
                    'counted' => $v->was_in_force,
                    'says' => $this->sayEarlier($v),
                ],
            )->values()->all(),
            'items' => $log->items->map(
                fn (LogItem $i): array => [
                    'name' => $this->catalogue->family($i->family)->rung($i->rung)->name,
                    'says' => self::say($i).self::sayHow($i),
                    'pain' => $i->pain_during,
                    'seen' => $this->saySeen($i),
                ],
            )->values()->all(),
        ];
    }

    /**
     * A session as the form holds it, to be corrected.
     *
     * @return array<string, mixed>
     */
    private static function form(Plan $plan, SessionLog $log): array
    {
        $text = static fn (int|float|string|null $v): string => $v === null ? '' : (string) $v;

        return [
            'id' => $log->id, 'plan_id' => $plan->id, 'key' => $log->idempotency_key, 'corrects' => $log->version,
            'done_on' => $log->done_on,
            'pain_before' => $text($log->pain_before), 'pain_next_morning' => $text($log->pain_next_morning),
            'pain_where' => $text($log->pain_where),
            'stop_sign' => $text($log->stop_sign), 'skipped' => $text($log->skipped), 'note' => $text($log->note),
            'items' => array_values(
                $plan->items->map(static fn (PlanItem $i): array => self::itemForm($i, $log))->all(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function itemForm(PlanItem $item, SessionLog $log): array
    {
        $done = $log->items->firstWhere('plan_item_id', $item->id);
        $dose = PlanItemRow::dose($item);
        $sets = $done === null
            ? []
            : array_map(static fn (array $s): LoggedSet => LoggedSet::read(new Bag($s)), $done->sets);
        $asked = [];
        foreach (range(1, $dose->sets) as $_) {
            foreach ($item->sides as $side) {
                $asked[] = $side;
            }
        }
        $rows = array_map(
            static fn (LoggedSet $s): array => [
                'amount' => (string) $s->amount, 'side' => $s->side->value ?? $item->sides[0],
                ...(self::isToldApart($sets) ? [
                    'effort' => (string) $s->effort, 'left' => (string) ($s->inReserve ?? ''),
                ] : ['effort' => '', 'left' => '']),
            ],
            $sets,
        );
        foreach (array_slice($asked, count($rows)) as $side) {
            $rows[] = ['amount' => '', 'side' => $side, 'effort' => '', 'left' => ''];
        }

        $load = static function (Side $side) use ($sets, $dose): string {
            $of = array_values(array_filter(
                $sets, static fn (LoggedSet $s): bool => ($s->side ?? Side::Both)->touches($side),
            ));
            $grams = ($of[0] ?? null)?->resistanceG() ?? $dose->on($side)->resistanceG();

            return $grams === null ? '' : Mass::field($grams);
        };

        return [
            'item' => $item->id, 'done' => $done !== null && $done->instead === null, 'effort' => $sets === []
                ? ''
                : (string) $sets[0]->effort,
            'left' => (string) ($sets[0]->inReserve ?? ''),
            'load_kg' => $load(Side::Both), 'left_load_kg' => $dose->isApart() ? $load(Side::Left) : '',
            'right_load_kg' => $dose->isApart() ? $load(Side::Right) : '',
            'light' => ($done->sets[0]['light'] ?? false) === true,
            'stood_cm' => (string) ($sets[0]->stoodCm ?? ''),
            'pain_during' => (string) ($done->pain_during ?? ''), 'broken' => $sets === []
                ? ''
                : (string) count(array_filter($sets, static fn (LoggedSet $s): bool => $s->formBroke)),
            'seen' => $done->seen ?? [], 'support' => $done->support ?? '', 'pauses' => (string) ($done->pauses ?? ''),
            'instead' => $done->instead ?? '',
            'sets' => $rows,
        ];
    }

    /**
     * Did each set have an effort of its own?
     *
     * @param  list<LoggedSet>  $sets
     */
    private static function isToldApart(array $sets): bool
    {
        return count(array_unique(array_map(
            static fn (LoggedSet $s): string => $s->effort.'/'.$s->inReserve, $sets,
        ))) > 1;
    }

    private function sayEarlier(SessionLogVersion $version): string
    {
        $session = $version->content['session'];
        $says = [];
        foreach ([
            'pain_before' => 'pain before', 'pain_next_morning' => 'next morning',
            'pain_where' => 'pain:', 'stop_sign' => 'red flag',
            'skipped' => 'called off',
        ] as $field => $words) {
            if (is_scalar($session[$field] ?? null)) {
                $says[] = $words.' '.Sign::words((string) $session[$field]);
            }
        }
        foreach ($version->content['items'] as $item) {
            if (
                is_string($item['family'] ?? null)
                && is_string($item['rung'] ?? null)
                && is_array($item['sets'] ?? null)
                && $this->catalogue->has($item['family'])
            ) {
                $sets = array_values(array_filter($item['sets'], is_array(...)));
                $says[] = $this->catalogue->family(
                    $item['family'],
                )->rung($item['rung'])->name.': '.self::sayLogged($sets);
            }
        }

        return implode('; ', $says);
    }

    /** @return array<string, mixed> */
    private function item(PlanItem $item, Situation $situation): array
    {
        $dose = PlanItemRow::dose($item);
        $family = $this->catalogue->family($item->family);
        $rung = $family->rung($item->rung);
        $sets = [];
        for ($n = 1; $n <= $dose->sets; $n++) {
            foreach ($item->sides as $side) {
                $sets[] = ['n' => $n, 'side' => $side];
            }
        }

        return [
            'id' => $item->id, 'name' => $rung->name,
            'dose' => DoseResource::of($dose, PlanItemRow::goal($item), $rung),
            'light' => LightResource::of($item, $situation->at($family, $rung), PlanItemRow::goal($item)),
            'off_days' => $item->off_days ?? [],
            'easier_sets' => EasierWeek::sets($dose->sets) * count($item->sides),
            'stood' => $rung->work->band?->isWalkedAway() === true,
            'support' => PlanItemRow::planned($item, $this->catalogue)->support()->label(),
            'sides' => SidesResource::say(array_map(Side::from(...), $item->sides)),
            'sets' => $sets,
            'looks' => array_map(
                static fn (Look $l): array => ['code' => $l->code, 'sees' => $l->sees, 'cue' => $l->cue],
                $rung->teaching->looks,
            ),
            'advice' => $this->seen->advice($item->family, $item->rung),
        ];
    }

    /** @return list<string> what was ticked of the check-list, in words */
    private function saySeen(LogItem $item): array
    {
        $teaching = $this->catalogue->family($item->family)->rung($item->rung)->teaching;

        return array_values(array_filter(array_map(
            static fn (string $code): ?string => $teaching->look($code)?->sees, $item->seen ?? [],
        )));
    }

    private static function sayHow(LogItem $item): string
    {
        return ($item->support === null ? '' : '; '.Support::from($item->support)->label())
            .(($item->pauses ?? 0) === 0 ? '' : sprintf('; %d short pauses', $item->pauses));
    }

    private static function say(LogItem $item): string
    {
        if ($item->instead !== null) {
            return 'not done; in its place: '.$item->instead;
        }

        return self::sayLogged($item->sets);
    }

    /** @param  list<array<array-key, mixed>>  $logged */
    private static function sayLogged(array $logged): string
    {
        $sets = array_map(static fn (array $s): LoggedSet => LoggedSet::read(new Bag($s)), $logged);
        if ($sets === []) {
            return 'nothing';
        }
        $amounts = array_map(
            static fn (LoggedSet $s): string => $s->amount.(
                $s->side === null || $s->side === Side::Both
                    ? ''
                    : ' '.mb_substr($s->side->value, 0, 1)
            ),
            $sets,
        );
        $efforts = array_unique(array_map(
            static fn (LoggedSet $s): string => Mass::trim(number_format($s->effort, 1, '.', '')), $sets,
        ));

        return implode(', ', $amounts).' '.$sets[0]->kind->unit().self::sayResistance($sets)
            .', RPE '.implode(', ', $efforts);
    }

    /** @param  non-empty-list<LoggedSet>  $sets */
    private static function sayResistance(array $sets): string
    {
        $of = static function (Side $side) use ($sets): ?string {
            foreach ($sets as $set) {
                if (($set->side ?? Side::Both)->touches($side) && $set->resistanceG() !== null) {
                    return $set->pullN === null
                        ? Mass::say((int) $set->loadG) : 'a pull of '.Mass::sayForce($set->pullN);
                }
            }

            return null;
        };
        $says = Side::each($of(Side::Left), $of(Side::Right));
        $stood = $sets[0]->stoodCm === null ? '' : sprintf(', stood at %d cm', $sets[0]->stoodCm);

        return ($says === null ? '' : ' with '.$says).$stood;
    }
}
