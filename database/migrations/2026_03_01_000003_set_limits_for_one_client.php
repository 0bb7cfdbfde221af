<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_limits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('field', 40);
            $table->string('value', 40);
            $table->string('region', 10);
            $table->string('side', 10);
            // "Dr Amari, letter of 3 May 2026", or the clinician.
            $table->string('set_by', 160);
            $table->string('why', 300);
            $table->date('until')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'ended_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('own_limits');
    }
};
