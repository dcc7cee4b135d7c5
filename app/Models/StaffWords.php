<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Scale;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Cadence;
use Jacotaxis\Core\Words\BookDocument;
use Jacotaxis\Core\Words\StaffBook;

/**
 * The staff's book: what it calls things, what it chose where staffs disagree, families of its own. One record; its
 * sets are saved formations.
 *
 * @property array<string, string> $letters the staff's letter by the letter of the sets
 * @property array<string, string>|null $groups two figures of backs and tight ends by the staff's name
 * @property string $school
 * @property array{words: list<string>, beatS: float, soundS: float} $cadence
 * @property list<array<string, mixed>>|null $aliases
 * @property list<array<string, mixed>>|null $settings
 * @property list<array<string, mixed>>|null $values
 * @property list<array<string, mixed>>|null $families
 * @property array<string, list<string>>|null $fault_keys ids of the library by group
 * @property array<string, string>|null $fault_labels the staff's names of faults by id
 * @property string $scale school of the grades, one of Scale
 * @property float $winning share of points from which a man won
 * @property int $keep_thrown_days how long what was thrown away can be taken back
 * @property int|null $keep_film_months how long film and its grades are kept after they were played; null for ever
 * @property int $version
 */
class StaffWords extends Model
{
    use HasUlids, Versioned;

    public const LISTS = ['aliases', 'settings', 'values', 'families'];

    protected $guarded = [];

    protected $attributes = ['scale' => 'plus-minus', 'winning' => Scale::WINNING, 'keep_thrown_days' => 60];

    private ?StaffBook $read = null;

    /** @var list<string> why entries of the book were left out when it was read */
    private array $leftOut = [];

    protected function casts(): array
    {
        return ['letters' => 'array', 'groups' => 'array', 'fault_keys' => 'array', 'fault_labels' => 'array',
            'winning' => 'float', 'keep_thrown_days' => 'integer', 'keep_film_months' => 'integer',
            'cadence' => 'array', 'version' => 'integer'] + array_fill_keys(self::LISTS, 'array');
    }

    public static function current(): self
    {
        $usual = Cadence::of();

        /** @var self|null $kept */
        $kept = self::query()->orderBy('id')->first();

        return $kept ??
            self::query()->create([
                'letters' => array_combine(Man::SKILL, Man::SKILL),
                'school' => Technique::SCHOOLS[0],
                'cadence' => ['words' => $usual->words, 'beatS' => $usual->beatS, 'soundS' => $usual->soundS],
                'version' => 1,
            ]);
    }

    public function faultKeys(): FaultKeys
    {
        return FaultKeys::of($this->fault_keys ?? [], $this->fault_labels ?? []);
    }

    public function theScale(): Scale
    {
        return Scale::from($this->scale);
    }

    public function theCadence(): Cadence
    {
        return Cadence::of($this->cadence['words'], (float) $this->cadence['beatS'], (float) $this->cadence['soundS']);
    }

    /**
     * The whole book as a document (schemas/book.schema.json).
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        /** @var list<Formation> $saved */
        $saved = Formation::query()->orderBy('name')->get()->all();
        $sets = array_map(fn (Formation $f): array => ['name' => $f->name, 'formation' => $f->document], $saved);

        return ['kind' => BookDocument::KIND, 'version' => 1, 'letters' => $this->letters,
            'groups' => (object) ($this->groups ?? []), 'techniques' => $this->school,
            'cadence' => $this->cadence] + array_combine(self::LISTS,
                array_map(fn (string $list): array => $this->$list ?? [], self::LISTS)) + ['sets' => $sets];
    }

    /**
     * The staff's words as the language reads them, its saved sets among them. An entry that cannot be read is left out
     * and never stops the rest.
     */
    public function book(): StaffBook
    {
        if ($this->read !== null) {
            return $this->read;
        }
        $document = ['groups' => $this->groups ?? []] + $this->document();
        while (true) {
            try {
                return $this->read = BookDocument::read($document);
            } catch (BadDocument $e) {
                $at = explode('/', $e->pointer);
                $list = $at[1] ?? '';
                $n = (int) ($at[2] ?? -1);
                if (! in_array($list, [...self::LISTS, 'sets'], true) || ! isset($document[$list][$n])) {
                    throw $e;
                }
                $this->leftOut[] = $e->getMessage();
                array_splice($document[$list], $n, 1);
            }
        }
    }

    /** @return list<string> what of the book was not read, and why */
    public function leftOut(): array
    {
        $this->book();

        return $this->leftOut;
    }
}
