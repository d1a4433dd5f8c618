<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A student's own draft of a paper, for as long as the paper wants it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drafts', static function (Blueprint $table): void {
            $table->ulid('paper_id')->primary();
            $table->string('name', 200);
            $table->longText('bytes')->charset('binary');
            $table->json('settled');
            $table->json('meant');
            $table->timestamps();
            $table->foreign('paper_id')->references('id')->on('papers')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::drop('drafts');
    }
};
