<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\Revision;
use App\Queries\Kit\CircuitView;
use Illuminate\Http\JsonResponse;

/** The circuit drawings of a kit, with the places of its designators. */
final readonly class ShowDrawings
{
    public function __invoke(Revision $revision, CircuitView $view): JsonResponse
    {
        return new JsonResponse(['drawings' => $view->of($revision)]);
    }
}
