<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a paper says of itself, accounts, company on a paper, courses, notes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('papers', static function (Blueprint $table): void {
            $table->string('class_name', 120)->default('')->after('title');
            $table->date('due_on')->nullable()->after('class_name');
            $table->string('question', 600)->default('')->after('due_on');
            $table->json('asked')->nullable()->after('course');
            $table->ulid('course_id')->nullable()->index();
            $table->ulid('changed_by')->nullable();
            // What the list of papers tells of it, and of which state that is.
            $table->json('summary')->nullable();
            $table->string('summary_of', 80)->nullable();
            $table->boolean('is_sample')->default(false);
        });
        Schema::table('sources', static function (Blueprint $table): void {
            $table->ulid('added_by')->nullable();
            $table->ulid('changed_by')->nullable();
        });
        Schema::table('earlier_states', static fn (Blueprint $table) => $table->ulid('made_by')->nullable());
        Schema::table('drafts', static fn (Blueprint $table) => $table->timestamp('removed_at', 3)->nullable()->index());
        Schema::table('guests', static fn (Blueprint $table) => $table->string('name', 80)->default(''));

        $this->people();
        $this->company();
        $this->courses();
        Schema::create('notes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('paper_id')->constrained('papers')->cascadeOnDelete();
            $table->ulid('source_id')->nullable()->index();
            $table->json('data');
            $table->unsignedInteger('place')->default(0);
            $table->unsignedInteger('version')->default(1);
            $table->ulid('last_save')->nullable();
            $table->ulid('last_tab')->nullable();
            $table->ulid('changed_by')->nullable();
            $table->timestamps(3);
            $table->softDeletes('removed_at', 3);
            $table->index(['paper_id', 'place']);
        });
    }

    private function people(): void
    {
        Schema::create('accounts', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->timestamp('email_verified_at')->nullable();
            $table->timestamp('leaves_at')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('sign_ins', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('account_id')->constrained('accounts')->cascadeOnDelete();
            $table->char('secret', 64);
            $table->string('agent', 200)->default('');
            $table->boolean('lasting');
            $table->timestamp('seen_at');
            $table->timestamp('created_at');
            $table->index(['account_id', 'seen_at']);
        });
        // The framework's own table for new passwords.
        Schema::create('password_reset_tokens', static function (Blueprint $table): void {
            $table->string('email', 190)->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
    }

    private function company(): void
    {
        Schema::create('shares', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('paper_id')->constrained('papers')->cascadeOnDelete();
            $table->string('may', 10);
            $table->char('token', 43)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('email', 190)->nullable()->index();
            $table->timestamp('ends_at')->nullable();
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
        });
        Schema::create('members', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('share_id')->constrained('shares')->cascadeOnDelete();
            $table->foreignUlid('paper_id')->constrained('papers')->cascadeOnDelete();
            $table->ulid('guest_id')->index();
            $table->timestamp('left_at')->nullable();
            $table->timestamp('created_at');
            $table->unique(['share_id', 'guest_id']);
            $table->index(['paper_id', 'guest_id']);
        });
        Schema::create('presences', static function (Blueprint $table): void {
            $table->ulid('paper_id');
            $table->ulid('tab');
            $table->ulid('guest_id');
            $table->ulid('source_id')->nullable();
            $table->timestamp('seen_at', 3)->index();
            $table->primary(['paper_id', 'tab']);
            $table->foreign('paper_id')->references('id')->on('papers')->cascadeOnDelete();
        });
        Schema::create('comments', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('paper_id')->constrained('papers')->cascadeOnDelete();
            $table->ulid('source_id')->nullable()->index();
            $table->string('field', 80)->default('');
            $table->ulid('answers')->nullable()->index();
            $table->ulid('hand_in_id')->nullable()->index();
            $table->ulid('guest_id');
            $table->text('text');
            $table->timestamp('resolved_at', 3)->nullable();
            $table->ulid('resolved_by')->nullable();
            $table->timestamps(3);
            $table->softDeletes('removed_at', 3);
            $table->index(['paper_id', 'removed_at']);
        });
    }

    private function courses(): void
    {
        Schema::create('courses', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->ulid('guest_id')->index();
            $table->string('title', 200)->default('');
            $table->date('due_on')->nullable();
            $table->text('note');
            $table->string('style', 20);
            $table->json('rules');
            $table->json('asked');
            $table->char('token', 43)->charset('ascii')->collation('ascii_bin')->unique();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(3);
            $table->softDeletes('removed_at', 3);
        });
        Schema::table('papers', static function (Blueprint $table): void {
            $table->foreign('course_id')->references('id')->on('courses')->nullOnDelete();
        });
        Schema::create('hand_ins', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('course_id')->constrained('courses')->cascadeOnDelete();
            $table->foreignUlid('paper_id')->constrained('papers')->cascadeOnDelete();
            $table->ulid('guest_id');
            $table->string('name', 80);
            $table->mediumText('state');
            $table->timestamp('created_at', 3);
            $table->index(['course_id', 'created_at']);
            $table->index(['paper_id', 'created_at']);
        });
    }
};
