<?php

declare(strict_types=1);

namespace App\Devices;

use App\Editing\OneForm;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use Carbon\CarbonImmutable;
use Throwable;

/**
 * What a gateway sends, read strictly: a number is a number and no text, a time is a time that can have been, and a
 * key means itself to the letter.
 */
final readonly class Delivery
{
    public const MOST_BYTES = 20_000;

    private const MOST_ID = 999_999_999_999_999_999;

    private const MOST_VALUES = 6;

    /** Devices keep wrong clocks; one that is years off is no time. */
    private const YEARS = [2000, 2037];

    /** @param  array<string, float>  $values */
    private function __construct(
        public string $deviceId,
        public DeviceKind $kind,
        public int $clientId,
        public string $key,
        public CarbonImmutable $time,
        public string $unit,
        public array $values,
        public ?float $batteryPct,
    ) {
    }

    /** @throws InvalidInput naming the field */
    public static function read(string $body): self
    {
        if (strlen($body) > self::MOST_BYTES) {
            throw InvalidInput::at('/body', sprintf('A delivery is one reading, %d bytes at most.', self::MOST_BYTES));
        }
        if (! is_array(json_decode($body, true, 6))) {
            throw InvalidInput::at(
                '/body', 'Send one JSON object: device_id, kind, client_id, key, time, unit, values.',
            );
        }
        $bag = Bag::decode($body);
        $values = $bag->bag('values');
        if (count($values->keys()) > self::MOST_VALUES) {
            throw InvalidInput::at('/values', sprintf('At most %d values at once.', self::MOST_VALUES));
        }
        $read = [];
        foreach ($values->keys() as $field) {
            $read[$field] = $values->number($field, -100_000, 100_000);
        }

        return new self(
            self::word($bag, 'device_id', '/^[\x21-\x7e]{1,60}$/', 'up to 60 letters, digits and signs without spaces'),
            $bag->enum('kind', DeviceKind::class),
            $bag->int('client_id', 1, self::MOST_ID),
            self::word(
                $bag,
                'key',
                '/^[A-Za-z0-9._:-]{8,64}$/',
                '8 to 64 letters, digits, dots, dashes, colons and underscores',
            ),
            self::time($bag),
            self::word($bag, 'unit', '/^[\pL\pN%°\/]{1,12}$/u', 'a unit such as mmHg'),
            $read,
            $bag->optNumber('battery_pct', 0, 100),
        );
    }

    /** The same for the same reading, to tell a resend from another reading under its key. */
    public function hash(): string
    {
        return OneForm::hash(
            [
                $this->deviceId, $this->kind->value, $this->clientId, $this->time->getTimestamp(), $this->unit,
                $this->values, $this->batteryPct,
            ],
        );
    }

    private static function word(Bag $bag, string $field, string $pattern, string $what): string
    {
        $word = $bag->string($field);
        if (preg_match($pattern, $word) !== 1) {
            throw InvalidInput::at($bag->pointer($field), sprintf('"%s" must be %s.', $field, $what));
        }

        return $word;
    }

    private static function time(Bag $bag): CarbonImmutable
    {
        $text = $bag->string('time');
        $fault = InvalidInput::at(
            $bag->pointer('time'),
            sprintf(
                '"time" must be a time with its zone, from %d to %d, for example 2026-11-25T09:30:00+01:00.',
                ...self::YEARS,
            ),
        );
        if (preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d{1,9})?)?(Z|[+-]\d{2}:?\d{2})$/', $text) !== 1) {
            throw $fault;
        }
        try {
            $time = CarbonImmutable::parse($text)->utc();
        } catch (Throwable) {
            throw $fault;
        }
        // Carbon reads 31 February as 3 March.
        if (
            $time->year < self::YEARS[0]
            || $time->year > self::YEARS[1]
            || CarbonImmutable::parse($text)->format('Y-m-d') !== substr($text, 0, 10)
        ) {
            throw $fault;
        }

        return $time;
    }
}
