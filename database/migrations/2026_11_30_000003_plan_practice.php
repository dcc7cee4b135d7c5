<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Practices: the day, its periods, and what is scripted in them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practices', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->date('held_on');
            $table->string('title', 120);
            $table->string('opponent', 120)->default('');
            $table->string('starts_at', 5)->default('15:30');
            $table->json('periods');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->index('held_on');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practices');
    }
};
