<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        foreach (['calls', 'looks'] as $name) {
            Schema::create($name, function (Blueprint $table) use ($name): void {
                $table->ulid('id')->primary();
                $table->string('name', 120);
                $table->string('words', 600);
                $table->json('document');
                $table->unsignedInteger('version')->default(1);
                if ($name === 'looks') {
                    $table->string('opponent', 120)->default('');
                    $table->unsignedInteger('shown')->default(0);
                }
                $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
                $table->timestamps();
            });
        }

        Schema::create('clips', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('title', 160);
            $table->string('reel', 160)->default('');
            $table->unsignedSmallInteger('week')->default(0);
            $table->string('file', 200);
            $table->string('mime', 60);
            $table->json('document');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });

        Schema::create('grades', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('clip_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('player_id')->constrained()->cascadeOnDelete();
            $table->string('man', 4);
            $table->string('asked', 200);
            $table->string('done', 300);
            $table->smallInteger('mark');
            $table->string('decision', 20)->nullable();
            $table->text('reason');
            $table->json('faults');
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->unique(['clip_id', 'man']);
        });
    }

    public function down(): void
    {
        foreach (['grades', 'clips', 'looks', 'calls'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};
