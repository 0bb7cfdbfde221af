<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What stands on a sheet: whom to call, and where.
        Schema::table('clinics', static function (Blueprint $table): void {
            $table->string('address', 200)->nullable();
            $table->string('phone', 40)->nullable();
            $table->string('emergency_phone', 40)->nullable();
            $table->string('locale', 8)->default('en');
        });
    }

    public function down(): void
    {
        Schema::table('clinics', static function (Blueprint $table): void {
            $table->dropColumn(['address', 'phone', 'emergency_phone', 'locale']);
        });
    }
};
