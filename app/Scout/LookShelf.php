<?php

namespace App\Scout;

use App\Http\Problem;
use App\Models\Look;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Defense\Look as Shown;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;

/** The counts of an opponent's shelf, set together. */
final class LookShelf
{
    /**
     * A look that is not on the shelf yet is put there; one that is not named keeps its count.
     *
     * @param  list<array{words: string, shown: int}>  $looks
     *
     * @throws Problem naming a look that cannot be read
     */
    public static function count(string $opponent, array $looks, string|int|null $by): void
    {
        $read = [];
        foreach ($looks as $n => $look) {
            $read[] = [self::read($n, $look['words']), $look['shown']];
        }
        DB::transaction(function () use ($opponent, $read, $by): void {
            foreach ($read as [$look, $shown]) {
                $saved = Look::query()->where('opponent', $opponent)->where('words', $look->words())->first();
                $saved === null
                    ? Look::query()->create(['name' => $look->words(), 'words' => $look->words(),
                        'opponent' => $opponent, 'shown' => $shown, 'document' => LookDocument::write($look),
                        'version' => 1, 'user_id' => $by])
                    : $saved->update(['shown' => $shown, 'version' => $saved->version + 1, 'user_id' => $by]);
            }
        });
    }

    /** @throws Problem */
    private static function read(int $n, string $words): Shown
    {
        try {
            return LookParser::parse($words);
        } catch (NotUnderstood $e) {
            throw Problem::content("/looks/$n/words", $e->getMessage());
        }
    }
}
