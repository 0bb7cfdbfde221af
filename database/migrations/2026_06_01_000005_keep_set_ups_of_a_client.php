<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Distance to the wall, cushions, height of the handle: for one exercise of a plan, and for when it comes back.
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->string('own_set_up', 160)->nullable();
        });
        Schema::table('clients', static function (Blueprint $table): void {
            $table->json('set_ups')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->dropColumn('own_set_up');
        });
        Schema::table('clients', static function (Blueprint $table): void {
            $table->dropColumn('set_ups');
        });
    }
};
