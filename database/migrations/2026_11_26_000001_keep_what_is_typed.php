<?php

declare(strict_types=1);

use Bibrel\App\Papers\MemberIds;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Guests, revisions, the save that was applied last, earlier states, and look-ups as rows of their own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('guests', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->date('seen_on')->index();
        });
        DB::statement('insert ignore into guests (id, seen_on) select distinct guest_id, curdate() from papers');

        foreach (['papers', 'sources'] as $kept) {
            Schema::table($kept, static function (Blueprint $table): void {
                $table->ulid('last_save')->nullable();
                $table->ulid('last_tab')->nullable();
                $table->index('removed_at');
            });
        }
        Schema::table('papers', static fn (Blueprint $table) => $table->unsignedBigInteger('revision')->default(1));

        Schema::create('earlier_states', static function (Blueprint $table): void {
            $table->id();
            $table->string('subject_type', 10);
            $table->ulid('subject_id');
            $table->unsignedInteger('version');
            $table->string('cause', 20);
            $table->mediumText('state');
            $table->mediumText('page_copy')->nullable();
            $table->timestamp('created_at', 3)->index();
            $table->index(['subject_type', 'subject_id', 'id']);
        });

        Schema::dropIfExists('batch_leads');
        Schema::dropIfExists('batches');
        Schema::create('lookups', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('paper_id')->constrained('papers')->cascadeOnDelete();
            $table->ulid('guest_id');
            $table->ulid('batch_id')->nullable();
            $table->unsignedSmallInteger('place')->default(0);
            $table->ulid('source_id')->nullable();
            $table->boolean('again')->default(false);
            $table->mediumText('lead');
            $table->string('take', 10)->nullable();
            $table->string('today', 40);
            $table->string('state', 10);
            $table->string('reason', 30)->nullable();
            $table->string('sentence', 1000)->default('');
            $table->mediumText('found')->nullable();
            $table->timestamp('queued_at', 3)->nullable();
            $table->timestamp('started_at', 3)->nullable();
            $table->timestamp('ended_at', 3)->nullable()->index();
            $table->timestamps(3);
            $table->index(['guest_id', 'state']);
            $table->index(['paper_id', 'state']);
        });

        $this->giveMembersIds();
    }

    /** Members of lists had no ids; everybody who looks at one must see the same ones. */
    private function giveMembersIds(): void
    {
        DB::table('sources')->select(['id', 'data'])->orderBy('id')->chunk(200, static function ($sources): void {
            foreach ($sources as $source) {
                $data = json_decode((string) $source->data, true);
                if (is_array($data)) {
                    $given = json_encode(MemberIds::given($data), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
                    DB::table('sources')->where('id', $source->id)->update(['data' => $given]);
                }
            }
        });
    }
};
