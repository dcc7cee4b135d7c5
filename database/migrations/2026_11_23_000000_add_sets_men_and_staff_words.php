<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('players', function (Blueprint $table): void {
            $table->unsignedSmallInteger('depth')->default(1);
            $table->decimal('forty_s', 4, 2)->nullable();
            $table->decimal('stride_yd', 4, 2)->nullable();
            $table->string('throws', 5)->default('right');
            $table->json('flags')->nullable();
            $table->unsignedInteger('version')->default(1);
        });

        Schema::create('formations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 60)->unique();
            $table->string('words', 300);
            $table->json('document');
            $table->unsignedInteger('version');
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });

        Schema::create('staff_words', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->json('letters');
            $table->json('groups')->nullable();
            $table->string('school', 20);
            $table->json('cadence');
            $table->unsignedInteger('version');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('staff_words');
        Schema::dropIfExists('formations');
        Schema::table('players', fn (Blueprint $table) => $table->dropColumn([
            'depth', 'forty_s', 'stride_yd', 'throws', 'flags', 'version',
        ]));
    }
};
