<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Release\ReleaseRevision;
use App\Models\Unit;
use App\Policies\Role;
use Chiralex\Trade\Serial;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

final class PackingTest extends TradeCase
{
    public function test_a_run_gives_each_kit_a_serial_number_and_a_token_of_its_own(): void
    {
        $release = $this->released();
        $packer = $this->person(Role::Packer);
        $run = $this->actingAs($packer)
            ->postJson('/api/runs', [
                'operationId' => (string) Str::uuid(),
                'releaseId' => $release->id,
                'packs' => 2,
                'packSize' => 5,
            ])
            ->assertCreated();
        $serials = array_column(
            (array) $this->getJson("/api/runs/{$run->json('id')}/serials")->json('serials'),
            'serial',
        );
        self::assertCount(10, array_unique($serials));
        foreach ($serials as $index => $serial) {
            self::assertSame($index + 1, Serial::parse((string) $serial)->number);
        }
        self::assertSame(
            10,
            DB::table('public_tokens')
                ->whereIn('unit_id', Unit::query()->where('run_id', $run->json('id'))->pluck('id'))
                ->distinct()
                ->count('token'),
        );
    }

    public function test_numbers_go_on_where_the_last_run_ended_and_a_resend_starts_no_second_run(): void
    {
        $release = $this->released();
        $packer = $this->person(Role::Packer);
        $body = ['operationId' => (string) Str::uuid(), 'releaseId' => $release->id, 'packs' => 2, 'packSize' => 1];
        $first = $this->actingAs($packer)->postJson('/api/runs', $body)->assertCreated()->json('id');
        self::assertSame($first, $this->postJson('/api/runs', $body)->assertCreated()->json('id'));
        $second = $this->postJson('/api/runs', ['operationId' => (string) Str::uuid()] + $body)->assertCreated();
        self::assertStringStartsWith(
            'TK-A-00003-',
            (string) $this->getJson("/api/runs/{$second->json('id')}/serials")->json('serials.0.serial'),
        );
    }

    public function test_a_pack_is_in_stock_when_its_last_line_is_in_and_not_before(): void
    {
        $packer = $this->person(Role::Packer);
        $run = $this->run_($this->released());
        $lines = count($run->lines);
        $this->pressed($packer, $run, 'in', 0, 0)
            ->assertOk()
            ->assertJsonPath('turn', ['line' => 0, 'pack' => 1])
            ->assertJsonPath('packed', 0);
        $this->pressed($packer, $run, 'in', 0, 1)->assertOk();
        for ($line = 1; $line < $lines; ++$line) {
            $this->pressed($packer, $run, 'in', $line, 0)
                ->assertOk()
                ->assertJsonPath('packed', $line === $lines - 1 ? 1 : 0);
            $this->pressed($packer, $run, 'in', $line, 1)->assertOk();
        }
        self::assertSame(
            2,
            $this->getJson('/api/stock')->json('kits.' . $this->at($run->release->revision->kit_id) . '.onHand'),
        );
    }

