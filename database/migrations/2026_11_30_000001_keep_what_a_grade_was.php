<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who gave, changed or took away a grade, when, and what stood there before. Rows are only ever added. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('grade_changes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('player_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('snap_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('man', 4);
            $table->string('of', 200);
            $table->json('before')->nullable();
            $table->json('after')->nullable();
            $table->timestamp('created_at');
            $table->index(['snap_id', 'man']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('grade_changes');
    }
};
