<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexAdapters\Program;
use ChiralexAdapters\QrCode;
use ChiralexAdapters\UnusableProgram;
use PHPUnit\Framework\TestCase;

/** Programs that Chiralex calls: no shell between, a time limit, a message that names what is wrong. */
final class ProgramTest extends TestCase
{
    public function test_what_goes_in_comes_out_and_no_shell_reads_it(): void
    {
        self::assertSame('$(id) `id` ; a', Program::run(['cat'], '$(id) `id` ; a'));
        self::assertSame("a b; echo c\n", Program::run(['echo', 'a b; echo c']));
    }

    public function test_a_program_that_is_not_there_is_named_with_what_to_do(): void
    {
        $this->expectExceptionObject(UnusableProgram::absent('no-such-program'));
        Program::run(['no-such-program']);
    }

    public function test_a_program_that_fails_says_what_it_said(): void
    {
        $this->expectException(UnusableProgram::class);
        $this->expectExceptionMessage('no-such-file');
        Program::run(['cat', '/no-such-file']);
    }

    public function test_a_program_that_takes_too_long_is_stopped(): void
    {
        $start = hrtime(true);
        try {
            Program::run(['sleep', '30'], '', 1);
            self::fail('it was not stopped');
        } catch (UnusableProgram $fault) {
            self::assertStringContainsString('more than 1 s', $fault->getMessage());
        }
        self::assertLessThan(20.0, (hrtime(true) - $start) / 1e9);
    }

    public function test_a_code_is_one_svg_element_without_anything_around_it(): void
    {
        $svg = QrCode::svg('http://127.0.0.1:8080/b/0123');
        self::assertStringStartsWith('<svg', $svg);
        self::assertStringNotContainsString('<?xml', $svg);
        self::assertNotFalse(simplexml_load_string($svg));
    }
}
