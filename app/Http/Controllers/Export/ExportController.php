<?php

declare(strict_types=1);

namespace App\Http\Controllers\Export;

use App\Actions\Export\RequestExport;
use App\Http\Requests\ExportRequest;
use App\Http\Requests\Options;
use App\Models\Export;
use App\Support\FileStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Files made in the background: ask for one, see how far it is, take it back, fetch it. */
final readonly class ExportController
{
    public function store(ExportRequest $request, RequestExport $ask): JsonResponse
    {
        $kind = $request->kind();
        Gate::authorize($kind->needs()->value);

        return new JsonResponse(
            self::shape(
                $ask(
                    $kind,
                    $request->integer('subject'),
                    $request->paper(),
                    $request->operationId(),
                    $request->userId(),
                    Options::of($request),
                ),
            ),
            201,
        );
    }

    public function show(Export $export): JsonResponse
    {
        Gate::authorize($export->kind->needs()->value);

        return new JsonResponse(self::shape($export));
    }

    public function destroy(Export $export): JsonResponse
    {
        Gate::authorize($export->kind->needs()->value);
        Export::query()
            ->where('id', $export->id)
            ->whereIn('status', ['queued', 'running'])
            ->update(['status' => 'cancelled']);

        return new JsonResponse(self::shape($export->refresh()));
    }

    public function file(Export $export, FileStore $store): Response
    {
        Gate::authorize($export->kind->needs()->value);
        $hash = $export->sha256 ?? throw new NotFoundHttpException('The file is not made yet.');

        return new Response($store->get($hash), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' =>
                'attachment; filename="' . Str::ascii(str_replace(['"', '\\', '/'], ' ', $export->name)) . '"',
        ]);
    }

    /** @return array<string, mixed> */
    private static function shape(Export $export): array
    {
        return [
            'id' => $export->id,
            'kind' => $export->kind->value,
            'status' => $export->status,
            'progress' => $export->progress,
            'name' => $export->name,
            'fault' => $export->fault,
        ];
    }
}
