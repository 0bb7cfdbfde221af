<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Languages whose words for clients a clinician has read; until then the words themselves say so.
        Schema::table('clinics', static fn (Blueprint $table) => $table->json('words_read')->nullable());
    }

    public function down(): void
    {
        Schema::table('clinics', static fn (Blueprint $table) => $table->dropColumn('words_read'));
    }
};
