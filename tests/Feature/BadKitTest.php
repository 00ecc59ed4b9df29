<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Kit\Workshop;
use App\Models\Import;
use App\Models\Kit;
use App\Models\Revision;
use App\Models\RevisionFact;
use App\Models\User;
use App\Support\FileStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** One bad kit never takes a room from everybody: it is refused with its reason, or it is a row that says why. */
final class BadKitTest extends TradeCase
{
    /** @return iterable<string, array{string, string, string}> file name, bytes, part of the reason */
    public static function tooMuch(): iterable
    {
        $rows = static fn(int $count): string => "Ref,Value\n" .
            implode('', array_map(static fn(int $i): string => "R{$i},1k\n", range(1, $count)));
        yield 'twenty thousand rows' => ['list.csv', $rows(20_000), 'more than 5,000 rows'];
        yield 'three thousand rows and one' => ['list.csv', $rows(3001), 'at most 3,000'];
        yield 'a formula of sixty thousand signs' => [
            'kit.json',
            '{"tests":[{"name":"a","expect":"' . str_repeat('(', 60_000) . '"}]}',
            'at most 32,000 characters',
        ];
        yield 'a number beyond all numbers' => [
            'kit.json',
            '{"supply":{"volts":1e400}}',
            'must be a number that a kit can have',
        ];
        yield 'lists within lists' => ['kit.json', str_repeat('[', 5000), 'not valid JSON'];
    }

    #[DataProvider('tooMuch')]
    public function test_what_breaks_a_limit_is_refused_with_it_and_nothing_of_it_stays(
        string $name,
        string $bytes,
        string $says,
    ): void {
        $maker = $this->person();
        [$kits, $originals] = [Kit::query()->count(), DB::table('original_files')->count()];
        $files = $name === 'kit.json' ? ['kit.json' => $bytes, 'bom.csv' => "Ref,Value\nR1,1k\n"] : [$name => $bytes];
        $import = $this->dropped($maker, $files)->assertStatus(202)->assertJsonPath('status', 'failed');

        self::assertStringContainsString($says, (string) $import->json('fault'));
        self::assertSame([$kits, $originals], [Kit::query()->count(), DB::table('original_files')->count()]);
        self::assertFileDoesNotExist(
            config()->string('app.files') . '/' . substr(hash('sha256', $bytes), 0, 2) . '/' . hash('sha256', $bytes),
        );
        $this->getJson('/api/kits')->assertOk();
        $this->getJson('/api/library')->assertOk();
    }

    public function test_a_quantity_beyond_all_numbers_is_a_matter_and_every_list_is_shown(): void
    {
        $maker = $this->person();
        $import = $this->dropped($maker, [
            'list.csv' => "Ref,Value,Qty\nR1,1k,1\n,hook-up wire,1e400 m\n",
        ])->assertJsonPath('status', 'done');

        self::assertContains(
            'bom.quantity-unreadable',
            array_column(
                (array) $this->getJson("/api/revisions/{$import->json('revisionId')}/documents/check")
                    ->assertOk()
                    ->json('matters'),
                'code',
            ),
        );
        $this->getJson('/api/kits')->assertOk();
        $this->getJson('/api/library')->assertOk();
    }

    public function test_an_edit_keeps_the_same_limits_and_the_draft_stays_as_it_was(): void
    {
        $revision = $this->kit();
        $maker = $this->person();
        $long = [['type' => 'line', 'target' => 'R1', 'field' => 'note', 'value' => str_repeat('x', 40_000)]];
        $this->edit($maker, $revision, 0, $long)
            ->assertStatus(422)
            ->assertJsonPath('message', 'note of R1 must be text of at most 32,000 characters.');
        $this->edit($maker, $revision, 0, [
            ['type' => 'line', 'target' => 'R1', 'field' => 'body', 'value' => [5000, 1]],
        ])->assertStatus(422);
        $this->call(
            'POST',
            "/api/revisions/{$revision->id}/edits",
            [],
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json', 'HTTP_IF_MATCH' => '"0"'],
            '{"operationId":"' .
                Str::uuid() .
                '","changes":[{"type":"line","target":"R1","field":"height","value":1e400}]}',
        )->assertStatus(422);
        $this->call(
            'POST',
            "/api/revisions/{$revision->id}/edits",
            [],
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json', 'HTTP_IF_MATCH' => '"0"'],
            '{"operationId":"' .
                Str::uuid() .
                '","changes":[{"type":"line","target":"R1","field":"note","value":' .
                str_repeat('[', 300) .
                str_repeat(']', 300) .
                '}]}',
        )->assertStatus(422);

        self::assertSame(0, $revision->refresh()->sequence);
    }

