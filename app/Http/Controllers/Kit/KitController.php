<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\DeleteKit;
use App\Actions\Kit\PutAside;
use App\Http\Requests\Kit\AsideRequest;
use App\Http\Requests\PlainOperation;
use App\Models\Kit;
use App\Queries\Page;
use App\Queries\Shelf;
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

    /** Out of the lists, or back into them. */
    public function aside(AsideRequest $request, Kit $kit, PutAside $put, Shelf $shelf): JsonResponse
    {
        $put->kit($kit, $request->boolean('aside'), $request->userId());

        return new JsonResponse($shelf->row($kit->id));
    }

    public function destroy(PlainOperation $request, Kit $kit, DeleteKit $delete): JsonResponse
    {
        $delete->kit($kit, $request->userId());

        return new JsonResponse(null, 204);
    }
}
