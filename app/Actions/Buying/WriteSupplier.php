<?php

declare(strict_types=1);

namespace App\Actions\Buying;

use App\Support\Audit;
use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** Writes down who sells parts and on which terms, and what a currency is worth. */
final readonly class WriteSupplier
{
    /**
     * @param array{name: string, currency: string, shipping: int, free_from: ?int, least_order: ?int, lead_days: ?int} $terms amounts in
     *     minor units of their currency
     * @param ?int $id null for a new one
     * @throws BuyingRefusal when the name is taken, or somebody else changed it meanwhile
     */
    public function supplier(?int $id, array $terms, int $version, ?int $userId): void
    {
        DB::transaction(static function () use ($id, $terms, $version, $userId): void {
            $same = DB::table('suppliers')
                ->whereRaw('lower(name) = ?', [mb_strtolower($terms['name'])])
                ->when($id !== null, static fn($query) => $query->where('id', '<>', $id))
                ->exists();
            if ($same) {
                throw BuyingRefusal::named($terms['name']);
            }
            $before = $id === null ? null : Row::first(DB::table('suppliers')->where('id', $id)->lockForUpdate());
            if ($before === null) {
                abort_if($id !== null, 404, 'There is no such supplier; reload the page.');
                DB::table('suppliers')->insert($terms + ['created_at' => now(), 'updated_at' => now()]);
            } elseif ($before->int('version') !== $version) {
                throw BuyingRefusal::changed($before->text('name'));
            } else {
                DB::table('suppliers')
                    ->where('id', $id)
                    ->update($terms + ['updated_at' => now(), 'version' => $version + 1]);
            }
            Audit::record($userId, 'supplier.write', $before === null ? null : ['id' => $id], $terms);
        });
    }

    /** @param string $rate what one of it is worth in the currency of the shop, above 0 */
    public function rate(string $currency, string $rate, ?int $userId): void
    {
        DB::table('rates')->insert([
            'currency' => $currency,
            'rate' => $rate,
            'user_id' => $userId,
            'created_at' => now(),
        ]);
    }
}
