<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Actions\Refusal;
use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use App\Rows\WishRows;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\BlockWish;
use BuoyantStep\Core\Plan\LeftOut;
use BuoyantStep\Core\Plan\OpenItem;
use BuoyantStep\Core\Plan\OpenPlan;
use BuoyantStep\Core\Plan\Preferences;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Way;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** A plan in the open format (core/schema/plan.json), out of the rows and into them. */
final class PlanFile
{
    private const MOST_BYTES = 1_000_000;

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    public function write(Plan $plan, Client $client): string
    {
        $wishes = new Wishes(
            Aim::from($plan->aim), $plan->days, $plan->minutes, Structure::from($plan->structure),
            Preferences::read(new Bag(self::present($plan->wishes ?? [])), $this->catalogue), WishRows::shapeOf($plan),
            $plan->block_weeks === null ? null : new BlockWish($plan->block_weeks, $plan->block_easier),
        );
        $left = array_map(
            static fn (array $l): LeftOut => new LeftOut($l['what'] ?? $l['pattern'] ?? '', $l['says']),
            $plan->notes['left'],
        );
        $open = new OpenPlan(
            Day::of(substr($plan->drafted_on, 0, 10)), $wishes,
            array_values($plan->items->map($this->item(...))->all()), $left, $plan->notes['trims'],
        );
        $flags = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

        return $client->massUnit()->render(json_encode($open, $flags))."\n";
    }

    private function item(PlanItem $row): OpenItem
    {
        return new OpenItem(
            PlanItemRow::planned($row, $this->catalogue),
            array_map(static fn (array $r): Reason => new Reason(
                $r['from'], $r['rule'], $r['says'], $r['source'],
            ), $row->because),
            $row->findings, $row->recipe, $row->school, PlanItemRow::onDays($row),
            array_map(Way::from(...), $row->ways ?? []), $row->own_set_up, $row->note,
        );
    }

    /**
     * What a file says, every dose of it held against the limits and the kit of today like one that is typed.
     *
     * @throws \Illuminate\Validation\ValidationException at the file, naming the place in it
     */
    public function read(string $json, Situation $situation): OpenPlan
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw Refusal::at('file', 'A plan is no larger than 1 MB.');
        }
        $object = json_decode($json);
        $validator = new Validator;
        $validator->setMaxErrors(1);
        $schema = json_decode((string) file_get_contents(base_path('core/schema/plan.json')));
        if (! is_object($object) || ! is_object($schema)) {
            throw Refusal::at('file', 'This file is no JSON object; export a plan to see what one looks like.');
        }
        $error = $validator->validate($object, $schema)->error();
        if ($error !== null) {
            $found = (new ErrorFormatter)->format($error, false);
            $says = array_values($found)[0] ?? '';
            throw Refusal::at('file', sprintf(
                'At %s: %s', (string) (array_keys($found)[0] ?? '/'),
                is_string($says) ? $says : 'not as the schema has it.',
            ));
        }
        try {
            $plan = OpenPlan::read(Bag::decode($json), $this->catalogue);
            $seen = [];
            foreach ($plan->items as $i => $item) {
                $rung = $item->planned->family->code.'/'.$item->planned->rung->code;
                if (in_array($rung, $seen, true)) {
                    throw Refusal::at('file', sprintf(
                        'At /items/%d/rung: "%s" is in the plan twice.', $i, $item->planned->rung->name,
                    ));
                }
                $seen[] = $rung;
                if ($item->school !== null) {
                    SchoolBook::find($item->school);
                }
                $here = $situation->at($item->planned->family, $item->planned->rung);
                $faults = $here->isOut()
                    ? [$here->whyOut()]
                    : array_column((new DoseFaults($here, $item->planned->goal))->of($item->planned->dose), 'says');
                if ($faults !== []) {
                    throw Refusal::at('file', sprintf(
                        'At /items/%d (%s): %s', $i, $item->planned->rung->name, $faults[0],
                    ));
                }
            }
        } catch (CoreError $error) {
            throw Refusal::at('file', sprintf('At %s: %s', $error->pointer, $error->getMessage()));
        }

        return $plan;
    }

    /** @return array<string, mixed> what to store of one exercise */
    public static function row(OpenItem $item): array
    {
        return [
            'family' => $item->planned->family->code, 'rung' => $item->planned->rung->code,
            'goal' => $item->planned->goal->value, 'dose' => $item->planned->dose->jsonSerialize(),
            'sides' => array_column($item->planned->sides, 'value'),
            'changes' => array_map(static fn ($c): array => $c->jsonSerialize(), $item->planned->made),
            'because' => array_map(static fn (Reason $r): array => $r->jsonSerialize(), $item->because),
            'findings' => $item->findings, 'recipe' => $item->recipe, 'school' => $item->school,
            'light_days' => $item->on->light === [] ? null : $item->on->light,
            'off_days' => $item->on->off === [] ? null : $item->on->off,
            'ways' => $item->ways === [] ? null : array_column($item->ways, 'value'),
            'own_set_up' => $item->ownSetUp, 'note' => $item->note,
        ];
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function present(array $values): array
    {
        return array_filter($values, static fn (mixed $v): bool => $v !== null);
    }
}
