<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Goals of daily life, what has to be in, what is not wanted: of the client, and as a plan was drafted by them.
        foreach (['clients', 'plans', 'plan_snapshots'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->json('wishes')->nullable();
            });
        }
    }

    public function down(): void
    {
        foreach (['clients', 'plans', 'plan_snapshots'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropColumn('wishes');
            });
        }
    }
};
