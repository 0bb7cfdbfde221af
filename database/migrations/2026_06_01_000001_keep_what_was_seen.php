<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('log_items', function (Blueprint $table): void {
            // Codes of a rung's form check-list, ticked while the client did it.
            $table->json('seen')->nullable();
        });
    }
};
