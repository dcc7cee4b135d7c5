<?php

namespace App\Documents;

use App\Http\Problem;
use Illuminate\Http\Request;
use Jacotaxis\Core\Plan\CallPlan;
use Jacotaxis\Core\Plan\PlannedCall;
use Jacotaxis\Core\Plan\ShownLook;
use Jacotaxis\Core\Proof\Scene\Verdict;

/** What a request to weigh a sheet says: an opponent's looks, and the proofs of the calls against each of them. */
final readonly class PlanInput
{
    private const RULES = [
        'looks' => 'required|list|max:40',
        'looks.*.words' => 'required|string|max:200',
        'looks.*.shown' => 'required|integer|min:0|max:100000',
        'calls' => 'present|list|max:200',
        'calls.*.id' => 'required|string|max:26',
        'calls.*.name' => 'required|string|max:120',
        'calls.*.on' => 'required|boolean',
        'calls.*.cells' => 'required|list',
        'calls.*.pass' => 'required|boolean',
        'calls.*.cells.*.chance' => 'required|numeric|min:0|max:1',
        'calls.*.cells.*.worst' => 'required|numeric|min:0|max:1',
        'calls.*.cells.*.verdict' => 'required|in:bound,open,guess,covered',
        'calls.*.cells.*.key' => 'nullable|string|max:60',
    ];

    /**
     * @param  list<ShownLook>  $looks
     * @param  list<PlannedCall>  $sheet
     * @param  list<PlannedCall>  $book
     * @param  array<string, list<string|null>>  $keys  who is in conflict, look by look, by the call's id
     */
    private function __construct(
        public array $looks,
        public array $sheet,
        private array $book,
        public array $keys,
    ) {
    }

    public static function from(Request $request): self
    {
        $given = $request->validate(self::RULES);
        $sheet = $book = $keys = [];
        foreach ($given['calls'] as $n => $call) {
            $cells = array_values($call['cells']);
            if (count($cells) !== count($given['looks'])) {
                throw Problem::content("/calls/$n/cells", 'A call needs a proof against every look.');
            }
            $planned = new PlannedCall(
                $call['id'],
                $call['name'],
                $call['pass'] === true,
                array_map(fn (array $c): float => (float) $c['chance'], $cells),
                array_map(fn (array $c): float => (float) $c['worst'], $cells),
                array_map(fn (array $c): bool => Verdict::from($c['verdict'])->isGood(), $cells),
            );
            $call['on'] === true ? $sheet[] = $planned : $book[] = $planned;
            $keys[$call['id']] = array_map(fn (array $c): ?string => $c['key'] ?? null, $cells);
        }
        $looks = array_map(fn (array $l): ShownLook => new ShownLook($l['words'], (int) $l['shown']), $given['looks']);

        return new self(array_values($looks), $sheet, $book, $keys);
    }

    public function plan(): CallPlan
    {
        return new CallPlan($this->sheet, $this->book, $this->looks);
    }
}
