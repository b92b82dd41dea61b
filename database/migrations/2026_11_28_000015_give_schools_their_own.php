<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The school of an installation, who may do what in it, how sessions end, what adults did, and when what is stored about people ends. */
return new class extends Migration
{
    public function up(): void
    {
        $this->schools();
        $this->adults();
        Schema::table('students', function (Blueprint $table): void {
            $table->unsignedInteger('session_version')->default(0);
            $table->unsignedSmallInteger('roster_number')->nullable()->change();
            $table->timestamp('erased_at')->nullable();
        });
        Schema::table('stations', function (Blueprint $table): void {
            $table->unsignedInteger('session_version')->default(0);
        });
        Schema::table('sections', function (Blueprint $table): void {
            $table->timestamp('archived_at')->nullable();
            $table->boolean('kept')->default(false); // beyond the school's time for it
        });
        Schema::table('weighings', function (Blueprint $table): void {
            $table->foreignId('teacher_id')->nullable()->constrained()->nullOnDelete(); // who put a wrong entry right
        });
        // Who is signed in is told by kind; ids are stored hashed from now on, so those of before are worth nothing.
        DB::table('sessions')->delete();
        Schema::table('sessions', function (Blueprint $table): void {
            $table->string('kind', 10)->nullable();
            $table->index(['kind', 'user_id']);
        });
        // They belong to whoever changes tables, not to the account the application runs with.
        foreach (['weighings' => 'weighings are only ever added', 'lab_events' => 'lab events are only ever added'] as $table => $why) {
            DB::unprepared("DROP TRIGGER {$table}_stay");
            DB::unprepared(
                "CREATE TRIGGER {$table}_stay BEFORE UPDATE ON $table FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '$why'",
            );
        }
    }

    private function schools(): void
    {
        Schema::create('schools', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('time_zone', 40);
            $table->string('language', 2)->default('en');
            $table->string('spelling', 7)->default('us');
            $table->string('decimal_sign', 6)->default('device');
            $table->string('standard', 20)->default('us_customary');
            $table->char('year_ends', 5)->default('06-30');
            $table->unsignedTinyInteger('kept_years')->nullable()->default(1); // null: until somebody erases
            $table->timestamps();
        });
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->foreignId('school_id')->nullable()->constrained();
        });
        foreach (DB::table('kitchens')->select('school', 'time_zone')->distinct()->get()->unique('school') as $old) {
            $id = DB::table('schools')->insertGetId([
                'name' => $old->school, 'time_zone' => $old->time_zone, 'created_at' => now(), 'updated_at' => now(),
            ]);
            DB::table('kitchens')->where('school', $old->school)->update(['school_id' => $id]);
        }
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->unsignedBigInteger('school_id')->nullable(false)->change();
            $table->dropColumn(['school', 'time_zone']);
        });
        DB::statement(
            "ALTER TABLE schools ADD CONSTRAINT schools_sane CHECK (language IN ('en', 'es') AND spelling IN ('us', 'british') AND decimal_sign IN ('device', 'point', 'comma') AND standard IN ('us_customary', 'us_label_240', 'metric_250', 'au') AND year_ends REGEXP '^[01][0-9]-[0-3][0-9]$')",
        );
    }

    private function adults(): void
    {
        Schema::table('teachers', function (Blueprint $table): void {
            $table->string('role', 8)->default('teacher');
            $table->timestamp('deactivated_at')->nullable();
            $table->unsignedInteger('session_version')->default(0);
        });
        // An accent makes another mail; large letters do not, since they are stored small.
        DB::statement('ALTER TABLE teachers MODIFY email VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        DB::table('teachers')->update(['email' => DB::raw('LOWER(email)')]);
        DB::statement("ALTER TABLE teachers ADD CONSTRAINT teachers_role CHECK (role IN ('keeper', 'teacher', 'aide'))");
        // The first teacher of each school is its keeper.
        $first = DB::table('teachers')->join('kitchens', 'kitchens.id', '=', 'teachers.kitchen_id')->groupBy('kitchens.school_id')
            ->selectRaw('MIN(teachers.id) AS id')->pluck('id');
        DB::table('teachers')->whereIn('id', $first)->update(['role' => 'keeper']);
        Schema::create('slips', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->nullable()->constrained()->cascadeOnDelete(); // whose sign-in is made anew; null: somebody new
            $table->string('name', 80);
            $table->string('email', 190);
            $table->string('role', 8);
            $table->char('code_hash', 64)->unique();
            $table->timestamp('ends_at');
            $table->timestamps();
        });
        DB::statement("ALTER TABLE slips ADD CONSTRAINT slips_role CHECK (role IN ('keeper', 'teacher', 'aide'))");
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('teacher_id')->nullable(); // no key: what was done stays when who did it is gone
            $table->string('who', 80);
            $table->string('act', 40);
            $table->json('about');
            $table->timestamp('at');
            $table->index(['school_id', 'id']);
        });
        DB::unprepared(
            "CREATE TRIGGER log_entries_stay BEFORE UPDATE ON log_entries FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the log is only ever added to'",
        );
        DB::unprepared(<<<'SQL'
            CREATE TRIGGER log_entries_last BEFORE DELETE ON log_entries FOR EACH ROW
            IF OLD.at > NOW() - INTERVAL 3 YEAR THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the log is kept for three years'; END IF
            SQL);
    }
};
