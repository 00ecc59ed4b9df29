<?php

declare(strict_types=1);

namespace Tests\Architecture\Run;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What the module table cannot see: global functions in the core, and addresses of registries anywhere. */
final class CorePurityTest extends TestCase
{
    private const FORBIDDEN = [
        'time',
        'microtime',
        'hrtime',
        'date',
        'now',
        'rand',
        'mt_rand',
        'random_int',
        'shuffle',
        'array_rand',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'unlink',
        'getenv',
        'env',
        'config',
        'app',
        'exec',
        'shell_exec',
        'curl_init',
        'setlocale',
        'error_log',
        'var_dump',
        'print_r',
        'usleep',
        'sleep',
    ];

    public function test_the_core_calls_only_functions_of_php_itself_and_none_that_reach_outside(): void
    {
        $calls = 0;
        foreach (self::files(dirname(__DIR__, 3) . '/core/src') as $path) {
            foreach (self::calledFunctions((string) file_get_contents($path)) as $name) {
                ++$calls;
                self::assertTrue(function_exists($name), "{$path} calls {$name}, which PHP itself does not have");
                self::assertTrue(
                    str_starts_with($name, 'mb_') || in_array($name, get_defined_functions()['internal'], true),
                    "{$path} calls {$name}, which a framework brings",
                );
                self::assertNotContains($name, self::FORBIDDEN, "{$path} calls {$name}");
            }
        }
        self::assertGreaterThan(100, $calls);
    }

    public function test_lock_files_name_no_download_addresses(): void
    {
        $lock = (string) file_get_contents(dirname(__DIR__, 3) . '/package-lock.json');

        self::assertSame(0, preg_match('~"resolved":\s*"https?://~', $lock));
    }

    public function test_every_core_file_holds_one_type_and_is_of_readable_size(): void
    {
        foreach (self::files(dirname(__DIR__, 3) . '/core/src') as $path) {
            $code = (string) file_get_contents($path);
            self::assertSame(
                1,
                preg_match_all('~^(?:final readonly class|final class|enum|interface)\s~m', $code),
                $path,
            );
            self::assertLessThanOrEqual(str_contains($path, '/Data/') ? 600 : 400, substr_count($code, "\n"), $path);
        }
    }

    /** @return iterable<string> */
    private static function files(string $folder): iterable
    {
        /** @var SplFileInfo $file */
        $found = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
        foreach ($found as $file) {
            if ($file->getExtension() === 'php') {
                yield $file->getPathname();
            }
        }
    }

    /** @return list<string> */
    private static function calledFunctions(string $code): array
    {
        $tokens = array_values(
            array_filter(
                token_get_all($code),
                static fn(array|string $token): bool => !is_array($token) ||
                    !in_array($token[0], [T_WHITESPACE, T_COMMENT, T_DOC_COMMENT], true),
            ),
        );
        $names = [];
        foreach ($tokens as $index => $token) {
            $before = $tokens[$index - 1] ?? '';
            $isName = is_array($token) && $token[0] === T_STRING && ($tokens[$index + 1] ?? '') === '(';
            $isMember =
                is_array($before) &&
                in_array(
                    $before[0],
                    [T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW, T_CASE],
                    true,
                );
            if ($isName && !$isMember) {
                $names[] = strtolower($token[1]);
            }
        }

        return $names;
    }
}
