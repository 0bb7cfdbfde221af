<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A clinician's choice for one client: what only counts a little more goes into the next version by itself.
        Schema::table('clients', static fn (Blueprint $table) => $table->boolean('small_steps')->default(false));
    }

    public function down(): void
    {
        Schema::table('clients', static fn (Blueprint $table) => $table->dropColumn('small_steps'));
    }
};
