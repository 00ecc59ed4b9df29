<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Http\Requests\Options;
use App\Models\Revision;
use App\Queries\Kit\ApproachView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** From where a part is reached, with everything fitted or with what is fitted by a step. */
final readonly class ShowApproach
{
    public function __invoke(Request $request, Revision $revision, string $designator, ApproachView $view): JsonResponse
    {
        return new JsonResponse(
            $view->of(
                $revision,
                $designator,
                $request->filled('step') ? $request->integer('step') : null,
                Options::of($request),
            ),
        );
    }
}
