<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How many weeks until the re-test, and from which day they are counted: the first issue of the block.
        Schema::table('plans', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('block_weeks')->nullable();
            $table->date('block_start')->nullable();
        });
        // A plan that went out before blocks were counted began its own on the day it was issued.
        DB::table('plans')->whereNotNull('issued_on')->update(['block_start' => DB::raw('issued_on')]);
    }

    public function down(): void
    {
        Schema::table('plans', static function (Blueprint $table): void {
            $table->dropColumn(['block_weeks', 'block_start']);
        });
    }
};
