<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Queries\Report\Inbox;
use Illuminate\Http\JsonResponse;

/** What the simulated mail would have sent. */
final readonly class MailController
{
    public function index(Inbox $inbox): JsonResponse
    {
        return new JsonResponse(['mails' => $inbox->mails()]);
    }
}
