<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\Demo\DemoAccounts as Accounts;
use Illuminate\Console\Command;

final class DemoAccounts extends Command
{
    protected $signature = 'demo:accounts';

    protected $description = 'Print the sign-ins of the demo';

    public function handle(): int
    {
        foreach (Accounts::all() as [$clinic, $name, $email, $role]) {
            $this->line(sprintf('  %-14s %-11s %-30s %s  (%s)', $clinic, $name, $email, Accounts::PASSWORD, $role));
        }

        $this->line('  Gateway token for the device bench: '.Accounts::GATEWAY_TOKEN);

        return self::SUCCESS;
    }
}
