<?php

declare(strict_types=1);

use App\Http\Controllers\Account\SignIn;
use App\Http\Controllers\Account\SignOut;
use App\Http\Controllers\Account\WhoAmI;
use App\Http\Controllers\Builder\PageController;
use App\Http\Controllers\Export\ExportController;
use App\Http\Controllers\Export\TableController;
use App\Http\Controllers\Export\TakeController;
use App\Http\Controllers\Health;
use App\Http\Controllers\Kit\AddFile;
use App\Http\Controllers\Kit\EditController;
use App\Http\Controllers\Kit\FindMarking;
use App\Http\Controllers\Kit\KitController;
use App\Http\Controllers\Kit\LoadDemo;
use App\Http\Controllers\Kit\NewRevision;
use App\Http\Controllers\Kit\PilotController;
use App\Http\Controllers\Kit\RevisionController;
use App\Http\Controllers\Kit\ShowApproach;
use App\Http\Controllers\Kit\ShowBoards;
use App\Http\Controllers\Kit\ShowDifference;
use App\Http\Controllers\Kit\ShowDocument;
use App\Http\Controllers\Kit\ShowSkyline;
use App\Http\Controllers\Kit\TryOrder;
use App\Http\Controllers\Kit\TryReading;
use App\Http\Controllers\Kit\Undo;
use App\Http\Controllers\Library\LibraryController;
use App\Http\Controllers\Packing\RunController;
use App\Http\Controllers\Release\ReleaseController;
use App\Http\Controllers\Report\FaultController;
use App\Http\Controllers\Report\ReportController;
use App\Http\Controllers\Sales\OrderController;
use App\Http\Controllers\Shell;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

Route::get('/health', Health::class)->name('health');

// The public page of a kit: its token is all that is asked for, so no session and no form token.
Route::prefix('api/public/{token}')->where(['token' => '[0-9a-f]{32}'])->withoutMiddleware(ValidateCsrfToken::class)->group(function (): void {
    Route::get('/', [PageController::class, 'data'])->middleware('throttle:120,1')->name('public.data');
    Route::post('/ticks', [PageController::class, 'tick'])->middleware('throttle:120,1')->name('public.ticks');
    Route::post('/reports', [PageController::class, 'report'])->middleware('throttle:20,1')->name('public.report');
});
Route::get('/b/{token}', [PageController::class, 'show'])->where('token', '[0-9a-f]{32}')->middleware('throttle:120,1')->name('public.page');

