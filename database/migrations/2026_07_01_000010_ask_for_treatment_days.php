<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // When the week has dialysis or another treatment, and which hours of the day are their best.
        Schema::table('clients', static function (Blueprint $table): void {
            $table->json('treatment_days')->nullable();
            $table->string('best_time', 80)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('clients', static function (Blueprint $table): void {
            $table->dropColumn(['treatment_days', 'best_time']);
        });
    }
};
