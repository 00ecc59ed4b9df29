<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Actions\Mail\WriteMailSettings;
use App\Http\Requests\Shop\MailSettingsRequest;
use App\Queries\Shop\MailSheet;
use Illuminate\Http\JsonResponse;

/** By which way letters go out and come in. */
final readonly class MailSettingsController
{
    public function show(MailSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->settings());
    }

    public function update(MailSettingsRequest $request, WriteMailSettings $write, MailSheet $sheet): JsonResponse
    {
        $write($request->columns(), $request->integer('version'), $request->userId());

        return new JsonResponse($sheet->settings());
    }
}
