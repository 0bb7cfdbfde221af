<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('letter_templates', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clinic_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('kind', 30);
            $table->text('body');
            $table->timestamps();
            $table->unique(['clinic_id', 'kind']);
        });
        Schema::create('letters', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('kind', 30);
            $table->string('recipient', 200)->nullable();
            $table->text('body');
            // Where each statement of the draft comes from: kept with it, as it stood that day.
            $table->json('facts');
            $table->unsignedInteger('revision')->default(1);
            // Once it is kept as sent it is not changed any more.
            $table->timestamp('kept_at')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'kept_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('letters');
        Schema::dropIfExists('letter_templates');
    }
};
