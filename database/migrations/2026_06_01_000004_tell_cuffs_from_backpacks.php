<?php

declare(strict_types=1);

use BuoyantStep\Core\Kit\WornOn;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What is there already: a piece without a grip was a cuff, a carrier without one a backpack.
        foreach (['kit_pieces' => WornOn::Limb, 'kit_carriers' => WornOn::Back] as $table => $usual) {
            Schema::table($table, static function (Blueprint $table) use ($usual): void {
                $table->enum('worn_on', array_column(WornOn::cases(), 'value'))->default($usual->value)
                    ->after('grip');
            });
        }
    }

    public function down(): void
    {
        foreach (['kit_pieces', 'kit_carriers'] as $table) {
            Schema::table($table, static function (Blueprint $table): void {
                $table->dropColumn('worn_on');
            });
        }
    }
};
