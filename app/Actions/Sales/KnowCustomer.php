<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Customer;

/** Finds a customer by the mail address, whatever its capitals, or notes a new one. */
final readonly class KnowCustomer
{
    private const NAME = 120;
    private const EMAIL = 190;

    /** @param string $address is kept where none is known yet */
    public function __invoke(string $name, string $email, string $address = ''): Customer
    {
        [$name, $email, $address] = [trim($name), mb_substr(trim($email), 0, self::EMAIL), trim($address)];
        $known =
            $email === ''
                ? null
                : Customer::query()
                    ->whereRaw('lower(email) = ?', [mb_strtolower($email)])
                    ->first();
        if ($known === null) {
            return Customer::query()->create([
                'name' => mb_substr($name, 0, self::NAME),
                'email' => $email === '' ? null : $email,
                'address' => $address === '' ? null : $address,
            ]);
        }
        if ($known->address === null && $address !== '') {
            $known->update(['address' => $address]);
        }

        return $known;
    }
}
