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
        Schema::create('kit_bands', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('label', 80);
            $table->unsignedInteger('rest_mm');
            $table->enum('form', ['flat', 'tube', 'loop']);
            $table->enum('material', ['latex', 'latex_free', 'fabric']);
            $table->unsignedSmallInteger('max_elongation_pct');
            // What was pulled: [{length_mm, force_mn}]. Elongation is worked out, not stored.
            $table->json('pulls');
            $table->timestamps();
        });
        DB::statement(
            'ALTER TABLE kit_bands ADD CONSTRAINT band_range CHECK (rest_mm BETWEEN 50 AND 10000 AND '
                .'max_elongation_pct BETWEEN 1 AND 600)',
        );
        // A recipe of many pieces, or a band with where to stand, is longer than the 300 characters it had.
        Schema::table('plan_items', function (Blueprint $table): void {
            $table->text('recipe')->nullable()->change();
        });
        Schema::table('clients', function (Blueprint $table): void {
            $table->json('place')->nullable()->after('home');
            $table->json('aids')->nullable()->after('grip_right');
        });
    }

    public function down(): void
    {
        Schema::table('clients', function (Blueprint $table): void {
            $table->dropColumn(['place', 'aids']);
        });
        Schema::dropIfExists('kit_bands');
    }
};
