<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A sheet has the calls a game begins with, in their order. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plans', fn (Blueprint $table) => $table->json('openers')->default('[]'));
    }

    public function down(): void
    {
        Schema::table('plans', fn (Blueprint $table) => $table->dropColumn('openers'));
    }
};
