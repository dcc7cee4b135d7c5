<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Invitations and new passwords by a link, who may not come in any more, and since when sessions hold. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('link_hash', 64)->nullable()->unique();
            $table->timestamp('link_until')->nullable();
            $table->timestamp('disabled_at')->nullable();
            $table->timestamp('signed_in_at')->nullable();
            $table->unsignedInteger('sessions')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dropUnique(['link_hash']);
            $table->dropColumn(['link_hash', 'link_until', 'disabled_at', 'signed_in_at', 'sessions']);
        });
    }
};
