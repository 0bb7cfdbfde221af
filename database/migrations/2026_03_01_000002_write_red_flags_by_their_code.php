<?php

declare(strict_types=1);

use BuoyantStep\Core\Vocabulary\Sign;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** Words that were said another way before. */
    private const SAID = ['calf swelling' => Sign::CalfSwelling, 'unusual breathlessness' => Sign::NewBreathlessness];

    public function up(): void
    {
        foreach ($this->words() as $words => $sign) {
            DB::table('session_logs')->where('stop_sign', $words)->update(['stop_sign' => $sign->value]);
        }
    }

    public function down(): void
    {
        foreach (Sign::cases() as $sign) {
            DB::table('session_logs')->where('stop_sign', $sign->value)->update(['stop_sign' => $sign->label()]);
        }
    }

    /** @return array<string, Sign> */
    private function words(): array
    {
        $words = self::SAID;
        foreach (Sign::cases() as $sign) {
            $words[$sign->label()] = $sign;
        }

        return $words;
    }
};
