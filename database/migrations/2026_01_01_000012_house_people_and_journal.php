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
        Schema::create('houses', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->boolean('is_demo')->default(false);
            $table->string('setup_code_hash')->nullable()->comment('of the code that opens the first visit; null once it was used');
            $table->timestamp('set_up_at')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        DB::statement('create unique index houses_only_one on houses ((true))');
        Schema::table('users', function (Blueprint $table): void {
            $table->timestamp('disabled_at')->nullable();
            $table->timestamp('removed_at')->nullable()->comment('when their data was taken out; the row stands for them in histories');
            $table->timestamp('password_changed_at')->nullable();
            $table->text('second_factor')->nullable()->comment('encrypted: the shared secret of time codes');
            $table->timestamp('second_factor_at')->nullable()->comment('null while it is not confirmed');
            $table->bigInteger('second_factor_step')->default(0)->comment('the last time step whose code was used');
            $table->jsonb('recovery_codes')->default('[]')->comment('hashes of those that are left');
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->string('email');
            $table->string('name');
            $table->string('role');
            $table->char('token_hash', 64)->unique();
            $table->foreignId('invited_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('expires_at');
            $table->timestamp('used_at')->nullable();
            $table->timestamp('created_at')->useCurrent();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('personal_access_tokens', function (Blueprint $table): void {
            $table->id();
            $table->morphs('tokenable');
            $table->string('name');
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable();
            $table->timestamps();
        });
        Schema::table('suites', function (Blueprint $table): void {
            $table->timestamp('retired_at')->nullable()->comment('no longer used; its history stays');
            $table->timestamp('token_made_at')->nullable();
            $table->string('token_hash')->nullable()->change();
        });
        Schema::create('first_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80)->comment('chosen by whoever asks, one for each write');
            $table->char('request_digest', 64);
            $table->unsignedSmallInteger('status');
            $table->jsonb('headers')->default('{}');
            $table->text('body');
            $table->timestamp('created_at')->useCurrent()->index();
            $table->unique(['user_id', 'key']);
        });
        $this->journal();
    }

    /** Entries and their seals: each seal is worked out from the one before, so that a change or a gap shows. */
    private function journal(): void
    {
        Schema::create('journal', function (Blueprint $table): void {
            $table->id();
            $table->timestampTz('at', 6)->default(DB::raw('clock_timestamp()'));
            $table->bigInteger('user_id')->nullable()->index()->comment('who; no foreign key, for entries outlive people');
            $table->string('address', 45)->nullable()->comment('from where');
            $table->string('kind')->index();
            $table->string('subject_kind')->nullable();
            $table->string('subject_id')->nullable();
            $table->string('subject')->nullable()->comment('what it was called then; never a person');
            $table->jsonb('details')->default('{}');
            $table->index(['subject_kind', 'subject_id']);
            $table->index('at');
        });
        Schema::create('journal_seals', function (Blueprint $table): void {
            $table->bigInteger('position')->primary()->comment('from 1, without a gap');
            $table->foreignId('entry_id')->unique()->constrained('journal');
            $table->char('hash', 64);
        });
        DB::unprepared(
            <<<'SQL'
            -- Emptying a database takes its tables and leaves these, whoever made them.
            drop function if exists seal_journal_entry(), refuse_change() cascade;
            create function journal_text(entry journal) returns text language sql stable as $$
                select jsonb_build_array(entry.id, extract(epoch from entry.at), entry.user_id, entry.address, entry.kind,
                    entry.subject_kind, entry.subject_id, entry.subject, entry.details)::text
            $$;
            create function journal_hash(before text, entry journal) returns text language sql stable as $$
                select encode(sha256(convert_to(before || E'\n' || journal_text(entry), 'UTF8')), 'hex')
            $$;
            -- Runs when a transaction ends, so that nobody waits for it while holding something that another waits for.
            create function seal_journal_entry() returns trigger language plpgsql security definer set search_path = public as $$
            declare
                last journal_seals;
            begin
                perform pg_advisory_xact_lock(hashtext('journal'));
                select * into last from journal_seals order by position desc limit 1;
                insert into journal_seals (position, entry_id, hash)
                    values (coalesce(last.position, 0) + 1, new.id, journal_hash(coalesce(last.hash, ''), new));
                return null;
            end
            $$;
            create constraint trigger journal_sealed after insert on journal
                deferrable initially deferred for each row execute function seal_journal_entry();
            create function refuse_change() returns trigger language plpgsql as $$
            begin
                raise exception 'the journal is only ever added to';
            end
            $$;
            create trigger journal_stays before update or delete on journal for each row execute function refuse_change();
            create trigger journal_not_emptied before truncate on journal for each statement execute function refuse_change();
            create trigger journal_seals_stay before update or delete on journal_seals for each row execute function refuse_change();
            create trigger journal_seals_not_emptied before truncate on journal_seals
                for each statement execute function refuse_change();
            SQL
            ,
        );
    }
};
