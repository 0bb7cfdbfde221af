<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('clinics', function (Blueprint $table): void {
            // A gateway proves itself with this; only its hash is kept.
            $table->char('gateway_token_hash', 64)->nullable()->unique()->after('timezone');
        });
        Schema::create('device_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained()->cascadeOnDelete();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('device_id', 60);
            $table->string('kind', 20);
            $table->json('values');
            $table->timestamp('measured_at');
            $table->enum('status', ['fresh', 'stale', 'implausible']);
            $table->string('note', 200)->nullable();
            $table->string('idempotency_key', 64);
            $table->timestamps();
            $table->unique(['clinic_id', 'idempotency_key']);
            $table->index(['client_id', 'measured_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('device_readings');
        Schema::table('clinics', function (Blueprint $table): void {
            $table->dropColumn('gateway_token_hash');
        });
    }
};
