<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // From the clinician to the client, for this plan; printed with the exercise.
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->string('note', 200)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->dropColumn('note');
        });
    }
};
