<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Queries\Page;
use App\Queries\Report\Stacks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Reports in stacks, one for each matter. */
final readonly class ShowStacks
{
    public function __invoke(Request $request, Stacks $stacks): JsonResponse
    {
        $kit = $request->query('kit');

        return new JsonResponse(
            $stacks->page(
                Page::of($request),
                is_string($kit) && preg_match('~^\d{1,15}$~', $kit) === 1 ? (int) $kit : null,
                $request->query('shown') !== 'all',
            ),
        );
    }
}
