<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Edit;
use App\Models\Revision;
use App\Policies\Role;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

final class EditTest extends FeatureCase
{
    private const HEIGHT = ['type' => 'line', 'target' => 'C1', 'field' => 'height', 'value' => 12.5];

    public function test_an_edit_is_kept_in_the_log_and_shows_in_the_documents(): void
    {
        $revision = $this->kit();
        $maker = $this->person();
        $this->edit($maker, $revision, 0, [self::HEIGHT])
            ->assertOk()
            ->assertJsonPath('sequence', 1);
        $this->edit($maker, $revision, 1, [
            ['type' => 'cell', 'target' => '2', 'field' => 'value', 'value' => '22k'],
        ])->assertOk();

        $lines = $this->getJson("/api/revisions/{$revision->id}/documents/parts")->json('lines');
        self::assertSame(
            ['22000', '12.5 typed in'],
            [$lines[0]['value'], "{$lines[2]['height']} {$lines[2]['heightSource']}"],
        );
        self::assertSame(2, Edit::query()->where('revision_id', $revision->id)->count());
    }

    public function test_undo_appends_the_inverse_and_the_log_only_grows(): void
    {
        $revision = $this->kit();
        $maker = $this->person();
        $this->edit($maker, $revision, 0, [self::HEIGHT]);
        $this->edit($maker, $revision, 1, [['type' => 'cell', 'target' => '2', 'field' => 'value', 'value' => '22k']]);
        foreach ([2, 3] as $seen) {
            $this->actingAs($maker)
                ->postJson(
                    "/api/revisions/{$revision->id}/undo",
                    ['operationId' => (string) Str::uuid()],
                    ['If-Match' => "\"{$seen}\""],
                )
                ->assertOk();
        }
        $lines = $this->getJson("/api/revisions/{$revision->id}/documents/parts")->json('lines');

        self::assertSame(['10000', 'package outline'], [$lines[0]['value'], $lines[2]['heightSource']]);
        self::assertSame(4, Edit::query()->where('revision_id', $revision->id)->count());
        $this->actingAs($maker)
            ->postJson(
                "/api/revisions/{$revision->id}/undo",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => '"4"'],
            )
            ->assertStatus(422)
            ->assertJsonPath('message', 'There is nothing to undo in this draft.');
    }

    public function test_a_kit_that_is_gone_is_said_in_words(): void
    {
        $answer = $this->actingAs($this->person())->getJson('/api/revisions/987654')->assertStatus(404);

        self::assertStringContainsString('not here any more', (string) $answer->json('message'));
    }

    public function test_redo_does_again_what_was_taken_back_until_something_else_is_edited(): void
    {
        $revision = $this->kit();
        $maker = $this->person();
        $turn = fn(string $way, int $seen): TestResponse => $this->actingAs($maker)->postJson(
            "/api/revisions/{$revision->id}/{$way}",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => "\"{$seen}\""],
        );
        $value = fn(): string => $this->getJson("/api/revisions/{$revision->id}/documents/parts")->json(
            'lines.0.value',
        );
        $change = static fn(string $to): array => [
            'type' => 'cell',
            'target' => '2',
            'field' => 'value',
            'value' => $to,
        ];
        $turn('redo', 0)->assertStatus(422)->assertJsonPath('message', 'There is nothing to do again in this draft.');
        $this->edit($maker, $revision, 0, [$change('22k')]);
        $this->edit($maker, $revision, 1, [$change('33k')]);
        $turn('undo', 2)->assertOk();
        self::assertSame('22000', $value());
        $turn('undo', 3)->assertOk()->assertJsonPath('undo', null);
        self::assertSame('10000', $value());
        $turn('redo', 4)->assertOk();
        $turn('redo', 5)->assertOk()->assertJsonPath('redo', null)->assertJsonPath('undo.by', $maker->name);
        self::assertSame('33000', $value());
        $turn('undo', 6)->assertOk();
        self::assertSame('22000', $value());
        $this->edit($maker, $revision, 7, [self::HEIGHT])
            ->assertOk()
            ->assertJsonPath('redo', null);
        $turn('redo', 8)->assertStatus(422);

        self::assertSame(8, Edit::query()->where('revision_id', $revision->id)->count());
    }

    public function test_the_second_editor_sees_who_changed_what_and_keeps_their_own_words(): void
    {
        $revision = $this->kit();
        $this->edit($this->person(name: 'Anna'), $revision, 0, [self::HEIGHT])->assertOk();
        $mine = [['type' => 'line', 'target' => 'C1', 'field' => 'note', 'value' => 'mind the stripe']];
        $answer = $this->edit($this->person(name: 'Ben'), $revision, 0, $mine)->assertStatus(409);

        self::assertSame(
            ['Anna', 'mind the stripe', 12.5],
            [$answer->json('theirs.0.by'), $answer->json('mine.0.value'), $answer->json('theirs.0.change.0.value')],
        );
        $this->edit($this->person(name: 'Ben'), $revision, $answer->json('sequence'), $mine)->assertOk();
    }

    public function test_a_resent_edit_is_applied_once(): void
    {
        $revision = $this->kit();
        $maker = $this->person();
        $operation = (string) Str::uuid();
        $this->edit($maker, $revision, 0, [self::HEIGHT], $operation)->assertJsonPath('sequence', 1);
        $this->edit($maker, $revision, 0, [self::HEIGHT], $operation)
            ->assertOk()
            ->assertJsonPath('sequence', 1);

        self::assertSame(1, Edit::query()->where('revision_id', $revision->id)->count());
    }

    public function test_an_edit_that_would_spoil_the_kit_is_refused_and_nothing_is_saved(): void
    {
        $revision = $this->kit();
        $maker = $this->person();
        $this->edit($maker, $revision, 0, [['type' => 'line', 'target' => 'C1', 'field' => 'hight', 'value' => 3]])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                fn(string $text): bool => str_contains($text, '"hight"') && str_contains($text, 'height'),
            );
        $this->edit($maker, $revision, 0, [
            ['type' => 'cell', 'target' => '99', 'field' => 'value', 'value' => '1k'],
        ])->assertStatus(422);
        $this->edit($maker, $revision, 0, [['type' => 'line', 'target' => 'C99', 'field' => 'height', 'value' => 3]])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                fn(string $text): bool => str_contains($text, '"C99"') && str_contains($text, 'C1'),
            );

        self::assertSame(0, Revision::query()->findOrFail($revision->id)->sequence);
        self::assertSame(0, Edit::query()->where('revision_id', $revision->id)->count());
    }

    public function test_the_log_audit_and_originals_refuse_change_in_the_database_itself(): void
    {
        $revision = $this->kit();
        $this->edit($this->person(), $revision, 0, [self::HEIGHT]);
        foreach (
            [
                'update edits set sequence = 9',
                'delete from edits',
                'delete from audit',
                'update original_files set name = \'x\'',
            ] as $statement
        ) {
            DB::beginTransaction();
            try {
                DB::statement($statement);
                self::fail("the database allowed: {$statement}");
            } catch (QueryException $refusal) {
                self::assertStringContainsString('permission denied', $refusal->getMessage());
            }
            DB::rollBack();
        }
    }

    public function test_a_move_in_the_order_is_tried_without_saving_and_kept_as_an_override(): void
    {
        $revision = $this->kit();
        $maker = $this->person();
        $move = [['parts' => ['D1'], 'after' => ['C1'], 'sameStep' => false]];
        $trial = $this->actingAs($maker)
            ->postJson("/api/revisions/{$revision->id}/order/try", ['overrides' => $move])
            ->assertOk();

        self::assertSame(
            [1, 1, true],
            [
                $trial->json('order.score.inversions'),
                $trial->json('change.by.inversions'),
                $trial->json('change.worse'),
            ],
        );
        self::assertStringStartsWith('1 inversion more', (string) $trial->json('change.text'));
        $this->postJson("/api/revisions/{$revision->id}/order/try", ['overrides' => []])->assertJsonPath('change', [
            'worse' => false,
            'by' => [],
            'text' => 'costs nothing',
        ]);
        self::assertSame(0, Revision::query()->findOrFail($revision->id)->sequence);
        $this->edit($maker, $revision, 0, [
            ['type' => 'order', 'target' => '', 'field' => '', 'value' => $move],
        ])->assertOk();
        $order = $this->getJson("/api/revisions/{$revision->id}/documents/order");
        self::assertEquals(
            [$move, ['D1']],
            [$order->json('overrides'), array_merge(...array_column($order->json('steps'), 'overridden'))],
        );
    }

    /** The browser used to weigh every school's move as lowest first does: a change of block was said to cost nothing. */
    public function test_a_move_is_weighed_as_the_school_of_the_kit_weighs_it(): void
    {
        $bom = "Ref,Value,Package\nR1,10k,Axial 1/4W\nR2,47k,Axial 1/4W\nR3,1k,Axial 1/4W\nR4,2k2,Axial 1/4W\n";
        $revision = $this->kit([
            'bom.csv' => $bom,
            'kit.json' =>
                '{"format": 1, "name": "B", "revision": "A", "settings": {"school": "block-by-block", "group": 1}, "groups": {"block": {"in": ["R1", "R2"], "out": ["R3", "R4"]}}}',
        ]);
        $move = [['parts' => ['R2'], 'after' => ['R3'], 'sameStep' => false]];
        $change = $this->actingAs($this->person())
            ->postJson("/api/revisions/{$revision->id}/order/try", ['overrides' => $move])
            ->assertOk()
            ->json('change');

        self::assertGreaterThan(0, $change['by']['blockSwitches'] ?? 0, (string) json_encode($change));
        self::assertTrue($change['worse']);
        self::assertStringContainsString('of block more', $change['text']);
    }

    public function test_what_is_said_of_the_kit_as_a_whole_is_read_back_and_undone(): void
    {
        $maker = $this->person();
        $draft = $this->kit();
        $this->edit($maker, $draft, 0, [
            ['type' => 'fact', 'target' => 'name', 'field' => '', 'value' => 'Level Crossing'],
            ['type' => 'fact', 'target' => 'groups.before', 'field' => '', 'value' => [['R1', 'R2']]],
            ['type' => 'line', 'target' => 'D1', 'field' => 'polarity', 'value' => ['mark' => 'band', 'pin' => '1']],
        ])
            ->assertOk()
            ->assertJsonPath('kit', 'Level Crossing');
        $facts = $this->getJson("/api/revisions/{$draft->id}/facts")->assertOk();
        self::assertSame('Level Crossing', $facts->json('facts')['name']);
        self::assertSame([['R1', 'R2']], $facts->json('facts')['groups.before']);
        self::assertSame(['mark' => 'band', 'pin' => '1'], $facts->json('lines')['D1']['polarity']);
        self::assertSame(['C1', 'D1', 'R1', 'R2'], $facts->json('parts'));
        self::assertContains('D1.1', (array) $facts->json('pins'));

        $this->edit($maker, $draft, 1, [['type' => 'fact', 'target' => 'weather', 'field' => '', 'value' => 'rain']])
            ->assertStatus(422)
            ->assertSee('drilling');
        $this->postJson(
            "/api/revisions/{$draft->id}/undo",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '1'],
        )->assertOk();
        self::assertNull($this->getJson("/api/revisions/{$draft->id}/facts")->json('facts')['groups.before']);
        $this->actingAs($this->person(Role::Support))
            ->getJson("/api/revisions/{$draft->id}/facts")
            ->assertOk();
    }
}
