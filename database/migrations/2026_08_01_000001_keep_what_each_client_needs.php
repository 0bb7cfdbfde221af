<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * Today reads these rows and works out nothing. The database itself notes that something changed that a need is read
 * from: whichever way it was written, no code path can forget to say so.
 */
return new class extends Migration
{
    /** Tables of one client that a need is read from, with how a row of theirs names the client. */
    private const OF_CLIENT = [
        'client_conditions' => '%s.client_id', 'clearances' => '%s.client_id', 'measure_results' => '%s.client_id',
        'kit_pieces' => '%s.client_id', 'kit_carriers' => '%s.client_id', 'kit_bands' => '%s.client_id',
        'own_limits' => '%s.client_id', 'plans' => '%s.client_id', 'session_logs' => '%s.client_id',
        'logged_estimates' => '%s.client_id', 'gate_checks' => '%s.client_id', 'proposals' => '%s.client_id',
        'home_intakes' => '%s.client_id', 'messages' => '%s.client_id', 'snoozes' => '%s.client_id',
        'plan_items' => '(SELECT client_id FROM plans WHERE id = %s.plan_id)',
    ];

    private const OF_CLINIC = ['clinic_figures' => '%s.clinic_id', 'own_families' => '%s.clinic_id'];

    private const EVERY = ['insert', 'update', 'delete'];

    private const CHANGED = 'UPDATE standings SET stale = 1, changes = changes + 1 WHERE ';

    public function up(): void
    {
        Schema::table('clients', static function (Blueprint $table): void {
            $table->foreignId('assigned_to')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('session_logs', static function (Blueprint $table): void {
            // It came from elsewhere, and nobody of the clinic has looked at it.
            $table->boolean('to_see')->default(false);
        });
        Schema::create('messages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            // Who wrote it down: nobody of the clinic where the client did.
            $table->foreignId('user_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('kind', 20);
            $table->string('says', 1000);
            $table->string('answer', 1000)->nullable();
            $table->foreignId('answered_by')->nullable()->constrained('users')->restrictOnDelete();
            $table->timestamp('answered_at')->nullable();
            $table->timestamps();
        });
        Schema::create('snoozes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('kind', 40);
            $table->char('about', 32);
            $table->date('until');
            $table->string('reason', 300);
            $table->timestamps();
            $table->unique(['client_id', 'kind', 'about']);
        });
        Schema::create('standings', static function (Blueprint $table): void {
            $table->foreignId('client_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('clinic_id')->constrained()->cascadeOnDelete();
            // Raised by every change; what was worked out before a change that came meanwhile stays stale.
            $table->unsignedBigInteger('changes')->default(0);
            $table->boolean('stale')->default(true);
            $table->date('worked_on')->nullable();
            $table->unsignedTinyInteger('rank')->default(255);
            $table->string('name', 200)->default('');
            $table->json('shown')->nullable();
            $table->index(['clinic_id', 'rank', 'name']);
            $table->index(['clinic_id', 'stale']);
            $table->index(['clinic_id', 'worked_on']);
        });
        Schema::create('needs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('clinic_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 40);
            $table->string('says', 500);
            $table->string('stage', 20);
            $table->char('about', 32);
            $table->date('snoozed_until')->nullable();
            $table->string('snoozed_because', 300)->nullable();
            // Counted by kind from the index alone.
            $table->index(['clinic_id', 'snoozed_until', 'kind', 'client_id']);
        });
        foreach (self::OF_CLIENT as $table => $client) {
            self::onEach(self::EVERY, $table, 'client_id', $client);
        }
        self::onEach(['update'], 'clients', 'client_id', '%s.id');
        foreach (self::OF_CLINIC as $table => $clinic) {
            self::onEach(self::EVERY, $table, 'clinic_id', $clinic);
        }
        self::onEach(['update'], 'clinics', 'clinic_id', '%s.id');
        DB::unprepared(
            'CREATE TRIGGER clients_stand AFTER INSERT ON clients FOR EACH ROW '
                .'INSERT INTO standings (client_id, clinic_id) VALUES (NEW.id, NEW.clinic_id)',
        );
        DB::statement('INSERT INTO standings (client_id, clinic_id) SELECT id, clinic_id FROM clients');
    }

    public function down(): void
    {
        foreach ([...array_keys(self::OF_CLIENT), ...array_keys(self::OF_CLINIC), 'clients', 'clinics'] as $table) {
            foreach (self::EVERY as $verb) {
                DB::unprepared("DROP TRIGGER IF EXISTS {$table}_needs_$verb");
            }
        }
        DB::unprepared('DROP TRIGGER IF EXISTS clients_stand');
        foreach (['needs', 'standings', 'snoozes', 'messages'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('session_logs', static fn (Blueprint $table) => $table->dropColumn('to_see'));
        Schema::table('clients', static fn (Blueprint $table) => $table->dropConstrainedForeignId('assigned_to'));
    }

    /** @param  list<string>  $verbs */
    private static function onEach(array $verbs, string $table, string $column, string $is): void
    {
        foreach ($verbs as $verb) {
            DB::unprepared(sprintf(
                'CREATE TRIGGER %s_needs_%s AFTER %s ON %s FOR EACH ROW %s%s = %s',
                $table, $verb, strtoupper($verb), $table, self::CHANGED, $column,
                sprintf($is, $verb === 'delete' ? 'OLD' : 'NEW'),
            ));
        }
    }
};
