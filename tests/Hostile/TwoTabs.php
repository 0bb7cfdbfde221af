<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Models\Client;
use App\Models\Clinic;
use App\Models\ClinicFigure;
use App\Models\MeasureResult;
use App\Models\Plan;
use App\Models\SessionLog;
use Database\Seeders\Demo\DemoAccounts;
use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Str;
use Psr\Http\Message\ResponseInterface;

/**
 * Two people open the same page and both save: one after the other, and both at once. What the first was told is
 * saved must be there afterwards, and the second must have been told.
 */
final class TwoTabs
{
    private const RACES = 8;

    private readonly Visitor $one;

    private readonly Visitor $two;

    public function __construct(string $base, private readonly Tally $tally)
    {
        $this->one = Visitor::signedIn($base, 'one', DemoAccounts::LEAD);
        $this->two = Visitor::signedIn($base, 'two', DemoAccounts::LEAD);
    }

    public function run(): void
    {
        $this->screen(1);
        $this->kit(1);
        $this->measures(1);
        $this->plan(1);
        $this->rulebook();
        $this->log(4);
        foreach (range(1, self::RACES) as $n) {
            $this->race($n);
        }
    }

    private function screen(int $id): void
    {
        $page = $this->one->page("/clients/$id/screen");
        $form = [...(array) $page['form'], 'version' => $page['version'], 'base' => $page['form']];
        $stale = $this->two->page("/clients/$id/screen");
        $this->saved(
            $this->one,
            $this->one->send('PUT', "/clients/$id/screen", [...$form, 'wants' => 'first tab']),
            'screen, first tab',
        );
        $this->refused(
            $this->two,
            $this->two->send(
                'PUT',
                "/clients/$id/screen",
                [
                    ...(array) $stale['form'], 'version' => $stale['version'], 'base' => $stale['form'],
                    'wants' => 'second tab',
                ],
            ),
            'screen, second tab',
        );
        $this->holds(Client::query()->findOrFail($id)->wants === 'first tab', 'screen');
    }

    private function kit(int $id): void
    {
        $page = $this->one->page("/clients/$id/kit");
        $stale = $this->two->page("/clients/$id/kit");
        $form = (array) $page['form'];
        $piece = [
            'label' => 'First tab', 'mass_kg' => '1', 'count' => '1', 'grip' => 'power', 'holdable' => true,
            'packable' => true, 'plate' => false, 'weighed' => false,
        ];
        $this->saved(
            $this->one,
            $this->one->send(
                'PUT',
                "/clients/$id/kit",
                [...$form, 'version' => $page['version'], 'pieces' => [...(array) $form['pieces'], $piece]],
            ),
            'kit, first tab',
        );
        $this->refused(
            $this->two,
            $this->two->send('PUT', "/clients/$id/kit", [...(array) $stale['form'], 'version' => $stale['version']]),
            'kit, second tab',
        );
        $this->holds(Client::query()->findOrFail($id)->pieces()->where('label', 'First tab')->exists(), 'kit');
    }

    private function measures(int $id): void
    {
        $page = $this->one->page("/clients/$id/measure");
        $this->two->page("/clients/$id/measure");
        $form = static fn (string $value): array => [
            'key' => (string) Str::uuid(),
            'seen' => $page['seen'],
            'measured_on' => (string) Client::query()->findOrFail($id)->clinic()->firstOrFail()->today(),
            'results' => [['test' => 'timed_up_and_go', 'value' => $value]],
        ];
        $this->saved($this->one, $this->one->send('POST', "/clients/$id/measure", $form('13.1')), 'measure, first tab');
        $this->refused(
            $this->two, $this->two->send('POST', "/clients/$id/measure", $form('9.2')), 'measure, second tab',
        );
        $last = MeasureResult::query()->where('client_id', $id)->where(
            'test', 'timed_up_and_go',
        )->latest('id')->firstOrFail();
        $this->holds((float) $last->value === 13.1, 'measure');
    }

    private function plan(int $id): void
    {
        $page = $this->one->page("/clients/$id/plan");
        $stale = $this->two->page("/clients/$id/plan");
        $this->saved(
            $this->one,
            $this->one->send('POST', "/clients/$id/plan", ['revision' => $page['revision']]),
            'plan, drafted in the first tab',
        );
        $draft = Plan::query()->where('client_id', $id)->where('status', Plan::DRAFT)->with('items')->firstOrFail();
        foreach ([
            ['POST', '/plan'], ['POST', '/plan/issue'], ['POST', '/plan/undo'],
            ['DELETE', '/plan/items/'.$draft->items[0]->id], ['PUT', '/plan/items/'.$draft->items[0]->id.'/rung'],
            ['POST', '/plan/items'], ['POST', '/plan/ahead'],
        ] as [$method, $path]) {
            $this->refused(
                $this->two,
                $this->two->send(
                    $method,
                    "/clients/$id$path",
                    ['revision' => $stale['revision'], 'rung' => 'seated', 'family' => 'curl'],
                ),
                "plan, $method $path in the second tab",
            );
        }
        $this->holds(
            Plan::query()->whereKey($draft->id)->where('status', Plan::DRAFT)->exists()
                && $draft->items()->count() === $draft->items->count(),
            'plan',
        );
    }

