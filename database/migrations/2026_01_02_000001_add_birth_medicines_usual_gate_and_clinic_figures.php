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
        Schema::table('clients', function (Blueprint $table): void {
            $table->date('birth_given_on')->nullable()->after('due_date');
            $table->enum('birth_kind', ['vaginal', 'caesarean'])->nullable()->after('birth_given_on');
            $table->json('birth_symptoms')->nullable()->after('birth_kind');
            $table->json('medicines')->nullable()->after('birth_symptoms');
            $table->json('insensate')->nullable()->after('medicines');
            $table->json('usual')->nullable()->after('insensate');
        });
        Schema::create('gate_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->date('checked_on');
            $table->json('readings');
            $table->json('symptoms');
            $table->unsignedTinyInteger('pain')->nullable();
            $table->enum('verdict', ['go', 'lighter', 'wait', 'not_today', 'stop_and_call']);
            $table->json('because');
            $table->json('actions');
            $table->json('unknown');
            $table->unsignedSmallInteger('again_in_minutes')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'checked_on']);
        });
        DB::statement('ALTER TABLE gate_checks ADD CONSTRAINT gate_pain CHECK (pain IS NULL OR pain <= 10)');
        Schema::create('clinic_figures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('rule', 80);
            $table->string('field', 40);
            $table->unsignedInteger('value');
            $table->boolean('loosens');
            $table->string('reason', 500)->nullable();
            $table->timestamps();
            $table->unique(['clinic_id', 'rule', 'field']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('clinic_figures');
        Schema::dropIfExists('gate_checks');
        Schema::table('clients', function (Blueprint $table): void {
            $table->dropColumn(['birth_given_on', 'birth_kind', 'birth_symptoms', 'medicines', 'insensate', 'usual']);
        });
    }
};
