<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Demo\DemoKits;
use App\Http\Requests\PlainOperation;
use App\Queries\Kit\Shelf;
use App\Queries\Page;
use Illuminate\Http\JsonResponse;

/** Puts the demo kits on an empty shelf; pressed twice it finds them there. */
final readonly class LoadDemo
{
    public function __invoke(PlainOperation $request, DemoKits $demo, Shelf $shelf): JsonResponse
    {
        $demo->load($request->userId());

        return new JsonResponse($shelf->page(Page::first(), false), 201);
    }
}
