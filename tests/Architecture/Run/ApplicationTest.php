<?php

declare(strict_types=1);

namespace Tests\Architecture\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Architecture\Uses;

/** The application's own order: controllers hand on, Queries read, Actions write, refusals render themselves. */
final class ApplicationTest extends TestCase
{
    private const VERBS = ['__construct', '__invoke', 'index', 'show', 'store', 'update', 'destroy'];
    private const WRITES = '~(->|::)(insert\w*|update|updateOrCreate|upsert|save|create|delete|increment|dispatch|put)\(~';
    private const TABLES = '~DB::(table|insert|update|delete|statement)\(~';

    /** @return iterable<string, array{string, string, string}> folder, what must not stand in it, a line that would break it */
    public static function forbidden(): iterable
    {
        yield 'controllers write nothing' => ['app/Http', self::WRITES, '$kit->update([]);'];
        yield 'controllers and requests ask no tables' => ['app/Http', self::TABLES, "DB::table('kits');"];
        yield 'controllers catch only what they answer themselves' => [
            'app/Http/Controllers',
            '~catch \((?!NoDecoding|ImpossiblePacking)~',
            'try {} catch (EditConflict) {}',
        ];
        yield 'queries write nothing' => ['app/Queries', self::WRITES, 'Kit::query()->delete();'];
        yield 'the application takes no kit file apart' => [
            'app',
            "~json_decode\\([^)]*'kit\\.json'~",
            "json_decode(\$files['kit.json']);",
        ];
    }

    #[DataProvider('forbidden')]
    public function test_nothing_stands_where_it_does_not_belong(string $folder, string $pattern, string $breaks): void
    {
        self::assertSame(1, preg_match($pattern, $breaks), 'the pattern finds what it looks for');
        $found = [];
        foreach (Uses::below($folder) as $file => $code) {
            foreach (explode("\n", $code) as $number => $line) {
                if (preg_match($pattern, $line) === 1) {
                    $found[] = "{$file}:" . ($number + 1) . ' ' . trim($line);
                }
            }
        }

        self::assertSame([], $found);
    }

    public function test_a_controller_has_rest_verbs_or_is_invokable(): void
    {
        $others = static function (string $code): array {
            preg_match_all('~public (?:static )?function (\w+)~', $code, $names);

            return array_values(array_diff($names[1], self::VERBS));
        };
        self::assertSame(['ship'], $others('public function index() {} public function ship() {}'));
        foreach (Uses::below('app/Http/Controllers') as $file => $code) {
            self::assertSame([], $others($code), $file);
        }
    }

    public function test_every_exception_of_the_application_renders_itself(): void
    {
        foreach (Uses::below('app') as $file => $code) {
            if (str_ends_with($file, 'Support/Refusal.php')) {
                continue;
            }
            self::assertSame(0, preg_match('~extends (\w*Exception|Error)\b~', $code), "{$file} extends Refusal");
        }
    }
}
