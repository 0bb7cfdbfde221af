<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Editing\MassFields;
use App\Models\Client;
use App\Models\KitBand;
use App\Models\KitCarrier;
use App\Models\KitPiece;
use App\Queries\CatalogueIndex;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Client\GripAid;
use BuoyantStep\Core\Exercises\BandSetUp;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\StarterKit;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * The kit to edit, and what it makes: a ladder of loads for each way of holding, with steps that are too far marked.
 */
final class KitResource
{
    /** Loads beyond this are left off the picture, not out of the plan. */
    private const SHOWN_TO_G = 12_000;

    /**
     * The kit as the page edits and sends it.
     *
     * @return array<string, mixed>
     */
    public static function form(Client $client): array
    {
        $place = BuildSituation::place($client);

        return [
            'pieces' => $client->pieces->map(static fn (KitPiece $p): array => [
                'label' => $p->label, 'mass_kg' => (string) Mass::grams($p->mass_g)->kilograms(),
                'count' => (string) $p->count,
                'grip' => $p->grip, 'worn_on' => $p->worn_on,
                'holdable' => $p->holdable, 'packable' => $p->packable, 'plate' => $p->plate, 'weighed' => $p->weighed,
            ])->values()->all(),
            'carriers' => $client->carriers->map(static fn (KitCarrier $c): array => [
                'label' => $c->label, 'mass_kg' => (string) Mass::grams($c->mass_g)->kilograms(),
                'count' => (string) $c->count,
                'grip' => $c->grip, 'worn_on' => $c->worn_on,
                'max_mass_kg' => (string) Mass::grams($c->max_mass_g)->kilograms(),
                'max_pieces' => (string) $c->max_pieces,
                'plates' => $c->plates,
            ])->values()->all(),
            'bands' => $client->bands->map(static fn (KitBand $b): array => self::band($b))->values()->all(),
            'place' => [
                'floor' => $place->floor,
                'door' => $place->door,
                'chair_at_wall' => $place->chairAtWall,
                'things' => array_column(
                    array_filter(self::things($place), static fn (array $t): bool => $t['here']), 'code',
                ),
            ],
            'aids' => ['left' => $client->aids['left'] ?? [], 'right' => $client->aids['right'] ?? []],
        ];
    }

    /** @return array<string, mixed> */
    public static function of(Client $client, Situation $situation): array
    {
        return [
            'form' => MassFields::shown(self::form($client)),
            'version' => $client->kit_version,
            'band_rungs' => $client->bands->isEmpty() ? [] : app(CatalogueIndex::class)->bandRungs(),
            'things' => self::things($situation->place),
            'gone_through' => $situation->place->things !== null,
            'anchors' => $situation->place->anchors(),
            'aids_known' => array_map(
                static fn (GripAid $a): array => ['code' => $a->value, 'name' => $a->label()], GripAid::cases(),
            ),
            'findings' => array_map(
                static fn (Reason $r): string => $r->says,
                $situation->place->findings($situation->client->function, $situation->kit),
            ),
            'readings' => ReadingResource::latest($client),
            'options' => Options::kit(),
            'starter' => [
                'pieces' => self::starters(StarterKit::pieces()), 'carriers' => self::starters(StarterKit::carriers()),
            ],
            'shown_to' => Mass::say(self::SHOWN_TO_G),
            // What one hand can take is the same whichever hand it is.
            'ladders' => array_values(array_map(
                static fn (Holding $h): array => self::ladder($h, $situation),
                array_filter(Holding::cases(), static fn (Holding $h): bool => $h !== Holding::OppositeHand),
            )),
            'grip' => [
                'left' => $situation->client->function->grip(Side::Left)->value,
                'right' => $situation->client->function->grip(Side::Right)->value,
            ],
        ];
    }

    /**
     * Things to start from, each mass as its box takes it.
     *
     * @param  list<array<string, mixed>>  $starters
     * @return list<array<string, mixed>>
     */
    private static function starters(array $starters): array
    {
        return array_map(static function (array $starter): array {
            foreach (['mass', 'max_mass'] as $mass) {
                if (is_int($starter["{$mass}_g"] ?? null)) {
                    $starter["{$mass}_kg"] = Mass::field($starter["{$mass}_g"]);
                    unset($starter["{$mass}_g"]);
                }
            }

            return $starter;
        }, $starters);
    }

    /** @return array<string, mixed> */
    private static function band(KitBand $row): array
    {
        $band = BuildSituation::band($row)->band;
        $plain = static fn (float $n): string => rtrim(rtrim(number_format($n, 2, '.', ''), '0'), '.');

        return [
            'id' => $row->id, 'label' => $row->label, 'rest_cm' => $plain($row->rest_mm / 10), 'form' => $row->form,
            'material' => $row->material, 'max_pct' => (string) $row->max_elongation_pct,
            'pulls' => array_map(
                static fn (array $p): array => [
                    'cm' => $plain($p['length_mm'] / 10), 'kgf' => $plain($p['force_mn'] / 1000 / BandSetUp::KGF),
                ],
                $row->pulls,
            ),
            'curve' => array_map(
                static fn (array $p): array => [
                    'pct' => round($p[0], 1), 'newtons' => $p[1], 'pull' => Mass::say($p[1] / BandSetUp::KGF * 1000),
                ],
                $band->curve(),
            ),
        ];
    }

    /** @return list<array{code: string, name: string, or: string|null, room: string, here: bool}> */
    private static function things(Place $place): array
    {
        return array_values(array_map(
            static fn (Thing $t): array => [
                'code' => $t->value, 'name' => $t->label(), 'or' => $t->substitute(), 'room' => $t->room(),
                'here' => $place->has($t),
            ],
            array_filter(Thing::cases(), static fn (Thing $t): bool => $t->isTicked()),
        ));
    }

    /** @return array<string, mixed> */
    private static function ladder(Holding $holding, Situation $situation): array
    {
        $ladder = $situation->kitLadder($holding, self::SHOWN_TO_G);
        $stepMax = $situation->envelope->atLeast(Field::StepPctMax, 10);
        $loads = [];
        $before = null;
        foreach ($ladder->loads as $load) {
            $step = $before === null ? null : round(($load->loadG / $before - 1) * 100, 1);
            $loads[] = [
                'g' => $load->loadG, 'label' => Mass::say($load->loadG), 'recipe' => $load->recipe($situation->kit),
                'step' => $step, 'too_far' => $step !== null && $step > $stepMax,
            ];
            $before = $load->loadG;
        }

        return ['holding' => $holding->value, 'label' => $holding->label(), 'loads' => $loads, 'step_max' => $stepMax];
    }
}
