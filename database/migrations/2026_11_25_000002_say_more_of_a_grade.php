<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* A grade can hold a correction, a caveat, a guess,
    what caused it and whose it is instead; one that is not his is kept and not counted. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('grades', function (Blueprint $table): void {
            $table->string('correction', 300)->default('');
            $table->string('caveat', 300)->default('');
            $table->boolean('certain')->default(true);
            $table->boolean('hard')->default(false);
            $table->string('caused_by', 4)->nullable();
            $table->string('charged_to', 20)->nullable();
            $table->boolean('counts')->default(true);
        });
    }

    public function down(): void
    {
        Schema::dropColumns('grades', ['correction', 'caveat', 'certain', 'hard', 'caused_by', 'charged_to', 'counts']);
    }
};
