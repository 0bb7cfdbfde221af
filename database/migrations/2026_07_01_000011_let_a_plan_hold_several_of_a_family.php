<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Which of several of its family: an exercise keeps it from version to version, whatever its rung is.
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('nth')->default(1)->after('family');
            $table->unique(['plan_id', 'family', 'nth']);
            $table->dropUnique(['plan_id', 'family']);
        });
    }

    public function down(): void
    {
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->unique(['plan_id', 'family']);
            $table->dropUnique(['plan_id', 'family', 'nth']);
            $table->dropColumn('nth');
        });
    }
};
