<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Queries\Page;
use App\Queries\Sales\Customers;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Customers, found again. */
final readonly class CustomerController
{
    public function index(Request $request, Customers $customers): JsonResponse
    {
        return new JsonResponse($customers->page(Page::of($request)));
    }
}
