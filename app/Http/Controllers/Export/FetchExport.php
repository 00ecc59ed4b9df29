<?php

declare(strict_types=1);

namespace App\Http\Controllers\Export;

use App\Models\Export;
use App\Support\FileStore;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A file that was made in the background. */
final readonly class FetchExport
{
    public function __invoke(Export $export, FileStore $store): Response
    {
        Gate::authorize($export->kind->needs()->value);
        $hash = $export->sha256 ?? throw new NotFoundHttpException('The file is not made yet.');

        return new Response($store->get($hash), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' =>
                'attachment; filename="' . Str::ascii(str_replace(['"', '\\', '/'], ' ', $export->name)) . '"',
        ]);
    }
}
