<?php

declare(strict_types=1);

use App\Http\Controllers\Account\EndSessions;
use App\Http\Controllers\Account\InvitationController;
use App\Http\Controllers\Account\JoinController;
use App\Http\Controllers\Account\OwnPassword;
use App\Http\Controllers\Account\PersonController;
use App\Http\Controllers\Account\SignIn;
use App\Http\Controllers\Account\SignOut;
use App\Http\Controllers\Account\WhoAmI;
use App\Http\Controllers\Export\ExportController;
use App\Http\Controllers\Export\FetchExport;
use App\Http\Controllers\Export\TableController;
use App\Http\Controllers\Export\TakeController;
use App\Http\Controllers\Kit\AddFile;
use App\Http\Controllers\Kit\AddStepPhoto;
use App\Http\Controllers\Kit\EditController;
use App\Http\Controllers\Kit\FindMarking;
use App\Http\Controllers\Kit\ImportController;
use App\Http\Controllers\Kit\KitController;
use App\Http\Controllers\Kit\LoadDemo;
use App\Http\Controllers\Kit\PilotController;
use App\Http\Controllers\Kit\PilotPhotoController;
use App\Http\Controllers\Kit\PutKitAside;
use App\Http\Controllers\Kit\PutRevisionAside;
use App\Http\Controllers\Kit\Redo;
use App\Http\Controllers\Kit\RevisionController;
use App\Http\Controllers\Kit\ShowApproach;
use App\Http\Controllers\Kit\ShowBoards;
use App\Http\Controllers\Kit\ShowCuts;
use App\Http\Controllers\Kit\ShowDifference;
use App\Http\Controllers\Kit\ShowDocument;
use App\Http\Controllers\Kit\ShowDrawings;
use App\Http\Controllers\Kit\ShowFacts;
use App\Http\Controllers\Kit\ShowPicture;
use App\Http\Controllers\Kit\ShowSkyline;
use App\Http\Controllers\Kit\ShowStepTimes;
use App\Http\Controllers\Kit\TryBag;
use App\Http\Controllers\Kit\TryOrder;
use App\Http\Controllers\Kit\TryReading;
use App\Http\Controllers\Kit\Undo;
use App\Http\Controllers\Library\GiveParts;
use App\Http\Controllers\Library\LibraryController;
use App\Http\Controllers\Library\ShowPartPhoto;
use App\Http\Controllers\Packing\CheckScale;
use App\Http\Controllers\Packing\LiftBin;
use App\Http\Controllers\Packing\PackKeys;
use App\Http\Controllers\Packing\PlayScale;
use App\Http\Controllers\Packing\ReadBin;
use App\Http\Controllers\Packing\ReadScaleLines;
use App\Http\Controllers\Packing\RunController;
use App\Http\Controllers\Packing\RunEventController;
use App\Http\Controllers\Packing\RunPhotoController;
use App\Http\Controllers\Packing\SerialController;
use App\Http\Controllers\Packing\ShowBin;
use App\Http\Controllers\Packing\ShowPackPictures;
use App\Http\Controllers\Packing\ShowPackWays;
use App\Http\Controllers\Packing\WeighBag;
use App\Http\Controllers\Release\ReleaseController;
use App\Http\Controllers\Report\FaultController;
use App\Http\Controllers\Report\MendingController;
use App\Http\Controllers\Sales\ArticleController;
use App\Http\Controllers\Sales\MoveGoods;
use App\Http\Controllers\Sales\ShowArticleSets;
use App\Http\Controllers\Shell;
use App\Http\Controllers\Shop\LogoController;
use App\Http\Controllers\Shop\ShopController;
use App\Http\Controllers\Shop\ShowDoctor;
use App\Http\Controllers\Stock\CountLot;
use App\Http\Controllers\Stock\LookAtLot;
use App\Http\Controllers\Stock\LotController;
use App\Http\Controllers\Stock\LotKitsController;
use App\Http\Controllers\Stock\LotStopController;
use App\Http\Controllers\Stock\MoveController;
use App\Http\Controllers\Stock\MoveLotController;
use App\Http\Controllers\Stock\OpenClassPack;
use App\Http\Controllers\Stock\PartStockController;
use App\Http\Controllers\Stock\ReceiveTable;
use App\Http\Controllers\Stock\SendLotLetters;
use App\Http\Controllers\Stock\SerialLifeController;
use App\Http\Controllers\Stock\StockController;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// A number in an address is an id; longer ones than the database counts are none.
$ids = [
    'revision',
    'earlier',
    'kit',
    'import',
    'part',
    'export',
    'run',
    'order',
    'report',
    'step',
    'person',
    'release',
    'invitation',
    'lot',
    'letter',
    'mail',
    'intake',
    'file',
    'customer',
    'supplier',
    'purchase',
    'mending',
    'unit',
];
foreach ($ids as $id) {
    Route::pattern($id, '[0-9]{1,15}');
}

