<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Kit\KitReader;
use ChiralexRender\KitDocuments;

/** What the core says of a small kit, for the component tests of the front end. The kit is invented. */
final readonly class SampleDocuments
{
    private const BOM =
        "Ref,Qty,Value,Package,Description\n" .
        "R1 R2,2,10k,Axial 1/4W,resistor\nRV1,1,5k,trimmer 10mm,trimmer\nC1,1,100u 16V,6.3x11,electrolytic\n" .
        "D1,1,1N4148,DO-35,diode\nLED1,1,red,LED 5mm,LED\nU1,1,LM393,DIP-8,IC\nJ9,1,strange,,\n";
    private const PLACES =
        "Ref,X,Y,Rotation,Side\n" .
        "R1,10,10,0,top\nR2,10,16,0,top\nRV1,30,12,0,top\nC1,45,12,0,top\nD1,10,24,0,top\nLED1,30,28,0,top\n" .
        "U1,45,28,0,top\nJ9,58,20,0,top\n";
    private const JSON = [
        'name' => 'Loop board',
        'revision' => 'A',
        'tests' => [['name' => 'rail', 'power' => 'on', 'points' => ['TP1', 'TP2'], 'expect' => '4.8 to 5.2 V']],
        'gates' => [['name' => 'supply', 'needs' => ['D1']]],
    ];
    private const DOCUMENTS = ['parts', 'check', 'order', 'marks', 'bags', 'bench', 'manual', 'safety', 'boards'];

    public static function json(): string
    {
        $full = [
            'bom.csv' => self::BOM,
            'placements.csv' => self::PLACES,
            'kit.json' => json_encode(self::JSON, JSON_THROW_ON_ERROR),
        ];
        $bare = [
            'bom.csv' => "Ref,Qty,Value,Package,Description\n",
            'kit.json' => '{"name":"Loop board","revision":"A"}',
        ];

        return json_encode(
            ['full' => self::of($full), 'bare' => self::of($bare)],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        ) . "\n";
    }

    /**
     * @param array<string, string> $files
     * @return array<string, mixed>
     */
    private static function of(array $files): array
    {
        $documents = new KitDocuments((new KitReader())->read($files));

        return array_combine(self::DOCUMENTS, array_map($documents->document(...), self::DOCUMENTS));
    }
}
