<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/*
 * What an opponent is scouted by: the clock, by how much the offense leads, and where defenders stood before the snap.
 * They are filled in when a snap is saved; php artisan jx:index does it for the snaps saved before.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('snaps', function (Blueprint $table): void {
            $table->integer('clock_s')->nullable();
            $table->integer('ahead')->nullable();
            $table->text('stood')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropColumns('snaps', ['clock_s', 'ahead', 'stood']);
    }
};
