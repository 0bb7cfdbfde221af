<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_families', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('code', 60)->unique();
            $table->json('data');
            // Why it may ask less than its source; a lead's.
            $table->string('reason', 300)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
            $table->index(['clinic_id', 'retired_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('own_families');
    }
};
