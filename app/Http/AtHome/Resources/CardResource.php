<?php

declare(strict_types=1);

namespace App\Http\AtHome\Resources;

use App\Actions\StopSigns;
use App\Http\Clinic\Resources\SheetResource;
use App\Http\Clinic\Resources\SheetWords;
use App\Models\Client;
use App\Models\HomePage;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Plan;
use App\Models\SessionLog;
use App\Queries\Kept;
use App\Rows\BuildSituation;
use App\Rows\ClearanceRows;
use App\Rows\WeightLog;
use BuoyantStep\Core\Home\Closing;
use BuoyantStep\Core\Home\PainAnswer;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Clearance;
use Illuminate\Support\Facades\App;

/**
 * All that a phone may need until the card closes, with or without a signal: what is asked before a session and what is
 * said to every answer, the sessions of the days ahead, the way through each, the easier steps, the words. The phone
 * looks up; it works nothing out.
 */
final class CardResource
{
    private const MESSAGES = 5;

    private const WEEK = 7;

    public function __construct(
        private readonly BuildSituation $build,
        private readonly SheetResource $sheet,
        private readonly CardItem $item,
        private readonly CardDays $days,
        private readonly RuleBook $rules,
        private readonly Kept $kept,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(HomePage $page): array
    {
        $client = $page->client;
        $situation = $this->build->later($client);
        $today = $client->clinic->today();
        $plan = $client->plans()->where('status', Plan::ISSUED)->with('items')->first();
        $stops = StopSigns::open($client);
        $weights = WeightLog::of($client, $today);
        $card = $plan === null ? ['shut' => 'none'] : $this->kept->of(
            'card', $client, [$plan, $plan->items, $stops, $weights, App::getLocale()],
            fn (): array => $this->compile($plan, $client, $situation(), $stops),
        );

        return [
            'version' => 1, 'whose' => $client->id, 'now' => now()->toIso8601String(), 'today' => (string) $today,
            'zone' => $client->clinic->timezone, 'name' => $client->given_name, 'line' => $page->line,
            'clinic' => [
                'name' => $client->clinic->name, 'phone' => $client->clinic->phone,
                'emergency' => $client->clinic->emergency_phone,
            ],
            'own_pin' => $page->pin_hash !== null,
            'unread' => $client->clinic->hasReadWords() ? null : HomeWords::says('unread'),
            'words' => HomeWords::all(),
            'kinds' => array_map(static fn (MessageKind $k): array => [
                $k->value, HomeWords::says('tell.'.$k->value),
            ], MessageKind::told()),
            'messages' => self::messages($client), 'week' => self::week($client, $plan, $today),
            'last' => self::last($client, $today),
            ...$card,
        ];
    }

    /**
     * @param  list<string>  $stops
     * @return array<string, mixed>
     */
    private function compile(Plan $plan, Client $client, Situation $situation, array $stops): array
    {
        $sheet = $this->sheet->of($plan, $client, $situation, $stops);
        $shut = self::shut($client, $situation, $stops, $sheet['breaches'] !== []);
        if ($shut !== null) {
            return ['shut' => $shut];
        }
        $current = ClearanceRows::current($client, $situation);
        $closing = Closing::of(
            $this->rules, $situation->facts(),
            $situation->envelope->clearance() === Clearance::None || $current?->until === null
                ? null : Day::of($current->until),
        );

        return [
            'shut' => null, 'closes' => ['on' => (string) $closing->on, 'for' => $closing->for->value],
            'plan' => ['id' => $plan->id, 'version' => $plan->version, 'days' => SheetWords::days($plan->days)],
            'check' => CardGate::of($client, $situation, $stops),
            'pain' => array_map(static fn (PainAnswer $a): string => $a->value, PainAnswer::tableFor($situation)),
            'pain_says' => $sheet['pain'],
            'around' => ['before' => $sheet['before'], 'during' => $sheet['during'], 'after' => $sheet['after']],
            'stop' => $sheet['stop'], 'refer' => $sheet['refer'],
            'items' => $this->items($plan, $client, $situation, (array) $sheet['items']),
            ...$this->days->of($plan, $situation, $closing->on),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $sheet
     * @return array<int, array<string, mixed>> by their id
     */
    private function items(Plan $plan, Client $client, Situation $situation, array $sheet): array
    {
        $wishes = $this->build->wishes($client);
        $items = [];
        foreach ($plan->items->values() as $i => $item) {
            $says = is_array($sheet[$i] ?? null) ? $sheet[$i] : [];
            $items[$item->id] = $this->item->of($item, $says, $situation, $wishes);
        }

        return $items;
    }

    /** @param  list<string>  $stops */
    private static function shut(Client $client, Situation $situation, array $stops, bool $outdated): ?string
    {
        return match (true) {
            $situation->envelope->clearance() === Clearance::Withheld => 'withheld',
            $stops !== [] => 'stopped',
            ClearanceRows::state($client, $situation)->holdsBack() => 'clearance',
            $outdated => 'outdated',
            default => null,
        };
    }

    /** @return list<array<string, mixed>> newest first */
    private static function messages(Client $client): array
    {
        return array_values($client->messages()->whereNull('user_id')->where(
            'kind', '!=', MessageKind::HomeLocked->value,
        )->limit(self::MESSAGES)->get()->map(static fn (Message $m): array => [
            'says' => $m->says, 'on' => Day::of($m->created_at->format('Y-m-d'))->label(), 'answer' => $m->answer,
        ])->all());
    }

    /** @return list<array{on: string, name: string, state: string}> the last seven days, today the last */
    private static function week(Client $client, ?Plan $plan, Day $today): array
    {
        $first = $today->plus(1 - self::WEEK);
        $done = $client->logs()->where('done_on', '>=', (string) $first)->whereNull('skipped')->pluck('done_on')->map(
            static fn (mixed $on): string => is_string($on) ? substr($on, 0, 10) : '',
        )->all();
        $days = [];
        for ($day = $first; ! $day->isAfter($today); $day = $day->plus(1)) {
            $days[] = [
                'on' => (string) $day, 'name' => SheetWords::days([$day->weekday()]),
                'state' => match (true) {
                    in_array((string) $day, $done, true) => 'done',
                    in_array($day->weekday(), $plan->days ?? [], true) => 'planned',
                    default => 'rest',
                },
            ];
        }

        return $days;
    }

    /**
     * The last session, to be asked about next morning.
     *
     * @return array{key: string, on: string, pain: int|null, ask: bool}|null
     */
    private static function last(Client $client, Day $today): ?array
    {
        $log = $client->logs()->whereNull('skipped')->first();

        return ! $log instanceof SessionLog ? null : [
            'key' => $log->idempotency_key, 'on' => substr($log->done_on, 0, 10), 'pain' => $log->pain_before,
            'ask' => $log->pain_next_morning === null && Day::of($log->done_on)->daysTo($today) === 1,
        ];
    }
}
