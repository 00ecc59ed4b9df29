<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Policies\Role;
use Illuminate\Support\Str;

final class DifferenceTest extends TradeCase
{
    public function test_a_substituted_part_is_told_with_what_it_touches_and_the_kits_packed_the_old_way(): void
    {
        $maker = $this->person();
        $run = $this->run_($this->released());
        $this->packed($this->person(Role::Packer), $run);
        $old = $run->release->revision;
        $new = (int) $this->actingAs($maker)
            ->postJson("/api/revisions/{$old->id}/revisions", ['operationId' => (string) Str::uuid()])
            ->assertCreated()
            ->json('revisionId');
        $this->edit($maker, Revision::query()->findOrFail($new), 0, [
            ['type' => 'cell', 'target' => '2', 'field' => 'value', 'value' => '22k'],
        ])
            ->assertOk()
            ->assertJsonPath('others.0.revision', 'A');

        $answer = $this->getJson("/api/revisions/{$new}/difference/{$old->id}")
            ->assertOk()
            ->assertJsonPath('before', 'A')
            ->assertJsonPath('after', 'B')
            ->assertJsonCount(1, 'entries');
        self::assertSame(
            ['substituted', 'R1', ['value'], [1], 'A'],
            [
                $answer->json('entries.0.change'),
                $answer->json('entries.0.designator'),
                $answer->json('entries.0.fields'),
                $answer->json('entries.0.after.steps'),
                $answer->json('entries.0.after.bag'),
            ],
        );
        self::assertSame(
            "R1 was 10\u{2009}k\u{03A9} resistor (brown, black, orange, gold); now it is 22\u{2009}k\u{03A9} resistor (red, red, orange, gold).",
            $answer->json('entries.0.seen'),
        );
        self::assertCount(2, (array) $answer->json('packed'));
        $this->pressed($this->person(Role::Packer), $run, 'undo', 0, 0)->assertOk();
        self::assertCount(
            1,
            (array) $this->actingAs($maker)
                ->getJson("/api/revisions/{$new}/difference/{$old->id}")
                ->json('packed'),
            'a pack taken apart again is no old kit',
        );
        $this->postJson('/api/exports', [
            'operationId' => (string) Str::uuid(),
            'kind' => 'difference-slip',
            'subject' => $new,
        ])
            ->assertCreated()
            ->assertJsonPath('status', 'done')
            ->assertJsonPath('name', 'Test kit A to B difference.pdf');
    }

    public function test_the_builder_of_an_older_kit_is_told_what_the_newer_manual_says_otherwise(): void
    {
        $maker = $this->person();
        $old = $this->released();
        $run = $this->run_($old);
        $this->getJson('/api/public/' . $this->unitToken($run))
            ->assertOk()
            ->assertJsonPath('otherwise', null);
        $new = (int) $this->actingAs($maker)
            ->postJson("/api/revisions/{$old->revision_id}/revisions", ['operationId' => (string) Str::uuid()])
            ->assertCreated()
            ->json('revisionId');
        $this->edit($maker, Revision::query()->findOrFail($new), 0, [
            ['type' => 'cell', 'target' => '2', 'field' => 'value', 'value' => '22k'],
            ['type' => 'line', 'target' => 'D1', 'field' => 'mass', 'value' => 0.5],
        ])->assertOk();
        self::assertSame(
            [['bag' => 'B', 'before' => 0.13, 'after' => 0.5, 'typical' => true]],
            array_values(
                array_filter(
                    (array) $this->getJson("/api/revisions/{$new}/difference/{$old->revision_id}")->json('bags'),
                    static fn(array $each): bool => $each['bag'] === 'B',
                ),
            ),
        );
        $this->postJson(
            "/api/revisions/{$new}/release",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '"1"'],
        )->assertCreated();

        $page = $this->getJson('/api/public/' . $this->unitToken($run))
            ->assertOk()
            ->assertJsonPath('otherwise.after', 'B')
            ->assertJsonPath('manual.revision', 'A');
        self::assertSame(['R1'], array_column((array) $page->json('otherwise.entries'), 'designator'));
    }

    public function test_revisions_of_two_kits_are_not_compared(): void
    {
        $one = $this->kit(self::KIT);
        $other = $this->kit();
        $this->actingAs($this->person())
            ->getJson("/api/revisions/{$one->id}/difference/{$other->id}")
            ->assertStatus(422)
            ->assertJsonPath('message', 'Only revisions of one kit can be compared.');
    }

    public function test_reports_nobody_has_looked_at_stand_at_the_faults_station(): void
    {
        $release = $this->released();
        $this->postJson('/api/public/' . $this->token($release) . '/reports', [
            'operationId' => (string) Str::uuid(),
            'text' => 'Broken',
        ])->assertCreated();
        $matters = (array) $this->actingAs($this->person())
            ->getJson("/api/revisions/{$release->revision_id}")
            ->json('matters');
        self::assertContains('faults.open', array_column($matters, 'code'));
    }
}