    private function rulebook(): void
    {
        $set = static fn (string $value, ?int $seen): array => [
            'rule' => 'hypertension_controlled', 'field' => 'hold_max_s', 'value' => $value, 'reason' => '',
            'seen' => $seen,
        ];
        $this->one->page('/rulebook');
        $this->two->page('/rulebook');
        $this->saved($this->one, $this->one->send('PUT', '/rulebook', $set('8', null)), 'rulebook, first tab');
        $this->refused($this->two, $this->two->send('PUT', '/rulebook', $set('6', null)), 'rulebook, second tab');
        $this->holds(ClinicFigure::query()->where('field', 'hold_max_s')->value('value') === 8, 'rulebook');
        $this->saved(
            $this->one,
            $this->one->send(
                'PUT', '/rulebook/school', ['school' => 'fragile_bone', 'choice' => 'light_many', 'seen' => null],
            ),
            'school, first tab',
        );
        $this->refused(
            $this->two,
            $this->two->send(
                'PUT', '/rulebook/school', ['school' => 'fragile_bone', 'choice' => 'moderate', 'seen' => null],
            ),
            'school, second tab',
        );
        $this->holds(
            (
                Clinic::query()->where('name', 'Tidewater Row')->firstOrFail()->schools['fragile_bone']
                    ?? ''
            ) === 'light_many',
            'school',
        );
        $this->saved(
            $this->one,
            $this->one->send('PUT', '/rulebook/unit', ['mass_unit' => 'lb', 'seen' => 'kg']),
            'unit, first tab',
        );
        $this->refused(
            $this->two,
            $this->two->send('PUT', '/rulebook/unit', ['mass_unit' => 'lb', 'seen' => 'kg']),
            'unit, second tab',
        );
        $this->saved(
            $this->one,
            $this->one->send('PUT', '/rulebook/unit', ['mass_unit' => 'kg', 'seen' => 'lb']),
            'unit, back again',
        );
    }

    private function log(int $id): void
    {
        $log = SessionLog::query()->where('client_id', $id)->latest('id')->firstOrFail();
        $form = (array) $this->one->page("/clients/$id/log?correct=$log->id")['correcting'];
        $stale = (array) $this->two->page("/clients/$id/log?correct=$log->id")['correcting'];
        $this->saved(
            $this->one,
            $this->one->send('POST', "/clients/$id/log", [...$form, 'note' => 'first tab', 'stop_sign' => 'faintness']),
            'log, first tab',
        );
        $this->refused(
            $this->two,
            $this->two->send('POST', "/clients/$id/log", [...$stale, 'note' => 'second tab']),
            'log, second tab',
        );
        $now = $log->refresh();
        $this->holds($now->note === 'first tab' && $now->stop_sign === 'faintness', 'log');
        // Sent once more as it was at first, as a phone would: kept, and not over the correction.
        $this->two->send('POST', "/clients/$id/log", [...$stale, 'corrects' => null]);
        $this->holds($log->refresh()->stop_sign === 'faintness', 'log, sent again');
    }

    /** Both at the same moment, on the same state: one is saved, one is told. */
    private function race(int $n): void
    {
        $page = $this->one->page('/clients/2/screen');
        $this->two->page('/clients/2/screen');
        $form = static fn (string $wants): array => [
            ...(array) $page['form'], 'version' => $page['version'], 'base' => $page['form'], 'wants' => $wants,
        ];
        $key = (string) Str::uuid();
        $gate = ['key' => $key, 'symptoms' => [], 'repeat' => false, 'sbp' => '121', 'dbp' => '71', 'pain' => '0'];
        /** @var list<ResponseInterface> $answers */
        $answers = Utils::unwrap([
            $this->one->later('PUT', '/clients/2/screen', $form("one $n")),
            $this->two->later('PUT', '/clients/2/screen', $form("two $n")),
            $this->one->later('POST', '/clients/3/gate', $gate), $this->two->later('POST', '/clients/3/gate', $gate),
        ]);
        foreach ($answers as $answer) {
            $this->tally->answered($answer->getStatusCode(), 'a race');
        }
        $saved = Client::query()->findOrFail(2);
        $this->holds(
            $saved->screen_version === $page['version'] + 1,
            'two saves at once made '.($saved->screen_version - $page['version']),
        );
        $checks = Client::query()->findOrFail(3)->gateChecks()->where(
            'created_at', '>=', now()->subMinutes(2),
        )->count();
        $this->holds($checks === $n, "one check sent twice at once made $checks of $n");
    }

    private function saved(Visitor $by, ResponseInterface $answer, string $what): void
    {
        $this->tally->answered($answer->getStatusCode(), $what);
        $wrongs = self::wrongs($by, $answer);
        if ($wrongs !== []) {
            $this->tally->lost("$what was refused: ".json_encode($wrongs));
        }
    }

    private function refused(Visitor $by, ResponseInterface $answer, string $what): void
    {
        $this->tally->answered($answer->getStatusCode(), $what);
        if (self::wrongs($by, $answer) === [] && $answer->getStatusCode() < 400) {
            $this->tally->lost("$what was taken");
        }
    }

    private function holds(bool $holds, string $what): void
    {
        if (! $holds) {
            $this->tally->lost($what);
        }
    }

    /** @return array<string, mixed> what the page that was led back to says is wrong */
    private static function wrongs(Visitor $by, ResponseInterface $answer): array
    {
        $back = $answer->getHeaderLine('Location');
        if ($answer->getStatusCode() < 300 || $answer->getStatusCode() >= 400 || $back === '') {
            return [];
        }
        $errors = $by->page(
            (string) parse_url($back, PHP_URL_PATH).(($q = parse_url($back, PHP_URL_QUERY)) ? "?$q" : ''),
        )['errors']
            ?? [];

        return is_array($errors) ? $errors : [];
    }
}
