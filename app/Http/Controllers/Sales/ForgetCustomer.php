<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Actions\Sales\EraseCustomer;
use App\Http\Requests\PlainOperation;
use App\Models\Customer;
use Illuminate\Http\Response;

/** Takes away who a customer is. */
final readonly class ForgetCustomer
{
    public function __invoke(PlainOperation $request, Customer $customer, EraseCustomer $erase): Response
    {
        $erase($customer, $request->userId());

        return new Response('', 204);
    }
}
