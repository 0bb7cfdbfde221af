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
        // The best estimated 1RM that the sets of a logged exercise give, grams of all that is lifted. Worked out again
        // with the exercise: it goes with it.
        Schema::create('logged_estimates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('log_item_id')->constrained()->cascadeOnDelete();
            $table->string('family', 60);
            $table->string('rung', 60);
            $table->date('done_on');
            $table->unsignedInteger('grams');
            $table->string('confidence', 8);
            $table->string('says', 200);
            $table->index(['client_id', 'done_on']);
        });
        Schema::table('measure_results', fn (Blueprint $t) => $t->string('rung', 60)->nullable()->after('family'));
        self::aims("'strength','size','endurance','learn'");
        Schema::table('proposals', fn (Blueprint $t) => $t->json('offers')->nullable()->after('because'));
    }

    private static function aims(string $words): void
    {
        DB::statement("ALTER TABLE clients MODIFY aim ENUM($words) NOT NULL DEFAULT 'strength'");
        DB::statement("ALTER TABLE plans MODIFY aim ENUM($words) NOT NULL");
    }

    public function down(): void
    {
        foreach (['clients', 'plans'] as $table) {
            DB::table($table)->where('aim', 'size')->update(['aim' => 'strength']);
        }
        self::aims("'strength','endurance','learn'");
        Schema::dropIfExists('logged_estimates');
        Schema::table('measure_results', fn (Blueprint $t) => $t->dropColumn('rung'));
        Schema::table('proposals', fn (Blueprint $t) => $t->dropColumn('offers'));
    }
};
