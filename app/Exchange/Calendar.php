<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Actions\Refusal;
use App\Models\Client;
use App\Models\Plan;
use BuoyantStep\Core\Plan\Availability;
use BuoyantStep\Core\Plan\Days\WeekSessions;
use BuoyantStep\Core\Plan\Minutes;
use BuoyantStep\Core\Units\Day;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime as When;
use Sabre\VObject\Reader;
use Throwable;

/** The days of a plan as iCalendar (RFC 5545), and what is taken in somebody's week read from one. */
final class Calendar
{
    private const DAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];

    private const MOST_BYTES = 2_000_000;

    /** Nothing clinical stands in it: a calendar is seen by others. One event for all days that hold the same. */
    public function write(Plan $plan, Client $client, WeekSessions $sessions, Day $today): string
    {
        return self::quietly(static function () use ($plan, $client, $sessions, $today): string {
            $calendar = new VCalendar(['PRODID' => '-//Buoyant Step//EN']);
            foreach ($sessions->all as $i => ['group' => $group, 'session' => $session]) {
                $event = $calendar->createComponent('VEVENT', [
                    'UID' => sprintf(
                        'plan-%d-%d%s@buoyant-step.invalid', $client->id, $plan->version, $i === 0 ? '' : '-'.($i + 1),
                    ),
                    'SUMMARY' => sprintf('Exercises, %d minutes', Minutes::round($session->seconds)),
                    'RRULE' => 'FREQ=WEEKLY;BYDAY='.implode(',', array_map(
                        static fn (int $d): string => self::DAYS[$d - 1] ?? 'MO', $group->days,
                    )),
                    'TRANSP' => 'TRANSPARENT',
                ]);
                $first = str_replace('-', '', (string) self::firstDay($today, $group->days));
                $event->add($calendar->createProperty('DTSTART', $first, ['VALUE' => 'DATE']));
                $calendar->add($event);
            }

            return (string) $calendar->serialize();
        });
    }

    /** @param  list<int>  $days  1 Monday to 7 Sunday */
    private static function firstDay(Day $from, array $days): Day
    {
        while (! in_array($from->weekday(), $days, true)) {
            $from = $from->plus(1);
        }

        return $from;
    }

    /**
     * On which days of the week a session has room, by a calendar somebody keeps.
     *
     * @return list<int> 1 Monday to 7 Sunday
     */
    public function free(string $ics, Day $today, int $minutes, string $zone): array
    {
        if (strlen($ics) > self::MOST_BYTES) {
            throw Refusal::at('file', 'A calendar is no larger than 2 MB.');
        }
        try {
            return self::quietly(
                static fn (): array => Availability::days(self::busy($ics, $today, $zone), $today, $minutes),
            );
        } catch (Throwable) {
            throw Refusal::at('file', 'This file is no calendar; export one as iCalendar (.ics).');
        }
    }

    /** @return array<string, list<array{int, int}>> day to what is taken, minutes of that day */
    private static function busy(string $ics, Day $today, string $zone): array
    {
        $local = new DateTimeZone($zone);
        $from = new DateTimeImmutable((string) $today, $local);
        $until = $from->modify('+'.(7 * Availability::WEEKS).' days');
        $calendar = Reader::read($ics);
        if (! $calendar instanceof VCalendar) {
            throw Refusal::at('file', 'This file is no calendar.');
        }
        $busy = [];
        foreach ($calendar->expand($from, $until, $local)->select('VEVENT') as $event) {
            if (! $event instanceof VEvent || self::first($event, 'TRANSP')?->getValue() === 'TRANSPARENT') {
                continue;
            }
            $start = self::at(self::first($event, 'DTSTART'), $local);
            $end = self::at(self::first($event, 'DTEND'), $local);
            if ($start === null) {
                continue;
            }
            self::take($busy, $start, $end ?? ($start->format('H:i') === '00:00' ? $start->modify('+1 day') : $start));
        }

        return $busy;
    }

    /** @param  array<string, list<array{int, int}>>  $busy */
    private static function take(array &$busy, DateTimeImmutable $start, DateTimeImmutable $end): void
    {
        for ($day = $start->setTime(0, 0); $day < $end; $day = $day->modify('+1 day')) {
            $next = $day->modify('+1 day');
            $busy[$day->format('Y-m-d')][] = [
                $start > $day ? self::minute($start) : 0, $end < $next ? self::minute($end) : 1440,
            ];
        }
    }

    private static function minute(DateTimeInterface $at): int
    {
        return 60 * (int) $at->format('G') + (int) $at->format('i');
    }

    private static function first(VEvent $event, string $name): ?Property
    {
        $found = array_values($event->select($name))[0] ?? null;

        return $found instanceof Property ? $found : null;
    }

    private static function at(?Property $property, DateTimeZone $zone): ?DateTimeImmutable
    {
        return $property instanceof When
            ? DateTimeImmutable::createFromInterface($property->getDateTime($zone))->setTimezone($zone)
            : null;
    }

    /**
     * The library is older than the deprecations of this PHP: they are no faults of ours, here alone.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    private static function quietly(callable $do): mixed
    {
        $level = error_reporting(E_ALL & ~E_DEPRECATED & ~E_USER_DEPRECATED);
        try {
            return $do();
        } finally {
            error_reporting($level);
        }
    }
}
