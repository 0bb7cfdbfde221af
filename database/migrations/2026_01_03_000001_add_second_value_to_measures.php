<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('measure_results', function (Blueprint $table): void {
            // Tests with two figures, such as the fall of both pressures on standing.
            $table->decimal('second_value', 7, 2)->nullable()->after('value');
        });
    }

    public function down(): void
    {
        Schema::table('measure_results', function (Blueprint $table): void {
            $table->dropColumn('second_value');
        });
    }
};
