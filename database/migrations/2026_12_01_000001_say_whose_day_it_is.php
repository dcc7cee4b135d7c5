<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A practice is a day of one family of runs, or of any. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('practices', fn (Blueprint $table) => $table->string('runs', 8)->default('any'));
    }

    public function down(): void
    {
        Schema::table('practices', fn (Blueprint $table) => $table->dropColumn('runs'));
    }
};
