<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\OwnLimit;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\OwnLimits;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Word;

/** Limits set for one client: those that hold, and what can be set. */
final class OwnLimitResource
{
    /** @return array<string, mixed> */
    public static function of(Client $client): array
    {
        return [
            'own' => array_values($client->ownLimits->map(self::row(...))->all()),
            ...self::choices(),
        ];
    }

    /** @return array<string, mixed> what can be limited by hand, and for which part of the body */
    public static function choices(): array
    {
        return [
            'own_fields' => array_map(static fn (Field $f): array => [
                'code' => $f->value, 'label' => $f->label(), 'mass' => $f === Field::LiftMaxG,
                'words' => array_map(
                    static fn (Word $w): array => [$w->code(), ucfirst($w->label())], OwnLimits::words($f),
                ),
            ], OwnLimits::fields()),
            'own_parts' => array_map(static fn (Scope $s): array => [
                self::code($s), $s->isEverything() ? 'everything' : $s->label(),
            ], self::parts()),
        ];
    }

    /** A part of the body as a form names it: its region and its side. */
    public static function code(Scope $part): string
    {
        return $part->region->value.'|'.$part->side->value;
    }

    /** @return list<Scope> */
    public static function parts(): array
    {
        $parts = [new Scope];
        foreach ([Region::Upper, Region::Lower] as $region) {
            foreach ([Side::Both, Side::Left, Side::Right] as $side) {
                $parts[] = new Scope($region, $side);
            }
        }

        return [...$parts, new Scope(Region::Trunk)];
    }

    /** @return array{id: int, says: string, by: string, why: string, until: string|null} */
    private static function row(OwnLimit $limit): array
    {
        $field = Field::from($limit->field);
        $scope = new Scope(Region::from($limit->region), Side::from($limit->side));

        return [
            'id' => $limit->id,
            'says' => OwnLimits::says($field, $limit->value).($scope->isEverything() ? '' : ', '.$scope->label()),
            'by' => $limit->set_by, 'why' => $limit->why,
            'until' => $limit->until === null ? null : Day::of($limit->until)->label(),
        ];
    }
}
