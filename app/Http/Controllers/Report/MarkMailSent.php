<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Mail\TakeMailBack;
use App\Http\Requests\PlainOperation;
use App\Queries\Report\Mails;
use Illuminate\Http\JsonResponse;

/** A person sent a draft from their own mail program. */
final readonly class MarkMailSent
{
    public function __invoke(PlainOperation $request, int $mail, TakeMailBack $back): JsonResponse
    {
        return new JsonResponse(Mails::shape($back->sentByHand($mail, $request->userId())));
    }
}
