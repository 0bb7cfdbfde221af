<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use App\Actions\SaveKit;
use BuoyantStep\Core\Client\GripAid;
use BuoyantStep\Core\Exercises\BandSetUp;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\Door;
use BuoyantStep\Core\Kit\Floor;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Kit\WornOn;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\GripClass;
use Illuminate\Validation\Rule;

/**
 * The whole kit of a home as one list, saved at once. Kilograms and centimetres come in; grams, millimetres and
 * millinewtons are kept.
 *
 * @phpstan-import-type BandFields from SaveKit
 */
final class KitRequest extends ClinicRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $common = [
            'label' => ['required', 'string', 'max:80'],
            'count' => ['required', 'integer', 'between:1,99'],
            'grip' => ['required', Rule::enum(GripClass::class)],
            'worn_on' => ['sometimes', 'required', Rule::enum(WornOn::class)],
        ];
        $rules = [
            'version' => ['required', 'integer', 'between:1,4000000000'],
            'pieces' => ['present', 'array', 'max:'.SaveKit::MOST_PIECES],
            'carriers' => ['present', 'array', 'max:'.SaveKit::MOST_CARRIERS],
        ];
        foreach (['pieces', 'carriers'] as $list) {
            foreach ($common as $field => $rule) {
                $rules["$list.*.$field"] = $rule;
            }
        }

        return [
            ...$rules,
            'pieces.*.mass_kg' => ['required', 'numeric', 'between:0.001,100'],
            'pieces.*.holdable' => ['required', 'boolean'],
            'pieces.*.packable' => ['required', 'boolean'],
            'pieces.*.plate' => ['required', 'boolean'],
            'pieces.*.weighed' => ['required', 'boolean'],
            'carriers.*.mass_kg' => ['required', 'numeric', 'between:0,100'],
            'carriers.*.max_mass_kg' => ['required', 'numeric', 'between:0,100'],
            'carriers.*.max_pieces' => ['required', 'integer', 'between:0,60'],
            'carriers.*.plates' => ['required', 'boolean'],
            ...self::bandRules(),
            ...self::homeRules(),
        ];
    }

    /** @return array<string, mixed> */
    private static function bandRules(): array
    {
        return [
            'bands' => ['array', 'max:20'],
            'bands.*.label' => ['required', 'string', 'max:80'],
            'bands.*.rest_cm' => ['required', 'numeric', 'between:5,1000'],
            'bands.*.form' => ['required', Rule::enum(BandForm::class)],
            'bands.*.material' => ['required', Rule::enum(BandMaterial::class)],
            'bands.*.max_pct' => ['required', 'integer', 'between:1,600'],
            // Without any it is used by how it feels, where no limit caps the load.
            'bands.*.pulls' => ['present', 'array', 'between:0,8'],
            'bands.*.pulls.*.cm' => ['required', 'numeric', 'between:5,5000'],
            'bands.*.pulls.*.kgf' => ['required', 'numeric', 'between:0.01,200'],
        ];
    }

    /** @return array<string, mixed> */
    private static function homeRules(): array
    {
        $aids = ['array', 'max:20'];

        return [
            'place' => ['array'],
            'place.things' => ['nullable', 'array', 'max:200'],
            'place.things.*' => [Rule::enum(Thing::class)],
            'place.floor' => ['nullable', Rule::enum(Floor::class)],
            'place.door' => ['nullable', Rule::enum(Door::class)],
            'place.chair_at_wall' => ['nullable', 'boolean'],
            'aids' => $aids, 'aids.left' => $aids, 'aids.right' => $aids,
            'aids.left.*' => [Rule::enum(GripAid::class)], 'aids.right.*' => [Rule::enum(GripAid::class)],
        ];
    }

    protected function decimals(): array
    {
        return [
            'pieces.*.mass_kg', 'carriers.*.mass_kg', 'carriers.*.max_mass_kg', 'bands.*.rest_cm', 'bands.*.pulls.*.cm',
            'bands.*.pulls.*.kgf',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version.*' => 'This page does not say which state it was made from: load it anew.',
            'pieces.*.mass_kg.*' => sprintf(
                'Mass must be from %s to %s, for example %s for a half-litre bottle.',
                Mass::say(1),
                Mass::say(100_000),
                Mass::say(520),
            ),
            'carriers.*.mass_kg.*' => sprintf(
                'Mass must be from 0 to %s, for example %s for a tote.', Mass::say(100_000), Mass::say(150),
            ),
            'carriers.*.max_mass_kg.*' => sprintf(
                'What it can carry must be from 0 to %s, for example %s.', Mass::say(100_000), Mass::say(12_000),
            ),
            ...array_fill_keys([
                'pieces.*.holdable.*', 'pieces.*.packable.*', 'pieces.*.plate.*', 'pieces.*.weighed.*',
                'carriers.*.plates.*',
            ], 'Tick it, or leave it without a tick.'),
            'carriers.*.max_pieces.*' => 'Room must be from 0 to 60 pieces, for example 12.',
            'bands.*.rest_cm.*' => 'The length at rest must be from 5 to 1000 cm, for example 120.',
            'bands.*.max_pct.*' => 'The most it may be stretched must be from 1 to 600 %, for example 200.',
            'bands.*.pulls' => 'Pull it on a scale to eight lengths at most, and enter what the scale shows.',
            'bands.*.pulls.*.cm.*' => 'The length it was pulled to, in cm, for example 180.',
            'bands.*.pulls.*.kgf.*' => sprintf('What the scale showed, for example %s.', Mass::say(1500)),
            '*.*.count.*' => 'The count must be from 1 to 99.',
            '*.*.label.*' => 'Give it a name, for example water bottle 0.5 L.',
        ];
    }

    /** @return list<array<string, mixed>> */
    public function pieces(): array
    {
        return $this->rows(
            'pieces', ['label', 'count', 'grip', 'worn_on', 'holdable', 'packable', 'plate', 'weighed'],
            ['mass_kg' => 'mass_g'],
        );
    }

    /** @return list<array<string, mixed>> */
    public function carriers(): array
    {
        return $this->rows(
            'carriers', ['label', 'count', 'grip', 'worn_on', 'max_pieces', 'plates'],
            ['mass_kg' => 'mass_g', 'max_mass_kg' => 'max_mass_g'],
        );
    }

    /** @return list<BandFields>|null */
    public function bands(): ?array
    {
        if (! $this->has('bands')) {
            return null;
        }
        $bands = [];
        foreach ((array) $this->validated('bands') as $row) {
            $row = is_array($row) ? $row : [];
            $pulls = [];
            foreach (is_array($row['pulls'] ?? null) ? $row['pulls'] : [] as $pull) {
                if (is_array($pull)) {
                    // A luggage scale reads kilograms; the kit keeps millinewtons.
                    $pulls[] = [
                        'length_mm' => self::whole($pull['cm'] ?? null, 10),
                        'force_mn' => self::whole($pull['kgf'] ?? null, BandSetUp::KGF * 1000),
                    ];
                }
            }
            $bands[] = [
                'label' => $row['label'] ?? null, 'form' => $row['form'] ?? null,
                'material' => $row['material'] ?? null,
                'rest_mm' => self::whole($row['rest_cm'] ?? null, 10),
                'max_elongation_pct' => self::whole($row['max_pct'] ?? null, 1),
                'pulls' => $pulls,
            ];
        }

        return $bands;
    }

    /** @return array<string, mixed>|null place and aids, when the form has them */
    public function home(): ?array
    {
        $place = $this->validated('place');
        if (is_array($place)) {
            $place['things'] = is_array($place['things'] ?? null) ? array_values($place['things']) : null;
            $place['chair_at_wall'] = isset($place['chair_at_wall'])
                ? filter_var($place['chair_at_wall'], FILTER_VALIDATE_BOOL)
                : null;
        }
        $aids = $this->validated('aids');
        if (is_array($aids)) {
            $aids = array_map(
                static fn (mixed $hand): array => is_array($hand) ? array_values($hand) : [],
                array_intersect_key($aids, ['left' => 1, 'right' => 1]),
            );
        }
        $home = array_filter(['place' => $place, 'aids' => $aids], static fn (mixed $v): bool => $v !== null);

        return $home === [] ? null : $home;
    }

    /**
     * @param  list<string>  $keep
     * @param  array<string, string>  $masses  kilogram field to gram column
     * @return list<array<string, mixed>>
     */
    private function rows(string $list, array $keep, array $masses): array
    {
        $rows = [];
        foreach ((array) $this->validated($list) as $row) {
            $row = is_array($row) ? $row : [];
            $kept = array_intersect_key($row, array_flip($keep));
            foreach ($masses as $kg => $grams) {
                $kept[$grams] = Mass::typed($row[$kg] ?? null)->grams ?? 0;
            }
            $rows[] = $kept;
        }

        return $rows;
    }

    private static function whole(mixed $value, float $times): int
    {
        return (int) round((is_numeric($value) ? (float) $value : 0) * $times);
    }
}
