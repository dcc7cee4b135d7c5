<?php

namespace App\Http\Controllers\Proving;

use App\Documents\Schemas;
use App\Documents\SituationInput;
use App\Http\Controllers\Controller;
use App\Models\Look;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Proof\Telling\Picture;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\Call\FormationParser;

/** Looks lined up against a formation in words, without a call: what the shelf draws. */
class PictureController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Look::class);
        $given = $request->validate(['formation' => 'required|string|max:200', 'looks' => 'required|array|max:60',
            'looks.*' => 'required']);
        $staff = StaffWords::current();
        $situation = SituationInput::from($request->input('situation')) ?? Situation::of();
        [$before, $now, $words] = self::formation($given['formation'], $situation, $staff);

        return new JsonResponse([
            'formation' => $words,
            'field' => ['left' => $now->frame->sidelineX(Side::Left), 'right' => $now->frame->sidelineX(Side::Right)],
            'men' => array_values(array_map(fn (Man $m): array => ['letter' => $m->letter, 'xYd' => round($m->xYd, 2),
                'yYd' => round($m->yYd, 2), 'onLine' => $m->onLine(), 'lineman' => $m->isLineman()], $now->men)),
            'looks' => array_map(fn (mixed $look): array => $this->look($look, $now, $before, $staff->school,
                $staff->book()->schools), $given['looks']),
        ]);
    }

    /** @return array{Lineup, Lineup, string} before the motion, at the snap, in words */
    public static function formation(string $words, Situation $situation, StaffWords $staff): array
    {
        $book = $staff->book();
        $draft = FormationParser::parse($book->in($words), $situation, $book);
        $snap = Snap::of(
            $draft->formation->men($situation->frame()),
            $draft->motions,
            $draft->formation->splits(),
            $situation->frame(),
            new Clock($staff->theCadence(), Clock::usual()->law),
        );
        $of = fn (array $men): Lineup => Lineup::of(
            $men,
            $situation->frame(),
            $situation->hash,
            $draft->formation->side,
        );
        $now = $of($snap->men);

        return [$draft->motions === [] ? $now : $of($snap->before), $now, $book->out($draft->formation->words())];
    }

    /** @return array<string, mixed> */
    private function look(mixed $given, Lineup $now, Lineup $before, string $school, Schools $schools): array
    {
        if (is_array($given)) {
            $this->schemas->check('look', $given);
        }
        $look = FilmReader::look(is_array($given) ? $given : (string) $given, StaffWords::current()->book());
        $aligned = Alignment::of($look, $now, $before);

        return [
            'words' => StaffWords::current()->book()->lookOut($look->words()), 'notes' => $aligned->notes,
            'defenders' => array_map(fn (Defender $d): array => ['letter' => $d->letter, 'role' => $d->role,
                'xYd' => round($d->xYd, 2), 'yYd' => round($d->yYd, 2),
                'technique' => $d->technique === null ? null : Technique::named($d->technique, $school),
                'rushes' => $d->rushes(), 'job' => $d->job->words], $aligned->defenders),
            'picture' => Picture::standing($aligned->defenders, $now, $look, $schools),
        ];
    }
}
