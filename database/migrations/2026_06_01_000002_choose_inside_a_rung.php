<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Stance, palms, elbows, what one holds on to, shoes: for one exercise of a plan, and for the client always.
        Schema::table('plan_items', function (Blueprint $table): void {
            $table->json('ways')->nullable();
        });
        Schema::table('clients', function (Blueprint $table): void {
            $table->json('ways')->nullable();
        });
    }
};
