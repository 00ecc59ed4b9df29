<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\RevisionFact;
use App\Support\FileStore;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The board of a row on the Shelf: our own drawing, named by its contents, so that a browser keeps it for ever. */
final readonly class ShowPicture
{
    public function __invoke(string $hash, FileStore $store): Response
    {
        if (!RevisionFact::query()->where('picture', $hash)->exists()) {
            throw new NotFoundHttpException('There is no such picture; reload the page.');
        }

        return new Response($store->get($hash), 200, [
            'Content-Type' => 'image/svg+xml',
            'Cache-Control' => 'private, max-age=31536000, immutable',
            'Content-Disposition' => 'inline',
        ]);
    }
}
