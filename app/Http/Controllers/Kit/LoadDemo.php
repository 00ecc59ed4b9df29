<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Demo\DemoKits;
use App\Models\User;
use App\Queries\Shelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Puts the demo kits on an empty shelf. */
final readonly class LoadDemo
{
    public function __invoke(Request $request, DemoKits $demo, Shelf $shelf): JsonResponse
    {
        $user = $request->user();
        $demo->load($user instanceof User ? $user->id : null);

        return new JsonResponse(['kits' => $shelf->rows()], 201);
    }
}
