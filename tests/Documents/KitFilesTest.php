<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\TestCase;
use ZipArchive;

final class KitFilesTest extends TestCase
{
    public function test_a_list_under_any_name_becomes_the_parts_list_and_known_names_keep_their_role(): void
    {
        $files = new KitFiles();

        self::assertSame(['bom.csv' => 'x'], $files->fromBytes('My Board rev C.csv', 'x'));
        self::assertSame(['placements.csv' => 'x'], $files->fromBytes('Placements.CSV', 'x'));
        self::assertSame(['kit.json' => '{}'], $files->fromBytes('kit.json', '{}'));
        self::assertTrue(KitFiles::isKnown('MASSES.csv'));
        self::assertFalse(KitFiles::isKnown('readme.csv'));
    }

    public function test_a_zip_gives_the_files_of_the_format_from_any_depth_and_nothing_else(): void
    {
        $zip = self::zip([
            'frost/kit.json' => '{}',
            'frost/deep/bom.csv' => 'Ref',
            'frost/photo.jpg' => 'binary',
            '../../etc/passwd' => 'root',
        ]);

        self::assertSame(['kit.json' => '{}', 'bom.csv' => 'Ref'], (new KitFiles())->fromBytes('frost.zip', $zip));
    }

    public function test_a_workbooks_first_sheet_is_read_as_text_with_its_commas_quoted(): void
    {
        $book = new Spreadsheet();
        $book->getActiveSheet()->fromArray([['Ref', 'Value'], ['R1,R2', '10k'], ['C1', 'say "x"']]);
        $book->createSheet()->fromArray([['other']]);
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        (new Xlsx($book))->save($path);
        $files = (new KitFiles())->fromBytes('list.xlsx', (string) file_get_contents($path));

        self::assertSame(['bom.csv'], array_keys($files));
        self::assertSame("Ref,Value\n\"R1,R2\",10k\nC1,\"say \"\"x\"\"\"\n", $files['bom.csv']);
    }

    public function test_an_absent_path_a_broken_workbook_and_too_many_bytes_are_refused_by_name(): void
    {
        foreach (
            [
                'no-such' => static fn(): array => (new KitFiles())->fromPath('/no-such/folder'),
                'list.xlsx' => static fn(): array => (new KitFiles())->fromBytes('list.xlsx', 'no workbook'),
                'huge.csv' => static fn(): array => (new KitFiles())->fromBytes(
                    'huge.csv',
                    str_repeat('x', KitFiles::LIMIT + 1),
                ),
            ] as $name => $read
        ) {
            try {
                $read();
                self::fail("{$name} was read");
            } catch (UnusableFile $refusal) {
                self::assertStringContainsString($name, $refusal->getMessage());
            }
        }
    }

    public function test_an_archive_that_unpacks_without_end_is_refused_before_it_is_unpacked(): void
    {
        $zip = self::zip(['bom.csv' => str_repeat("R1,1k\n", 8_000_000)]);
        self::assertLessThan(KitFiles::LIMIT, strlen($zip));

        $this->expectException(UnusableFile::class);
        $this->expectExceptionMessage('unpacks to more than 10 MB');
        (new KitFiles())->fromBytes('bomb.zip', $zip);
    }

    /** @param array<string, string> $entries */
    private static function zip(array $entries): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($entries as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
