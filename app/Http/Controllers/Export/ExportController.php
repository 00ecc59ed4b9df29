<?php

declare(strict_types=1);

namespace App\Http\Controllers\Export;

use App\Actions\Export\CancelExport;
use App\Actions\Export\RequestExport;
use App\Http\Requests\ExportRequest;
use App\Http\Requests\Options;
use App\Models\Export;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Files made in the background: ask for one, see how far it is, take it back. */
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
                    $request->kits(),
                    $request->piece(),
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

    public function destroy(Export $export, CancelExport $cancel): JsonResponse
    {
        Gate::authorize($export->kind->needs()->value);
        $cancel($export);

        return new JsonResponse(self::shape($export->refresh()));
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
