<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Mail\FetchMail;
use App\Actions\Mail\MailRefusal;
use App\Actions\Mail\PutLetter;
use App\Http\Requests\Report\PutLetterRequest;
use App\Models\Letter;
use App\Models\MailSettings;
use App\Queries\Page;
use App\Queries\Report\Letters;
use App\Queries\Shop\MailSheet;
use App\Support\FileStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Letters that stand apart: answers of machines, mails that came back, what could not be read. */
final readonly class LetterController
{
    public function index(Request $request, Letters $letters): JsonResponse
    {
        return new JsonResponse($letters->apart(Page::of($request)));
    }

    /** The bytes as they came, to be saved and never shown. */
    public function show(Letter $letter, Letters $letters, FileStore $store): Response
    {
        $hash = $letters->raw($letter->id) ?? abort(404, 'Its bytes are not kept any more.');

        return new Response($store->get($hash), 200, [
            'Content-Type' => 'application/octet-stream',
            'Content-Disposition' => "attachment; filename=\"letter-{$letter->id}.eml\"",
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    /** A letter arrives in the simulated mailbox. */
    public function store(PutLetterRequest $request, PutLetter $put, FetchMail $fetch, MailSheet $sheet): JsonResponse
    {
        if (MailSettings::ours()->way !== 'simulated') {
            throw MailRefusal::onlySimulated();
        }
        $put($request->sender(), $request->text('subject'), $request->text('text'), $request->answered());
        $count = $fetch();

        return new JsonResponse($sheet->settings() + ['read' => $count], 201);
    }
}
