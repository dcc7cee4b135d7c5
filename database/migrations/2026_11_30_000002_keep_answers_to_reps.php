<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What players answered to the questions of their reps. Rows are only ever added; when each comes again follows. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rep_answers', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('player_id')->constrained()->cascadeOnDelete();
            $table->string('question', 120);
            $table->string('kind', 20);
            $table->string('call_id', 26);
            $table->string('call', 200);
            $table->string('look', 260);
            $table->string('answer', 200);
            $table->boolean('right');
            $table->float('took_s');
            $table->timestamp('created_at');
            $table->index(['player_id', 'question']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rep_answers');
    }
};
