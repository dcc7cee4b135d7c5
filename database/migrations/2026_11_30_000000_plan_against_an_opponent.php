<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The calls of the sheet against an opponent, and what the staff answered to a trigger in a game. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plans', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('opponent', 80)->unique();
            $table->json('calls');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('trigger_answers', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('reel_id')->constrained()->cascadeOnDelete();
            $table->string('trigger', 40);
            $table->string('picture', 260);
            $table->string('answer', 10);
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->unique(['reel_id', 'trigger', 'picture']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('trigger_answers');
        Schema::dropIfExists('plans');
    }
};
