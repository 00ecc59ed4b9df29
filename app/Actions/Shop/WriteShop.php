<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Models\Shop;
use App\Models\User;
use App\Policies\Role;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Saves who we are, against the version that was seen. */
final readonly class WriteShop
{
    /**
     * @param array<string, mixed> $facts columns of the shop to new values; absent ones stay
     * @throws ShopRefusal when somebody else wrote it meanwhile, or customers would reach a shop of demo accounts only
     */
    public function __invoke(array $facts, int $seen, ?int $userId): Shop
    {
        return DB::transaction(function () use ($facts, $seen, $userId): Shop {
            $shop = Shop::query()->lockForUpdate()->findOrFail(1);
            if ($shop->version !== $seen) {
                throw ShopRefusal::written($shop);
            }
            $typed = $facts['public_address'] ?? null;
            if (is_string($typed)) {
                $facts['public_address'] = PublicAddress::parse($typed)->text;
                $own = User::query()->whereNull('left_at')->where('is_demo', false)->where('role', Role::Maker);
                if (!$own->exists()) {
                    throw ShopRefusal::onlyDemo();
                }
            }
            $before = $shop->only(array_keys($facts));
            $shop->fill($facts + ['version' => $seen + 1])->save();
            Audit::record($userId, 'shop.write', $before, $facts);

            return $shop;
        });
    }
}
