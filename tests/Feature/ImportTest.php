<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kit;
use App\Models\Revision;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use ZipArchive;

final class ImportTest extends FeatureCase
{
    public function test_a_parts_list_dropped_alone_makes_a_kit_named_after_it_and_keeps_the_original(): void
    {
        $bytes = "Ref;Wert\nR1;4,7k\n";
        $answer = $this->made([UploadedFile::fake()->createWithContent('halt-signal.csv', $bytes)]);

        self::assertSame(['Halt signal', 1], [$answer->json('name'), $answer->json('facts.parts')]);
        self::assertSame(
            hash('sha256', $bytes),
            DB::table('original_files')->where('revision_id', $answer->json('revisionId'))->value('sha256'),
        );
    }

    public function test_a_list_and_its_placements_make_a_kit_named_after_the_list(): void
    {
        $kit = $this->made([
            UploadedFile::fake()->createWithContent('placements.csv', "Ref,X,Y\nR1,1,1\n"),
            UploadedFile::fake()->createWithContent('kiln-watch.csv', "Ref,Value\nR1,1k\n"),
        ]);

        self::assertSame('Kiln watch', $kit->json('name'));
    }

    public function test_a_zip_of_a_kit_folder_brings_all_of_it(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach (['kit.json', 'bom.csv', 'placements.csv'] as $name) {
            $zip->addFile(dirname(__DIR__, 2) . "/database/demo/frost-bell/{$name}", "frost-bell/{$name}");
        }
        $zip->close();
        $answer = $this->made([
            UploadedFile::fake()->createWithContent('frost-bell.zip', (string) file_get_contents($path)),
        ]);

        self::assertSame(['Frost Bell', 'A'], [$answer->json('name'), $answer->json('revision')]);
    }

    public function test_the_files_of_a_kit_folder_dropped_one_by_one_keep_their_roles_whatever_comes_first(): void
    {
        $folder = dirname(__DIR__, 2) . '/database/demo/frost-bell';
        $files = [
            UploadedFile::fake()->createWithContent('a-note.csv', "Part,Note\nR1,old list\n"),
            UploadedFile::fake()->createWithContent('masses.csv', "part,pieces,grams\nR1,10,2\n"),
        ];
        foreach (['placements.csv', 'kit.json', 'bom.csv'] as $name) {
            $files[] = UploadedFile::fake()->createWithContent($name, (string) file_get_contents("{$folder}/{$name}"));
        }

        $this->made($files)->assertJsonPath('name', 'Frost Bell')->assertJsonPath('facts.lines', 36);
    }

