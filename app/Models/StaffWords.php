<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Jacotaxis\Core\Concept\FormationDocument;
use Jacotaxis\Core\Defense\Technique;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Cadence;
use Jacotaxis\Core\Words\StaffBook;

/**
 * What the staff calls things: its letters, its school of technique names, its cadence. One record.
 *
 * @property array<string, string> $letters the staff's letter by the letter of the sets
 * @property array<string, string>|null $groups two figures of backs and tight ends by the staff's name
 * @property string $school
 * @property array{words: list<string>, beatS: float, soundS: float} $cadence
 * @property int $version
 */
class StaffWords extends Model
{
    use HasUlids, Versioned;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['letters' => 'array', 'groups' => 'array', 'cadence' => 'array', 'version' => 'integer'];
    }

    public static function current(): self
    {
        $usual = Cadence::of();

        return static::query()->orderBy('id')->first() ?? static::query()->create([
            'letters' => array_combine(Man::SKILL, Man::SKILL), 'school' => Technique::SCHOOLS[0],
            'cadence' => ['words' => $usual->words, 'beatS' => $usual->beatS, 'soundS' => $usual->soundS], 'version' => 1,
        ]);
    }

    public function theCadence(): Cadence
    {
        return Cadence::of($this->cadence['words'], (float) $this->cadence['beatS'], (float) $this->cadence['soundS']);
    }

    /** The staff's words as the language reads them, its saved sets among them. */
    public function book(): StaffBook
    {
        $sets = Formation::query()->get()->mapWithKeys(fn (Formation $f): array => [$f->name => FormationDocument::read($f->document, Situation::of())])->all();

        return new StaffBook($this->letters, $sets, $this->theCadence(), $this->school, $this->groups ?? []);
    }
}
