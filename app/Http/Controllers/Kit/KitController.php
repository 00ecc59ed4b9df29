<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\DeleteKit;
use App\Http\Requests\PlainOperation;
use App\Models\Kit;
use App\Queries\Kit\Shelf;
use App\Queries\Page;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The kits of the range. */
final readonly class KitController
{
    public function index(Request $request, Shelf $shelf): JsonResponse
    {
        return new JsonResponse($shelf->page(Page::of($request), $request->query('aside') === '1'));
    }

    public function show(Kit $kit, Shelf $shelf): JsonResponse
    {
        return new JsonResponse($shelf->row($kit->id));
    }

    public function destroy(PlainOperation $request, Kit $kit, DeleteKit $delete): JsonResponse
    {
        $delete->kit($kit, $request->userId());

        return new JsonResponse(null, 204);
    }
}
