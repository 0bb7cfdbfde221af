<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Client;
use App\Models\ClientCondition;
use App\Models\Clinic;
use App\Models\ClinicFigure;
use App\Models\KitBand as BandRow;
use App\Models\KitCarrier;
use App\Models\KitPiece;
use App\Models\LoggedEstimate;
use App\Models\MeasureResult;
use App\Models\OwnLimit;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\Carrier;
use BuoyantStep\Core\Kit\House;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Piece;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\WornOn;
use BuoyantStep\Core\Limits\ClinicFigures;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\LoggedExercise;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\EstimateFrom;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\Side;
use Closure;

/** From stored rows to the core's values: the one place where the two meet. */
final class BuildSituation
{
    /** Relations that a situation reads; load these first. */
    public const RELATIONS = [
        'clinic.figures', 'conditions', 'measures', 'pieces', 'carriers', 'bands', 'clearances', 'ownLimits',
        'loggedEstimates',
    ];

    public function __construct(private readonly RuleBook $rules, private readonly Catalogue $catalogue)
    {
    }

    public function of(Client $client, ?Day $on = null): Situation
    {
        $client->loadMissing(self::RELATIONS);

        $facts = new Facts(
            $this->profile($client), $on ?? $client->clinic->today(), $this->measures($client),
            clearances: ClearanceRows::given($client),
        );
        $house = new House($this->kit($client), self::place($client));

        return new Situation(
            $facts, $house, $this->catalogue, $this->rules, $this->figures($client->clinic), self::logged($client),
        );
    }

    /**
     * Built when it is asked for, and once: where all that is shown is kept, nobody asks.
     *
     * @return Closure(): Situation
     */
    public function later(Client $client): Closure
    {
        $built = null;

        return function () use ($client, &$built): Situation {
            return $built ??= $this->of($client);
        };
    }

    /** @return list<LoggedExercise> */
    private static function logged(Client $client): array
    {
        $kept = static fn (LoggedEstimate $e): Estimate => Estimate::kept(
            $e->grams, Confidence::from($e->confidence), EstimateFrom::Log, Day::of($e->done_on), $e->says,
            Side::from($e->side),
        );

        return array_values($client->loggedEstimates->map(
            static fn (LoggedEstimate $e): LoggedExercise => new LoggedExercise($e->family, $e->rung, $kept($e)),
        )->all());
    }

    public function wishes(Client $client): Wishes
    {
        return new Wishes(
            Aim::from($client->aim), $client->days, $client->minutes, Structure::from($client->structure),
            WishRows::preferences($client, $this->catalogue), WishRows::shape($client),
        );
    }

    /**
     * The client in the core's open form: also what `bin/buoy` takes.
     *
     * @return array<string, mixed>
     */
    public function openForm(Client $client): array
    {
        return array_filter([
            'birth_date' => $client->birth_date,
            'sex' => $client->sex,
            'body_mass_kg' => Mass::grams($client->body_mass_g)->kilograms(),
            'height_mm' => $client->height_mm,
            'conditions' => $client->conditions->map(static fn (ClientCondition $c): array => array_filter([
                'code' => $c->code, 'side' => $c->side, 'since' => $c->since, 'until' => $c->until,
                'detail' => $c->details,
            ]))->values()->all(),
            'pregnancy' => $client->due_date === null ? null : ['due_date' => $client->due_date],
            'postpartum' => $client->birth_given_on === null
                ? null
                : [
                    'birth_date' => $client->birth_given_on, 'birth' => $client->birth_kind ?? 'caesarean',
                    'symptoms' => $client->birth_symptoms ?? [],
                ],
            'own_limits' => array_values(
                $client->ownLimits->map(static fn (OwnLimit $l): array => $l->openForm())->all(),
            ),
            'medicines' => $client->medicines,
            'insensate' => $client->insensate,
            'usual' => array_filter(
                [...($client->usual ?? []), 'pain' => $client->usual_pain], static fn (mixed $v): bool => $v !== null,
            ),
            'function' => self::functions($client),
            'schools' => self::schools($client),
            'training' => array_filter(['level' => $client->training_level, 'since' => $client->training_since]),
        ], static fn (mixed $v): bool => $v !== null && $v !== []);
    }

