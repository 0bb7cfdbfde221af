<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Feature\Support\Scene;

uses(RefreshDatabase::class);

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    // A Monday, in a clinic an hour ahead.
    $this->travelTo('2026-11-30 08:00:00');
    $this->scene->user->clinic->update(['timezone' => 'Europe/Brussels']);
    $this->days = fn (string $events, int $minutes = 30) => $this->postJson('/calendar', [
        'minutes' => $minutes, 'file' => UploadedFile::fake()->createWithContent(
            'mine.ics', "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\n$events\r\nEND:VCALENDAR\r\n",
        ),
    ]);
});

function taken(string ...$lines): string
{
    return implode("\r\n", ['BEGIN:VEVENT', 'UID:a@x', 'DTSTAMP:20261101T000000Z', ...$lines, 'END:VEVENT']);
}

it('writes the days of a plan as a calendar that tells nobody what it is about', function (): void {
    $plan = $this->scene->drafted([
        'days' => [2, 5], 'conditions' => [['code' => 'hypertension_controlled', 'details' => []]],
    ]);
    $ics = (string) $this->get("/clients/{$plan->client_id}/plan.ics")->assertOk()->getContent();
    $calendar = @Reader::read($ics);
    expect($calendar)->toBeInstanceOf(VCalendar::class)
        ->and((string) $calendar->VEVENT->RRULE)->toBe('FREQ=WEEKLY;BYDAY=TU,FR')
        ->and((string) $calendar->VEVENT->DTSTART)->toBe('20261201')
        ->and((string) $calendar->VEVENT->SUMMARY)->toMatch('/^Exercises, \d+ minutes$/')
        ->and($ics)->not->toContain('Ada')->not->toContain('ypertension');
});

it('reads on which days a session has room', function (string $events, array $days): void {
    ($this->days)($events)->assertOk()->assertExactJson(['days' => $days]);
})->with([
    'nothing taken' => ['', [1, 2, 3, 4, 5, 6, 7]],
    'dialysis every Tuesday and Thursday, all day' => [
        taken('DTSTART;VALUE=DATE:20261103', 'RRULE:FREQ=WEEKLY;BYDAY=TU,TH', 'SUMMARY:Dialysis'), [1, 3, 5, 6, 7],
    ],
    // From 06:00 to 19:45 in Brussels, written in UTC: a quarter of an hour is left.
    'a long Friday' => [
        taken('DTSTART:20261204T050000Z', 'DTEND:20261204T184500Z', 'SUMMARY:Away'), [1, 2, 3, 4, 6, 7],
    ],
    // To 19:30: half an hour is left.
    'a Friday with half an hour' => [
        taken('DTSTART:20261204T050000Z', 'DTEND:20261204T183000Z', 'SUMMARY:Away'), [1, 2, 3, 4, 5, 6, 7],
    ],
    'what takes no time' => [
        taken('DTSTART;VALUE=DATE:20261201', 'TRANSP:TRANSPARENT', 'SUMMARY:Birthday'), [1, 2, 3, 4, 5, 6, 7],
    ],
    'days away in a row' => [
        taken('DTSTART;VALUE=DATE:20261202', 'DTEND;VALUE=DATE:20261205', 'SUMMARY:Trip'), [1, 2, 6, 7],
    ],
]);

it('refuses what is no calendar, and asks for the minutes first', function (): void {
    $this->postJson('/calendar', ['minutes' => 30])->assertJsonValidationErrors('file');
    $file = UploadedFile::fake()->createWithContent('mine.ics', 'not a calendar');
    $this->postJson('/calendar', ['minutes' => 30, 'file' => $file])->assertJsonValidationErrors('file');
    $this->postJson('/calendar', ['minutes' => '', 'file' => $file])->assertJsonValidationErrors('minutes');
});