    public function test_a_table_that_says_nothing_of_parts_never_replaces_the_parts_list(): void
    {
        $draft = $this->kit(['bom.csv' => "Ref,Value,Package\nR1,1k,Axial 1/4W\nC1,47u,6.3x11\n"]);
        $maker = $this->person();
        $drop = fn(string $bytes, int $seen) => $this->actingAs($maker)->post(
            "/api/revisions/{$draft->id}/files",
            [
                'operationId' => (string) Str::uuid(),
                'sequence' => $seen,
                'files' => [UploadedFile::fake()->createWithContent('orte.csv', $bytes)],
            ],
            ['Accept' => 'application/json'],
        );

        $drop("Teil;Anmerkung\nR1;links oben\nC1;rechts\n", 0)
            ->assertStatus(422)
            ->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'the parts list stays as it is'));
        $drop("Teil;Links;Unten;Wo\nR1;10,5;20;Oberseite\nC1;5;7;Oberseite\n", 0)
            ->assertOk()
            ->assertJsonFragment(['code' => 'placement.guessed']);

        $this->getJson("/api/revisions/{$draft->id}/documents/parts")->assertJsonPath('lines.0.value', '1000');
        $this->getJson("/api/revisions/{$draft->id}/boards")->assertJsonPath('parts.R1.x', 10.5);
    }

    public function test_a_workbook_is_read_like_a_list(): void
    {
        $book = new Spreadsheet();
        $book
            ->getActiveSheet()
            ->fromArray([
                ['Reference', 'Value', 'Package'],
                ['R1,R2', '10k', 'Axial 1/4W'],
                ['C1', '100n', 'disc 5mm'],
            ]);
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        (new Xlsx($book))->save($path);

        $this->made([
            UploadedFile::fake()->createWithContent('parts.xlsx', (string) file_get_contents($path)),
        ])->assertJsonPath('facts.parts', 3);
    }

    /** @return iterable<string, array{string, string, string}> file name, bytes, part of the message */
    public static function bad(): iterable
    {
        yield 'a binary renamed' => ['bom.csv', "\x7FELF\x00\x01\x02\x03", 'not text'];
        yield 'no designators' => ['bom.csv', "Colour,Size\nred,1\n", 'row 1: no designator column'];
        yield 'an empty file' => ['bom.csv', ' ', 'empty'];
        yield 'over 10 MB' => ['bom.csv', str_repeat("R1,1k\n", 3_500_000), 'the limit is 10 MB'];
        yield 'a broken ZIP' => ['kit.zip', "PK\x03\x04broken", 'ZIP cannot be used'];
    }

    #[DataProvider('bad')]
    public function test_a_bad_file_is_refused_with_what_and_where_and_nothing_is_half_imported(
        string $name,
        string $bytes,
        string $says,
    ): void {
        $before = Kit::query()->count();
        $answer = $this->drop([UploadedFile::fake()->createWithContent($name, $bytes)]);

        self::assertStringContainsString($says, (string) ($answer->json('fault') ?? $answer->json('message')));
        self::assertSame($before, Kit::query()->count());
    }

    public function test_placements_dropped_on_a_draft_put_the_parts_on_the_board_and_can_be_undone(): void
    {
        $revision = $this->kit();
        $maker = $this->person();
        $this->actingAs($maker)
            ->post(
                "/api/revisions/{$revision->id}/files",
                [
                    'operationId' => (string) Str::uuid(),
                    'sequence' => 0,
                    'files' => [
                        UploadedFile::fake()->createWithContent(
                            'pick.csv',
                            "Designator,Mid X,Mid Y,Rotation,Layer\nR1,10mm,10mm,90,T\nQ9,5,5,0,T\n",
                        ),
                    ],
                ],
                ['Accept' => 'application/json'],
            )
            ->assertOk();

        $boards = $this->getJson("/api/revisions/{$revision->id}/boards")->json('parts');
        self::assertEqualsWithDelta(90, $boards['R1']['rotation'], 1e-9);
        self::assertContains(
            'board.stray-placement',
            array_column($this->getJson("/api/revisions/{$revision->id}")->json('matters'), 'code'),
        );
        $this->postJson(
            "/api/revisions/{$revision->id}/undo",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '"1"'],
        )->assertOk();
        self::assertSame([], $this->getJson("/api/revisions/{$revision->id}/boards")->json('parts'));
    }

    public function test_a_list_with_an_unknown_designator_column_tells_its_columns_and_is_read_once_told(): void
    {
        $file = static fn(): UploadedFile => UploadedFile::fake()->createWithContent('odd.csv', "Spot;Wert\nR1;1k\n");
        $refusal = $this->drop([$file()])->assertJsonPath('status', 'failed');
        self::assertSame(['Spot', 'Wert'], $refusal->json('headers'));
        self::assertStringContainsString('odd.csv row 1', (string) $refusal->json('fault'));

        self::assertSame(1, $this->made([$file()], 0)->json('facts.parts'));
    }

    public function test_a_column_can_be_taken_for_another_field_and_back(): void
    {
        $revision = $this->kit(['bom.csv' => "Ref,Gehalt\nR1,1k\n"]);
        $maker = $this->person();
        $this->edit($maker, $revision, 0, [
            ['type' => 'column', 'target' => '1', 'field' => '', 'value' => 'value'],
        ])->assertOk();
        self::assertSame(
            '1000',
            $this->getJson("/api/revisions/{$revision->id}/documents/parts")->json('lines.0.value'),
        );
        $this->postJson(
            "/api/revisions/{$revision->id}/undo",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '"1"'],
        )->assertOk();

        self::assertNull($this->getJson("/api/revisions/{$revision->id}/documents/parts")->json('lines.0.value'));
    }

    public function test_an_answer_is_remembered_for_the_next_kit(): void
    {
        $files = ['bom.csv' => "Ref,Value,Package\nJ1,2 way,5.08\nR1,1k,\n"];
        $first = $this->kit($files);
        $this->edit($this->person(), $first, 0, [
            ['type' => 'line', 'target' => 'J1', 'field' => 'kind', 'value' => 'terminal-block'],
        ])->assertOk();
        $second = $this->kit($files);

        self::assertSame(
            ['terminal-block', false],
            [
                $this->getJson("/api/revisions/{$second->id}/documents/parts")->json('lines.0.kind'),
                $this->getJson("/api/revisions/{$second->id}/documents/parts")->json('lines.0.question'),
            ],
        );
    }

    public function test_a_new_revision_is_a_copy_with_the_next_letter_once_however_often_the_key_is_pressed(): void
    {
        $revision = $this->kit();
        $operation = ['operationId' => (string) Str::uuid()];
        foreach ([1, 2, 3] as $press) {
            $this->actingAs($this->person())
                ->postJson("/api/revisions/{$revision->id}/revisions", $operation)
                ->assertStatus(201)
                ->assertJsonPath('revision', 'B');
        }

        // Another press, of the copy or of what it was made from: nobody has touched it, so it is still the next one.
        $copy = Revision::query()->where('kit_id', $revision->kit_id)->orderByDesc('id')->firstOrFail();
        foreach ([$revision->id, $copy->id] as $of) {
            $this->postJson("/api/revisions/{$of}/revisions", ['operationId' => (string) Str::uuid()])
                ->assertStatus(201)
                ->assertJsonPath('revision', 'B');
        }
        self::assertSame(2, Revision::query()->where('kit_id', $revision->kit_id)->count());

        $this->edit($this->person(), $copy, 0, [
            ['type' => 'line', 'target' => 'C1', 'field' => 'height', 'value' => 12.5],
        ])->assertOk();
        $this->postJson("/api/revisions/{$copy->id}/revisions", ['operationId' => (string) Str::uuid()])
            ->assertStatus(201)
            ->assertJsonPath('revision', 'C');
    }

    /** The API answers with the command line's documents, written by the same code. */
    public function test_of_several_tables_the_maker_says_which_is_the_parts_list(): void
    {
        $csv = static fn(string $name, string $text): UploadedFile => UploadedFile::fake()->createWithContent(
            $name,
            $text,
        );
        $files = [
            $csv('small.csv', "Ref,Value,Package\nR1,10k,Axial 1/4W\n"),
            $csv('large.csv', "Ref,Value,Package\nR1,10k,Axial 1/4W\nR2,47k,Axial 1/4W\n"),
            $csv('where.csv', "Ref,X,Y,Rotation,Side\nR1,10,20,0,top\n"),
        ];
        $this->drop($files)
            ->assertStatus(202)
            ->assertJsonPath('status', 'failed')
            ->assertJsonPath('lists', ['small.csv', 'large.csv']);
        $import = $this->actingAs($this->person())
            ->post(
                '/api/imports',
                ['operationId' => (string) Str::uuid(), 'files' => $files, 'list' => 'large.csv'],
                ['Accept' => 'application/json'],
            )
            ->assertJsonPath('status', 'done');
        $read = $this->getJson("/api/revisions/{$import->json('revisionId')}/documents/parts")->assertOk();
        self::assertCount(2, (array) $read->json('lines'));
        self::assertSame([true, false], array_column((array) $read->json('lines'), 'placed'));
    }

    public function test_a_zip_of_files_under_names_of_their_own_is_a_kit(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('out/list.csv', "Ref,Value,Package\nR1,10k,Axial 1/4W\n");
        $zip->addFromString('out/pick.csv', "Ref,X,Y,Rotation,Side\nR1,10,20,0,top\n");
        $zip->addFromString('out/shelf.csv', "part,lot,quantity,unit_cost,received\nR1,A,10,0.1,2026-01-01\n");
        $zip->close();
        $this->drop([
            UploadedFile::fake()->createWithContent('out.zip', (string) file_get_contents($path)),
        ])->assertJsonPath('status', 'done');
        unlink($path);
    }

    public function test_documents_equal_those_of_the_command_line(): void
    {
        $folder = dirname(__DIR__, 2) . '/database/demo/frost-bell';
        $files = [];
        foreach (array_filter(glob("{$folder}/*") ?: [], is_file(...)) as $path) {
            $files[basename($path)] = (string) file_get_contents($path);
        }
        $revision = $this->kit($files);
        $this->actingAs($this->person());
        foreach (['parts', 'check', 'order', 'marks'] as $verb) {
            $printed = json_decode(
                (string) shell_exec(
                    'php ' .
                        escapeshellarg(dirname(__DIR__, 2) . '/bin/chiralex') .
                        " {$verb} " .
                        escapeshellarg($folder),
                ),
                true,
            );
            self::assertSame(
                $printed,
                $this->getJson("/api/revisions/{$revision->id}/documents/{$verb}")->json(),
                $verb,
            );
        }
    }

    /** @param list<UploadedFile> $files */
    private function drop(array $files, ?int $designatorColumn = null): TestResponse
    {
        return $this->actingAs($this->person())->post(
            '/api/imports',
            ['operationId' => (string) Str::uuid(), 'files' => $files] +
                ($designatorColumn === null ? [] : ['designatorColumn' => $designatorColumn]),
            ['Accept' => 'application/json'],
        );
    }

    /**
     * The row on the Shelf of what was dropped.
     *
     * @param list<UploadedFile> $files
     */
    private function made(array $files, ?int $designatorColumn = null): TestResponse
    {
        $import = $this->drop($files, $designatorColumn)->assertStatus(202)->assertJsonPath('status', 'done');

        return $this->getJson("/api/kits/{$import->json('kitId')}")->assertOk();
    }
}
