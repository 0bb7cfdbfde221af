<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use App\Http\Middleware\HomeKey;
use App\Models\HomePage;
use App\Models\Plan;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A client's phone, as far as the server sees one. */
final class AtHome
{
    private string $token = '';

    public function __construct(private readonly TestCase $test)
    {
    }

    /** A key as a phone makes it: the same number, the same key. */
    public static function key(int $n): string
    {
        return sprintf('00000000-0000-4000-8000-%012d', $n);
    }

    public function knock(string $code, string $pin): TestResponse
    {
        $answer = $this->test->withoutMiddleware(ThrottleRequests::class)
            ->post('/home/door', ['code' => $code, 'pin' => $pin]);
        $cookie = $answer->getCookie(HomeKey::COOKIE, false);
        $this->token = $cookie === null ? $this->token : (string) $cookie->getValue();

        return $answer;
    }

    public function enter(HomePage $page, string $pin): self
    {
        $this->knock($page->code, $pin)->assertRedirect('/home');

        return $this;
    }

    public function get(string $path): TestResponse
    {
        return $this->test->withUnencryptedCookie(HomeKey::COOKIE, $this->token)->get($path);
    }

    public function card(): TestResponse
    {
        return $this->test->withUnencryptedCookie(HomeKey::COOKIE, $this->token)->withCredentials()
            ->getJson('/home/card.json');
    }

    /** @param  array<string, mixed>  $body */
    public function send(string $path, array $body, bool $withHeader = true): TestResponse
    {
        return $this->test->withUnencryptedCookie(HomeKey::COOKIE, $this->token)->withCredentials()->postJson(
            $path, $body, $withHeader ? [HomeKey::HEADER => '1'] : [],
        );
    }

    /**
     * A whole session of a plan as a phone sends it, each set at the top of its range and with two reps left.
     *
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    public static function session(Plan $plan, int $key, array $with = []): array
    {
        $items = [];
        foreach ($plan->items as $item) {
            $kind = array_values(array_intersect(
                ['reps', 'seconds', 'hold', 'steps', 'trips', 'metres'], array_keys($item->dose),
            ))[0];
            $sets = [];
            for ($set = 0; $set < $item->dose['sets']; $set++) {
                foreach ($item->sides as $side) {
                    $sets[] = [
                        'amount' => $item->dose[$kind]['hi'], 'side' => $side,
                        'how' => $kind === 'reps' && $item->goal !== 'balance' ? 'two_left' : 'moderate',
                    ];
                }
            }
            $items[] = [
                'item' => $item->id, 'sets' => $sets, 'pain' => null, 'where' => '', 'instead' => null,
                'left_out' => false, 'easy' => false,
            ];
        }

        return [
            'key' => self::key($key), 'plan_id' => $plan->id, 'done_on' => now()->format('Y-m-d'), 'lighter' => false,
            'pain_before' => 1, 'pain_where' => '', 'pain_after' => null, 'whole' => 'as_usual', 'note' => '',
            'stop_sign' => null, 'skipped' => null, 'items' => $items, ...$with,
        ];
    }
}
