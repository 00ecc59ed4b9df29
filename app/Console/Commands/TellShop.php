<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Shop\ShopFacts;
use App\Actions\Shop\ShopRefusal;
use App\Actions\Shop\WriteShop;
use App\Models\Shop;
use App\Queries\Shop\ShopSheet;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** The room Shop without a browser: without arguments what is said, with two a change. */
final class TellShop extends Command
{
    protected $signature = 'chiralex:shop {field? : name, address, email, publicAddress, currency, paper ...} {value?}';

    protected $description = 'Show or change who the shop is';

    public function handle(ShopSheet $sheet, WriteShop $write): int
    {
        $field = (string) $this->argument('field');
        if ($field === '') {
            foreach ($sheet->shop() as $name => $value) {
                $this->line(sprintf('%-15s %s', $name, is_scalar($value) ? (string) $value : ''));
            }

            return self::SUCCESS;
        }
        $said = [$field => (string) $this->argument('value')];
        $rules = array_intersect_key(ShopFacts::RULES, $said);
        if ($rules === []) {
            $this->error("There is no field \"{$field}\"; bin/artisan chiralex:shop shows all.");

            return self::FAILURE;
        }
        $checked = Validator::make($said, $rules, ShopFacts::MESSAGES);
        try {
            if ($checked->fails()) {
                $this->error((string) $checked->errors()->first());

                return self::FAILURE;
            }
            $write(ShopFacts::columns($said), Shop::ours()->version, null);
        } catch (ShopRefusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $this->info("{$field} is changed; every print follows.");

        return self::SUCCESS;
    }
}
