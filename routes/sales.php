<?php

declare(strict_types=1);

use App\Http\Controllers\Sales\AllocateOrder;
use App\Http\Controllers\Sales\BookOrders;
use App\Http\Controllers\Sales\CancelOrder;
use App\Http\Controllers\Sales\ChangeLines;
use App\Http\Controllers\Sales\CustomerController;
use App\Http\Controllers\Sales\FreeOrder;
use App\Http\Controllers\Sales\NoteTracking;
use App\Http\Controllers\Sales\OrderController;
use App\Http\Controllers\Sales\PreviewOrders;
use App\Http\Controllers\Sales\PutInTurn;
use App\Http\Controllers\Sales\ShipOrder;
use App\Http\Controllers\Sales\ShowCalendar;
use App\Http\Controllers\Sales\ShowStrip;
use App\Http\Controllers\Sales\TakeReturn;
use Illuminate\Support\Facades\Route;

// What is sold: orders from the day they come until they are shipped, changed, cancelled or back.

Route::middleware('can:sell-kits')->group(function (): void {
    Route::get('/orders', [OrderController::class, 'index'])->name('orders.index');
    Route::post('/orders', [OrderController::class, 'store'])->name('orders.store');
    Route::get('/orders/strip', ShowStrip::class)->name('orders.strip');
    Route::post('/orders/file', BookOrders::class)->name('orders.import');
    Route::post('/orders/file/read', PreviewOrders::class)->name('orders.preview');
    Route::get('/customers', [CustomerController::class, 'index'])->name('customers.index');
    Route::get('/calendar.ics', ShowCalendar::class)->name('calendar');
    Route::prefix('/orders/{order}')->group(function (): void {
        Route::get('/', [OrderController::class, 'show'])->name('orders.show');
        Route::post('/allocate', AllocateOrder::class)->name('orders.allocate');
        Route::post('/free', FreeOrder::class)->name('orders.free');
        Route::post('/ship', ShipOrder::class)->name('orders.ship');
        Route::post('/change', ChangeLines::class)->name('orders.change');
        Route::post('/cancel', CancelOrder::class)->name('orders.cancel');
        Route::post('/return', TakeReturn::class)->name('orders.return');
        Route::post('/tracking', NoteTracking::class)->name('orders.track');
        Route::post('/turn', PutInTurn::class)->name('orders.turn');
    });
});
