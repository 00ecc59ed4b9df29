<?php

declare(strict_types=1);

namespace Tests\Architecture\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Architecture\Uses;

/** What lies around the core: adapters, render and the command line know no framework, render no files, nobody another's inside. */
final class OuterLayersTest extends TestCase
{
    private const FRAMEWORK = ['App\\', 'Illuminate\\', 'Symfony\\', 'Laravel\\'];

    /** Each part of render may use those before it. */
    private const RENDER = ['Text', 'Svg', 'Document', 'Print', 'Manual'];

    /** @return iterable<string, array{string, list<string>, string}> folder, what it must not use, a name that would break it */
    public static function layers(): iterable
    {
        yield 'core' => [
            'core/src',
            [...self::FRAMEWORK, 'ChiralexRender\\', 'ChiralexAdapters\\', 'ChiralexCli\\'],
            'ChiralexRender\Words',
        ];
        yield 'adapters' => ['adapters', [...self::FRAMEWORK, 'ChiralexRender\\', 'ChiralexCli\\'], 'App\Models\Kit'];
        yield 'render' => [
            'render',
            [...self::FRAMEWORK, 'ChiralexAdapters\\', 'ChiralexCli\\'],
            'ChiralexAdapters\KitFiles',
        ];
        yield 'command line' => ['cli', self::FRAMEWORK, 'Illuminate\Support\Str'];
        yield 'application' => ['app', ['ChiralexCli\\', 'Tests\\', 'Database\\'], 'ChiralexCli\Application'];
        foreach (self::RENDER as $index => $part) {
            $later = array_map(
                static fn(string $each): string => "ChiralexRender\\{$each}\\",
                array_slice(self::RENDER, $index + 1),
            );
            if ($later !== []) {
                yield "render, {$part}" => ["render/{$part}", $later, $later[0] . 'Thing'];
            }
        }
        foreach (array_filter((array) glob('core/src/*/Internal', GLOB_ONLYDIR)) as $inside) {
            $module = basename(dirname((string) $inside));
            foreach (['render', 'app', 'cli', 'adapters', ...self::otherModules($module)] as $folder) {
                $closed = "Chiralex\\{$module}\\Internal\\";
                yield "inside of {$module}, from {$folder}" => [$folder, [$closed], $closed . 'Thing'];
            }
        }
    }

    /** @param list<string> $forbidden */
    #[DataProvider('layers')]
    public function test_a_layer_uses_only_what_lies_below_it(string $folder, array $forbidden, string $breaks): void
    {
        $sources = Uses::below($folder);
        self::assertNotSame([], $sources, 'the folder is there');
        self::assertSame([], Uses::forbidden($sources, $forbidden));

        // The same question of a file that does break it.
        $planted = ["{$folder}/Planted.php" => "<?php\nuse {$breaks};\n"];
        self::assertSame(["{$folder}/Planted.php uses {$breaks}"], Uses::forbidden($planted, $forbidden));
    }

    public function test_a_name_in_full_and_one_in_a_docblock_count_and_a_longer_one_does_not(): void
    {
        $of = static fn(string $code): int => count(Uses::forbidden(['a.php' => "<?php {$code}"], ['App\\']));

        self::assertSame(1, $of('new \App\Models\Kit();'));
        self::assertSame(1, $of('/** @return \App\Models\Kit */'));
        self::assertSame(0, $of('use MyApp\Models\Kit; use Other\App\Kit;'));
    }

    /** @return list<string> */
    private static function otherModules(string $module): array
    {
        $folders = array_map(strval(...), (array) glob('core/src/*', GLOB_ONLYDIR));

        return array_values(array_filter($folders, static fn(string $each): bool => basename($each) !== $module));
    }
}
