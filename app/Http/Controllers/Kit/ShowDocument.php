<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\Documents;
use App\Http\Requests\Options;
use App\Models\Revision;
use ChiralexRender\KitDocuments;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A computed document, the same as the command line gives. */
final readonly class ShowDocument
{
    public function __invoke(Request $request, Revision $revision, string $document, Documents $documents): JsonResponse
    {
        if (!in_array($document, KitDocuments::SERVED, true)) {
            throw new NotFoundHttpException(
                'There is no such document; use one of ' . implode(', ', KitDocuments::SERVED) . '.',
            );
        }

        return new JsonResponse($documents->get($revision, $document, Options::of($request)));
    }
}
