<?php

namespace App\Documents;

use App\Http\Problem;
use App\Models\Player;
use App\Models\StaffWords;
use Illuminate\Http\Request;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;

/** What a request to prove something says: the call in words or as a document, looks, and what it is proved under. */
final readonly class ProofInput
{
    /** Rules every such request shares. */
    public const RULES = ['words' => 'string|max:500', 'level' => 'in:high-school,college,professional',
        'named' => 'boolean'];

    private function __construct(
        private Request $request,
        private Schemas $schemas,
        public Level $level,
        private Situation $situation,
        private StaffWords $staff,
    ) {
    }

    public static function from(Request $request, Schemas $schemas): self
    {
        $level = Level::from($request->string('level')->toString() ?: Level::HighSchool->value);
        $usual = Situation::of(rules: $level->rules());

        return new self(
            $request,
            $schemas,
            $level,
            SituationInput::from($request->input('situation'), $usual) ?? $usual,
            StaffWords::current(),
        );
    }

    public function call(): Call
    {
        if ($this->request->has('words')) {
            return CallParser::parse((string) $this->request->input('words'), $this->situation, $this->staff->book());
        }
        $this->schemas->check('call', $this->request->input('document'));

        return CallDocument::read($this->request->input('document'));
    }

    public function setting(?Call $call = null): Setting
    {
        return new Setting(
            $call->situation ?? $this->situation,
            $this->level,
            men: $this->request->boolean('named') ? Player::starters() : [],
            cadence: $this->staff->theCadence(),
            schools: $this->staff->book()->schools,
        );
    }

    /** A call in the staff's words. */
    public function describe(Call $call): string
    {
        return Describer::words($call, $this->situation, $this->staff->book());
    }

    /** The words of a look in the staff's own. */
    public function lookWords(string $words): string
    {
        return $this->staff->book()->lookOut($words);
    }

    /** A look in words or as a document. */
    public function look(mixed $look, string $pointer = '/look'): Look
    {
        if (is_array($look)) {
            $this->schemas->check('look', $look);
        } elseif (! is_string($look)) {
            throw Problem::content($pointer, 'Give the look in words or as a look document.');
        }

        return FilmReader::look($look, $this->staff->book());
    }
}
