<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Http\Requests\Options;
use App\Models\Revision;
use App\Queries\Kit\CutSheet;
use Chiralex\ChiralexException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How bars and reels are cut for a number of kits. */
final readonly class ShowCuts
{
    private const MOST = 5_000;

    /** @throws ChiralexException when the files cannot be read */
    public function __invoke(Request $request, Revision $revision, CutSheet $sheet): JsonResponse
    {
        $kits = max(1, min(self::MOST, $request->integer('kits', 1)));

        return new JsonResponse($sheet->of($revision, $kits, Options::of($request)));
    }
}
