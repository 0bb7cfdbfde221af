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
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('letter_keys')->default(true)->after('role');
            // Encrypts what the person typed and did not save yet, in their own browser.
            $table->text('keep_key')->nullable()->after('letter_keys');
        });
        foreach (['password_reset_tokens', 'password_invites'] as $name) {
            Schema::create($name, function (Blueprint $table): void {
                $table->string('email', 190)->collation('utf8mb4_nopad_bin')->primary();
                $table->string('token');
                $table->timestamp('created_at')->nullable();
            });
        }
        // A clinic may have several gateways; each can be taken out without the others. Only hashes are kept.
        Schema::create('gateway_tokens', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained()->cascadeOnDelete();
            $table->string('label', 80);
            $table->char('token_hash', 64)->collation('utf8mb4_nopad_bin')->unique();
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
        });
        DB::statement(
            'INSERT INTO gateway_tokens (clinic_id, label, token_hash, created_at, updated_at) '
            ."SELECT id, 'first gateway', "
            .'gateway_token_hash, NOW(), NOW() FROM clinics WHERE gateway_token_hash IS NOT NULL',
        );
        Schema::table('clinics', fn (Blueprint $table) => $table->dropColumn('gateway_token_hash'));
    }

    public function down(): void
    {
        Schema::table('clinics', fn (Blueprint $table) => $table->char('gateway_token_hash', 64)->nullable()->unique());
        Schema::dropIfExists('gateway_tokens');
        Schema::dropIfExists('password_invites');
        Schema::dropIfExists('password_reset_tokens');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['letter_keys', 'keep_key']));
    }
};
