<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Mail\TakeMailBack;
use App\Devices\Mail\LetterFile;
use App\Http\Requests\PlainOperation;
use App\Models\Mail;
use App\Queries\Page;
use App\Queries\Report\Mails;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Mails of ours: how far they are, taken back, saved as a file. */
final readonly class MailController
{
    public function index(Request $request, Mails $mails): JsonResponse
    {
        return new JsonResponse($mails->page(Page::of($request)));
    }

    /** The letter as a file for one's own mail program. */
    public function show(Mail $mail, LetterFile $letter): Response
    {
        return new Response("X-Unsent: 1\r\n" . $letter->of($mail)->toString(), 200, [
            'Content-Type' => 'message/rfc822',
            'Content-Disposition' => "attachment; filename=\"answer-{$mail->id}.eml\"",
        ]);
    }

    public function destroy(PlainOperation $request, int $mail, TakeMailBack $back): JsonResponse
    {
        return new JsonResponse(Mails::shape($back($mail, $request->userId())));
    }
}
