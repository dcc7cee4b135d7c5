<?php

use App\Documents\ThrownAway;
use App\Http\Controllers\CallController;
use App\Http\Controllers\Film\BreakdownController;
use App\Http\Controllers\Film\ChartController;
use App\Http\Controllers\Film\ClipController;
use App\Http\Controllers\Film\CutupController;
use App\Http\Controllers\Film\GradeController;
use App\Http\Controllers\Film\GradesController;
use App\Http\Controllers\Film\GradingController;
use App\Http\Controllers\Film\MeasureController;
use App\Http\Controllers\Film\NumbersController;
use App\Http\Controllers\Film\ReelController;
use App\Http\Controllers\Film\SnapController;
use App\Http\Controllers\Film\TriggerController;
use App\Http\Controllers\Film\UploadController;
use App\Http\Controllers\FormationController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\KeepingController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlayerController;
use App\Http\Controllers\Practice\DrillController;
use App\Http\Controllers\Practice\PracticeController;
use App\Http\Controllers\Practice\RepController;
use App\Http\Controllers\Proving\CardController;
use App\Http\Controllers\Proving\LineCardController;
use App\Http\Controllers\Proving\OpenersController;
use App\Http\Controllers\Proving\PictureController;
use App\Http\Controllers\Proving\ProofController;
use App\Http\Controllers\Proving\RecognitionController;
use App\Http\Controllers\Proving\RestingController;
use App\Http\Controllers\Proving\SeriesController;
use App\Http\Controllers\Proving\SheetController;
use App\Http\Controllers\ScoutController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\StaffBookController;
use App\Http\Controllers\StaffTriggerController;
use App\Http\Controllers\StaffWordsController;
use App\Http\Controllers\ThrownAwayController;
use App\Http\Controllers\WordsController;
use Illuminate\Support\Facades\Route;

