<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use Chiralex\Table\HeaderMap;
use Chiralex\Table\Row;
use Chiralex\Table\Table;

/** Which column of a table of orders holds what: as its headers say, or as somebody said. */
final readonly class OrderColumns
{
    /** Headers that shops write, in plain letters; common practice, no source. */
    public const FIELDS = [
        'number' => [
            ...['number', 'ordernumber', 'order', 'orderno', 'orderid', 'ordername', 'reference', 'bestellnummer'],
            ...['auftragsnummer', 'bestelling', 'numerodecommande', 'commande', 'pedido'],
        ],
        'date' => [
            ...['date', 'orderdate', 'placedon', 'placed', 'created', 'createdat', 'paidat', 'ordered', 'datum'],
            ...['bestelldatum', 'fecha'],
        ],
        'customer' => [
            ...['customer', 'customername', 'name', 'buyer', 'buyername', 'shippingname', 'recipient', 'fullname'],
            ...['kunde', 'empfaenger', 'client', 'klant'],
        ],
        'email' => ['email', 'mail', 'emailaddress', 'customeremail', 'buyeremail', 'contactemail'],
        'address' => ['address', 'shippingaddress', 'deliveryaddress', 'adresse', 'lieferadresse'],
        'street' => ['street', 'shippingstreet', 'address1', 'addressline1', 'shippingaddress1', 'strasse', 'rue'],
        'zip' => ['zip', 'zipcode', 'postcode', 'postalcode', 'shippingzip', 'plz'],
        'city' => ['city', 'town', 'shippingcity', 'ort', 'stadt', 'ville'],
        'country' => ['country', 'shippingcountry', 'countrycode', 'land', 'pays'],
        'kit' => [
            ...['kit', 'article', 'item', 'itemname', 'product', 'productname', 'title', 'lineitemname', 'sku'],
            ...['artikel', 'produkt'],
        ],
        'quantity' => [
            'quantity',
            'qty',
            'amount',
            'pieces',
            'count',
            'lineitemquantity',
            'menge',
            'anzahl',
            'quantite',
        ],
        'price' => ['price', 'unitprice', 'itemprice', 'lineitemprice', 'preis', 'einzelpreis', 'prix'],
        'currency' => ['currency', 'currencycode', 'waehrung', 'devise'],
        'options' => ['options', 'option', 'variant', 'variation', 'ausfuehrung'],
        'pack' => ['pack', 'packsize', 'classpack'],
        'dealing' => ['dealing'],
    ];
    public const NEEDED = ['number', 'date', 'customer', 'kit', 'quantity'];

    /** @param array<string, int> $columns field to column */
    private function __construct(public array $columns) {}

    /** @param ?array<string, int> $said null: as the headers say */
    public static function of(Table $table, ?array $said): self
    {
        return new self(
            $said === null
                ? HeaderMap::guess(self::joined($table->headers), self::FIELDS)->columns
                : array_filter(
                    array_intersect_key($said, self::FIELDS),
                    static fn(int $column): bool => isset($table->headers[$column]),
                ),
        );
    }

    /** @return list<string> fields that have to be there and are not */
    public function missing(): array
    {
        return array_values(array_diff(self::NEEDED, array_keys($this->columns)));
    }

    public function cell(Row $row, string $field): string
    {
        return isset($this->columns[$field]) ? trim($row->cell($this->columns[$field])) : '';
    }

    /** The address in lines, from one column or from several. */
    public function address(Row $row): string
    {
        $lines = [
            $this->cell($row, 'address'),
            $this->cell($row, 'street'),
            trim("{$this->cell($row, 'zip')} {$this->cell($row, 'city')}"),
            $this->cell($row, 'country'),
        ];

        return implode("\n", array_filter($lines, static fn(string $line): bool => $line !== ''));
    }

    /**
     * @param list<string> $headers
     * @return list<string> without what stands between their words
     */
    private static function joined(array $headers): array
    {
        return array_map(
            static fn(string $header): string => (string) preg_replace('~[\s_./-]+~u', '', $header),
            $headers,
        );
    }
}
