<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\HomePage;
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

        foreach (HomePage::open()->with('client.clinic')->orderBy('id')->get() as $page) {
            if ($page->client->clinic->name === Accounts::all()[0][0]) {
                $this->line(sprintf(
                    '  At home        %-11s %s  PIN %s%s', $page->client->given_name, url('/home/door/'.$page->code),
                    substr($page->client->birth_date, 0, 4), $page->letters,
                ));
            }
        }
        $this->line('  Gateway token for the device bench: '.Accounts::GATEWAY_TOKEN);

        return self::SUCCESS;
    }
}
