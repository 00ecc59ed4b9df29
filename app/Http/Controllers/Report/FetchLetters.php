<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Mail\FetchMail;
use App\Http\Requests\PlainOperation;
use App\Queries\Shop\MailSheet;
use Illuminate\Http\JsonResponse;

/** Reads the mailbox now. */
final readonly class FetchLetters
{
    public function __invoke(PlainOperation $request, FetchMail $fetch, MailSheet $sheet): JsonResponse
    {
        $count = $fetch();

        return new JsonResponse($sheet->settings() + ['read' => $count]);
    }
}