    public function test_a_kit_whose_file_is_lost_is_a_row_that_says_why_and_every_other_row_stands(): void
    {
        $maker = $this->person();
        $lost = $this->kit(['bom.csv' => "Ref,Value\nR1,1k\nR77,4k7\n"]);
        $whole = $this->kit();
        $hash = $lost->files['bom.csv'];
        unlink(config()->string('app.files') . '/' . substr($hash, 0, 2) . "/{$hash}");
        DB::table('derived_results')->delete();

        $this->actingAs($maker)
            ->getJson("/api/revisions/{$lost->id}/documents/parts")
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                static fn(string $text): bool => str_contains($text, 'Restore it from a backup'),
            );
        $this->edit($maker, $lost, 0, [
            ['type' => 'setting', 'target' => '', 'field' => 'skill', 'value' => 'practised'],
        ])->assertStatus(422);
        $rows = array_column(
            (array) $this->getJson('/api/kits?rows=100')->assertOk()->json('kits'),
            null,
            'revisionId',
        );
        self::assertStringContainsString('is missing on the server', (string) $rows[$lost->id]['fault']);
        self::assertNull($rows[$whole->id]['fault']);
        $zip = $this->get("/api/revisions/{$lost->id}/take/files.zip")->assertOk();
        self::assertStringContainsString('missing.txt', (string) $zip->getContent());
        $this->putJson("/api/kits/{$lost->kit_id}/aside", [
            'operationId' => (string) Str::uuid(),
            'aside' => true,
        ])->assertOk();
        self::assertNotContains(
            $lost->id,
            array_column((array) $this->getJson('/api/kits?rows=100')->json('kits'), 'revisionId'),
        );
    }

    public function test_lists_compute_nothing(): void
    {
        $revision = $this->kit();
        DB::table('derived_results')->delete();
        foreach (['/api/kits', '/api/library', '/api/runs', '/api/stock', '/api/orders', '/api/reports'] as $list) {
            $this->actingAs($this->person())->getJson($list)->assertOk();
        }
        self::assertSame(0, DB::table('derived_results')->count());
        self::assertNotNull(RevisionFact::query()->find($revision->id));
    }

    public function test_a_kit_or_a_revision_put_aside_comes_back(): void
    {
        $maker = $this->person();
        $before = $this->actingAs($maker)->getJson('/api/kits')->json('total');
        $revision = $this->kit();
        $this->putJson("/api/kits/{$revision->kit_id}/aside", ['operationId' => (string) Str::uuid(), 'aside' => true])
            ->assertOk()
            ->assertJsonPath('aside', true);
        self::assertSame(
            [$before, 1],
            [$this->getJson('/api/kits')->json('total'), $this->getJson('/api/kits?aside=1')->json('total')],
        );
        $this->putJson("/api/kits/{$revision->kit_id}/aside", [
            'operationId' => (string) Str::uuid(),
            'aside' => false,
        ])->assertOk();
        self::assertSame($before + 1, $this->getJson('/api/kits')->json('total'));
        self::assertNotSame([], $this->getJson('/api/library')->json('parts'));

        $copy = (int) $this->postJson("/api/revisions/{$revision->id}/revisions", [
            'operationId' => (string) Str::uuid(),
        ])->json('revisionId');
        $this->putJson("/api/revisions/{$copy}/aside", ['operationId' => (string) Str::uuid(), 'aside' => true])
            ->assertOk()
            ->assertJsonPath('revisions.0.aside', true);
        self::assertSame($revision->id, $this->getJson("/api/kits/{$revision->kit_id}")->json('revisionId'));
        $this->putJson("/api/revisions/{$revision->id}/aside", [
            'operationId' => (string) Str::uuid(),
            'aside' => true,
        ])->assertStatus(422);
    }

    public function test_what_never_left_the_workshop_is_deleted_with_its_originals_and_what_was_released_never(): void
    {
        $maker = $this->person();
        $bytes = "Ref,Value\nR9,9k1\n";
        $id = (int) $this->dropped($maker, ['mine.csv' => $bytes])
            ->assertJsonPath('status', 'done')
            ->json('revisionId');
        $draft = Revision::query()->findOrFail($id);
        $this->edit($maker, $draft, 0, [
            ['type' => 'setting', 'target' => '', 'field' => 'skill', 'value' => 'practised'],
        ])->assertOk();
        $this->deleteJson("/api/kits/{$draft->kit_id}", ['operationId' => (string) Str::uuid()])->assertNoContent();
        self::assertSame(
            [0, 0, 0],
            [
                Kit::query()->where('id', $draft->kit_id)->count(),
                DB::table('edits')->where('revision_id', $id)->count(),
                DB::table('original_files')->where('revision_id', $id)->count(),
            ],
        );
        self::assertFileDoesNotExist(
            config()->string('app.files') . '/' . substr(hash('sha256', $bytes), 0, 2) . '/' . hash('sha256', $bytes),
        );
        self::assertSame(
            $bytes,
            $this->app->make(FileStore::class)->get(hash('sha256', $bytes)),
            'who keeps the same bytes in that moment loses nothing',
        );

        $release = $this->released();
        $this->deleteJson("/api/kits/{$release->revision->kit_id}", ['operationId' => (string) Str::uuid()])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                'Test kit was released: what left the workshop is never deleted. Put it aside instead; it comes back whenever you want.',
            );
        $copy = (int) $this->postJson("/api/revisions/{$release->revision_id}/revisions", [
            'operationId' => (string) Str::uuid(),
        ])->json('revisionId');
        $this->deleteJson("/api/revisions/{$release->revision_id}", [
            'operationId' => (string) Str::uuid(),
        ])->assertStatus(422);
        $this->deleteJson("/api/revisions/{$copy}", ['operationId' => (string) Str::uuid()])
            ->assertOk()
            ->assertJsonCount(1, 'revisions');
    }

    public function test_an_import_pressed_three_times_is_one_and_a_cancelled_one_keeps_nothing(): void
    {
        $maker = $this->person();
        $operation = (string) Str::uuid();
        $ids = [];
        foreach ([1, 2, 3] as $press) {
            $ids[] = $this->dropped($maker, ['once.csv' => "Ref,Value\nR1,1k\n"], $operation)
                ->assertStatus(202)
                ->json('revisionId');
        }
        self::assertCount(1, array_unique($ids));

        $import = Import::query()->create([
            'operation_id' => (string) Str::uuid(),
            'status' => 'queued',
            'files' => [
                ['name' => 'x.csv', 'sha256' => $this->app->make(FileStore::class)->put("Ref,Value\nR5,5k1\n")],
            ],
        ]);
        $this->deleteJson("/api/imports/{$import->id}")
            ->assertOk()
            ->assertJsonPath('status', 'cancelled');
        self::assertFileDoesNotExist(
            config()->string('app.files') .
                '/' .
                substr((string) $import->files[0]['sha256'], 0, 2) .
                "/{$import->files[0]['sha256']}",
        );
    }

    /** In a process of its own, with its limits, as the shop runs. */
    public function test_a_kit_is_worked_out_apart_and_what_breaks_there_breaks_nothing_here(): void
    {
        config(['app.confined' => true]);
        $maker = $this->person();
        $told = [];
        $documents = $this->app
            ->make(Workshop::class)
            ->documents(['bom.csv' => "Ref,Value\nR1,1k\n"], [], ['shelf', 'parts'], static function (
                int $percent,
            ) use (&$told): bool {
                $told[] = $percent;

                return true;
            });
        self::assertSame(['shelf', 'parts'], array_keys($documents));
        self::assertSame(99, max($told));
        $this->dropped($maker, ['apart.csv' => "Ref,Value\nR1,1k\n"])->assertJsonPath('status', 'done');
        $this->dropped($maker, ['apart.csv' => "Colour\nred\n"])
            ->assertJsonPath('status', 'failed')
            ->assertJsonPath('headers', ['Colour']);
    }

    /** @param array<string, string> $files */
    private function dropped(User $maker, array $files, ?string $operation = null): TestResponse
    {
        return $this->actingAs($maker)->post(
            '/api/imports',
            [
                'operationId' => $operation ?? (string) Str::uuid(),
                'files' => array_map(
                    static fn(string $name, string $bytes): UploadedFile => UploadedFile::fake()->createWithContent(
                        $name,
                        $bytes,
                    ),
                    array_keys($files),
                    $files,
                ),
            ],
            ['Accept' => 'application/json'],
        );
    }
}
