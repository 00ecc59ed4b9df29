<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Actions\Upkeep\FileUses;
use App\Models\Customer;
use App\Models\Mail;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/**
 * Takes away who a customer is: name, addresses, the bytes of their letters, the words of ours to them. What was bought, reported and
 * answered stays, of somebody erased.
 */
final readonly class EraseCustomer
{
    public function __construct(private FileUses $uses) {}

    public function __invoke(Customer $customer, ?int $userId): void
    {
        $files = DB::transaction(static function () use ($customer, $userId): array {
            $letters = DB::table('letters')->where('customer_id', $customer->id)->select('id');
            $files = DB::table('letter_raws')->whereIn('letter_id', $letters)->pluck('sha256')->all();
            DB::table('letter_raws')->whereIn('letter_id', $letters)->delete();
            Mail::query()
                ->where('customer_id', $customer->id)
                ->update(['subject' => '', 'body' => '(erased)', 'picture' => null]);
            $customer
                ->forceFill(['name' => 'erased', 'email' => null, 'address' => null, 'erased_at' => now()])
                ->save();
            Audit::record($userId, 'customer.erase', null, ['customer' => $customer->id]);

            return array_values(array_map(trim(...), array_filter($files, is_string(...))));
        });
        $this->uses->discardUnused($files);
    }
}