Route::prefix('api')->group(function (): void {
    Route::post('/sign-in', SignIn::class)->name('sign-in');

    Route::middleware('auth')->group(function (): void {
        // Nothing but session, sign-in and ability: what bin/bench measures the other reads against.
        Route::get('/empty', static fn(): Response => new Response('', 204))->middleware('can:see-kits')->name('empty');
        Route::get('/me', WhoAmI::class)->middleware('can:see-kits')->name('me');
        Route::post('/sign-out', SignOut::class)->middleware('can:see-kits')->name('sign-out');
        Route::get('/markings', FindMarking::class)->middleware('can:see-kits')->name('markings');

        Route::get('/kits', [KitController::class, 'index'])->middleware('can:see-kits')->name('kits.index');
        Route::post('/kits', [KitController::class, 'store'])->middleware('can:edit-kits')->name('kits.store');
        Route::post('/demo', LoadDemo::class)->middleware('can:edit-kits')->name('demo');

        Route::prefix('/revisions/{revision}')->whereNumber('revision')->group(function (): void {
            Route::get('/', [RevisionController::class, 'show'])->middleware('can:see-kits')->name('revisions.show');
            Route::post('/revisions', NewRevision::class)->middleware('can:edit-kits')->name('revisions.copy');
            Route::post('/release', ReleaseController::class)->middleware('can:release-kits')->name('revisions.release');
            Route::get('/take/{what}', TakeController::class)->middleware('can:see-kits')->name('revisions.take');
            Route::get('/documents/{document}', ShowDocument::class)->middleware('can:see-kits')->name('revisions.document');
            Route::get('/difference/{earlier}', ShowDifference::class)->whereNumber('earlier')->middleware('can:see-kits')->name('revisions.difference');
            Route::get('/boards', ShowBoards::class)->middleware('can:see-kits')->name('revisions.boards');
            Route::get('/skyline/{step}', ShowSkyline::class)->whereNumber('step')->middleware('can:see-kits')->name('revisions.skyline');
            Route::get('/approach/{designator}', ShowApproach::class)->where('designator', '[^/]{1,60}')->middleware('can:see-kits')->name('revisions.approach');
            Route::get('/pilot', [PilotController::class, 'show'])->middleware('can:see-kits')->name('pilot.show');
            Route::post('/pilot/photos', [PilotController::class, 'store'])->middleware('can:edit-kits')->name('pilot.photos');
            Route::get('/pilot/photos/{photo}', [PilotController::class, 'photo'])->where('photo', '[0-9a-f]{64}')->middleware('can:see-kits')->name('pilot.photo');
            Route::get('/edits', [EditController::class, 'index'])->middleware('can:see-kits')->name('edits.index');
            Route::post('/edits', [EditController::class, 'store'])->middleware('can:edit-kits')->name('edits.store');
            Route::post('/undo', Undo::class)->middleware('can:edit-kits')->name('edits.undo');
            Route::post('/files', AddFile::class)->middleware('can:edit-kits')->name('files.store');
            Route::post('/bench/try', TryReading::class)->middleware('can:edit-kits')->name('bench.try');
            Route::post('/order/try', TryOrder::class)->middleware('can:edit-kits')->name('order.try');
            Route::get('/faults', [FaultController::class, 'show'])->middleware('can:see-kits')->name('faults.show');
            Route::post('/faq', [FaultController::class, 'store'])->middleware('can:answer-reports')->name('faq.store');
        });

        Route::get('/library', [LibraryController::class, 'index'])->middleware('can:see-kits')->name('library.index');
        Route::post('/library', [LibraryController::class, 'store'])->middleware('can:edit-kits')->name('library.store');
        Route::post('/library/give', [LibraryController::class, 'give'])->middleware('can:edit-kits')->name('library.give');
        Route::get('/library/{part}/photo', [LibraryController::class, 'photo'])->whereNumber('part')->middleware('can:see-kits')->name('library.photo');

        Route::post('/tables', TableController::class)->middleware('can:see-kits')->name('tables');
        Route::post('/exports', [ExportController::class, 'store'])->middleware('can:see-kits')->name('exports.store');
        Route::prefix('/exports/{export}')->whereNumber('export')->group(function (): void {
            Route::get('/', [ExportController::class, 'show'])->middleware('can:see-kits')->name('exports.show');
            Route::delete('/', [ExportController::class, 'destroy'])->middleware('can:see-kits')->name('exports.cancel');
            Route::get('/file', [ExportController::class, 'file'])->middleware('can:see-kits')->name('exports.file');
        });

        Route::get('/runs', [RunController::class, 'index'])->middleware('can:pack-kits')->name('runs.index');
        Route::post('/runs', [RunController::class, 'store'])->middleware('can:pack-kits')->name('runs.store');
        Route::get('/runs/{run}', [RunController::class, 'show'])->whereNumber('run')->middleware('can:pack-kits')->name('runs.show');
        Route::post('/runs/{run}/events', [RunController::class, 'pack'])->whereNumber('run')->middleware('can:pack-kits')->name('runs.pack');

        Route::get('/stock', [OrderController::class, 'stock'])->middleware('can:see-kits')->name('stock');
        Route::get('/orders', [OrderController::class, 'index'])->middleware('can:sell-kits')->name('orders.index');
        Route::post('/orders', [OrderController::class, 'store'])->middleware('can:sell-kits')->name('orders.store');
        Route::post('/orders/file', [OrderController::class, 'import'])->middleware('can:sell-kits')->name('orders.import');
        Route::post('/orders/{order}/allocate', [OrderController::class, 'allocate'])->whereNumber('order')->middleware('can:sell-kits')->name('orders.allocate');
        Route::post('/orders/{order}/free', [OrderController::class, 'free'])->whereNumber('order')->middleware('can:sell-kits')->name('orders.free');
        Route::post('/orders/{order}/ship', [OrderController::class, 'ship'])->whereNumber('order')->middleware('can:sell-kits')->name('orders.ship');

        Route::get('/reports', [ReportController::class, 'index'])->middleware('can:answer-reports')->name('reports.index');
        Route::post('/reports', [ReportController::class, 'store'])->middleware('can:answer-reports')->name('reports.store');
        Route::get('/mails', [ReportController::class, 'mails'])->middleware('can:answer-reports')->name('mails');
        Route::prefix('/reports/{report}')->whereNumber('report')->group(function (): void {
            Route::get('/', [ReportController::class, 'show'])->middleware('can:answer-reports')->name('reports.show');
            Route::post('/judgements', [ReportController::class, 'judge'])->middleware('can:answer-reports')->name('reports.judge');
            Route::post('/answers', [ReportController::class, 'answer'])->middleware('can:answer-reports')->name('reports.answer');
            Route::get('/photo', [ReportController::class, 'photo'])->middleware('can:answer-reports')->name('reports.photo');
        });
    });

    Route::any('/{any}', static fn() => abort(404))->where('any', '.*')->name('api.absent');
});

Route::get('/{any?}', Shell::class)->where('any', '.*')->name('shell');
