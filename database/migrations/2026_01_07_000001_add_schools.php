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
            $table->json('schools')->nullable()->after('timezone');
        });
        Schema::table('clients', function (Blueprint $table): void {
            $table->enum('bone_school', ['moderate', 'light_many'])->nullable()->after('supine_school');
        });
    }

    public function down(): void
    {
        Schema::table('clinics', function (Blueprint $table): void {
            $table->dropColumn('schools');
        });
        Schema::table('clients', function (Blueprint $table): void {
            $table->dropColumn('bone_school');
        });
    }
};
