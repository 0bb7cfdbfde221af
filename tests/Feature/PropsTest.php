<?php

declare(strict_types=1);

use App\Http\AtHome\Resources\CardResource;
use App\Models\Client;
use App\Models\HomePage;
use App\Models\Letter;
use App\Models\SessionLog;
use App\Models\User;
use BuoyantStep\Core\Caseload\NeedKind;
use Database\Seeders\Demo\DemoAccounts;
use Database\Seeders\Demo\TidewaterRow;
use Database\Seeders\Demo\TwelveWeeks;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

/*
 * What every page really receives from the demo is written down as TypeScript and held against
 * resources/js/types/props.ts by the type checker (bin/test types). A field renamed on one side only does not
 * compile.
 */
it('writes down what each page receives, for the type checker', function (): void {
    $this->seed(TidewaterRow::class);
    $this->actingAs(User::query()->where('email', DemoAccounts::CLINICIAN)->firstOrFail());
    $lines = ['import type * as P from "./props";', 'import type { Card } from "../home/card";', ''];
    $add = static function (string $type, TestResponse $answer) use (&$lines): void {
        // Objects stay objects: an empty one is no list.
        $props = (array) Scene::page($answer)['props'];
        unset(
            $props['unit'], $props['me'], $props['said'], $props['link'], $props['errors'], $props['flash'],
            $props['conflict']
        );
        $lines[] = sprintf(
            'export const s%d: P.%s = %s;',
            count($lines),
            $type,
            json_encode($props, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION),
        );
    };
    foreach (HomePage::query()->with('client.clinic')->get() as $page) {
        // What a phone takes along, as it is sent.
        $lines[] = sprintf('export const c%d: Card = %s;', count($lines), json_encode(
            app(CardResource::class)->of($page), JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        ));
    }
    $add('TodayProps', $this->get('/'));
    $add('WeekProps', $this->get('/week'));
    $add('ScreenProps', $this->get('/clients/new'));
    $clients = Client::query()->whereHas('clinic', static fn ($q) => $q->where('name', 'Tidewater Row'))->pluck('id');
    foreach ($clients as $id) {
        foreach ([
            'screen', 'measure', 'limits', 'kit', 'plan', 'sheet', 'gate', 'log', 'review', 'letters', 'messages',
        ] as $stage) {
            $add(ucfirst($stage).'Props', $this->get("/clients/$id/$stage"));
        }
    }
    $add('PaperProps', $this->get("/clients/{$clients[0]}/log/paper"));
    $add('CourseProps', $this->get("/clients/{$clients[0]}/course"));
    $add('CourseProps', $this->get("/clients/{$clients[0]}/course?exercise=".urlencode('seat_rise/arms_crossed')));
    $this->post("/clients/{$clients[1]}/letters", ['kind' => 'note', 'recipient' => 'Dr Amari']);
    $this->post("/clients/{$clients[1]}/messages", ['kind' => 'fell', 'says' => 'I fell in the bath.']);
    $add('LetterProps', $this->get("/clients/{$clients[1]}/letters/".Letter::query()->value('id')));
    $add('MessagesProps', $this->get("/clients/{$clients[1]}/messages"));
    $add('LetterTemplatesProps', $this->get('/letters'));
    $add('ExercisesProps', $this->get('/exercises'));
    $add('FamilyProps', $this->get('/exercises/seat_rise'));
    $add('OwnExerciseProps', $this->get('/exercises/squat/own'));
    $add('FiguresProps', $this->get('/exercises/figures?pattern=pull'));
    $add('BenchProps', $this->get('/bench'));
    $add('RulebookProps', $this->get('/rulebook'));
    $add('ProblemProps', $this->get('/clients/99999/plan'));
    $add('AccountProps', $this->get('/account'));
    $add(
        'LogProps',
        $this->get(
            "/clients/{$clients[3]}/log?correct=".SessionLog::query()->where('client_id', $clients[3])->value('id'),
        ),
    );
    Client::query()->whereKey($clients[0])->update(['place' => ['floor' => 'lava']]);
    $add('FaultProps', $this->get("/clients/{$clients[0]}/plan"));
    auth()->logout();
    $add('SetPasswordProps', $this->get('/welcome/'.str_repeat('a', 64).'?email=a@b.example'));
    file_put_contents(resource_path('js/types/samples.check.ts'), implode("\n", $lines)."\n");
    expect(count($lines))->toBeGreaterThan(90);
});

it('tells a demo in which every need is met by someone, after twelve weeks of sessions', function (): void {
    $this->seed([TidewaterRow::class, TwelveWeeks::class]);
    $this->actingAs(User::query()->where('email', DemoAccounts::CLINICIAN)->firstOrFail());
    $today = Scene::props($this->get('/'));
    $kinds = array_column(array_merge(...array_column($today['rows'], 'needs')), 'kind');
    expect(array_diff(array_column(NeedKind::cases(), 'value'), $kinds, [
        // Nothing in the demo is broken; and whether a first set is asked for is left to chance.
        NeedKind::Unreadable->value, NeedKind::MeasureFirst->value,
    ]))->toBe([])
        ->and($today['quiet'])->not->toBe([])
        ->and(SessionLog::query()->min('done_on'))->toBeLessThan(now()->subDays(77)->format('Y-m-d'))
        ->and(SessionLog::query()->max('done_on'))->toBeLessThanOrEqual(now()->format('Y-m-d'));
    // Nobody trains twice a day, and what was stopped was cleared before it went on.
    expect(SessionLog::query()->groupBy('client_id', 'done_on')->havingRaw('count(*) > 1')->get(['client_id'])->all())
        ->toBe([])->and(SessionLog::query()->whereNotNull('stop_cleared_at')->count())->toBe(1);
});
