<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Arms and legs, trunk, bed, who sets up, the wheelchair: by the names of the intake's fields.
        Schema::table('clients', fn (Blueprint $table) => $table->json('abilities')->nullable());
    }

    public function down(): void
    {
        Schema::table('clients', fn (Blueprint $table) => $table->dropColumn('abilities'));
    }
};