    /** @return array<string, mixed> what was asked about the hands, standing and the home */
    private static function functions(Client $client): array
    {
        return array_filter([
            'grip' => array_filter(['left' => $client->grip_left, 'right' => $client->grip_right]),
            'aids' => array_filter($client->aids ?? []),
            'standing' => $client->standing,
            'floor_transfer' => $client->floor_transfer,
            'home' => $client->home,
        ]) + Abilities::openForm($client->abilities);
    }

    /** @return array<string, string> the clinic's choices, and over them the client's own */
    private static function schools(Client $client): array
    {
        $own = [
            'pain' => $client->pain_school, 'pregnancy_supine' => $client->supine_school,
            'fragile_bone' => $client->bone_school,
        ];

        return array_filter([...($client->clinic->schools ?? []), ...array_filter($own)]);
    }

    private function figures(Clinic $clinic): ClinicFigures
    {
        $clinic->loadMissing('figures');

        return new ClinicFigures(
            array_values(
                $clinic->figures->map(
                    static fn (ClinicFigure $f): array => [
                        'rule' => $f->rule, 'field' => $f->field, 'value' => $f->value, 'loosens' => $f->loosens,
                        'reason' => $f->reason,
                    ],
                )->all(),
            ),
        );
    }

    public function profile(Client $client): Profile
    {
        return Profile::read(new Bag($this->openForm($client)));
    }

    private function measures(Client $client): MeasureSet
    {
        return MeasureSet::read(array_values($client->measures->map(self::measured(...))->all()));
    }

    private static function measured(MeasureResult $m): Bag
    {
        return new Bag(array_filter([
            'test' => $m->test, 'side' => $m->side, 'value' => $m->value === null
                ? null
                : (float) $m->value, 'second_value' => $m->second_value === null
                ? null
                : (float) $m->second_value, 'family' => $m->family, 'rung' => $m->rung,
            'load_g' => $m->load_g, 'reps' => $m->reps, 'rir' => $m->rir, 'not_tested' => $m->not_tested,
            'on' => $m->measured_on,
        ], static fn (mixed $v): bool => $v !== null));
    }

    public static function result(MeasureResult $row): Result
    {
        return Result::read(self::measured($row));
    }

    public static function piece(KitPiece $p): Piece
    {
        return new Piece(
            'p'.$p->id, $p->label, $p->mass_g, $p->count, GripClass::from($p->grip), $p->holdable, $p->packable,
            $p->plate, WornOn::from($p->worn_on),
        );
    }

    public static function carrier(KitCarrier $c): Carrier
    {
        return new Carrier(
            'c'.$c->id, $c->label, $c->mass_g, $c->count, $c->max_mass_g, $c->max_pieces, GripClass::from($c->grip),
            $c->plates, WornOn::from($c->worn_on),
        );
    }

    public static function place(Client $client): Place
    {
        return Place::read(new Bag(array_filter($client->place ?? [], static fn (mixed $v): bool => $v !== null)));
    }

    private function kit(Client $client): Kit
    {
        return new Kit(
            array_values($client->pieces->map(self::piece(...))->all()),
            array_values($client->carriers->map(self::carrier(...))->all()),
            array_values($client->bands->map(self::band(...))->all()),
        );
    }

    public static function band(BandRow $row): KitBand
    {
        $pulls = array_map(
            static fn (array $p): array => [(float) $p['length_mm'], $p['force_mn'] / 1000], $row->pulls,
        );

        return new KitBand(
            'b'.$row->id,
            $row->label,
            Band::fromPulls((float) $row->rest_mm, $pulls, (float) $row->max_elongation_pct),
            BandMaterial::from($row->material),
            BandForm::from($row->form),
        );
    }
}
