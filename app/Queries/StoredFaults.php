<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Clearance;
use App\Models\Client;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Units\Day;
use ValueError;

/**
 * What of a stored record cannot be computed with, part by part, and where it is put right: on Screen, or by taking
 * the part out. Asked only once something has failed.
 *
 * @phpstan-type Fault array{part: string, id: int, where: string, says: string, take_out: bool}
 */
final class StoredFaults
{
    private const SESSIONS = 30;

    public function __construct(private readonly BuildSituation $build, private readonly Catalogue $catalogue)
    {
    }

    /** @return list<Fault> at least one: what cannot be placed is said as it is */
    public function of(Client $client, CoreError|ValueError $met): array
    {
        $client->loadMissing([...BuildSituation::RELATIONS, 'clearances']);
        $found = [
            ...$this->fault(
                'screen', 0, 'Screen', false, fn () => Profile::read(new Bag($this->build->openForm($client))),
            ),
            ...$this->fault('place', 0, 'Kit, home', true, static fn () => BuildSituation::place($client)),
            ...$this->clearances($client), ...$this->measures($client), ...$this->kit($client),
            ...$this->plans($client), ...$this->logs($client),
        ];

        return $found === []
            ? [
                [
                    'part' => 'other', 'id' => 0, 'where' => 'This record', 'says' => $met->getMessage(),
                    'take_out' => false,
                ],
            ]
            : $found;
    }

    /** @return list<Fault> */
    private function clearances(Client $client): array
    {
        $found = [];
        foreach ($client->clearances as $clearance) {
            $found = [
                ...$found,
                ...$this->fault(
                    'clearance', $clearance->id, 'Screen, clearance', true, static fn () => self::days($clearance),
                ),
            ];
        }

        return $found;
    }

    private static function days(Clearance $clearance): void
    {
        Day::of($clearance->given_on);
        if ($clearance->until !== null) {
            Day::of($clearance->until);
        }
    }

    /** @return list<Fault> */
    private function measures(Client $client): array
    {
        $found = [];
        foreach ($client->measures as $measure) {
            $found = [
                ...$found,
                ...$this->fault(
                    'measure', $measure->id, 'Measure, '.$measure->measured_on, true,
                    static fn () => BuildSituation::result($measure),
                ),
            ];
        }

        return $found;
    }

    /** @return list<Fault> */
    private function kit(Client $client): array
    {
        $found = [];
        foreach ($client->pieces as $piece) {
            $found = [
                ...$found,
                ...$this->fault(
                    'piece', $piece->id, 'Kit, '.$piece->label, true, static fn () => BuildSituation::piece($piece),
                ),
            ];
        }
        foreach ($client->carriers as $carrier) {
            $found = [
                ...$found,
                ...$this->fault(
                    'carrier', $carrier->id, 'Kit, '.$carrier->label, true,
                    static fn () => BuildSituation::carrier($carrier),
                ),
            ];
        }
        foreach ($client->bands as $band) {
            $found = [
                ...$found,
                ...$this->fault(
                    'band', $band->id, 'Kit, '.$band->label, true, static fn () => BuildSituation::band($band),
                ),
            ];
        }

        return $found;
    }

    /** @return list<Fault> */
    private function plans(Client $client): array
    {
        $found = [];
        foreach ($client->plans()->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items')->get() as $plan) {
            foreach ($plan->items as $item) {
                $found = [...$found, ...$this->fault('plan_item', $item->id, sprintf(
                    'Plan, version %d, %s', $plan->version, str_replace('_', ' ', $item->family),
                ), true, function () use ($item): void {
                    $this->catalogue->family($item->family)->rung($item->rung);
                    PlanItemRow::dose($item);
                    PlanItemRow::goal($item);
                })];
            }
        }
        foreach ($client->proposals()->where('status', Proposal::OPEN)->with('planItem')->get() as $proposal) {
            $read = function () use ($proposal): void {
                $this->catalogue->family($proposal->planItem->family)->rung($proposal->rung);
                $this->catalogue->family($proposal->planItem->family)->rung($proposal->planItem->rung);
                PlanItemRow::dose($proposal->planItem);
                Dose::read(new Bag($proposal->dose));
            };
            $found = [...$found, ...$this->fault('proposal', $proposal->id, 'Review', true, $read)];
        }

        return $found;
    }

    /** @return list<Fault> */
    private function logs(Client $client): array
    {
        $found = [];
        foreach ($client->logs()->with('items')->limit(self::SESSIONS)->get() as $log) {
            foreach ($log->items as $item) {
                $read = function () use ($item): void {
                    $this->catalogue->family($item->family)->rung($item->rung);
                    array_map(static fn (array $s): LoggedSet => LoggedSet::read(new Bag($s)), $item->sets);
                };
                $found = [...$found, ...$this->fault('log_item', $item->id, self::session($log, $item), true, $read)];
            }
        }

        return $found;
    }

    private static function session(SessionLog $log, LogItem $item): string
    {
        return sprintf('Log, %s, %s', $log->done_on, str_replace('_', ' ', $item->family));
    }

    /**
     * @param  callable(): mixed  $read
     * @return list<Fault>
     */
    private function fault(string $part, int $id, string $where, bool $takeOut, callable $read): array
    {
        try {
            $read();

            return [];
        } catch (CoreError $e) {
            return [
                [
                    'part' => $part,
                    'id' => $id,
                    'where' => $where.(
                        $part === 'screen'
                            ? ', '.str_replace(['/', '_'], [' ', ' '], trim($e->pointer, '/'))
                            : ''
                    ),
                    'says' => $e->getMessage(),
                    'take_out' => $takeOut,
                ],
            ];
        } catch (ValueError) {
            return [
                [
                    'part' => $part, 'id' => $id, 'where' => $where,
                    'says' => 'It holds a word that is not known here.', 'take_out' => $takeOut,
                ],
            ];
        }
    }
}
