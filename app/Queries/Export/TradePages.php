<?php

declare(strict_types=1);

namespace App\Queries\Export;

use App\Actions\Kit\Documents;
use App\Actions\Shop\PublicAddress;
use App\Models\Export;
use App\Models\Revision;
use App\Models\Shop;
use App\Queries\Buying\Purchases;
use App\Queries\Sales\Customs;
use App\Queries\Sales\Parcel;
use Brick\Math\BigDecimal;
use Chiralex\ChiralexException;
use ChiralexAdapters\PrintFonts;
use ChiralexRender\Print\CustomsSheet;
use ChiralexRender\Print\PackingSlip;
use ChiralexRender\Print\PurchaseSheet;
use ChiralexRender\Words;

/** What is printed of buying and selling: slips, customs lines, orders to suppliers. */
final readonly class TradePages
{
    public function __construct(
        private Documents $documents,
        private Parcel $parcel,
        private Customs $customs,
        private Purchases $purchases,
    ) {}

    /** @return array{name: string, html: string} */
    public function slip(Export $export): array
    {
        $order = $this->parcel->of($export->subject);

        return [
            'name' => "packing slip {$order['number']}",
            'html' => (new PackingSlip())->of(
                $order['number'],
                $order['placedOn'],
                $order['name'],
                $order['address'],
                $order['lines'],
                $export->paper,
                self::fonts(),
                PublicAddress::ours() !== null,
                Words::in($this->languageOf($order['kits'])),
            ),
        ];
    }

    /**
     * In the shop's language: its people copy it onto a form.
     *
     * @return array{name: string, html: string}
     * @throws ChiralexException when the files of a kit cannot be read
     */
    public function customs(Export $export): array
    {
        $parcel = $this->parcel->of($export->subject);
        $declared = $this->customs->of($export->subject);

        return [
            'name' => "customs lines {$parcel['number']}",
            'html' => (new CustomsSheet(Words::in(Shop::ours()->language)))->of(
                $parcel['number'],
                trim("{$parcel['name']}\n{$parcel['address']}"),
                $declared['lines'],
                $declared['total'],
                $declared['currency'],
                Shop::ours()->country,
                $export->paper,
                self::fonts(),
            ),
        ];
    }

    /** @return array{name: string, html: string} */
    public function purchase(Export $export): array
    {
        /** @var array{id: int, at: string, lines: list<array{supplier: string, currency: string, title: string, pieces: int, unitPrice: string, cost: string}>} $purchase */
        $purchase = $this->purchases->purchase($export->subject);
        $sheets = [];
        foreach ($purchase['lines'] as $line) {
            $sheet = $sheets[$line['supplier']] ?? [
                'supplier' => $line['supplier'],
                'currency' => $line['currency'],
                'goods' => '0.00',
                'lines' => [],
            ];
            $sheet['goods'] = (string) BigDecimal::of($sheet['goods'])->plus($line['cost']);
            $sheet['lines'][] = $line;
            $sheets[$line['supplier']] = $sheet;
        }

        return [
            'name' => "order {$purchase['id']} to suppliers",
            'html' => (new PurchaseSheet(Words::in(Shop::ours()->language)))->of(
                $purchase['id'],
                substr($purchase['at'], 0, 10),
                array_values($sheets),
                $export->paper,
                self::fonts(),
            ),
        ];
    }

    /**
     * The language of a parcel: that of its kits, English where they differ.
     *
     * @param list<int> $kits
     */
    private function languageOf(array $kits): string
    {
        $languages = [];
        foreach ($kits as $kit) {
            $newest = Revision::query()->where('kit_id', $kit)->orderByDesc('id')->first();
            /** @var array{language?: string} $manual */
            $manual = $newest === null ? [] : $this->documents->get($newest, 'manual', '');
            $languages[$manual['language'] ?? 'en'] = true;
        }

        return count($languages) === 1 ? (string) array_key_first($languages) : 'en';
    }

    private static function fonts(): string
    {
        return PrintFonts::css(base_path('node_modules'));
    }
}
