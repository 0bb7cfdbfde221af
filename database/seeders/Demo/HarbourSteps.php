<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Actions\DraftPlan;
use App\Actions\RecordMeasures;
use App\Actions\SaveKit;
use App\Actions\SaveScreen;
use App\Models\Client;
use App\Models\User;
use App\Rows\Abilities;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Units\Day;
use Illuminate\Database\Seeder;

/**
 * The second clinic of the demo: the twelve clients whose plans the core's tests keep as text, entered through the same
 * actions that the pages use. Their dates are moved so that each is as many weeks along as there.
 *
 * @phpstan-type Fixture array{
 *     person: array{string, string}, client: array<string, mixed>, measures: list<array<string, mixed>>,
 *     kit: array{pieces: list<array<string, mixed>>, carriers: list<array<string, mixed>>},
 *     wants: string, wishes: array{minutes: int, days: list<int>}
 * }
 */
final class HarbourSteps extends Seeder
{
    /** The day on which the fixtures are what they say they are. */
    private const WRITTEN_ON = '2026-11-25';

    public function __construct(
        private readonly SaveScreen $screen,
        private readonly RecordMeasures $measures,
        private readonly SaveKit $kit,
        private readonly DraftPlan $draft,
    ) {
    }

    public function run(): void
    {
        $by = User::query()->where('email', DemoAccounts::OTHER_CLINIC)->firstOrFail()->load('clinic');
        $today = $by->clinic->today();
        foreach (glob(base_path('core/tests/Twelve/clients/*.json')) ?: [] as $file) {
            /** @var Fixture $told */
            $told = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
            $client = $this->screen->run(null, $by, $this->intake($told, $today));
            $this->kit->run(
                $client, $by, self::columns($told['kit']['pieces']), self::columns($told['kit']['carriers']),
                [[
                    'label' => 'Band', 'rest_mm' => 1200, 'form' => 'flat', 'material' => 'latex_free',
                    'max_elongation_pct' => 200, 'pulls' => [['length_mm' => 2400, 'force_mn' => 24000]],
                ]],
                [
                    'place' => ['things' => array_column(Thing::cases(), 'value')],
                    'aids' => self::within($told['client'], 'function')['aids'] ?? [],
                ],
            );
            $this->measures->run($client, $by, $told['measures'], (string) $today);
            $this->draft->run(Client::query()->with('clinic')->findOrFail($client->id), $by);
        }
    }

    /**
     * @param  Fixture  $told
     * @return array<string, mixed> as Screen sends it
     */
    private function intake(array $told, Day $today): array
    {
        $client = $told['client'];
        $moved = static fn (mixed $date): ?string => is_string($date)
            ? (string) Day::of($date)->plus(Day::of(self::WRITTEN_ON)->daysTo($today)) : null;
        $function = self::within($client, 'function');
        $height = is_numeric($client['height_mm']) ? (float) $client['height_mm'] : 0.0;
        $abilities = [
            ...array_diff_key($function, ['limbs' => 1, 'wheelchair' => 1]), ...self::within($function, 'limbs'),
            ...self::within($function, 'wheelchair'),
        ];

        return [
            'given_name' => $told['person'][0], 'family_name' => $told['person'][1],
            'birth_date' => $moved($client['birth_date']), 'sex' => $client['sex'],
            'body_mass_kg' => $client['body_mass_kg'], 'height_cm' => $height / 10,
            'due_date' => $moved(self::within($client, 'pregnancy')['due_date'] ?? null),
            'conditions' => array_map(static fn (mixed $c): array => is_array($c) ? [
                'code' => $c['code'], 'side' => $c['side'] ?? null, 'since' => $moved($c['since'] ?? null),
                'details' => $c['detail'] ?? [],
            ] : [], self::within($client, 'conditions')),
            'grip_left' => self::within($function, 'grip')['left'] ?? null,
            'grip_right' => self::within($function, 'grip')['right'] ?? null,
            'standing' => $function['standing'] ?? null, 'floor_transfer' => $function['floor_transfer'] ?? null,
            'home' => $function['home'] ?? null,
            'abilities' => array_map(
                static fn (mixed $v): mixed => is_bool($v) ? ($v ? 'yes' : 'no') : $v,
                array_intersect_key($abilities, Abilities::FIELDS),
            ),
            'training_level' => self::within($client, 'training')['level'] ?? null, 'training_since' => null,
            'usual' => self::within($client, 'usual'), 'days' => $told['wishes']['days'],
            'minutes' => $told['wishes']['minutes'], 'aim' => 'strength', 'structure' => 'circuit',
            'wants' => $told['wants'],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<array<string, mixed>> without the fixture's own ids
     */
    private static function columns(array $rows): array
    {
        return array_map(static fn (array $row): array => array_diff_key($row, ['id' => 1]), $rows);
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private static function within(array $values, string $key): array
    {
        return is_array($values[$key] ?? null) ? $values[$key] : [];
    }
}
