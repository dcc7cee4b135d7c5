<?php

namespace App\Reps;

use App\Models\Call;
use App\Models\Look;
use App\Models\Plan;
use App\Models\Player;
use App\Models\RepAnswer;
use App\Models\StaffWords;
use DateTimeImmutable;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Reps\Answer;
use Jacotaxis\Core\Reps\CallNames;
use Jacotaxis\Core\Reps\Legal;
use Jacotaxis\Core\Reps\Question;
use Jacotaxis\Core\Reps\Questions;
use Jacotaxis\Core\Reps\Schedule;
use Jacotaxis\Core\Words\LookParser;

/**
 * What a player is asked: what is due first, then what is new from the plan's calls against the opponent's looks. Two
 * minutes a day.
 */
final class Deck
{
    /** Questions a day (product default). */
    public const DAILY = 10;

    /** New ones from one call and look on one day, so that a day is not one play. */
    private const OF_ONE_PLAY = 2;

    /** The look has no part in whether the call is legal: one look in so many asks it. */
    private const LEGAL_IN = 5;

    /** Plays looked through for new ones on one day. */
    private const PLAYS = 40;

    /** @var Collection<int, RepAnswer> */
    private readonly Collection $answers;

    private readonly StaffWords $staff;

    /** @var array<string, string>|null words of every pass of the book by its name */
    private ?array $book = null;

    public function __construct(private readonly Player $player, private readonly DateTimeImmutable $now)
    {
        /** @var Collection<int, RepAnswer> $answers */
        $answers = RepAnswer::query()->where('player_id', $player->id)->oldest('created_at')->oldest('id')->get();
        $this->answers = $answers;
        $this->staff = StaffWords::current();
    }

    /** @return list<Rep> what he is still asked today */
    public function today(): array
    {
        $left = self::DAILY - $this->answeredToday()->unique('question')->count();
        if ($left <= 0) {
            return [];
        }
        $due = $this->due($left);

        return [...$due, ...$this->fresh($left - count($due))];
    }

    /** @return Collection<int, RepAnswer> */
    public function answeredToday(): Collection
    {
        $day = $this->now->format('Y-m-d');

        return $this->answers->filter(fn (RepAnswer $a): bool => $a->created_at->format('Y-m-d') === $day);
    }

    /** The question of an id, or null: its call or look is gone, or what it was about. */
    public function find(string $id): ?Rep
    {
        $parts = explode('-', $id);
        $call = count($parts) === 4 ? Call::query()->find($parts[1]) : null;
        $look = count($parts) === 4 ? Look::query()->find($parts[2]) : null;
        foreach ($call === null || $look === null ? [] : $this->reps($call, $look) as $rep) {
            if ($rep->id() === $id) {
                return $rep;
            }
        }

        return null;
    }

    public function schedule(string $question): Schedule
    {
        return Schedule::after($this->given($question));
    }

    /** @return iterable<Answer> */
    private function given(string $question): iterable
    {
        return $this->answers->where('question', $question)->map(fn (RepAnswer $a): Answer => $a->given());
    }

    /** @return list<Rep> the longest due first */
    private function due(int $most): array
    {
        $due = [];
        foreach ($this->answers->pluck('question')->unique() as $id) {
            $schedule = $this->schedule((string) $id);
            if ($schedule->isDue($this->now)) {
                $due[(string) $id] = $schedule->dueOn();
            }
        }
        asort($due);
        $reps = [];
        foreach (array_keys($due) as $id) {
            $reps[] = count(array_filter($reps)) < $most ? $this->find((string) $id) : null;
        }

        return array_values(array_filter($reps));
    }

    /** @return list<Rep> never asked before, mixed anew each day */
    private function fresh(int $most): array
    {
        $known = $this->answers->pluck('question')->unique()->flip();
        $reps = [];
        foreach ($most > 0 ? $this->plays() : [] as [$call, $look]) {
            $of = [];
            foreach ($this->inAnyOrder($this->reps($call, $look)) as $rep) {
                if (! $known->has($rep->id()) && count($of) < self::OF_ONE_PLAY) {
                    $of[] = $rep;
                }
            }
            array_push($reps, ...$of);
            if (count($reps) >= $most) {
                break;
            }
        }

        return array_slice($reps, 0, $most);
    }

