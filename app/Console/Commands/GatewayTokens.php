<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Clinic;
use App\Models\GatewayToken;
use Illuminate\Console\Command;

final class GatewayTokens extends Command
{
    use FindsClinic;

    protected $signature = 'clinic:token {clinic : Number or name of the clinic} {do=list : issue, list or revoke} '
        .'{what? : what the gateway is called, or the number of the token to revoke}';

    protected $description = 'Issue, list and revoke the tokens that gateways deliver readings with';

    public function handle(): int
    {
        $clinic = $this->clinic();
        if ($clinic === null) {
            return self::FAILURE;
        }

        return match ((string) $this->argument('do')) {
            'issue' => $this->issue($clinic),
            'list' => $this->list($clinic),
            'revoke' => $this->revoke($clinic),
            default => $this->refuse('Choose issue, list or revoke.'),
        };
    }

    private function issue(Clinic $clinic): int
    {
        $label = trim((string) $this->argument('what'));
        if ($label === '' || mb_strlen($label) > 80) {
            return $this->refuse('Say what the gateway is called, for example: clinic:token 1 issue "Ward tablet"');
        }
        $token = GatewayToken::issue($clinic, $label);
        $this->line('The token; it is shown once and kept nowhere:');
        $this->line($token);

        return self::SUCCESS;
    }

    private function list(Clinic $clinic): int
    {
        $tokens = GatewayToken::query()->where('clinic_id', $clinic->id)->orderBy('id')->get();
        foreach ($tokens as $token) {
            $this->line(
                sprintf(
                    '%d  %s  issued %s  %s',
                    $token->id,
                    $token->label,
                    $token->created_at->format('Y-m-d'),
                    $token->revoked_at === null ? 'in use' : 'revoked '.$token->revoked_at->format('Y-m-d'),
                ),
            );
        }
        if ($tokens->isEmpty()) {
            $this->line('No tokens yet.');
        }

        return self::SUCCESS;
    }

    private function revoke(Clinic $clinic): int
    {
        $token = GatewayToken::query()->where('clinic_id', $clinic->id)->whereNull('revoked_at')->find(
            (int) $this->argument('what'),
        );
        if ($token === null) {
            return $this->refuse('There is no such token in use here; list shows their numbers.');
        }
        $token->update(['revoked_at' => now()]);
        $this->line("Revoked: $token->label. What it sends from now on is refused.");

        return self::SUCCESS;
    }

    private function refuse(string $says): int
    {
        $this->error($says);

        return self::FAILURE;
    }
}
