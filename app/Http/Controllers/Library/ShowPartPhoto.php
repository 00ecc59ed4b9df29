<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Models\LibraryPart;
use App\Support\FileStore;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The photo of a part of the library. */
final readonly class ShowPartPhoto
{
    public function __invoke(LibraryPart $part, FileStore $store): Response
    {
        $hash = $part->photo ?? throw new NotFoundHttpException('There is no photo of this part.');

        return new Response($store->get($hash), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }
}
