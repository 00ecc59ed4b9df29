<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitArchive;
use ChiralexAdapters\KitFiles;
use ChiralexRender\Document\DataPackage;
use PHPUnit\Framework\TestCase;

/** datapackage.json by the Frictionless specifications "Data Package" and "Table Schema", version 1 (from memory). */
final class DataPackageTest extends TestCase
{
    public function test_it_describes_every_file_with_its_columns_as_they_stand_in_it(): void
    {
        $files = (new KitFiles())->fromPath(dirname(__DIR__, 2) . '/database/demo/frost-bell') + [
            'masses.csv' => "part,pieces,grams\nR1,10,2.1\nC1,5,3\n",
            'edge.gbr' => "G04 x*\nM02*\n",
        ];
        $package = (new DataPackage())->of((new KitReader())->read($files), $files);
        self::assertSame('frost-bell-a', $package['name']);
        /** @var list<array<string, mixed>> $list */
        $list = $package['resources'];
        $resources = array_column($list, null, 'path');
        self::assertEqualsCanonicalizing(array_keys($files), array_keys($resources));
        foreach ($resources as $path => $resource) {
            self::assertMatchesRegularExpression(
                '~^[-a-z0-9._]+$~',
                (string) $resource['name'],
                'lower case letters, figures and . _ - only',
            );
            self::assertSame('sha256:' . hash('sha256', $files[$path]), $resource['hash']);
            self::assertSame(strlen($files[$path]), $resource['bytes']);
        }
        self::assertSame(
            ['part' => 'string', 'pieces' => 'integer', 'grams' => 'number'],
            self::types($resources['masses.csv']),
        );
        self::assertSame('tabular-data-resource', $resources['bom.csv']['profile']);
        self::assertSame('string', self::types($resources['bom.csv'])['Qty'], 'one of its cells is a length, 0.6 m');
        self::assertSame('application/json', $resources['kit.json']['mediatype']);
        self::assertArrayNotHasKey('schema', $resources['edge.gbr']);
    }

    public function test_a_semicolon_file_in_windows_1252_is_described_as_what_it_is(): void
    {
        $files = ['bom.csv' => "Bauteil;Wert\nR1;\"1k\xB1\"\nC1;1\xB5F\n"];
        $package = (new DataPackage())->of((new KitReader())->read(['bom.csv' => "Ref,Value\nR1,1k\n"]), $files);
        /** @var array{list<array<string, mixed>>} $resources */
        $resources = [$package['resources']];
        self::assertSame('windows-1252', $resources[0][0]['encoding']);
        self::assertSame(
            ['delimiter' => ';', 'header' => true, 'skipInitialSpace' => true],
            $resources[0][0]['dialect'],
        );
    }

    public function test_the_archive_is_read_back_as_the_kit_it_was(): void
    {
        $files = (new KitFiles())->fromPath(dirname(__DIR__, 2) . '/database/demo/kiln-watch');
        $back = (new KitFiles())->fromBytes(
            'kiln.zip',
            (new KitArchive())->zip($files + ['datapackage.json' => '{}'], 'kiln-watch-a'),
        );

        self::assertSame($files, array_intersect_key($back, $files));
    }

    /**
     * @param array<string, mixed> $resource
     * @return array<string, string>
     */
    private static function types(array $resource): array
    {
        /** @var array{fields: list<array{name: string, type: string}>} $schema */
        $schema = $resource['schema'];

        return array_column($schema['fields'], 'type', 'name');
    }
}
