<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/*
 * The gap a run hit, as measured on film; whether the key gave the call what it needs; the tags, the run action shown
 * and where the back went; what their look showed beyond front and coverage; who had the ball. They are filled in when
 * a snap is saved.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('snaps', function (Blueprint $table): void {
            $table->string('hole', 40)->nullable();
            $table->boolean('gave')->nullable();
            $table->string('tag', 120)->nullable();
            $table->string('action', 60)->nullable();
            $table->string('back', 30)->nullable();
            $table->string('wrinkle', 300)->nullable();
            $table->string('carrier', 4)->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropColumns('snaps', ['hole', 'gave', 'tag', 'action', 'back', 'wrinkle', 'carrier']);
    }
};
