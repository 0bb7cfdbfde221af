<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('session_logs', static fn (Blueprint $table) => $table->string('pain_where', 120)->nullable());
        Schema::table('log_items', static function (Blueprint $table): void {
            // The most that was held on to; how many short pauses inside the sets; what was done in its place.
            $table->string('support', 20)->nullable();
            $table->unsignedTinyInteger('pauses')->nullable();
            $table->string('instead', 120)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('session_logs', static fn (Blueprint $table) => $table->dropColumn('pain_where'));
        Schema::table(
            'log_items', static fn (Blueprint $table) => $table->dropColumn(['support', 'pauses', 'instead']),
        );
    }
};