Route::prefix('api/v1')->group(function (): void {
    Route::post('session', [SessionController::class, 'store']);
    Route::get('join/{token}', [JoinController::class, 'show'])->middleware('throttle:30,1');
    Route::post('join/{token}', [JoinController::class, 'store'])->middleware('throttle:30,1');

    Route::middleware('auth')->group(function (): void {
        Route::get('session', [SessionController::class, 'show']);
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::put('session/password', [JoinController::class, 'update'])->middleware('throttle:10,1');
        Route::get('people', [PeopleController::class, 'index']);
        Route::post('people', [PeopleController::class, 'store']);
        Route::post('people/{person}/link', [PeopleController::class, 'link']);
        Route::patch('people/{person}', [PeopleController::class, 'update']);

        Route::get('vocabulary', [WordsController::class, 'vocabulary']);
        Route::post('words', [WordsController::class, 'read']);
        Route::post('assignments', [WordsController::class, 'assignment']);
        Route::post('descriptions', [WordsController::class, 'describe']);
        Route::post('look-words', [WordsController::class, 'look']);
        Route::post('fixes', [WordsController::class, 'fix']);
        Route::post('tags', [WordsController::class, 'tag']);
        Route::post('flips', [WordsController::class, 'flip']);
        Route::post('recognitions/look', [RecognitionController::class, 'look']);
        Route::post('recognitions/route', [RecognitionController::class, 'route']);
        Route::post('recognitions/formation', [RecognitionController::class, 'formation']);
        Route::get('staff-words', [StaffWordsController::class, 'show']);
        Route::put('staff-words', [StaffWordsController::class, 'update']);
        Route::get('staff-book', [StaffBookController::class, 'show']);
        Route::put('staff-book', [StaffBookController::class, 'update']);
        Route::get('staff-book/file', [StaffBookController::class, 'export']);
        Route::post('staff-book/preview', [StaffBookController::class, 'preview']);
        Route::post('staff-book/import', [StaffBookController::class, 'import']);
        Route::post('staff-book/families', [StaffBookController::class, 'family']);
        Route::post('staff-book/words', [StaffBookController::class, 'words']);
        Route::post('pictures', [PictureController::class, 'store']);
        Route::post('proofs', [ProofController::class, 'store']);
        Route::post('cards/{format}', [CardController::class, 'store'])->whereIn('format', ['pdf', 'svg']);
        Route::get('sheets/looks', [SheetController::class, 'looks']);
        Route::post('sheets', [SheetController::class, 'store']);
        Route::post('menus', [SheetController::class, 'menu']);
        Route::post('plans/weigh', [PlanController::class, 'weigh']);
        Route::post('plans/openers', [OpenersController::class, 'store']);
        Route::get('plans/{opponent}', [PlanController::class, 'show']);
        Route::put('plans/{opponent}', [PlanController::class, 'update']);
        Route::get('plans/{opponent}/sheet.{format}', [PlanController::class, 'export'])
            ->whereIn('format', ['csv', 'json']);
        Route::get('plans/{opponent}/situations', [PlanController::class, 'situations']);
        Route::post('suggestions', [RestingController::class, 'suggestions']);
        Route::post('restings', [RestingController::class, 'store']);
        Route::post('pressures', [SheetController::class, 'pressures']);
        Route::post('series', [SeriesController::class, 'store']);
        Route::post('line-cards', [LineCardController::class, 'store']);

        Route::apiResource('calls', CallController::class);
        Route::apiResource('looks', LookController::class);
        Route::apiResource('formations', FormationController::class);
        Route::apiResource('reels', ReelController::class);
        Route::get('reels/{reel}/file.{format}', [ReelController::class, 'export'])->whereIn('format', [
            'csv',
            'json',
            'vtt',
        ]);
        Route::post('reels/{reel}/breakdown/preview', [BreakdownController::class, 'preview']);
        Route::post('reels/{reel}/breakdown', [BreakdownController::class, 'import']);
        Route::get('reels/{reel}/questions', [SnapController::class, 'questions']);
        Route::get('reels/{reel}/prediction', [ChartController::class, 'predict']);
        Route::apiResource('triggers', StaffTriggerController::class)->except(['show']);
        Route::get('reels/{reel}/triggers', [TriggerController::class, 'show']);
        Route::put('reels/{reel}/triggers', [TriggerController::class, 'update']);
        Route::post('reels/{reel}/entries', [ChartController::class, 'read']);
        Route::post('reels/{reel}/snaps', [SnapController::class, 'store']);
        Route::apiResource('snaps', SnapController::class)->only(['show', 'update', 'destroy']);
        Route::post('snaps/{snap}/settle', [SnapController::class, 'settle']);
        Route::post('snaps/{snap}/grades', [GradeController::class, 'confirm']);
        Route::put('snaps/{snap}/grades/{man}', [GradeController::class, 'update']);
        Route::delete('snaps/{snap}/grades/{man}', [GradeController::class, 'destroy']);
        Route::get('snaps/{snap}/grades/{man}/history', [GradeController::class, 'history']);
        Route::get('charting', [ChartController::class, 'show']);
        Route::post('choices', [ChartController::class, 'choices']);
        Route::options('reels/{reel}/uploads', [UploadController::class, 'options']);
        Route::post('reels/{reel}/uploads', [UploadController::class, 'store']);
        Route::match(['HEAD', 'GET'], 'uploads/{upload}', [UploadController::class, 'show']);
        Route::patch('uploads/{upload}', [UploadController::class, 'update']);
        Route::delete('uploads/{upload}', [UploadController::class, 'destroy']);
        Route::apiResource('clips', ClipController::class)->only(['show', 'update', 'destroy']);
        Route::post('clips/{clip}/again', [ClipController::class, 'again']);
        Route::post('clips/{clip}/cuts', [ClipController::class, 'cut']);
        Route::get('clips/{clip}/video', [ClipController::class, 'video']);
        Route::get('clips/{clip}/picture', [ClipController::class, 'thumbnail']);
        Route::get('clips/{clip}/drawings', [ClipController::class, 'drawings']);
        Route::post('measurements', [MeasureController::class, 'measure']);
        Route::post('calibrations', [MeasureController::class, 'calibrate']);
        Route::post('views', [MeasureController::class, 'view']);
        Route::post('drawings', [MeasureController::class, 'drawings']);
        Route::get('numbers/{what}', [NumbersController::class, 'show'])->whereIn('what', [
            'groups',
            'decisions',
            'leanings',
            'model',
            'pairs',
            'opponent',
        ]);
        Route::get('scout', [ScoutController::class, 'index']);
        Route::get('scout/{opponent}', [ScoutController::class, 'show']);
        Route::get('scout/{opponent}/shares', [ScoutController::class, 'shares']);
        Route::put('scout/{opponent}/shelf', [ScoutController::class, 'shelf']);
        Route::post('clip-lists', [NumbersController::class, 'clips']);
        Route::apiResource('cutups', CutupController::class)->except(['show']);
        Route::get('grading', [GradingController::class, 'show']);
        Route::put('grading', [GradingController::class, 'update']);
        Route::get('weeks', [GradesController::class, 'week']);
        Route::get('weeks/file.csv', [GradesController::class, 'csv']);
        Route::get('repeats', [GradesController::class, 'again']);
        Route::get('teaching/{fault}', [GradesController::class, 'teach']);
        Route::get('players', [PlayerController::class, 'index']);
        Route::post('players', [PlayerController::class, 'store']);
        Route::put('players/{player}', [PlayerController::class, 'update']);
        Route::get('players/{player}', [PlayerController::class, 'show']);
        Route::delete('players/{player}', [PlayerController::class, 'destroy']);
        Route::get('players/{player}/reps', [RepController::class, 'index']);
        Route::get('players/{player}/reps/{question}', [RepController::class, 'show']);
        Route::post('players/{player}/reps/{question}', [RepController::class, 'store']);
        Route::apiResource('drills', DrillController::class)->except(['show']);
        Route::get('keeping', [KeepingController::class, 'show']);
        Route::put('keeping', [KeepingController::class, 'update']);
        Route::get('thrown-away', [ThrownAwayController::class, 'index']);
        Route::post('thrown-away/{kind}/{id}', [ThrownAwayController::class, 'restore'])
            ->whereIn('kind', ThrownAway::kinds());
        Route::delete('thrown-away/{kind}/{id}', [ThrownAwayController::class, 'destroy'])
            ->whereIn('kind', ThrownAway::kinds());
        Route::apiResource('practices', PracticeController::class);
        Route::get('practices/{practice}/install', [PracticeController::class, 'install']);
        Route::get('practices/{practice}/drills', [PracticeController::class, 'drills']);
        Route::post('practices/{practice}/fill', [PracticeController::class, 'fill']);
        Route::get('reps', [RepController::class, 'standing']);
        Route::get('players/{player}/records.{format}', [PlayerController::class, 'records'])
            ->whereIn('format', ['json', 'csv']);
    });

    Route::any('{any}', fn () => abort(404))->where('any', '.*');
});

Route::view('/{any?}', 'app')->where('any', '^(?!api/).*$');
