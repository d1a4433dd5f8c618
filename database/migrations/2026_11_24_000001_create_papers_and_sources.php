<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('papers', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->ulid('guest_id')->index();
            $table->string('title', 300)->default('');
            $table->string('style', 20);
            $table->json('course');
            $table->string('surname', 120)->default('');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(3);
            $table->softDeletes('removed_at', 3);
        });

        Schema::create('sources', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('paper_id')->constrained('papers')->cascadeOnDelete();
            $table->mediumText('data');
            $table->mediumText('reading')->nullable();
            $table->mediumText('page_copy')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps(3);
            $table->softDeletes('removed_at', 3);
            $table->index(['paper_id', 'removed_at']);
        });
    }
};
