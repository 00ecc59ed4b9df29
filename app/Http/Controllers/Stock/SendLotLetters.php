<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Mail\DraftMails;
use App\Http\Requests\PlainOperation;
use App\Models\LotStop;
use App\Queries\Stock\LotStopSheet;
use Illuminate\Http\JsonResponse;

/** Sends the letters that tell of a bad lot. */
final readonly class SendLotLetters
{
    public function __invoke(PlainOperation $request, int $lot, DraftMails $drafts, LotStopSheet $sheet): JsonResponse
    {
        $stop = LotStop::ofLot($lot) ?? abort(404, 'This lot is not stopped; stop it first.');
        $drafts->send($stop->id, $request->userId());

        return new JsonResponse($sheet->of($lot));
    }
}
