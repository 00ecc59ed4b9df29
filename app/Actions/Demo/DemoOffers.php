<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Buying\TakeOffers;
use App\Actions\Buying\WriteSupplier;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** What four invented suppliers ask for the demo's parts, two of them in pounds; nobody sells the rubber feet. */
final readonly class DemoOffers
{
    private const TERMS = <<<'CSV'
        supplier,currency,shipping,free_from,least_order,lead_days
        Reed and Pin,EUR,4.90,50.00,,4
        Saltern Components,EUR,6.50,80.00,15.00,6
        Fenland Parts,GBP,3.80,40.00,,9
        Wick and Weir,GBP,0.00,,25.00,14
        CSV;
    /** What each asks of a price of ours, and the currency it is asked in. */
    private const ASKS = [
        'Reed and Pin' => ['EUR', '1.00'],
        'Saltern Components' => ['EUR', '0.91'],
        'Fenland Parts' => ['GBP', '0.83'],
        'Wick and Weir' => ['GBP', '0.78'],
    ];
    private const POUND = '1.17';
    /** Share of the price from so many pieces. */
    private const BREAKS = [1 => '1', 25 => '0.92', 100 => '0.78', 500 => '0.64'];
    private const UNSOLD = 'rubber feet';

    public function __construct(private TakeOffers $take, private WriteSupplier $write) {}

    public function load(?int $userId): void
    {
        if (DB::table('suppliers')->exists()) {
            return;
        }
        ($this->take)(self::TERMS, 'suppliers.csv', Uuid::uuid4()->toString(), $userId);
        $this->write->rate('GBP', self::POUND, $userId);
        $rows = ['part,supplier,currency,from,unit_price,minimum,multiple,available'];
        $parts = DB::table('known_parts')
            ->leftJoin('stock_parts', 'stock_parts.fingerprint', '=', 'known_parts.fingerprint')
            ->orderBy('known_parts.fingerprint')
            ->select(['known_parts.fingerprint', 'unit']);
        foreach (Row::all($parts) as $part) {
            if (!str_contains($part->text('fingerprint'), self::UNSOLD)) {
                array_push($rows, ...self::rows($part->text('fingerprint'), $part->text('unit') === 'mm'));
            }
        }
        ($this->take)(implode("\n", $rows), 'offers.csv', Uuid::uuid4()->toString(), $userId);
    }

    /** @return list<string> two to four suppliers offer a part, with breaks; its number decides which, and which sell by the ten */
    private static function rows(string $part, bool $isByLength): array
    {
        $seed = crc32($part);
        // A millimetre of wire costs a two-hundredth of what a piece does.
        $ours = BigDecimal::of(sprintf('0.%04d', 12 + ($seed % 900)))->multipliedBy($isByLength ? '0.005' : '1');
        $rows = [];
        foreach (array_keys(self::ASKS) as $at => $supplier) {
            if ($at > 1 && ($seed >> $at) % 2 === 0) {
                continue;
            }
            [$currency, $share] = self::ASKS[$supplier];
            $multiple = ($seed >> (4 + $at)) % 4 === 0 ? 10 : 1;
            foreach (self::BREAKS as $from => $off) {
                $price = $ours
                    ->multipliedBy($share)
                    ->multipliedBy($off)
                    ->multipliedBy(self::own($seed, $at))
                    ->toScale($isByLength ? 6 : 4, RoundingMode::HALF_UP);
                $name = str_replace('"', '""', $part);
                $rows[] = "\"{$name}\",{$supplier},{$currency},{$from},{$price},,{$multiple},";
            }
        }

        return $rows;
    }

    /** One asks more for one part, another for the next: 0.84 to 1.16 of the usual. */
    private static function own(int $seed, int $at): string
    {
        return sprintf('%.2f', 0.84 + (($seed >> (5 * $at)) % 33) / 100);
    }
}
