<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // On which of the plan's days an exercise is left out; light days there were before.
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->json('off_days')->nullable();
        });
        // Light days of before were set by hand.
        DB::statement(<<<'SQL'
            UPDATE plans SET session = JSON_SET(COALESCE(session, '{"ramp":false,"cool_down":false}'), '$.week', 'own')
            WHERE EXISTS (SELECT 1 FROM plan_items i WHERE i.plan_id = plans.id AND i.light_days IS NOT NULL)
            SQL);
    }

    public function down(): void
    {
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->dropColumn('off_days');
        });
    }
};
