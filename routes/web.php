<?php

declare(strict_types=1);

use App\Http\Controllers\Account\SignIn;
use App\Http\Controllers\Account\SignOut;
use App\Http\Controllers\Account\WhoAmI;
use App\Http\Controllers\Health;
use App\Http\Controllers\Kit\AddFile;
use App\Http\Controllers\Kit\EditController;
use App\Http\Controllers\Kit\FindMarking;
use App\Http\Controllers\Kit\KitController;
use App\Http\Controllers\Kit\LoadDemo;
use App\Http\Controllers\Kit\NewRevision;
use App\Http\Controllers\Kit\RevisionController;
use App\Http\Controllers\Kit\ShowBoards;
use App\Http\Controllers\Kit\ShowDocument;
use App\Http\Controllers\Kit\ShowSkyline;
use App\Http\Controllers\Kit\TryOrder;
use App\Http\Controllers\Kit\Undo;
use App\Http\Controllers\Shell;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

Route::get('/health', Health::class)->name('health');

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
            Route::get('/documents/{document}', ShowDocument::class)->middleware('can:see-kits')->name('revisions.document');
            Route::get('/boards', ShowBoards::class)->middleware('can:see-kits')->name('revisions.boards');
            Route::get('/skyline/{step}', ShowSkyline::class)->whereNumber('step')->middleware('can:see-kits')->name('revisions.skyline');
            Route::get('/edits', [EditController::class, 'index'])->middleware('can:see-kits')->name('edits.index');
            Route::post('/edits', [EditController::class, 'store'])->middleware('can:edit-kits')->name('edits.store');
            Route::post('/undo', Undo::class)->middleware('can:edit-kits')->name('edits.undo');
            Route::post('/files', AddFile::class)->middleware('can:edit-kits')->name('files.store');
            Route::post('/order/try', TryOrder::class)->middleware('can:edit-kits')->name('order.try');
        });
    });
    Route::any('/{any}', static fn() => abort(404))->where('any', '.*')->name('api.absent');
});

Route::get('/{any?}', Shell::class)->where('any', '.*')->name('shell');
