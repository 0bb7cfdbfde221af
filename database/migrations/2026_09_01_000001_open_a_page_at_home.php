<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a client tells has nobody of the clinic behind it. */
    private const TOLD = ['session_logs', 'session_log_versions', 'gate_checks'];

    public function up(): void
    {
        Schema::create('home_pages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            // The address is found by its hash; sealed it stands beside, so that the sheet can print it again.
            $table->char('code_hash', 64)->unique();
            $table->text('code');
            $table->text('letters');
            // The client's own; until there is one, the birth year and the letters.
            $table->string('pin_hash', 100)->nullable();
            $table->string('line', 200)->nullable();
            $table->unsignedSmallInteger('wrong')->default(0);
            $table->timestamp('wait_until')->nullable();
            $table->timestamp('locked_at')->nullable();
            $table->timestamp('expires_at')->nullable();
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'revoked_at']);
        });
        Schema::create('home_devices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('home_page_id')->constrained()->cascadeOnDelete();
            $table->char('token_hash', 64)->unique();
            $table->timestamp('seen_at')->nullable();
            $table->timestamps();
        });
        foreach (self::TOLD as $table) {
            Schema::table($table, static function (Blueprint $blueprint): void {
                $blueprint->unsignedBigInteger('user_id')->nullable()->change();
            });
        }
        foreach (['gate_checks', 'messages'] as $table) {
            Schema::table($table, static function (Blueprint $blueprint): void {
                // Sent again, it is known.
                $blueprint->char('sent_key', 36)->nullable();
                $blueprint->unique(['client_id', 'sent_key']);
            });
        }
    }

    public function down(): void
    {
        foreach (['gate_checks', 'messages'] as $table) {
            Schema::table($table, static function (Blueprint $blueprint) use ($table): void {
                $blueprint->dropUnique("{$table}_client_id_sent_key_unique");
                $blueprint->dropColumn('sent_key');
            });
        }
        foreach (self::TOLD as $table) {
            DB::table($table)->whereNull('user_id')->delete();
            Schema::table($table, static function (Blueprint $blueprint): void {
                $blueprint->unsignedBigInteger('user_id')->nullable(false)->change();
            });
        }
        Schema::dropIfExists('home_devices');
        Schema::dropIfExists('home_pages');
    }
};
