<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use Database\Seeders\Demo\DemoAccounts;
use Database\Seeders\Demo\HarbourSteps;
use Tests\Feature\Support\Scene;

it('drafts for the twelve, stored and read back, what the core drafts for them', function (): void {
    $scene = new Scene;
    $scene->user->update(['email' => DemoAccounts::OTHER_CLINIC]);
    $this->seed(HarbourSteps::class);
    $clients = Client::query()->where('clinic_id', $scene->user->clinic_id)->get()->keyBy('family_name');
    $files = glob(base_path('core/tests/Twelve/clients/*.json'));
    expect($files)->toHaveCount(12);
    foreach ($files as $file) {
        $code = basename($file, '.json');
        $told = json_decode((string) file_get_contents($file), true);
        preg_match_all('~^(\w+/\w+): ~m', (string) file_get_contents("core/tests/Twelve/plans/$code.txt"), $asText);
        $plan = Plan::query()->with('items')->where('client_id', $clients[$told['person'][1]]->id)->firstOrFail();
        $stored = $plan->items->map(static fn (PlanItem $i): string => $i->family.'/'.$i->rung)->all();
        expect($stored)->toBe($asText[1], $code);
    }
});
