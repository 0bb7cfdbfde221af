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
        // What a page was made from; a page that is older than its record is answered with both.
        Schema::table('clients', function (Blueprint $table): void {
            $table->unsignedInteger('screen_version')->default(1);
            $table->unsignedInteger('kit_version')->default(1);
            // Grows with every change to any plan of the client, drafting and issuing included.
            $table->unsignedInteger('plan_revision')->default(0);
        });
        DB::statement(
            'UPDATE clients SET plan_revision = COALESCE((SELECT MAX(revision) FROM plans WHERE plans.client_id = '
                .'clients.id), 0)',
        );
        Schema::table(
            'plans', fn (Blueprint $table) => $table->string('issue_reason', 500)->nullable()->after('issued_by'),
        );
        // A plan's draft as it was before a change, to go back to.
        Schema::create('plan_snapshots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            // The revision that the change led to.
            $table->unsignedInteger('revision');
            $table->string('says', 200);
            $table->json('draft')->nullable();
            $table->timestamps();
            $table->index('client_id');
        });
        // A form sent twice is one: the key of the form and what became of it.
        Schema::create('form_posts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('form', 20);
            $table->char('form_key', 36)->collation('utf8mb4_nopad_bin');
            $table->char('content_hash', 64);
            $table->unsignedBigInteger('result_id')->nullable();
            $table->timestamps();
            $table->unique(['clinic_id', 'form', 'form_key']);
        });
        $this->logs();
        // What the table says of a key must hold to the letter: no case, no accent, no trailing space is the same.
        DB::statement(
            'ALTER TABLE device_readings MODIFY idempotency_key VARCHAR(64) COLLATE utf8mb4_nopad_bin NOT NULL',
        );
        DB::statement('UPDATE users SET email = LOWER(TRIM(email))');
        DB::statement('ALTER TABLE users MODIFY email VARCHAR(190) COLLATE utf8mb4_nopad_bin NOT NULL');
        Schema::table(
            'device_readings',
            fn (Blueprint $table) => $table->char('content_hash', 64)->nullable()->after('idempotency_key'),
        );
    }

    private function logs(): void
    {
        DB::statement('ALTER TABLE session_logs MODIFY idempotency_key CHAR(36) COLLATE utf8mb4_nopad_bin NOT NULL');
        Schema::table('session_logs', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
            $table->char('content_hash', 64)->nullable();
            $table->enum('source', ['clinician', 'client', 'device'])->default('clinician');
        });
        // What a session said before it was corrected.
        Schema::create('session_log_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('session_log_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('version');
            $table->enum('source', ['clinician', 'client', 'device']);
            $table->char('content_hash', 64)->nullable();
            // False for a resend that came after a clinician's correction: kept, and never in force.
            $table->boolean('was_in_force')->default(true);
            $table->json('content');
            $table->timestamps();
            $table->index(['session_log_id', 'version']);
        });
        // A decided proposal stays; what changed afterwards is a new one for the same exercise and session.
        Schema::table('proposals', function (Blueprint $table): void {
            $table->index('plan_item_id');
            $table->dropUnique(['plan_item_id', 'session_log_id']);
            $table->index(['plan_item_id', 'session_log_id']);
            // What was taken of it, and the draft as it was before, so that the decision can be taken back.
            $table->json('taken')->nullable();
            $table->foreignId('plan_snapshot_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('proposals', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('plan_snapshot_id');
            $table->dropColumn('taken');
        });
        Schema::dropIfExists('session_log_versions');
        Schema::table(
            'session_logs', fn (Blueprint $table) => $table->dropColumn(['version', 'content_hash', 'source']),
        );
        Schema::table('device_readings', fn (Blueprint $table) => $table->dropColumn('content_hash'));
        Schema::dropIfExists('form_posts');
        Schema::dropIfExists('plan_snapshots');
        Schema::table('plans', fn (Blueprint $table) => $table->dropColumn('issue_reason'));
        Schema::table(
            'clients', fn (Blueprint $table) => $table->dropColumn(['screen_version', 'kit_version', 'plan_revision']),
        );
    }
};
