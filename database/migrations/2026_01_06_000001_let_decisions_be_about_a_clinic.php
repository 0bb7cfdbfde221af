<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        // A figure of the rulebook is decided for a clinic and no single client; it belongs in the same record.
        DB::statement('ALTER TABLE decisions MODIFY client_id BIGINT UNSIGNED NULL');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE decisions MODIFY client_id BIGINT UNSIGNED NOT NULL');
    }
};
