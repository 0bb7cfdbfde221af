<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Actions\AnswerFallsRisk;
use App\Actions\StopSigns;
use App\Models\Client;
use App\Models\ClientCondition;
use App\Models\Plan;
use App\Models\Proposal;
use App\Queries\Kept;
use App\Rows\BuildSituation;
use App\Rows\ClearanceRows;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Limits\Conditions\OtherCondition;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\LimitLines;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** What stays around every stage of one client: name, facts, the stages with their state, the limits in force. */
final class ClientFrame
{
    /** In the order of a clinician's work. */
    private const STAGES = [
        'screen', 'measure', 'limits', 'kit', 'plan', 'sheet', 'gate', 'log', 'review', 'letters', 'messages',
    ];

    public function __construct(private readonly RuleBook $rules, private readonly Kept $kept)
    {
    }

    /** Loads what the frame shows in as few queries as it can. */
    public static function load(Client $client): Client
    {
        if (! $client->relationLoaded('gateChecks')) {
            // Of one client alone: a plain limit costs a third of what the general form does.
            $client->setRelation('gateChecks', $client->gateChecks()->limit(1)->get());
        }

        return $client->loadMissing(
            [
                ...BuildSituation::RELATIONS,
                'clearances',
                'plans' => static fn (HasMany $q) => $q->whereIn('status', [Plan::DRAFT, Plan::ISSUED]),
            ],
        )
            ->loadCount(
                [
                    'proposals as open_proposals_count' => static fn (Builder $q) => $q->where(
                        'status', Proposal::OPEN,
                    )->whereNotIn(
                        'decision', ['stay', 'stop'],
                    ),
                    'logs',
                    'messages as open_messages_count' => static fn (Builder $q) => $q->whereNull('answered_at'),
                    'logs as open_stops_count' => static fn (Builder $q) => $q->whereNotNull('stop_sign')->whereNull(
                        'stop_cleared_at',
                    ),
                ],
            );
    }

    /**
     * A condition's name; one in the clinician's own words says that no rules are known for it.
     *
     * @param  array<string, string>  $labels
     */
    private static function named(ClientCondition $condition, array $labels): string
    {
        return $condition->code === OtherCondition::CODE
            ? ucfirst(implode(', ', $condition->details)).' (no rules known)'
            : $labels[$condition->code] ?? $condition->code;
    }

    /**
     * @param  Closure(): Situation  $situation
     * @return array<string, mixed>
     */
    public function of(Client $client, Closure $situation): array
    {
        $shown = $this->kept->of('frame', $client, [], fn (): array => $this->shown($client, $situation()));
        $lines = $shown['limits'];

        return [
            'id' => $client->id,
            'name' => $client->name(),
            ...$shown,
            'stages' => $this->stages($client, is_array($lines) ? count($lines) : 0),
            'readable' => true,
            'stops' => self::number($client, 'open_stops_count') === 0 ? [] : StopSigns::open($client),
        ];
    }

    /** @return array<string, mixed> what follows from the record */
    private function shown(Client $client, Situation $situation): array
    {
        $labels = $this->rules->labels();
        $facts = $client->conditions->map(
            static fn ($c): string => self::named($c, $labels).(
                $c->side !== null && $c->side !== 'both'
                    ? ', '.$c->side
                    : ''
            ),
        )->values()->all();
        $day = $situation->client->gestationDay($situation->on);
        if ($day !== null) {
            $facts[] = sprintf('%d weeks %d days pregnant', intdiv($day, 7), $day % 7);
        }
        $crossings = $this->rules->crossings($situation->facts());

        return [
            'age' => $situation->client->age($situation->on),
            'home' => [
                'alone' => 'lives alone', 'someone_home' => 'someone at home', 'carer' => 'carer at home',
            ][$client->home ?? '']
                ?? 'home not asked',
            'facts' => $facts,
            'limits' => LimitLines::of($situation->envelope, $labels),
            'crossings' => array_map(
                static fn (Crossing $c): array => [
                    'date' => $c->date->label(), 'days' => $situation->on->daysTo($c->date), 'says' => $c->says,
                    'tightens' => $c->tightens,
                ],
                array_slice($crossings, 0, 3),
            ),
            'clearance' => ClearanceRows::missing($client, $situation),
            'falls' => AnswerFallsRisk::asked($client, $situation),
        ];
    }

    /**
     * The frame of a client whose record cannot be read: who it is and where to go, and no limits at all.
     *
     * @return array<string, mixed>
     */
    public function unreadable(Client $client): array
    {
        return [
            'id' => $client->id, 'name' => $client->name(), 'age' => null, 'home' => 'record cannot be read',
            'facts' => [], 'stages' => self::row($client, []), 'limits' => [], 'crossings' => [], 'clearance' => null,
            'falls' => [], 'readable' => false,
            'stops' => StopSigns::open($client),
        ];
    }

    private static function number(Client $client, string $attribute): int
    {
        $value = $client->getAttributes()[$attribute] ?? null;

        return is_numeric($value) ? (int) $value : 0;
    }

    private static function gate(Client $client): string
    {
        $latest = $client->gateChecks->first();

        if (
            $latest === null
            || ! GateVerdict::from($latest->verdict)->holdsAfter(
                Day::of($latest->checked_on)->daysTo($client->clinic->today()),
            )
        ) {
            return '';
        }

        return $latest->verdict === GateVerdict::StopAndCall->value ? 'stop' : str_replace('_', ' ', $latest->verdict);
    }

    /** @return list<array{key: string, label: string, path: string, state: string}> */
    private function stages(Client $client, int $limits): array
    {
        $issued = $client->plans->firstWhere('status', Plan::ISSUED);
        $draft = $client->plans->firstWhere('status', Plan::DRAFT);
        $open = self::number($client, 'open_proposals_count');
        $tests = $client->measures->unique(static fn ($m): string => $m->test.$m->family)->count();
        $kit = $client->pieces->count() + $client->carriers->count();

        return self::row($client, [
            'screen' => 'done',
            'measure' => $tests === 0 ? '' : (string) $tests,
            'limits' => (string) $limits,
            'kit' => $kit === 0 ? '' : (string) $kit,
            'plan' => $draft !== null ? 'draft '.$draft->version : ($issued !== null ? 'v'.$issued->version : ''),
            'sheet' => $issued === null ? '' : (self::number($client, 'open_stops_count') > 0 ? 'stopped' : 'ready'),
            'gate' => self::gate($client),
            'log' => self::number($client, 'logs_count') === 0 ? '' : (string) self::number($client, 'logs_count'),
            'review' => $open === 0 ? '' : (string) $open,
            'messages' => self::number($client, 'open_messages_count') === 0
                ? ''
                : (string) self::number($client, 'open_messages_count'),
        ]);
    }

    /**
     * @param  array<string, string>  $states  stage to how it stands
     * @return list<array{key: string, label: string, path: string, state: string}>
     */
    private static function row(Client $client, array $states): array
    {
        return array_map(
            static fn (string $key): array => [
                'key' => $key, 'label' => ucfirst($key), 'path' => "/clients/{$client->id}/$key",
                'state' => $states[$key] ?? '',
            ],
            self::STAGES,
        );
    }
}
