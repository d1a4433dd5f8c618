<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('batches', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('paper_id')->constrained('papers')->cascadeOnDelete();
            $table->string('today', 40);
            $table->timestamps(3);
        });

        Schema::create('batch_leads', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('batch_id')->constrained('batches')->cascadeOnDelete();
            $table->unsignedSmallInteger('place');
            $table->text('lead');
            $table->string('state', 10);
            $table->string('sentence', 500)->default('');
            $table->ulid('source_id')->nullable();
            $table->unique(['batch_id', 'place']);
        });

        // The framework's own tables for its queue.
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });

        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }
};
