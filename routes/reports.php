<?php

declare(strict_types=1);

use App\Http\Controllers\Report\AnswerController;
use App\Http\Controllers\Report\FetchLetters;
use App\Http\Controllers\Report\IntakeController;
use App\Http\Controllers\Report\JudgementController;
use App\Http\Controllers\Report\LetterController;
use App\Http\Controllers\Report\MailController;
use App\Http\Controllers\Report\MakeReport;
use App\Http\Controllers\Report\MarkMailSent;
use App\Http\Controllers\Report\NearSerialController;
use App\Http\Controllers\Report\ReportController;
use App\Http\Controllers\Report\ShowKitPlaces;
use App\Http\Controllers\Report\ShowProposal;
use App\Http\Controllers\Report\ShowReportFile;
use App\Http\Controllers\Report\ShowStacks;
use App\Http\Controllers\Sales\ForgetCustomer;
use App\Http\Controllers\Shop\MailSettingsController;
use Illuminate\Support\Facades\Route;

// Reports, the letters they came in, the answers that went out; by which way letters go.
Route::middleware('can:answer-reports')->group(function (): void {
    Route::get('/reports', [ReportController::class, 'index'])->name('reports.index');
    Route::get('/kits/{kit}/places', ShowKitPlaces::class)->name('kits.places');
    Route::get('/serials/near', NearSerialController::class)->name('serials.near');
    Route::get('/reports/stacks', ShowStacks::class)->name('reports.stacks');
    Route::post('/reports', [ReportController::class, 'store'])->name('reports.store');
    Route::post('/intakes', [IntakeController::class, 'store'])->name('intakes.store');
    Route::get('/intakes/{intake}', [IntakeController::class, 'show'])->name('intakes.show');
    Route::get('/letters', [LetterController::class, 'index'])->name('letters.index');
    Route::post('/letters', [LetterController::class, 'store'])->name('letters.put');
    Route::post('/letters/fetch', FetchLetters::class)->name('letters.fetch');
    Route::get('/letters/{letter}/bytes', [LetterController::class, 'show'])->name('letters.bytes');
    Route::post('/letters/{letter}/report', MakeReport::class)->name('letters.report');
    Route::get('/mails', [MailController::class, 'index'])->name('mails');
    Route::get('/mails/{mail}/letter', [MailController::class, 'show'])->name('mails.letter');
    Route::delete('/mails/{mail}', [MailController::class, 'destroy'])->name('mails.back');
    Route::post('/mails/{mail}/sent', MarkMailSent::class)->name('mails.sent');
    Route::prefix('/reports/{report}')->group(function (): void {
        Route::get('/', [ReportController::class, 'show'])->name('reports.show');
        Route::get('/proposal', ShowProposal::class)->name('reports.proposal');
        Route::post('/judgements', [JudgementController::class, 'store'])->name('reports.judge');
        Route::post('/answers', [AnswerController::class, 'store'])->name('reports.answer');
        Route::get('/files/{file}', ShowReportFile::class)->name('reports.file');
    });
});
Route::middleware('can:manage-shop')->group(function (): void {
    Route::get('/shop/mail', [MailSettingsController::class, 'show'])->name('shop.mail');
    Route::put('/shop/mail', [MailSettingsController::class, 'update'])->name('shop.mail.update');
    Route::delete('/customers/{customer}', ForgetCustomer::class)->name('customers.erase');
});
