<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('staff_words', function (Blueprint $table): void {
            foreach (['aliases', 'settings', 'values', 'families'] as $list) {
                $table->json($list)->nullable();
            }
        });
    }

    public function down(): void
    {
        Schema::table(
            'staff_words',
            fn (Blueprint $table) => $table->dropColumn(['aliases', 'settings', 'values', 'families']),
        );
    }
};
