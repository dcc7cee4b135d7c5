<?php

namespace App\Practice;

use App\Models\Call;
use App\Models\Look as ShelvedLook;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffWords;
use Jacotaxis\Core\Concept\Call as CoreCall;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Practice\Install\InstallCost;
use Jacotaxis\Core\Words\LookParser;

/** What is new in the week of a practice, and what it costs: calls that were on no film of ours before its Monday. */
final class WeekInstall
{
    /** Looks of the opponent that are talked about. */
    private const LOOKS = 8;

    /** The shell that stands behind the usual fronts where the opponent's are not known. */
    private const USUAL_SHELL = 'cover 3';

    public function __construct(private readonly Practice $practice)
    {
    }

    /** @return array{known: int, calls: list<array<string, mixed>>} how many calls they know, and the new ones */
    public function told(): array
    {
        $ran = $this->ran();
        /** @var list<Call> $book */
        $book = array_values(Call::query()->orderBy('id')->get()->all());
        $known = array_values(array_filter($book, fn (Call $call): bool => $this->isAmong($call, $ran)));
        $wanted = $this->wanted();
        $staff = StaffWords::current()->book();
        $looks = $this->looks();
        $situation = Situation::of();
        $knownCalls = array_map(self::read(...), $known);
        $calls = [];
        foreach ($book as $call) {
            if (in_array($call, $known, true) || ! in_array($call->id, $wanted, true)) {
                continue;
            }
            $cost = InstallCost::of(self::read($call), $knownCalls, $looks, $situation, $staff->schools);
            $calls[] = [
                'call' => $call->id,
                'name' => $call->name,
                'new' => array_map(
                    fn (string $man, string $task): array => ['man' => $man, 'task' => $task],
                    array_keys($cost->new),
                    array_values($cost->new),
                ),
                'same' => $cost->same,
                'talks' => array_map(
                    fn (string $front, array $talk): array => ['front' => $front] + $talk,
                    array_keys($cost->talks),
                    array_values($cost->talks),
                ),
            ];
        }
        usort($calls, fn (array $a, array $b): int => count($b['new']) <=> count($a['new']));

        return ['known' => count($known), 'calls' => $calls];
    }

    /** @return list<string> calls on our film before the week, as they were charted */
    private function ran(): array
    {
        $ours = Reel::query()->where('ours', true)->where('played_on', '<', $this->practice->week()[0])->select('id');

        return array_values(Snap::query()
            ->whereIn('reel_id', $ours)
            ->whereNotNull('call')
            ->distinct()
            ->pluck('call')
            ->map(fn (mixed $call): string => (string) $call)
            ->all());
    }

    /** @param  list<string>  $ran */
    private function isAmong(Call $call, array $ran): bool
    {
        return in_array($call->name, $ran, true) || in_array($call->words, $ran, true);
    }

    /** @return list<string> ids of the calls of the plan and of the week's scripts */
    private function wanted(): array
    {
        $wanted = Plan::query()->where('opponent', $this->practice->opponent)->first()->calls ?? [];
        foreach ($this->practice->inWeek()->get() as $one) {
            foreach ($one->periods as $period) {
                $wanted = [...$wanted, ...array_column($period['script'], 'call')];
            }
        }

        return array_values(array_unique($wanted));
    }

    /** @return non-empty-list<Look> the opponent's, the most shown first; the usual fronts where he has none */
    private function looks(): array
    {
        $shelf = ShelvedLook::query()
            ->where('opponent', $this->practice->opponent)
            ->orderByDesc('shown')
            ->orderBy('id')
            ->limit(self::LOOKS)
            ->pluck('words')
            ->all();
        $words = $this->practice->opponent === '' || $shelf === []
            ? array_map(fn (string $front): string => "$front, ".self::USUAL_SHELL, Fronts::usual())
            : array_map(strval(...), $shelf);
        /** @var non-empty-list<Look> $looks there are always usual fronts */
        $looks = array_map(fn (string $look): Look => LookParser::parse($look), array_values($words));

        return $looks;
    }

    private static function read(Call $call): CoreCall
    {
        return CallDocument::read($call->document);
    }
}
