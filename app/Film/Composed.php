<?php

namespace App\Film;

use App\Http\Problem;
use App\Models\Snap;
use App\Models\StaffWords;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Proposal;

/** The words of grades, composed from the film of their snap: one proof for all eleven, nothing said by a browser. */
final readonly class Composed
{
    /** Letters a grade keeps of what was asked and of what was done. */
    private const ASKED = 200;

    private const DONE = 300;

    /**
     * @param  array<string, array{man: string, asked: string, done: string, marks: array<string, int|null>,
     *     mark: int|null, faults: list<string>, reason: string, target: string|null}>  $proposals  by letter
     */
    private function __construct(private array $proposals, private Grader $grader)
    {
    }

    public static function of(Snap $snap): self
    {
        $book = StaffWords::current()->book();
        $grader = new Grader(new Measures(FilmReader::read($snap->document, $book->schools, $book)));

        return new self(array_column((new Proposal($grader))->all(), null, 'man'), $grader);
    }

    /**
     * Men of whom something is proposed.
     *
     * @return list<string>
     */
    public function proposed(): array
    {
        return array_keys(array_filter($this->proposals, fn (array $p): bool => $p['mark'] !== null));
    }

    /**
     * What is proposed for a man, as a grade keeps it.
     *
     * @return array{mark: int|null, marks: array<string, int|null>, faults: list<string>}
     */
    public function proposal(string $man): array
    {
        ['mark' => $mark, 'marks' => $marks, 'faults' => $faults] = $this->man($man);

        return ['mark' => $mark, 'marks' => $marks, 'faults' => $faults];
    }

    /**
     * Everybody who had a job.
     *
     * @return list<string>
     */
    public function men(): array
    {
        return array_map(strval(...), array_keys($this->proposals));
    }

    /**
     * What a man gets of whom the coach says that he did his job: what is proposed, a plus where nothing is.
     *
     * @return array{mark: int|null, marks: array<string, int|null>, faults: list<string>}
     */
    public function didHisJob(string $man): array
    {
        $proposed = $this->proposal($man);

        return $proposed['mark'] === null
            ? ['mark' => 1, 'marks' => ['assignment' => 1] + $proposed['marks'], 'faults' => $proposed['faults']]
            : $proposed;
    }

    /** @return array{asked: string, done: string, decision: string|null, reason: string} */
    public function words(string $man): array
    {
        $row = $this->man($man);

        return [
            'asked' => mb_substr($row['asked'], 0, self::ASKED),
            'done' => mb_substr($row['done'], 0, self::DONE),
            'decision' => $man === 'Q' ? $this->grader->decision()->grade : null,
            'reason' => $row['reason'],
        ];
    }

    /**
     * @return array{man: string, asked: string, done: string, marks: array<string, int|null>, mark: int|null,
     *     faults: list<string>, reason: string, target: string|null}
     *
     * @throws Problem where nothing was asked of him
     */
    private function man(string $man): array
    {
        return $this->proposals[$man] ?? throw new Problem(
            422,
            'Nothing was asked of him',
            $this->proposals === []
                ? 'Say the call and the look of the snap first: without them nobody has a job to be graded by.'
                : "$man is not among the eleven of this call: ".implode(', ', array_keys($this->proposals)).'.',
        );
    }
}
