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
        Schema::create('clinics', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('timezone', 64)->default('UTC');
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained()->restrictOnDelete();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->enum('role', ['clinician', 'lead'])->default('clinician');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('clients', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained()->restrictOnDelete();
            $table->string('given_name', 80);
            $table->string('family_name', 80);
            $table->date('birth_date');
            $table->enum('sex', ['female', 'male', 'other']);
            $table->unsignedInteger('body_mass_g');
            $table->unsignedSmallInteger('height_mm');
            $table->date('due_date')->nullable();
            $table->enum('grip_left', ['none', 'weak', 'fair', 'full'])->nullable();
            $table->enum('grip_right', ['none', 'weak', 'fair', 'full'])->nullable();
            $table->enum('standing', ['none', 'supported', 'free'])->nullable();
            $table->enum('floor_transfer', ['none', 'helped', 'alone'])->nullable();
            $table->enum('home', ['alone', 'someone_home', 'carer'])->nullable();
            $table->enum('training_level', ['new', 'returning', 'trained'])->nullable();
            $table->date('training_since')->nullable();
            $table->unsignedTinyInteger('usual_pain')->nullable();
            $table->string('pain_where', 200)->nullable();
            $table->enum('pain_school', ['none', 'up_to_3', 'up_to_5'])->nullable();
            $table->enum('supine_school', ['from_16', 'from_20'])->nullable();
            $table->json('days');
            $table->unsignedTinyInteger('minutes')->default(30);
            $table->enum('aim', ['strength', 'endurance', 'learn'])->default('strength');
            $table->enum('structure', ['circuit', 'straight'])->default('circuit');
            $table->string('wants', 300)->nullable();
            $table->timestamps();
            $table->index(['clinic_id', 'family_name']);
        });
        // The forms refuse these with a better sentence; the checks are there for whatever does not come through a
        // form.
        DB::statement(
            'ALTER TABLE clients ADD CONSTRAINT clients_body_mass CHECK (body_mass_g BETWEEN 20000 AND 350000)',
        );
        DB::statement('ALTER TABLE clients ADD CONSTRAINT clients_height CHECK (height_mm BETWEEN 900 AND 2300)');
        DB::statement('ALTER TABLE clients ADD CONSTRAINT clients_minutes CHECK (minutes BETWEEN 5 AND 120)');
        DB::statement('ALTER TABLE clients ADD CONSTRAINT clients_usual_pain CHECK (usual_pain <= 10)');
        Schema::create('client_conditions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('code', 60);
            $table->enum('side', ['left', 'right', 'both'])->nullable();
            $table->date('since')->nullable();
            $table->date('until')->nullable();
            $table->json('details');
            $table->timestamps();
            $table->unique(['client_id', 'code', 'side']);
        });
        DB::statement(
            'ALTER TABLE client_conditions ADD CONSTRAINT condition_dates CHECK (until IS NULL OR since IS NULL OR '
                .'until >= since)',
        );
        Schema::create('clearances', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('given_by', 120);
            $table->date('given_on');
            $table->date('until')->nullable();
            $table->string('restrictions', 500)->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['clearances', 'client_conditions', 'clients', 'users', 'clinics'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