    public function test_a_resent_key_counts_once_and_a_late_one_is_told_where_the_run_stands(): void
    {
        $packer = $this->person(Role::Packer);
        $run = $this->run_($this->released());
        $operation = (string) Str::uuid();
        $this->pressed($packer, $run, 'in', 0, 0, $operation)->assertOk();
        $this->pressed($packer, $run, 'in', 0, 0, $operation)->assertOk()->assertJsonPath('turn.pack', 1);
        $this->pressed($packer, $run, 'in', 0, 0)
            ->assertStatus(409)
            ->assertJsonPath('run.turn.pack', 1)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'line 1, pack 2'));
        self::assertSame(1, DB::table('run_events')->where('run_id', $run->id)->count());
    }

    public function test_keys_that_waited_are_booked_in_order_and_sent_again_they_are_booked_once(): void
    {
        $packer = $this->person(Role::Packer);
        $run = $this->run_($this->released(), 2);
        $keys = [
            $this->key('in', 0, 0, 0),
            $this->key('in', 0, 1, 1),
            $this->key('undo', 0, 1, 2),
            $this->key('short', 0, 1, 3),
            $this->key('in', 1, 0, 4),
        ];
        $send = fn(array $which): TestResponse => $this->actingAs($packer)->postJson("/api/runs/{$run->id}/keys", [
            'keys' => $which,
        ]);
        $send($keys)
            ->assertOk()
            ->assertJsonPath('taken', 5)
            ->assertJsonPath('change.sequence', 5)
            ->assertJsonPath('change.changed.0', ['line' => 0, 'cells' => 'is']);
        $send($keys)->assertOk()->assertJsonPath('taken', 5)->assertJsonPath('change.sequence', 5);
        self::assertSame(5, DB::table('run_events')->count());
    }

    public function test_a_key_meant_for_another_moment_is_refused_and_those_behind_it_with_it(): void
    {
        $run = $this->run_($this->released(), 3);
        $this->pressed($this->person(Role::Packer), $run, 'in', 0, 0)->assertOk();
        $answer = $this->actingAs($this->person(Role::Packer))
            ->postJson("/api/runs/{$run->id}/keys", [
                'keys' => [$this->key('in', 0, 1, 1), $this->key('in', 0, 2, 1), $this->key('in', 1, 0, 2)],
            ])
            ->assertOk()
            ->assertJsonPath('taken', 1)
            ->assertJsonPath('run.turn', ['line' => 0, 'pack' => 2]);
        self::assertStringContainsString('Somebody else pressed a key in between', (string) $answer->json('refused'));
        self::assertSame(2, DB::table('run_events')->count());
    }

    public function test_every_part_of_a_run_has_a_picture(): void
    {
        $run = $this->run_($this->released(), 1);
        $pictures = (array) $this->actingAs($this->person(Role::Packer))
            ->getJson("/api/runs/{$run->id}/pictures")
            ->assertOk()
            ->json('pictures');
        self::assertSame(['R1', 'D1'], array_keys($pictures));
    }

    public function test_the_first_packed_kit_is_photographed_and_a_new_photograph_stands_beside_the_old(): void
    {
        $packer = $this->person(Role::Packer);
        $run = $this->run_($this->released(), 1);
        $this->actingAs($packer)
            ->get("/api/runs/{$run->id}/photo", ['Accept' => 'application/json'])
            ->assertNotFound();
        $send = fn(UploadedFile $file): TestResponse => $this->actingAs($packer)->post(
            "/api/runs/{$run->id}/photo",
            ['photo' => $file],
            ['Accept' => 'application/json'],
        );
        $first = $send(UploadedFile::fake()->image('kit.jpg', 40, 30))
            ->assertCreated()
            ->json('photo');
        $second = $send(UploadedFile::fake()->image('kit.jpg', 60, 30))
            ->assertCreated()
            ->json('photo');
        self::assertNotSame($first, $second);
        self::assertSame($second, $this->getJson("/api/runs/{$run->id}")->json('photo'));
        $this->get("/api/runs/{$run->id}/photo")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        $send(UploadedFile::fake()->createWithContent('kit.jpg', '<svg onload="x"/>'))->assertUnprocessable();
        self::assertSame(2, DB::table('run_photos')->count());
    }

    /** @return array{operationId: string, action: string, line: int, pack: int, after: int} */
    private function key(string $action, int $line, int $pack, int $after): array
    {
        return ['operationId' => (string) Str::uuid()] + compact('action', 'line', 'pack', 'after');
    }

    public function test_undo_takes_a_finished_pack_out_of_stock_again_unless_it_is_promised(): void
    {
        $packer = $this->person(Role::Packer);
        $run = $this->run_($this->released(), 1);
        $this->packed($packer, $run);
        $last = count($run->lines) - 1;
        $this->pressed($packer, $run, 'undo', 0, 0)->assertOk()->assertJsonPath('packed', 0);
        $this->pressed($packer, $run, 'in', $last, 0)->assertOk()->assertJsonPath('packed', 1);
        self::assertSame(
            ['packed', 'unpacked', 'packed'],
            DB::table('unit_moves')
                ->join('units', 'units.id', '=', 'unit_id')
                ->where('run_id', $run->id)
                ->orderBy('unit_moves.id')
                ->pluck('entry')
                ->all(),
        );
        $order = $this->actingAs($packer)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => 'P-1',
                'placedOn' => '2026-11-25',
                'customer' => 'Gwen Tressel',
                'lines' => [['kitId' => $run->release->revision->kit_id, 'quantity' => 1]],
            ])
            ->assertCreated()
            ->json('id');
        $this->postJson("/api/orders/{$order}/allocate", ['operationId' => (string) Str::uuid()])->assertOk();
        $this->pressed($packer, $run, 'undo', 0, 0)
            ->assertStatus(409)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'is allocated'));
    }

    public function test_a_short_line_leaves_its_pack_out_of_stock_and_is_named(): void
    {
        $packer = $this->person(Role::Packer);
        $run = $this->run_($this->released());
        $this->pressed($packer, $run, 'in', 0, 0)->assertOk();
        $this->pressed($packer, $run, 'short', 0, 1)->assertOk();
        for ($line = 1; $line < count($run->lines); ++$line) {
            $this->pressed($packer, $run, 'in', $line, 0)->assertOk();
            $this->pressed($packer, $run, 'in', $line, 1)->assertOk();
        }
        $this->getJson("/api/runs/{$run->id}")
            ->assertJsonPath('finished', true)
            ->assertJsonPath('complete', [0])
            ->assertJsonPath('short', [0])
            ->assertJsonPath('packed', 1);
    }

    public function test_lots_are_kept_by_line_and_proposed_in_the_next_run(): void
    {
        $packer = $this->person(Role::Packer);
        $release = $this->released();
        $run = $this->run_($release);
        $this->pressed($packer, $run, 'lot', 0, 0, null, '26-311')
            ->assertOk()
            ->assertJsonPath('lots', [['26-311']]);
        $this->getJson('/api/runs/' . $this->run_($release)->id)->assertJsonPath('usualLots', ['26-311']);
        $this->pressed($packer, $run, 'lot', 0, 0)->assertStatus(422);
    }

    public function test_look_alikes_stand_beside_the_line_that_is_packed(): void
    {
        $packer = $this->person(Role::Packer);
        $revision = $this->kit([
            'kit.json' => '{"format": 1, "name": "Alike", "revision": "A", "code": "AL"}',
            'bom.csv' => "Ref,Value,Package\nR1,470 5%,Axial 1/4W\nR2,47k 5%,Axial 1/4W\n",
            'placements.csv' => "Ref,X,Y,Rotation,Side\nR1,10,10,0,top\nR2,10,20,0,top\n",
        ]);
        $release = $this->app->make(ReleaseRevision::class)($revision->id, null, (string) Str::uuid(), 0);
        $this->actingAs($packer)
            ->getJson('/api/runs/' . $this->run_($release)->id)
            ->assertJsonPath('lines.0.not.0.designators', ['R2']);
    }

    public function test_only_a_released_revision_and_only_packs_of_known_size_can_be_packed(): void
    {
        $packer = $this->person(Role::Packer);
        $this->actingAs($packer)
            ->postJson('/api/runs', [
                'operationId' => (string) Str::uuid(),
                'releaseId' => 999999,
                'packs' => 2,
                'packSize' => 1,
            ])
            ->assertStatus(422)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'release it first'));
        $this->postJson('/api/runs', [
            'operationId' => (string) Str::uuid(),
            'releaseId' => $this->released()->id,
            'packs' => 501,
            'packSize' => 7,
        ])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['packs', 'packSize']);
    }

    private function at(int $kitId): int
    {
        return (int) array_search(
            $kitId,
            array_column((array) $this->getJson('/api/stock')->json('kits'), 'kitId'),
            true,
        );
    }
}
