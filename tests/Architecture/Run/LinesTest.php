<?php

declare(strict_types=1);

namespace Tests\Architecture\Run;

use PHPUnit\Framework\TestCase;

/** 120 columns. What is longer is a text or a type that cannot be broken, and that is less than a line in a hundred. */
final class LinesTest extends TestCase
{
    private const WIDTH = 120;
    private const SHARE = 0.01;

    public function test_only_texts_and_types_are_wider_than_a_hundred_and_twenty_columns(): void
    {
        $all = 0;
        $wide = $code = [];
        $tracked = (string) shell_exec("git ls-files '*.php' '*.ts' '*.tsx' ':!resources/js/shared/api/schema.d.ts'");
        $paths = preg_split('~\n~', trim($tracked)) ?: [];
        self::assertGreaterThan(500, count($paths), 'the files of the project are found');
        foreach ($paths as $path) {
            foreach (is_file($path) ? (array) file($path, FILE_IGNORE_NEW_LINES) : [] as $index => $line) {
                ++$all;
                if (mb_strlen((string) $line) > self::WIDTH) {
                    $wide[] = "{$path}:" . ($index + 1);
                    if (!self::isText((string) $line)) {
                        $code[] = "{$path}:" . ($index + 1);
                    }
                }
            }
        }
        self::assertSame([], $code, 'break these lines');
        self::assertLessThan(self::SHARE, count($wide) / max(1, $all), count($wide) . ' wide lines');
    }

    public function test_a_wide_line_of_code_is_told_from_a_wide_text(): void
    {
        self::assertFalse(self::isText(str_repeat('$this->call($one, $two); ', 6)));
        self::assertTrue(self::isText("    'sentence' => '" . str_repeat('words ', 30) . "',"));
        self::assertTrue(self::isText('     * @return array{' . str_repeat('a: string, ', 20) . '}'));
    }

    /** A comment, the name of a test, or a line of which a quoted text is the greater part of what stands past the width. */
    private static function isText(string $line): bool
    {
        return preg_match('~^\s*(/?\*|//|#|public function test_)~', $line) === 1 ||
            preg_match('~(["\'`])(?:\\\\.|(?!\1).){40,}(\1|$)|>[^<{]{40,}<|^\s*[^\'"`]*["\'`],?\)*;?$~', $line) === 1;
    }
}
