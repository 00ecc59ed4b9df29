<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Models\Shop;
use App\Support\Refusal;
use Illuminate\Http\Request;

/** A change of the shop that cannot be made as asked. */
final class ShopRefusal extends Refusal
{
    private ?Shop $now = null;

    public static function written(Shop $now): self
    {
        $refusal = new self(
            'Somebody else changed the shop since you opened it. Your words are kept: look at both, then save again.',
        );
        $refusal->now = $now;

        return $refusal;
    }

    public static function onlyDemo(): self
    {
        return new self(
            'Nobody but the demo accounts may change this shop, and they are refused once customers can reach it. ' .
                'Invite yourself as a maker under People and sign in with that account, then set the public address.',
        );
    }

    public static function address(string $typed): self
    {
        return new self(
            "\"{$typed}\" is no address that a customer can open. Give the scheme and the name, nothing behind it, " .
                'for example https://kits.example.',
        );
    }

    protected function status(): int
    {
        return $this->now === null ? 422 : 409;
    }

    protected function more(Request $request): array
    {
        return $this->now === null ? [] : ['version' => $this->now->version];
    }
}
