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
        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->enum('status', ['draft', 'issued', 'superseded']);
            // Raised by every edit; an edit of a page that is older than the plan is refused.
            $table->unsignedInteger('revision')->default(1);
            $table->enum('aim', ['strength', 'endurance', 'learn']);
            $table->enum('structure', ['circuit', 'straight']);
            $table->unsignedTinyInteger('minutes');
            $table->json('days');
            $table->json('notes');
            $table->date('drafted_on');
            $table->date('issued_on')->nullable();
            $table->foreignId('issued_by')->nullable()->constrained('users')->restrictOnDelete();
            $table->timestamps();
            $table->unique(['client_id', 'version']);
            $table->index(['client_id', 'status']);
        });
        Schema::create('plan_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            $table->string('family', 60);
            $table->string('rung', 60);
            $table->string('goal', 40);
            $table->json('dose');
            $table->json('sides');
            $table->json('changes');
            $table->json('because');
            $table->json('findings');
            $table->string('recipe', 300)->nullable();
            $table->unsignedInteger('last_load_g')->nullable();
            $table->timestamps();
            $table->unique(['plan_id', 'family']);
        });
        Schema::create('session_logs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_id')->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->char('idempotency_key', 36);
            $table->date('done_on');
            $table->unsignedTinyInteger('pain_before')->nullable();
            $table->unsignedTinyInteger('pain_next_morning')->nullable();
            $table->string('stop_sign', 120)->nullable();
            $table->timestamp('stop_cleared_at')->nullable();
            $table->string('skipped', 200)->nullable();
            $table->string('note', 500)->nullable();
            $table->timestamps();
            $table->unique(['client_id', 'idempotency_key']);
            $table->index(['client_id', 'done_on']);
        });
        DB::statement(
            'ALTER TABLE session_logs ADD CONSTRAINT log_pain CHECK ((pain_before IS NULL OR pain_before <= 10) AND '
                .'(pain_next_morning IS NULL OR pain_next_morning <= 10))',
        );
        Schema::create('log_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('session_log_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_item_id')->constrained()->restrictOnDelete();
            $table->string('family', 60);
            $table->string('rung', 60);
            // The dose it was done under, kept even when the plan moves on.
            $table->json('dose');
            $table->json('sets');
            $table->unsignedTinyInteger('pain_during')->nullable();
            $table->timestamps();
            $table->unique(['session_log_id', 'plan_item_id']);
        });
        DB::statement(
            'ALTER TABLE log_items ADD CONSTRAINT log_item_pain CHECK (pain_during IS NULL OR pain_during <= 10)',
        );
        Schema::create('proposals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('session_log_id')->constrained()->cascadeOnDelete();
            $table->enum('status', ['open', 'accepted', 'edited', 'refused', 'superseded'])->default('open');
            $table->enum('decision', ['step_up', 'stay', 'ease', 'stop', 'retest']);
            $table->string('lever', 20)->nullable();
            $table->string('rung', 60);
            $table->json('dose');
            $table->json('because');
            $table->string('otherwise', 300)->default('');
            $table->boolean('review')->default(false);
            $table->timestamps();
            $table->unique(['plan_item_id', 'session_log_id']);
            $table->index(['client_id', 'status']);
        });
        Schema::create('decisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained()->restrictOnDelete();
            $table->foreignId('client_id')->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('kind', 40);
            $table->string('says', 300);
            $table->json('facts');
            $table->string('reason', 500)->nullable();
            $table->timestamp('made_at')->useCurrent();
            $table->index(['client_id', 'made_at']);
        });
        // The record of decisions only grows: the database itself refuses to change or remove a row.
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::unprepared(sprintf(
                "CREATE TRIGGER decisions_no_%s BEFORE %s ON decisions FOR EACH ROW SIGNAL SQLSTATE '45000' "
                    ."SET MESSAGE_TEXT = 'The record of decisions is append-only'",
                strtolower($verb), $verb,
            ));
        }
    }

    public function down(): void
    {
        foreach (['decisions', 'proposals', 'log_items', 'session_logs', 'plan_items', 'plans'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
