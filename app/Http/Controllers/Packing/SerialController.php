<?php

declare(strict_types=1);

namespace App\Http\Controllers\Packing;

use App\Models\Run;
use App\Queries\Packing\RunSheet;
use App\Queries\Page;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The serial numbers of a run. */
final readonly class SerialController
{
    public function index(Request $request, Run $run, RunSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->serials($run, Page::of($request)));
    }
}
