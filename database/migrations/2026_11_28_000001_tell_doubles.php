<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether what is on the paper already is to be added all the same. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lookups', static function (Blueprint $table): void {
            $table->boolean('twice')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('lookups', static function (Blueprint $table): void {
            $table->dropColumn('twice');
        });
    }
};
