<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A change that was taken back, and may be made again until another one is made.
        Schema::table('plan_snapshots', static function (Blueprint $table): void {
            $table->boolean('taken_back')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('plan_snapshots', static function (Blueprint $table): void {
            $table->dropColumn('taken_back');
        });
    }
};
