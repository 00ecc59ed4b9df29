<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Release;
use App\Policies\Role;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

final class ReleaseTest extends TradeCase
{
    public function test_a_revision_that_blocks_is_refused_with_the_first_thing_to_settle(): void
    {
        $revision = $this->kit(['bom.csv' => "Ref,Value,Package\nXY1,thing,\n"]);
        $this->actingAs($this->person())
            ->postJson(
                "/api/revisions/{$revision->id}/release",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => '"0"'],
            )
            ->assertStatus(422)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'XY1: what is it?'));
        self::assertFalse(Release::query()->where('revision_id', $revision->id)->exists());
    }

    public function test_a_release_keeps_everything_computed_and_has_an_address(): void
    {
        $maker = $this->person();
        $revision = $this->kit(self::KIT);
        $operation = (string) Str::uuid();
        $first = $this->actingAs($maker)
            ->postJson("/api/revisions/{$revision->id}/release", ['operationId' => $operation], ['If-Match' => '"0"'])
            ->assertCreated()
            ->assertJsonPath('released.code', 'TK');
        $again = $this->actingAs($maker)
            ->postJson("/api/revisions/{$revision->id}/release", ['operationId' => $operation], ['If-Match' => '"0"'])
            ->assertCreated();
        self::assertSame($first->json('released.address'), $again->json('released.address'));
        self::assertMatchesRegularExpression('~^/b/[0-9a-f]{32}$~', (string) $first->json('released.address'));
        $release = Release::query()->where('revision_id', $revision->id)->sole();
        self::assertSame(
            ['bags', 'bench', 'boards', 'check', 'manual', 'marks', 'order', 'parts', 'pictures', 'safety', 'shelf'],
            DB::table('release_documents')->where('release_id', $release->id)->orderBy('name')->pluck('name')->all(),
        );
        // What the station shows afterwards is the kept document, whatever the code would compute now.
        DB::table('derived_results')->delete();
        $this->getJson("/api/revisions/{$revision->id}/documents/bags")
            ->assertOk()
            ->assertJsonPath('bags.0.name', 'A');
    }

    public function test_a_draft_that_moved_on_is_not_released_unseen(): void
    {
        $maker = $this->person();
        $revision = $this->kit(self::KIT);
        $this->edit($maker, $revision, 0, [
            ['type' => 'line', 'target' => 'D1', 'field' => 'height', 'value' => 2.5],
        ])->assertOk();
        $this->actingAs($maker)
            ->postJson(
                "/api/revisions/{$revision->id}/release",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => '"0"'],
            )
            ->assertStatus(422)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'moved on'));
    }

    public function test_a_released_revision_takes_no_edit_and_says_what_to_do_instead(): void
    {
        $maker = $this->person();
        $release = $this->released();
        $this->edit($maker, $release->revision, 0, [
            ['type' => 'line', 'target' => 'D1', 'field' => 'height', 'value' => 2.5],
        ])
            ->assertStatus(422)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'begin a new revision'));
        $this->actingAs($maker)
            ->postJson("/api/revisions/{$release->revision_id}/revisions", ['operationId' => (string) Str::uuid()])
            ->assertCreated()
            ->assertJsonPath('revision', 'B')
            ->assertJsonPath('released', false);
    }

    /** @return iterable<string, array{string}> statements; `?` is the revision */
    public static function changes(): iterable
    {
        yield 'the files of the revision' => ["update revisions set files = '{}' where id = ?"];
        yield 'the revision itself' => ['delete from revisions where id = ?'];
        yield 'the release' => ["update releases set code = 'XX' where revision_id = ?"];
        yield 'a kept document' => [
            "update release_documents set document = '{}' where release_id = (select id from releases where revision_id = ?)",
        ];
        yield 'a document taken away' => [
            'delete from release_documents where release_id = (select id from releases where revision_id = ?)',
        ];
        yield 'an edit slipped in' => [
            "insert into edits (revision_id, sequence, user_id, operation_id, change, inverse) values (?, 9, (select min(id) from users), gen_random_uuid(), '[]', '[]')",
        ];
    }

    #[DataProvider('changes')]
    public function test_the_database_refuses_any_change_of_what_was_released(string $statement): void
    {
        $this->person();
        $release = $this->released();
        $this->expectException(QueryException::class);
        $this->expectExceptionMessageMatches('~released and does not change|append-only|permission denied~');
        DB::statement($statement, [$release->revision_id]);
    }

    public function test_a_bag_of_the_makers_choice_is_kept_shown_and_taken_back(): void
    {
        $maker = $this->person();
        $revision = $this->kit(self::KIT);
        $this->edit($maker, $revision, 0, [
            ['type' => 'bag', 'target' => 'D1', 'field' => '', 'value' => 'a'],
        ])->assertOk();
        $bags = $this->getJson("/api/revisions/{$revision->id}/documents/bags")->assertOk();
        self::assertSame(['D1'], $bags->json('bags.0.overridden'));
        $this->edit($maker, $revision, 1, [
            ['type' => 'bag', 'target' => 'D1', 'field' => '', 'value' => null],
        ])->assertOk();
        self::assertSame(
            [],
            $this->getJson("/api/revisions/{$revision->id}/documents/bags")->json('bags.0.overridden'),
        );
    }

    public function test_only_a_maker_releases(): void
    {
        $revision = $this->kit(self::KIT);
        foreach ([Role::Packer, Role::Support] as $role) {
            $this->actingAs($this->person($role))
                ->postJson(
                    "/api/revisions/{$revision->id}/release",
                    ['operationId' => (string) Str::uuid()],
                    ['If-Match' => '"0"'],
                )
                ->assertForbidden();
        }
    }
}
