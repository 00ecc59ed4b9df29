<?php

declare(strict_types=1);

namespace Tests\Documents;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** `board` on a folder worked out by hand, whole and with one file after another damaged. */
final class BoardFilesTest extends TestCase
{
    private const WORKED = __DIR__ . '/../boards/gull-counter';

    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/board-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
        foreach (glob(self::WORKED . '/kit/*') ?: [] as $file) {
            copy($file, "{$this->folder}/" . basename($file));
        }
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    public function test_a_worked_folder_says_what_was_worked_out(): void
    {
        [$document, $exit] = $this->board();

        self::assertSame(0, $exit);
        self::assertHolds(json_decode((string) file_get_contents(self::WORKED . '/expected.json'), true), $document);
    }

    /** @return iterable<string, array{string, string, string, list<string>}> file, bytes, what is left of it, keys that stay */
    public static function damages(): iterable
    {
        yield 'a kit file that is no JSON' => ['kit.json', '{broken', 'not valid JSON', ['boards', 'nets', 'derived']];
        yield 'a drill file that is none' => ['holes.drl', "hello\n", '1 command not understood', ['nets', 'derived']];
        yield 'an outline that does not close' => [
            'edge.gbr',
            "%TF.FileFunction,Profile,NP*%\n%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.1*%\nD10*\nX0Y0D02*\nX9000000Y0D01*\nM02*\n",
            'No outline closes',
            ['nets', 'derived'],
        ];
        yield 'a legend cut off' => [
            'legend-top.gbr',
            "%TF.FileFunction,Legend,Top*%\n%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.1*%\nD10*\nX0Y0D02*\nX90000",
            'end is missing',
            ['nets', 'derived'],
        ];
        yield 'a layer with an unknown command' => [
            'legend-top.gbr',
            "%TF.FileFunction,Legend,Top*%\n%FSLAX46Y46*%\n%MOMM*%\nfoo*\nM02*\n",
            'is no operation',
            ['nets', 'derived'],
        ];
        yield 'a net list of nothing' => ['nets.ipc', "P  JOB X\n999\n", 'Nothing usable', ['boards']];
        yield 'a file of which nothing is told' => [
            'odd.bin',
            "\0\1\2",
            'Nothing tells',
            ['boards', 'nets', 'derived'],
        ];
    }

    /** @param list<string> $keys */
    #[DataProvider('damages')]
    public function test_a_damaged_file_says_so_and_the_others_are_read(
        string $name,
        string $bytes,
        string $left,
        array $keys,
    ): void {
        [$whole] = $this->board();
        file_put_contents("{$this->folder}/{$name}", $bytes);

        [$document, $exit] = $this->board();

        self::assertSame(1, $exit);
        $said = array_column($document['files'], 'left', 'name')[$name];
        self::assertStringContainsString($left, implode(' ', $said));
        foreach ($keys as $key) {
            self::assertSame($whole[$key], $document[$key], $key);
        }
    }

    public function test_without_a_parts_list_the_files_of_the_board_are_read(): void
    {
        unlink("{$this->folder}/bom.csv");

        [$document, $exit] = $this->board();

        self::assertSame(1, $exit);
        self::assertEquals(2360, $document['boards'][0]['area']);
        self::assertCount(21, $document['boards'][0]['holes']);
    }

    public function test_a_folder_of_which_nothing_can_be_read_is_refused(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        file_put_contents("{$this->folder}/odd.bin", random_bytes(20_000));

        self::assertSame(2, $this->board()[1]);
    }

    /** @return array{array<string, mixed>, int} document and exit code */
    private function board(): array
    {
        exec(PHP_BINARY . ' bin/chiralex board ' . escapeshellarg($this->folder) . ' 2>/dev/null', $lines, $exit);
        $document = json_decode(implode("\n", $lines), true);

        return [is_array($document) ? $document : [], $exit];
    }

    /** Whatever the first names stands in the second with the same value; numbers by value. */
    private static function assertHolds(mixed $expected, mixed $actual, string $path = ''): void
    {
        if (!is_array($expected)) {
            self::assertEquals($expected, $actual, $path);

            return;
        }
        self::assertIsArray($actual, $path);
        if (array_is_list($expected)) {
            self::assertCount(count($expected), $actual, $path);
        }
        foreach ($expected as $key => $value) {
            self::assertArrayHasKey($key, $actual, $path);
            self::assertHolds($value, $actual[$key], "{$path}.{$key}");
        }
    }
}
