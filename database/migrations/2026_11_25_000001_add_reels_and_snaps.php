<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/*
 * Film is kept in reels of snaps: a snap is charted and worked on, a clip is one angle of it. Clips of before become a
 * reel, a snap and a wide angle; their grades go with the snap.
 */
return new class extends Migration
{
    public function up(): void
    {
        $this->reels();
        $this->snaps();
        Schema::rename('clips', 'clips_before');
        Schema::rename('grades', 'grades_before');
        $this->clips();
        $this->grades();
        $this->rest();
        $this->carryOver();
        Schema::drop('grades_before');
        Schema::drop('clips_before');
    }

    private function reels(): void
    {
        Schema::create('reels', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('title', 160);
            $table->string('kind', 12)->default('game');
            $table->string('opponent', 120)->default('');
            $table->boolean('ours')->default(true);
            $table->unsignedSmallInteger('week')->default(0);
            $table->date('played_on')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
    }

    private function snaps(): void
    {
        Schema::create('snaps', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('reel_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('place');
            $table->json('document');
            $table->unsignedInteger('version')->default(1);
            foreach (['number', 'quarter', 'series', 'down', 'box', 'open_questions'] as $name) {
                $table->unsignedSmallInteger($name)->nullable();
            }
            foreach (['to_go_yd', 'ball_on_yd', 'gain_yd', 'out_s', 'predicted_s', 'separation_yd', 'snap_s',
                'weight'] as $name) {
                $table->float($name)->nullable();
            }
            foreach (['hash' => 8, 'personnel' => 20, 'formation' => 160, 'motion' => 160, 'call' => 500,
                'family' => 80, 'front' => 60, 'shell' => 80, 'defender' => 60, 'choice' => 60,
                'decision' => 20, 'done' => 20, 'result' => 20, 'penalty_by' => 4] as $name => $length) {
                $table->string($name, $length)->nullable();
            }
            foreach (['run', 'touchdown', 'nullified'] as $name) {
                $table->boolean($name)->default(false);
            }
            $table->timestamps();
            $table->unique(['reel_id', 'place']);
            $table->index('decision');
        });
    }

    private function clips(): void
    {
        Schema::create('clips', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('reel_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('snap_id')->nullable()->constrained()->nullOnDelete();
            $table->string('angle', 8)->default('wide');
            $table->string('name', 200)->default('');
            $table->string('file', 200);
            $table->string('mime', 60)->default('');
            $table->string('status', 10)->default('waiting');
            $table->string('reason', 400)->default('');
            $table->json('video')->nullable();
            $table->float('from_s')->default(0);
            $table->float('to_s')->nullable();
            $table->float('sync_s')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['snap_id', 'angle']);
        });
    }

    private function grades(): void
    {
        Schema::create('grades', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('snap_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('player_id')->constrained()->cascadeOnDelete();
            $table->string('man', 4);
            $table->string('asked', 200);
            $table->string('done', 300)->default('');
            $table->smallInteger('mark');
            $table->json('marks')->nullable();
            $table->boolean('bust')->default(false);
            $table->boolean('impact')->default(false);
            $table->string('decision', 20)->nullable();
            $table->text('reason');
            $table->json('faults');
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->unique(['snap_id', 'man']);
            $table->index('player_id');
        });
    }

    private function rest(): void
    {
        Schema::create('cutups', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 120);
            $table->json('filter');
            $table->boolean('shared')->default(false);
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('uploads', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('reel_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            $table->unsignedBigInteger('size');
            $table->unsignedBigInteger('received')->default(0);
            $table->string('angle', 8)->default('wide');
            $table->foreignUlid('snap_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('clip_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::table('staff_words', function (Blueprint $table): void {
            $table->json('fault_keys')->nullable();
            $table->json('fault_labels')->nullable();
            $table->string('scale', 12)->default('plus-minus');
            $table->float('winning')->default(0.85);
        });
    }

    private function carryOver(): void
    {
        foreach (DB::table('clips_before')->orderBy('id')->get() as $place => $old) {
            $reel = DB::table('reels')->where(['title' => $old->reel, 'week' => $old->week])->value('id');
            if ($reel === null) {
                $reel = (string) Str::ulid();
                DB::table('reels')->insert(['id' => $reel, 'title' => $old->reel, 'week' => $old->week,
                    'created_at' => $old->created_at, 'updated_at' => $old->updated_at]);
            }
            $snap = (string) Str::ulid();
            $document = json_decode($old->document, true);
            DB::table('snaps')->insert(['id' => $snap, 'reel_id' => $reel, 'place' => $place + 1,
                'document' => json_encode(['chart' => ['number' => $place + 1,
                    'note' => mb_substr($old->title, 0, 300)]] + $document),
                'number' => $place + 1, 'call' => is_string($document['call']) ? $document['call'] : null,
                'version' => $old->version, 'created_at' => $old->created_at, 'updated_at' => $old->updated_at]);
            DB::table('clips')->insert(['id' => $old->id, 'reel_id' => $reel, 'snap_id' => $snap, 'name' => $old->title,
                'file' => $old->file, 'mime' => $old->mime, 'status' => 'ready',
                'video' => json_encode($document['video'] ?? null), 'created_at' => $old->created_at,
                'updated_at' => $old->updated_at]);
            foreach (DB::table('grades_before')->where('clip_id', $old->id)->get() as $grade) {
                $row = (array) $grade;
                unset($row['clip_id']);
                DB::table('grades')->insert(['snap_id' => $snap] + $row);
            }
        }
    }

    public function down(): void
    {
        // There is no way back to one clip a snap without losing the other angle: restore a backup instead
        // (docs/deploy.md).
        throw new RuntimeException('This migration cannot be undone; restore the backup from before it.');
    }
};
