<?php

namespace App\Console\Commands;

use App\Documents\NotValid;
use App\Documents\Schemas;
use DomainException;
use Illuminate\Console\Command;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Simulated\NoSuchRun;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\SituationParser;

/**
 * What every jx command shares: words or a document, never both; exit 0 done, 1 done with faults found, 2 not
 * understood.
 */
abstract class JxCommand extends Command
{
    protected const DONE = 0;

    protected const FAULTS = 1;

    protected const NOT_UNDERSTOOD = 2;

    public function __construct(protected readonly Schemas $schemas)
    {
        parent::__construct();
    }

    abstract protected function answer(): int;

    public function handle(): int
    {
        try {
            return $this->answer();
        } catch (NotValid|BadDocument $e) {
            $this->getOutput()->getErrorStyle()->writeln("{$e->pointer}: {$e->getMessage()}");
        } catch (DomainException|BadCalibration|NoSuchRun $e) {
            $this->getOutput()->getErrorStyle()->writeln($e->getMessage());
        }

        return self::NOT_UNDERSTOOD;
    }

    /** @param  array<string, mixed>  $data */
    protected function json(array $data): void
    {
        $this->output->writeln(
            json_encode(
                $data,
                JSON_UNESCAPED_UNICODE |
                    JSON_UNESCAPED_SLASHES |
                    JSON_PRETTY_PRINT |
                    JSON_PRESERVE_ZERO_FRACTION |
                    JSON_THROW_ON_ERROR,
            ),
        );
    }

    /** What an option says, or null where it was not given or is not one of the command's. */
    protected function given(string $option): ?string
    {
        $value = $this->hasOption($option) ? $this->option($option) : null;

        return is_string($value) && $value !== '' ? $value : null;
    }

    /** Whether an option that has no value was said. */
    protected function asked(string $option): bool
    {
        return $this->option($option) === true;
    }

    /** A file named among the arguments; - is standard input. */
    protected function file(string $argument = 'file'): string
    {
        $file = $this->argument($argument);

        return is_string($file) ? $file : '-';
    }

    protected function level(): Level
    {
        $given = $this->given('level') ?? 'high-school';

        return Level::tryFrom($given) ??
            throw NotUnderstood::word($given, 'level', array_column(Level::cases(), 'value'));
    }

    protected function rules(): RuleSet
    {
        $given = $this->given('rules');

        return $given === null
            ? $this->level()->rules()
            : RuleSet::tryFrom($given) ??
                    throw NotUnderstood::word($given, 'rule book', array_column(RuleSet::cases(), 'value'));
    }

    protected function situation(): Situation
    {
        $else = Situation::of(rules: $this->rules());
        $given = $this->given('situation');

        return $given === null ? $else : SituationParser::parse($given, $else);
    }

    /** The call in words or as a document. */
    protected function theCall(): Call
    {
        $words = $this->given('call');
        $file = $this->hasArgument('file') ? $this->argument('file') : null;
        $file = is_string($file) ? $file : null;
        if (($words === null) === ($file === null)) {
            throw NotUnderstood::because(
                'Give the call in words (--call=...) or a document (FILE, - for standard input), one of them.',
                '',
            );
        }

        return $words !== null
            ? CallParser::parse($words, $this->situation())
            : CallDocument::read($this->schemas->decode('call', $this->read((string) $file)));
    }

    protected function look(): Look
    {
        return LookParser::parse(
            $this->given('look') ?? throw NotUnderstood::missing('look', "--look='4-2 nickel, cover 3'"),
        );
    }

    protected function setting(Call $call): Setting
    {
        return new Setting($call->situation ?? $this->situation(), $this->level());
    }

    protected function read(string $file): string
    {
        $text = match (true) {
            $file === '-' => stream_get_contents(STDIN),
            is_file($file) => file_get_contents($file),
            default => false,
        };

        return $text === false ? throw NotUnderstood::because("There is no file \"$file\" to read.", $file) : $text;
    }

    /**
     * Eleven spots given as JSON.
     *
     * @return list<array{float, float}>
     */
    protected function spots(): array
    {
        $given = json_decode($this->given('spots') ?? '', true);
        $spots = [];
        foreach (is_array($given) ? array_values($given) : [] as $i => $spot) {
            if (
                ! is_array($spot) ||
                count($spot) !== 2 ||
                ! is_numeric($spot[0] ?? null) ||
                ! is_numeric($spot[1] ?? null)
            ) {
                throw NotUnderstood::because("/$i: a spot is two numbers of yards, [width, depth].", 'spots');
            }
            $spots[] = [(float) $spot[0], (float) $spot[1]];
        }
        if (count($spots) !== 11) {
            throw NotUnderstood::because(
                count($spots).' spots were given; eleven men are needed, as JSON: [[0,1],[-2.7,1],...].',
                'spots',
            );
        }

        return $spots;
    }

    /** @param  list<array<string, mixed>>  $findings */
    protected function hasFaults(array $findings): bool
    {
        return array_filter($findings, fn (array $f): bool => $f['severity'] === 'fault') !== [];
    }
}
