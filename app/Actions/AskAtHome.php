<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\HomeIntake;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * The intake a client fills in at home: a link, plain questions, and answers that count only when a clinician accepts
 * them.
 */
final class AskAtHome
{
    private const DAYS_VALID = 14;

    private const GRIP = [
        'none' => 'I cannot hold things', 'weak' => 'A light bag by its handle', 'fair' => 'A can or a bottle',
        'full' => 'Anything I like',
    ];

    /**
     * @var array<string, array{
     *     ask: string, options: array<int|string, string>|null
     * }> field to question; no options: free words
     */
    public const QUESTIONS = [
        'condition:falls_risk_high' => [
            'ask' => 'Have you fallen in the last year, or are you afraid of falling?',
            'options' => ['yes' => 'Yes', 'no' => 'No'],
        ],
        'home' => [
            'ask' => 'Who is at home while you exercise?',
            'options' => ['alone' => 'Nobody', 'someone_home' => 'Somebody', 'carer' => 'My carer'],
        ],
        'standing' => [
            'ask' => 'Can you stand?',
            'options' => ['free' => 'Yes, without holding on', 'supported' => 'Only holding on', 'none' => 'No'],
        ],
        'floor_transfer' => [
            'ask' => 'Can you get down to the floor and up again?',
            'options' => ['alone' => 'Yes, by myself', 'helped' => 'With help', 'none' => 'No'],
        ],
        'grip_left' => ['ask' => 'What can your left hand hold?', 'options' => self::GRIP],
        'grip_right' => ['ask' => 'What can your right hand hold?', 'options' => self::GRIP],
        'usual_pain' => [
            'ask' => 'How much does it usually hurt, from 0 (not at all) to 10?',
            'options' => [
                '0' => '0', '1' => '1', '2' => '2', '3' => '3', '4' => '4', '5' => '5', '6' => '6', '7' => '7',
                '8' => '8', '9' => '9', '10' => '10',
            ],
        ],
        'pain_where' => ['ask' => 'Where does it hurt?', 'options' => null],
        'condition:latex_allergy' => [
            'ask' => 'Are you allergic to latex (rubber gloves, balloons)?',
            'options' => ['yes' => 'Yes', 'no' => 'No'],
        ],
        'minutes' => [
            'ask' => 'How many minutes can you give to one session?',
            'options' => ['10' => '10', '20' => '20', '30' => '30', '45' => '45'],
        ],
        'wants' => ['ask' => 'What would you like to be able to do again?', 'options' => null],
    ];

    /** Makes a link and returns its token, which is shown once and kept nowhere. */
    public function invite(Client $client, User $by): string
    {
        $token = Str::random(40);
        DB::transaction(function () use ($client, $by, $token): void {
            HomeIntake::query()->create(
                [
                    'client_id' => $client->id, 'user_id' => $by->id, 'token_hash' => hash('sha256', $token),
                    'expires_at' => now()->addDays(self::DAYS_VALID), 'decided' => [],
                ],
            );
            Decision::record($by, $client, 'intake.sent', 'A link for the questions at home was made.');
        });

        return $token;
    }

    public function find(string $token): ?HomeIntake
    {
        return HomeIntake::query()->with('client')->where(
            'token_hash', hash('sha256', $token),
        )->where('expires_at', '>', now())->first();
    }

    /** @param  array<string, string>  $answers */
    public function submit(HomeIntake $intake, array $answers): void
    {
        // Answered once: a second sending, by a reload or a friend, changes nothing.
        HomeIntake::query()->whereKey($intake->id)->whereNull('submitted_at')->update(
            ['answers' => json_encode($answers, JSON_THROW_ON_ERROR), 'submitted_at' => now()],
        );
    }

    /** A clinician takes over one answer, or leaves it. */
    public function decide(HomeIntake $intake, Client $client, User $by, string $field, bool $accept): void
    {
        DB::transaction(function () use ($intake, $client, $by, $field, $accept): void {
            // One decision at a time: of two windows, neither takes the other's decision away.
            $intake = HomeIntake::query()->lockForUpdate()->findOrFail($intake->id);
            $answer = $intake->answers[$field] ?? null;
            if (! is_string($answer) || ! isset(self::QUESTIONS[$field]) || isset($intake->decided[$field])) {
                throw Refusal::at('field', 'This answer was decided already, or is not there.');
            }
            if ($accept) {
                $this->apply($client, $field, $answer);
            }
            $intake->update(['decided' => [...$intake->decided, $field => $accept ? 'accepted' : 'skipped']]);
            Decision::record(
                $by,
                $client,
                'intake.'.($accept ? 'accepted' : 'skipped'),
                sprintf('From home, %s: %s.', str_replace(['condition:', '_'], ['', ' '], $field), $answer),
            );
        });
    }

    private function apply(Client $client, string $field, string $answer): void
    {
        SaveScreen::next($client);
        $client->save();
        if (str_starts_with($field, 'condition:')) {
            $code = substr($field, strlen('condition:'));
            // "No" never takes a condition away: that is a clinician's own change on Screen.
            if ($answer === 'yes' && $client->conditions()->where('code', $code)->doesntExist()) {
                $client->conditions()->create(['code' => $code, 'details' => []]);
            }

            return;
        }
        $client->update([$field => in_array($field, ['usual_pain', 'minutes'], true) ? (int) $answer : $answer]);
    }
}
