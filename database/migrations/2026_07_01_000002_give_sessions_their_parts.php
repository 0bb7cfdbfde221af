<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Activation, lighter first sets, easy minutes between rounds, cool-down: which of them this plan has.
        Schema::table('plans', static function (Blueprint $table): void {
            $table->json('session')->nullable();
        });
        foreach (['clients', 'plans'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('structure', 16)->default('circuit')->change();
            });
        }
    }

    public function down(): void
    {
        Schema::table('plans', static function (Blueprint $table): void {
            $table->dropColumn('session');
        });
    }
};
