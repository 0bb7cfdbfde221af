<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was found when high falls risk was last answered with no.
        Schema::table('clients', fn (Blueprint $table) => $table->string('falls_answered', 500)->nullable());
    }

    public function down(): void
    {
        Schema::table('clients', fn (Blueprint $table) => $table->dropColumn('falls_answered'));
    }
};
