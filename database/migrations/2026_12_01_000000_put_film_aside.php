<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Film that is thrown away is put aside with all that hangs on it; how long it and old film stay is a setting. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('put_asides', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('kind', 8);
            $table->string('name', 240);
            $table->ulid('reel_id')->index();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->json('rows');
            $table->timestamps();
        });
        Schema::table('staff_words', function (Blueprint $table): void {
            $table->unsignedSmallInteger('keep_thrown_days')->default(60);
            $table->unsignedSmallInteger('keep_film_months')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('staff_words', fn (Blueprint $table) => $table->dropColumn(['keep_thrown_days',
            'keep_film_months']));
        Schema::drop('put_asides');
    }
};
