<?php

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Documents\SituationInput;
use App\Http\Problem;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\Catalogue\Tags;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Blocking\Trick;
use Jacotaxis\Core\Concept\CallFix;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Concept\Sketch;
use Jacotaxis\Core\Concept\StaffRule;
use Jacotaxis\Core\Defense\Change;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Athlete;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Proof\Sheet\RunAnswers;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\Call\RunParser;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\DefenderWords;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\Description;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\Spoken;
use Jacotaxis\Core\Words\Trade\Look\TradeLooks;
use Jacotaxis\Core\Words\Trade\TradeCalls;

class WordsController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    /** Every word the call line and the look line take, with the staff's own. */
    public function vocabulary(): JsonResponse
    {
        $staff = StaffWords::current();

        return new JsonResponse([
            'quarterbacks' => Sets::quarterbacks(), 'sets' => Sets::names(), 'modifiers' => Formation::MODIFIERS,
            'savedSets' => array_map(strval(...), array_keys($staff->book()->sets)),
            'motions' => array_map(
                fn (MotionKind $k): array => ['name' => $k->value, 'words' => $k->words()],
                MotionKind::cases(),
            ),
            'purposes' => Motion::PURPOSES,
            'families' => array_map(strval(...), array_keys(Drawn::catalogue($staff->book()->families))),
            'aliases' => array_map(fn (string $alias, string $word): array => ['alias' => $alias, 'word' => $word],
                array_map(strval(...), array_keys($staff->book()->aliases)), array_values($staff->book()->aliases)),
            'protections' => array_map(fn (Scheme $s): array => ['name' => $s->value, 'words' => $s->words()],
                Scheme::cases()), 'fakes' => Fake::runs(),
            'runs' => array_map(fn (string $n): array => ['name' => $n, 'words' => Schemes::get($n)->words],
                Schemes::names()),
            'tags' => array_map(fn (string $n): array => ['name' => $n, 'words' => Tags::get($n)->words],
                Tags::names()), 'orders' => RunParser::VERBS, 'acts' => StaffRule::ACTS, 'phases' => StaffRule::PHASES,
            'actions' => StaffRule::ACTIONS,
            'routes' => array_map(fn ($r): array => ['name' => $r->name, 'depthYd' => $r->depthYd,
                'minYd' => $r->minDepthYd, 'maxYd' => $r->maxDepthYd], array_values(Routes::all())),
            'fronts' => Fronts::names(), 'shells' => Shells::names(),
            'roles' => DefenderWords::known(), 'jobs' => array_keys(JobWords::all()),
            'leverages' => array_keys(Change::LEVERAGES),
            'movements' => array_map(fn (MovementKind $k): array => ['name' => $k->value, 'words' => $k->words()],
                MovementKind::cases()),
            'sides' => LookParser::SIDES, 'answers' => Look::MOTION, 'techniques' => Technique::known($staff->school),
            'letters' => $staff->letters, 'cadence' => $staff->cadence['words'],
            'groups' => (object) ($staff->groups ?? []), 'flags' => Athlete::FLAGS,
            'said' => ['call' => TradeCalls::said()] + TradeLooks::said(),
            'kills' => array_map(fn (KillRule $r): string => $r->value, KillRule::cases()),
            'tricks' => array_column(Trick::cases(), 'value'),
        ]);
    }

    /** Words -> call document. */
    public function read(Request $request): JsonResponse
    {
        $given = $request->validate(['words' => 'required|string|max:500']);
        $situation = SituationInput::from($request->input('situation'));
        $book = StaffWords::current()->book();
        $call = CallParser::parse($given['words'], $situation, $book);

        return new JsonResponse(['document' => CallDocument::write($call),
            'words' => $book->out(Describer::words($call, $situation, $book)), 'assumed' => $call->assumed,
            'sketch' => Sketch::of($call)]);
    }

    /** One man's route in words, put into the call. */
    public function assignment(Request $request): JsonResponse
    {
        $given = $request->validate(['words' => 'required|string|max:100', 'man' => 'required|string|max:2']);
        $this->schemas->check('call', $request->input('document'));
        $call = CallParser::assignment(
            $given['words'],
            CallDocument::read($request->input('document')),
            $given['man'],
            SituationInput::from($request->input('situation')),
            StaffWords::current()->book(),
        );

        return new JsonResponse(['document' => CallDocument::write($call)]);
    }

    /** Call document -> words, family and why; with the set the spots stand in when men were moved (FRM-08). */
    public function describe(Request $request): JsonResponse
    {
        $this->schemas->check('call', $request->input('document'));
        $situation = SituationInput::from($request->input('situation'));
        $book = StaffWords::current()->book();
        $call = CallDocument::read($request->input('document'));
        $said = Description::of($call, $situation, $book);

        return new JsonResponse(
            ['words' => $book->out($said['words']), 'spoken' => Spoken::of($call, $said, $book)] + $said,
        );
    }

    /** Look words -> look document and the words it reads back as. */
    public function look(Request $request): JsonResponse
    {
        $given = $request->validate(['words' => 'required|string|max:400']);
        $book = StaffWords::current()->book();
        $look = LookParser::parse($given['words'], $book);

        return new JsonResponse(
            [
                'document' => LookDocument::write($look),
                'words' => $book->lookOut($look->words()),
                'assumed' => $look->assumed,
            ],
        );
    }

    /** The call with the fix of a finding made. */
    public function fix(Request $request): JsonResponse
    {
        $given = $request->validate(['apply' => 'required|array',
            'apply.do' => 'required|in:move,sound,to,still,unroute', 'apply.man' => 'required|string|max:3',
            'apply.xYd' => 'required_if:apply.do,move,to|numeric',
            'apply.yYd' => 'required_if:apply.do,move,to|numeric', 'apply.word' => 'nullable|string|max:20',
            'apply.last' => 'boolean']);
        $this->schemas->check('call', $request->input('document'));
        $fix = $given['apply'] + ['word' => null, 'last' => false];
        $call = CallFix::apply(
            CallDocument::read($request->input('document')),
            new Finding('', Finding::INFO, $fix['man'], '', apply: $fix),
        );

        return new JsonResponse(['document' => CallDocument::write($call)]);
    }

    /** The call with a stored tag put on, or condensed. */
    public function tag(Request $request): JsonResponse
    {
        $given = $request->validate(['tag' => 'required|string|max:40']);
        $this->schemas->check('call', $request->input('document'));
        $call = CallDocument::read($request->input('document'));
        $tagged = RunAnswers::tagged($call)[$given['tag']] ?? null;
        if ($tagged === null) {
            throw Problem::content(
                '/tag',
                "The tag {$given['tag']} does not go with this call: it is no run of its kind, or has it already.",
            );
        }

        return new JsonResponse(['document' => CallDocument::write($tagged)]);
    }

    /** The call turned over: to a side, to the field or boundary, or simply the other way. */
    public function flip(Request $request): JsonResponse
    {
        $given = $request->validate(['to' => 'nullable|in:left,right,field,boundary']);
        $this->schemas->check('call', $request->input('document'));
        $situation = SituationInput::from($request->input('situation')) ?? Situation::of();
        $call = CallDocument::read($request->input('document'));
        $field = $situation->hash->fieldSide() ?? Side::Right;
        $side = match ($given['to'] ?? null) {
            'left' => Side::Left, 'right' => Side::Right, 'field' => $field, 'boundary' => $field->opposite(),
            default => $call->formation->side->opposite(),
        };
        $turned = $side === $call->formation->side ? $call : $call->mirrored()->with(['situation' => $call->situation]);

        return new JsonResponse(['document' => CallDocument::write($turned)]);
    }
}