    /**
     * @param  list<Rep>  $reps  of one play
     * @return list<Rep> in another order every day, so that each kind has its turn
     */
    private function inAnyOrder(array $reps): array
    {
        $rank = fn (Rep $rep): string => sha1("{$this->now->format('Y-m-d')} {$rep->id()}");
        usort($reps, fn (Rep $a, Rep $b): int => $rank($a) <=> $rank($b));

        return $reps;
    }

    /**
     * Calls of the newest plan against the looks of its opponent, then the rest of the book: a short plan does not make
     * a short day.
     *
     * @return list<array{Call, Look}>
     */
    private function plays(): array
    {
        $plan = Plan::query()->latest('updated_at')->first();
        $planned = $plan->calls ?? [];
        /** @var Collection<int, Look> $theirs */
        $theirs = Look::query()->where('opponent', $plan?->opponent)->get();
        /** @var Collection<int, Look> $looks */
        $looks = $theirs->isEmpty() ? Look::query()->get() : $theirs;
        /** @var Collection<int, Call> $calls */
        $calls = Call::query()->get();
        [$first, $rest] = $calls->partition(fn (Call $call): bool => in_array($call->id, $planned, true));
        $plays = [...$this->mixed($first, $looks), ...$this->mixed($rest, $looks)];

        return array_slice($plays, 0, self::PLAYS);
    }

    /**
     * @param  Collection<int, Call>  $calls
     * @param  Collection<int, Look>  $looks
     * @return list<array{Call, Look}> each call against each look, in another order every day
     */
    private function mixed(Collection $calls, Collection $looks): array
    {
        $plays = [];
        foreach ($calls as $call) {
            foreach ($looks as $look) {
                $plays[sha1("{$this->now->format('Y-m-d')} {$this->player->id} $call->id $look->id")] = [$call, $look];
            }
        }
        ksort($plays);

        return array_values($plays);
    }

    /** @return array<string, string> passes only: a run is told from a pass at a glance */
    private function book(): array
    {
        /** @var Collection<int, Call> $calls */
        $calls = Call::query()->orderBy('id')->get(['name', 'words', 'document']);
        $passes = $calls->filter(fn (Call $call): bool => ($call->document['run'] ?? null) === null);

        return $passes->mapWithKeys(fn (Call $call): array => [$call->name => $call->words])->all();
    }

    /** @return list<Rep> all he can be asked about a call against a look; none where it cannot be proved */
    private function reps(Call $call, Look $look): array
    {
        try {
            $document = CallDocument::read($call->document);
            $setting = new Setting(
                $document->situation ?? Situation::of(),
                Level::HighSchool,
                cadence: $this->staff->theCadence(),
                schools: $this->staff->book()->schools,
            );
            $against = LookParser::parse($look->words, $this->staff->book());
            $proof = Proving::of($document, $against, $setting);
            $questions = Questions::of($proof, $this->player->letter);
            $name = $proof instanceof Proof && ! in_array($this->player->letter, Man::LINEMEN, true)
                ? CallNames::of($call->name, $call->words, $this->book ??= $this->book())
                : null;

            $reps = array_map(
                fn (Question $q): Rep => new Rep($call, $look, $proof, $q),
                $name === null ? $questions : [...$questions, $name],
            );
            $play = "$call->id $look->id";
            $legal = crc32($play) % self::LEGAL_IN === 0
                ? Legal::of($document, $setting->situation, $this->player->letter, $call->id)
                : null;

            return $legal === null ? $reps : [...$reps, new Rep(
                $call,
                $look,
                $legal->call === $document ? $proof : Proving::of($legal->call, $against, $setting),
                $legal->question,
            )];
        } catch (DomainException) {
            return [];
        }
    }
}
