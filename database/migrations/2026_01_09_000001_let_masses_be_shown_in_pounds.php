<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What is kept stays in grams; this is only what people see and type.
        Schema::table('clinics', fn (Blueprint $table) => $table->enum('mass_unit', ['kg', 'lb'])->default('kg'));
        Schema::table('clients', fn (Blueprint $table) => $table->enum('mass_unit', ['kg', 'lb'])->nullable());
    }

    public function down(): void
    {
        Schema::table('clients', fn (Blueprint $table) => $table->dropColumn('mass_unit'));
        Schema::table('clinics', fn (Blueprint $table) => $table->dropColumn('mass_unit'));
    }
};
