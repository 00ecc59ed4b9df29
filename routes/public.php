<?php

declare(strict_types=1);

use App\Http\Controllers\Builder\KeepFaqUses;
use App\Http\Controllers\Builder\PageController;
use App\Http\Controllers\Builder\PublicReportController;
use App\Http\Controllers\Builder\ShowPageData;
use App\Http\Controllers\Builder\TickController;
use App\Http\Controllers\Health;
use Illuminate\Support\Facades\Route;

// Answers without a session, so that neither a check nor a builder writes anything by reading.
Route::get('/health', Health::class)->name('health');

// The public page of a kit: its token is all that is asked for. Reading and ticking never use up reporting.
Route::get('/b/{token}', [PageController::class, 'show'])
    ->where('token', '[0-9a-f]{32}')
    ->middleware('throttle:public-read')
    ->name('public.page');
// As it stands in letters beside the code: in fours.
Route::get('/b/{letters}', static fn(string $letters) => redirect('/b/' . str_replace('-', '', $letters)))
    ->where('letters', '[0-9a-f]{4}(-[0-9a-f]{4}){7}')
    ->name('public.letters');
Route::prefix('api/public/{token}')
    ->where(['token' => '[0-9a-f]{32}'])
    ->group(function (): void {
        Route::get('/', ShowPageData::class)->middleware('throttle:public-read')->name('public.data');
        Route::post('/ticks', [TickController::class, 'store'])
            ->middleware('throttle:public-tick')
            ->name('public.ticks');
        Route::post('/faq', KeepFaqUses::class)->middleware('throttle:public-tick')->name('public.faq');
        Route::post('/reports', [PublicReportController::class, 'store'])
            ->middleware('throttle:public-report')
            ->name('public.report');
    });
