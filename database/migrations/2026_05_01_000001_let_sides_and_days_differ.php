<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A hold is told apart from movement by the clock; an estimate knows its side; an exercise has a school of its own and
 * light days; a whole programme may be to wake the muscles up.
 */
return new class extends Migration
{
    public function up(): void
    {
        self::rename('seconds', 'hold');
        Schema::table('logged_estimates', static function (Blueprint $table): void {
            $table->enum('side', ['both', 'left', 'right'])->default('both')->after('rung');
        });
        Schema::table('plan_items', static function (Blueprint $table): void {
            $table->string('school', 40)->nullable()->after('dose');
            $table->json('light_days')->nullable()->after('school');
        });
        self::aims("'strength','size','endurance','learn','wake_up'");
    }

    public function down(): void
    {
        foreach (['clients', 'plans'] as $table) {
            DB::table($table)->where('aim', 'wake_up')->update(['aim' => 'learn']);
        }
        self::aims("'strength','size','endurance','learn'");
        Schema::table('plan_items', static fn (Blueprint $t) => $t->dropColumn(['school', 'light_days']));
        Schema::table('logged_estimates', static fn (Blueprint $t) => $t->dropColumn('side'));
        self::rename('hold', 'seconds');
    }

    /** Of every dose but a warm-up's, and of curls by the clock: those are movement. */
    private static function rename(string $from, string $to): void
    {
        $dose = static fn (string $column): string => "JSON_REMOVE(JSON_SET($column, '\$.$to', "
            ."JSON_EXTRACT($column, '\$.$from')), '\$.$from')";
        $held = "plan_items.goal <> 'warm_up' AND plan_items.rung <> 'for_time'";
        $has = static fn (string $column): string => "JSON_EXISTS($column, '\$.$from')";
        foreach (['proposals' => ['dose', 'taken'], 'log_items' => ['dose']] as $table => $columns) {
            foreach ($columns as $name) {
                $column = "$table.$name";
                DB::statement("UPDATE $table JOIN plan_items ON plan_items.id = $table.plan_item_id "
                    ."SET $column = {$dose($column)} WHERE $held AND {$has($column)}");
            }
        }
        self::inSnapshots($from, $to);
        DB::statement(
            "UPDATE plan_items SET dose = {$dose('plan_items.dose')} WHERE $held AND {$has('plan_items.dose')}",
        );
    }

    /** What an undo puts back is kept as a whole. */
    private static function inSnapshots(string $from, string $to): void
    {
        DB::table('plan_snapshots')->whereNotNull('draft')->orderBy('id')->each(
            static function (object $row) use ($from, $to): void {
                $draft = json_decode((string) $row->draft, true);
                foreach ($draft['items'] ?? [] as $i => $item) {
                    if ($item['goal'] !== 'warm_up' && $item['rung'] !== 'for_time' && isset($item['dose'][$from])) {
                        $draft['items'][$i]['dose'][$to] = $item['dose'][$from];
                        unset($draft['items'][$i]['dose'][$from]);
                    }
                }
                DB::table('plan_snapshots')->where('id', $row->id)->update(['draft' => json_encode($draft)]);
            },
        );
    }

    private static function aims(string $words): void
    {
        DB::statement("ALTER TABLE clients MODIFY aim ENUM($words) NOT NULL DEFAULT 'strength'");
        DB::statement("ALTER TABLE plans MODIFY aim ENUM($words) NOT NULL");
    }
};
