<?php

declare(strict_types=1);

use App\Http\Controllers\Buying\BuyingController;
use App\Http\Controllers\Buying\KitPlanksController;
use App\Http\Controllers\Buying\OfferController;
use App\Http\Controllers\Buying\PurchaseController;
use App\Http\Controllers\Buying\ReceivePurchase;
use App\Http\Controllers\Buying\SupplierController;
use App\Http\Controllers\Buying\WriteRate;
use App\Http\Controllers\Kit\ShowReach;
use App\Http\Controllers\Sales\PriceController;
use App\Http\Controllers\Sales\ShowCurve;
use Illuminate\Support\Facades\Route;

Route::get('/reach', ShowReach::class)->middleware('can:see-kits')->name('reach');
Route::get('/kits/{kit}/planks', [KitPlanksController::class, 'show'])
    ->middleware('can:see-kits')
    ->name('planks');
Route::get('/buying', [BuyingController::class, 'show'])
    ->middleware('can:sell-kits')
    ->name('buying');
Route::get('/suppliers', [SupplierController::class, 'index'])
    ->middleware('can:sell-kits')
    ->name('suppliers.index');
Route::post('/suppliers', [SupplierController::class, 'store'])
    ->middleware('can:sell-kits')
    ->name('suppliers.store');
Route::put('/suppliers/{supplier}', [SupplierController::class, 'update'])
    ->middleware('can:sell-kits')
    ->name('suppliers.update');
Route::post('/rates', WriteRate::class)->middleware('can:sell-kits')->name('rates.store');
Route::get('/offers', [OfferController::class, 'index'])
    ->middleware('can:sell-kits')
    ->name('offers.index');
Route::post('/offers/file', [OfferController::class, 'store'])
    ->middleware('can:sell-kits')
    ->name('offers.import');
Route::get('/purchases', [PurchaseController::class, 'index'])
    ->middleware('can:pack-kits')
    ->name('purchases.index');
Route::post('/purchases', [PurchaseController::class, 'store'])
    ->middleware('can:sell-kits')
    ->name('purchases.store');
Route::delete('/purchases/{purchase}', [PurchaseController::class, 'destroy'])
    ->middleware('can:sell-kits')
    ->name('purchases.cancel');
Route::post('/purchase-lines/{line}/receipts', ReceivePurchase::class)
    ->whereNumber('line')
    ->middleware('can:pack-kits')
    ->name('purchases.receive');
Route::get('/kits/{kit}/price', [PriceController::class, 'show'])
    ->middleware('can:sell-kits')
    ->name('price');
Route::put('/kits/{kit}/price', [PriceController::class, 'update'])
    ->middleware('can:manage-shop')
    ->name('price.update');
Route::get('/kits/{kit}/curve', ShowCurve::class)->middleware('can:sell-kits')->name('price.curve');
