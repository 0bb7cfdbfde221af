<?php

declare(strict_types=1);

namespace App\Http\AtHome\Resources;

use App\Http\Clinic\Resources\SheetWords;
use App\Models\Client;
use App\Rows\WeightLog;
use BuoyantStep\Core\Gate\Asked;
use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Home\Field;
use BuoyantStep\Core\Home\GateRow;
use BuoyantStep\Core\Home\GateTable;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\SignKind;

/** The check before a session as a phone takes it along: what is asked, and what is said to every answer. */
final class CardGate
{
    /** Asked for on pages of their own. */
    private const APART = [Vital::Pain];

    /** A device of the household measures these. */
    private const OPTIONAL = [Vital::Ketones];

    /**
     * @param  list<string>  $stops  open red flags, in words
     * @return array<string, mixed>
     */
    public static function of(Client $client, Situation $situation, array $stops): array
    {
        $gate = new Gate($situation->client, $situation->on, $situation->envelope);
        $asked = Asked::of($situation->envelope);
        $numbers = array_filter($asked->numbers, static fn (Vital $v): bool => ! in_array($v, self::APART, true));

        return [
            'numbers' => array_values(array_map(self::number(...), $numbers)),
            'seen' => array_map(static fn (Seen $s): array => [
                'key' => $s->value, 'ask' => HomeWords::says('check.'.$s->value),
            ], $asked->seen),
            'signs' => array_map(static fn (Sign $s): array => [
                'code' => $s->value, 'says' => SheetWords::sign($s), 'stops' => $s->kind() === SignKind::Stop,
            ], $asked->signs),
            'rows' => array_map(self::row(...), GateTable::of(
                $gate, $situation->envelope, $stops, WeightLog::of($client, $situation->on),
            )),
        ];
    }

    /** @return array<string, mixed> */
    private static function number(Vital $vital): array
    {
        return [
            'key' => $vital->value, 'ask' => HomeWords::says('check.number.'.$vital->value), 'unit' => $vital->unit(),
            'hint' => self::hint($vital), 'min' => $vital->range()->min, 'max' => $vital->range()->max,
            'tenths' => in_array($vital, Field::TENTHS, true), 'optional' => in_array($vital, self::OPTIONAL, true),
        ];
    }

    private static function hint(Vital $vital): string
    {
        $key = 'check.hint.'.$vital->value;
        $says = HomeWords::says($key);

        return $says === 'home.'.$key ? '' : $says;
    }

    /** @return array<string, mixed> */
    private static function row(GateRow $row): array
    {
        return [...$row->jsonSerialize(), 'says' => HomeWords::gate($row), 'urgency' => HomeWords::urgency($row)];
    }
}
