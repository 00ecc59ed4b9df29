<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Http\Requests\Kit\TryBagRequest;
use App\Models\Revision;
use App\Queries\Kit\BagTrial;
use Chiralex\ChiralexException;
use Illuminate\Http\JsonResponse;

/** What it would cost to put a part into another bag; nothing is saved. */
final readonly class TryBag
{
    /** @throws ChiralexException when the files cannot be read */
    public function __invoke(TryBagRequest $request, Revision $revision, BagTrial $trial): JsonResponse
    {
        return new JsonResponse(
            $trial->of($revision, (string) $request->string('part'), (string) $request->string('bag')),
        );
    }
}
