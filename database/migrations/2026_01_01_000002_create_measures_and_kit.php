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
        Schema::create('measure_results', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('test', 40);
            $table->enum('side', ['left', 'right'])->nullable();
            $table->date('measured_on');
            $table->decimal('value', 7, 2)->nullable();
            $table->string('family', 60)->nullable();
            $table->unsignedInteger('load_g')->nullable();
            $table->unsignedSmallInteger('reps')->nullable();
            $table->unsignedSmallInteger('rir')->nullable();
            $table->string('not_tested', 200)->nullable();
            $table->timestamps();
            $table->index(['client_id', 'test', 'measured_on']);
        });
        DB::statement('ALTER TABLE measure_results ADD CONSTRAINT measure_value CHECK (value IS NULL OR value >= 0)');
        DB::statement(
            'ALTER TABLE measure_results ADD CONSTRAINT measure_says CHECK (value IS NOT NULL OR load_g IS NOT NULL '
                .'OR not_tested IS NOT NULL)',
        );
        Schema::create('kit_pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('label', 80);
            $table->unsignedInteger('mass_g');
            $table->unsignedTinyInteger('count');
            $table->enum('grip', ['none', 'hook', 'soft', 'power', 'pinch']);
            $table->boolean('holdable');
            $table->boolean('packable');
            $table->boolean('plate')->default(false);
            $table->boolean('weighed')->default(false);
            $table->timestamps();
        });
        DB::statement(
            'ALTER TABLE kit_pieces ADD CONSTRAINT piece_range CHECK (mass_g BETWEEN 1 AND 100000 AND count BETWEEN 1 '
                .'AND 99)',
        );
        Schema::create('kit_carriers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('label', 80);
            $table->unsignedInteger('mass_g');
            $table->unsignedTinyInteger('count');
            $table->unsignedInteger('max_mass_g');
            $table->unsignedTinyInteger('max_pieces');
            $table->enum('grip', ['none', 'hook', 'soft', 'power', 'pinch']);
            $table->boolean('plates')->default(false);
            $table->timestamps();
        });
        DB::statement(
            'ALTER TABLE kit_carriers ADD CONSTRAINT carrier_range CHECK (mass_g <= 100000 AND max_mass_g <= 100000 '
                .'AND count BETWEEN 1 AND 99 AND max_pieces <= 60)',
        );
    }

    public function down(): void
    {
        foreach (['kit_carriers', 'kit_pieces', 'measure_results'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
