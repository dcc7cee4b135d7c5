<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* The gap a run hit, as measured on film, and whether the key gave the call what it needs; both are filled in when a snap is saved. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('snaps', function (Blueprint $table): void {
            $table->string('hole', 40)->nullable();
            $table->boolean('gave')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropColumns('snaps', ['hole', 'gave']);
    }
};