Route::prefix('api')->group(function (): void {
    Route::post('/sign-in', SignIn::class)->name('sign-in');
    Route::get('/join/{token}', [JoinController::class, 'show'])
        ->where('token', '[0-9a-f]{32}')
        ->middleware('throttle:join')
        ->name('join.show');
    Route::post('/join/{token}', [JoinController::class, 'store'])
        ->where('token', '[0-9a-f]{32}')
        ->middleware('throttle:join')
        ->name('join.store');

    Route::middleware('auth')->group(function (): void {
        // Nothing but session, sign-in and ability: what bin/bench measures the other reads against.
        Route::get('/empty', static fn(): Response => new Response('', 204))->middleware('can:see-kits')->name('empty');
        Route::get('/me', WhoAmI::class)->middleware('can:see-kits')->name('me');
        Route::post('/sign-out', SignOut::class)->middleware('can:see-kits')->name('sign-out');
        Route::put('/me/password', OwnPassword::class)
            ->middleware(['can:see-kits', 'throttle:password'])
            ->name('me.password');
        Route::delete('/me/sessions', EndSessions::class)->middleware('can:see-kits')->name('me.sessions');

        Route::get('/shop', [ShopController::class, 'show'])
            ->middleware('can:see-kits')
            ->name('shop.show');
        Route::put('/shop', [ShopController::class, 'update'])
            ->middleware('can:manage-shop')
            ->name('shop.update');
        Route::get('/shop/logo', [LogoController::class, 'show'])
            ->middleware('can:see-kits')
            ->name('shop.logo');
        Route::post('/shop/logo', [LogoController::class, 'store'])
            ->middleware('can:manage-shop')
            ->name('shop.logo.store');
        Route::get('/shop/doctor', ShowDoctor::class)->middleware('can:manage-shop')->name('shop.doctor');
        Route::get('/people', [PersonController::class, 'index'])
            ->middleware('can:manage-shop')
            ->name('people.index');
        Route::put('/people/{person}', [PersonController::class, 'update'])
            ->middleware('can:manage-shop')
            ->name('people.update');
        Route::delete('/people/{person}', [PersonController::class, 'destroy'])
            ->middleware('can:manage-shop')
            ->name('people.destroy');
        Route::post('/invitations', [InvitationController::class, 'store'])
            ->middleware('can:manage-shop')
            ->name('invitations.store');
        Route::delete('/invitations/{invitation}', [InvitationController::class, 'destroy'])
            ->middleware('can:manage-shop')
            ->name('invitations.destroy');

        Route::get('/markings', FindMarking::class)->middleware('can:see-kits')->name('markings');

        Route::get('/kits', [KitController::class, 'index'])
            ->middleware('can:see-kits')
            ->name('kits.index');
        Route::get('/kits/{kit}', [KitController::class, 'show'])
            ->middleware('can:see-kits')
            ->name('kits.show');
        Route::put('/kits/{kit}/aside', PutKitAside::class)->middleware('can:edit-kits')->name('kits.aside');
        Route::delete('/kits/{kit}', [KitController::class, 'destroy'])
            ->middleware('can:edit-kits')
            ->name('kits.destroy');
        Route::get('/kits/{kit}/revisions', [RevisionController::class, 'index'])
            ->middleware('can:see-kits')
            ->name('revisions.index');
        Route::get('/pictures/{picture}', ShowPicture::class)
            ->where('picture', '[0-9a-f]{64}')
            ->middleware('can:see-kits')
            ->name('pictures.show');
        Route::post('/imports', [ImportController::class, 'store'])
            ->middleware('can:edit-kits')
            ->name('imports.store');
        Route::get('/imports/{import}', [ImportController::class, 'show'])
            ->middleware('can:edit-kits')
            ->name('imports.show');
        Route::delete('/imports/{import}', [ImportController::class, 'destroy'])
            ->middleware('can:edit-kits')
            ->name('imports.cancel');
        Route::post('/demo', LoadDemo::class)->middleware('can:edit-kits')->name('demo');

        Route::prefix('/revisions/{revision}')->group(function (): void {
            Route::get('/', [RevisionController::class, 'show'])
                ->middleware('can:see-kits')
                ->name('revisions.show');
            Route::delete('/', [RevisionController::class, 'destroy'])
                ->middleware('can:edit-kits')
                ->name('revisions.destroy');
            Route::put('/aside', PutRevisionAside::class)->middleware('can:edit-kits')->name('revisions.aside');
            Route::post('/revisions', [RevisionController::class, 'store'])
                ->middleware('can:edit-kits')
                ->name('revisions.copy');
            Route::post('/release', ReleaseController::class)
                ->middleware('can:release-kits')
                ->name('revisions.release');
            Route::get('/take/{what}', TakeController::class)->middleware('can:see-kits')->name('revisions.take');
            Route::get('/documents/{document}', ShowDocument::class)
                ->middleware('can:see-kits')
                ->name('revisions.document');
            Route::get('/difference/{earlier}', ShowDifference::class)
                ->middleware('can:see-kits')
                ->name('revisions.difference');
            Route::get('/boards', ShowBoards::class)->middleware('can:see-kits')->name('revisions.boards');
            Route::get('/facts', ShowFacts::class)->middleware('can:see-kits')->name('revisions.facts');
            Route::get('/drawings', ShowDrawings::class)->middleware('can:see-kits')->name('revisions.drawings');
            Route::get('/skyline/{step}', ShowSkyline::class)->middleware('can:see-kits')->name('revisions.skyline');
            Route::get('/approach/{designator}', ShowApproach::class)
                ->where('designator', '[^/]{1,60}')
                ->middleware('can:see-kits')
                ->name('revisions.approach');
            Route::get('/pilot', [PilotController::class, 'show'])
                ->middleware('can:see-kits')
                ->name('pilot.show');
            Route::post('/pilot/photos', [PilotPhotoController::class, 'store'])
                ->middleware('can:edit-kits')
                ->name('pilot.photos');
            Route::get('/pilot/photos/{photo}', [PilotPhotoController::class, 'show'])
                ->where('photo', '[0-9a-f]{64}')
                ->middleware('can:see-kits')
                ->name('pilot.photo');
            Route::get('/edits', [EditController::class, 'index'])
                ->middleware('can:see-kits')
                ->name('edits.index');
            Route::post('/edits', [EditController::class, 'store'])
                ->middleware('can:edit-kits')
                ->name('edits.store');
            Route::post('/undo', Undo::class)->middleware('can:edit-kits')->name('edits.undo');
            Route::post('/redo', Redo::class)->middleware('can:edit-kits')->name('edits.redo');
            Route::post('/files', AddFile::class)->middleware('can:edit-kits')->name('files.store');
            Route::post('/step-photos', AddStepPhoto::class)->middleware('can:edit-kits')->name('step-photos.store');
            Route::post('/bench/try', TryReading::class)->middleware('can:edit-kits')->name('bench.try');
            Route::post('/order/try', TryOrder::class)->middleware('can:edit-kits')->name('order.try');
            Route::post('/bags/try', TryBag::class)->middleware('can:edit-kits')->name('bags.try');
            Route::get('/times', ShowStepTimes::class)->middleware('can:see-kits')->name('times');
            Route::get('/cuts', ShowCuts::class)->middleware('can:see-kits')->name('cuts');
            Route::get('/faults', [FaultController::class, 'show'])
                ->middleware('can:see-kits')
                ->name('faults.show');
            Route::post('/faq', [FaultController::class, 'store'])
                ->middleware('can:answer-reports')
                ->name('faq.store');
            Route::post('/mendings', [MendingController::class, 'store'])
                ->middleware('can:answer-reports')
                ->name('mendings.store');
            Route::delete('/mendings/{mending}', [MendingController::class, 'destroy'])
                ->middleware('can:answer-reports')
                ->name('mendings.destroy');
        });

        Route::get('/library', [LibraryController::class, 'index'])
            ->middleware('can:see-kits')
            ->name('library.index');
        Route::post('/library', [LibraryController::class, 'store'])
            ->middleware('can:edit-kits')
            ->name('library.store');
        Route::post('/library/give', GiveParts::class)->middleware('can:edit-kits')->name('library.give');
        Route::get('/library/part', [LibraryController::class, 'show'])
            ->middleware('can:see-kits')
            ->name('library.show');
        Route::get('/library/{part}/photo', ShowPartPhoto::class)->middleware('can:see-kits')->name('library.photo');

        Route::post('/tables', TableController::class)->middleware('can:see-kits')->name('tables');
        Route::post('/exports', [ExportController::class, 'store'])
            ->middleware('can:see-kits')
            ->name('exports.store');
        Route::prefix('/exports/{export}')->group(function (): void {
            Route::get('/', [ExportController::class, 'show'])
                ->middleware('can:see-kits')
                ->name('exports.show');
            Route::delete('/', [ExportController::class, 'destroy'])
                ->middleware('can:see-kits')
                ->name('exports.cancel');
            Route::get('/file', FetchExport::class)->middleware('can:see-kits')->name('exports.file');
        });

        Route::get('/runs', [RunController::class, 'index'])
            ->middleware('can:pack-kits')
            ->name('runs.index');
        Route::post('/runs', [RunController::class, 'store'])
            ->middleware('can:pack-kits')
            ->name('runs.store');
        Route::get('/runs/{run}', [RunController::class, 'show'])
            ->middleware('can:pack-kits')
            ->name('runs.show');
        Route::get('/releases/{release}/ways', ShowPackWays::class)->middleware('can:pack-kits')->name('releases.ways');
        Route::get('/runs/{run}/serials', [SerialController::class, 'index'])
            ->middleware('can:pack-kits')
            ->name('runs.serials');
        Route::get('/runs/{run}/pictures', ShowPackPictures::class)->middleware('can:pack-kits')->name('runs.pictures');
        Route::get('/runs/{run}/bins/{line}', ShowBin::class)
            ->whereNumber('line')
            ->middleware('can:pack-kits')
            ->name('runs.bin');
        Route::post('/runs/{run}/bins/{line}', ReadBin::class)
            ->whereNumber('line')
            ->middleware('can:pack-kits')
            ->name('runs.bin.read');
        Route::post('/runs/{run}/lifts', LiftBin::class)->middleware('can:pack-kits')->name('runs.lift');
        Route::post('/runs/{run}/checks', CheckScale::class)->middleware('can:pack-kits')->name('runs.check');
        Route::post('/runs/{run}/weighings', WeighBag::class)->middleware('can:pack-kits')->name('runs.weigh');
        Route::post('/scale/lines', ReadScaleLines::class)->middleware('can:pack-kits')->name('scale.lines');
        Route::post('/scale', PlayScale::class)->middleware('can:pack-kits')->name('scale.play');
        Route::post('/runs/{run}/photo', [RunPhotoController::class, 'store'])
            ->middleware('can:pack-kits')
            ->name('runs.photograph');
        Route::get('/runs/{run}/photo', [RunPhotoController::class, 'show'])
            ->middleware('can:pack-kits')
            ->name('runs.photo');
        Route::post('/runs/{run}/keys', PackKeys::class)->middleware('can:pack-kits')->name('runs.keys');
        Route::post('/runs/{run}/events', [RunEventController::class, 'store'])
            ->middleware('can:pack-kits')
            ->name('runs.pack');

        Route::get('/stock', [StockController::class, 'index'])
            ->middleware('can:see-kits')
            ->name('stock');
        Route::post('/packs/open', OpenClassPack::class)->middleware('can:pack-kits')->name('packs.open');
        Route::get('/stock/parts', [PartStockController::class, 'index'])
            ->middleware('can:see-kits')
            ->name('stock.parts');
        Route::get('/stock/part', [PartStockController::class, 'show'])
            ->middleware('can:see-kits')
            ->name('stock.part');
        Route::post('/stock/count', CountLot::class)->middleware('can:pack-kits')->name('stock.count');
        Route::post('/stock/look', LookAtLot::class)->middleware('can:pack-kits')->name('stock.look');
        Route::post('/lots', [LotController::class, 'store'])
            ->middleware('can:pack-kits')
            ->name('lots.store');
        Route::post('/lots/file', ReceiveTable::class)->middleware('can:pack-kits')->name('lots.import');
        Route::post('/lots/{lot}/moves', [MoveLotController::class, 'store'])
            ->middleware('can:pack-kits')
            ->name('lots.move');
        Route::get('/lots/{lot}/kits', [LotKitsController::class, 'index'])
            ->middleware('can:see-kits')
            ->name('lots.kits');
        Route::prefix('/lots/{lot}/stop')->group(function (): void {
            Route::get('/', [LotStopController::class, 'show'])
                ->middleware('can:see-kits')
                ->name('lots.stop.show');
            Route::post('/', [LotStopController::class, 'store'])
                ->middleware('can:pack-kits')
                ->name('lots.stop');
            Route::delete('/', [LotStopController::class, 'destroy'])
                ->middleware('can:pack-kits')
                ->name('lots.unstop');
            Route::post('/letters', SendLotLetters::class)->middleware('can:answer-reports')->name('lots.letters');
        });
        Route::get('/serials/life', [SerialLifeController::class, 'show'])
            ->middleware('can:see-kits')
            ->name('serials.life');
        Route::post('/units/{unit}/moves', [SerialLifeController::class, 'store'])
            ->middleware('can:pack-kits')
            ->name('units.move');
        Route::get('/moves', [MoveController::class, 'index'])
            ->middleware('can:see-kits')
            ->name('moves');
        Route::get('/articles', [ArticleController::class, 'index'])
            ->middleware('can:see-kits')
            ->name('articles.index');
        Route::post('/articles', [ArticleController::class, 'store'])
            ->middleware('can:sell-kits')
            ->name('articles.store');
        Route::put('/articles/{article}', [ArticleController::class, 'update'])
            ->middleware('can:sell-kits')
            ->name('articles.change');
        Route::post('/articles/{article}/moves', MoveGoods::class)->middleware('can:pack-kits')->name('articles.move');
        Route::get('/kits/{kit}/sets', ShowArticleSets::class)->middleware('can:sell-kits')->name('articles.sets');

        require __DIR__ . '/sales.php';
        require __DIR__ . '/buying.php';
        require __DIR__ . '/reports.php';
    });

    Route::any('/{any}', static fn() => abort(404))->where('any', '.*')->name('api.absent');
});

Route::get('/{any?}', Shell::class)->where('any', '.*')->name('shell');
