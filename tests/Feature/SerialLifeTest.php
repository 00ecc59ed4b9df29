<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Run;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** The life of one kit, from its bag to its report, and what becomes of one that came back. */
final class SerialLifeTest extends TradeCase
{
    private User $maker;
    private Run $run;

    protected function setUp(): void
    {
        parent::setUp();
        $this->maker = $this->person(Role::Maker);
        $release = $this->released();
        $this->actingAs($this->maker)
            ->postJson('/api/lots', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => 'r|10k|axial 1/4w|',
                'lot' => 'a-7',
                'supplier' => 'Fenland Parts',
                'quantity' => '50',
                'unitCost' => '0.02',
                'receivedOn' => '2026-05-10',
            ])
            ->assertCreated();
        $this->run = $this->shippedRun($this->maker, $release, 2, '2026-06-01');
    }

    public function test_a_life_is_told_from_the_bag_to_the_report(): void
    {
        $serial = $this->serial();
        $this->postJson("/api/public/{$this->unitToken($this->run)}/reports", [
            'operationId' => (string) Str::uuid(),
            'step' => 'R1',
            'text' => 'nothing   happens at all',
        ])->assertSuccessful();
        $life = $this->life($serial)->assertJsonPath('life.entry', 'shipped')->assertJsonPath('life.may', []);
        self::assertSame(
            ['run', 'packed', 'allocated', 'shipped', 'report'],
            array_column((array) $life->json('life.events'), 'kind'),
        );
        self::assertSame('reported: nothing happens at all', $life->json('life.events.4.what'));
        self::assertSame(
            [['title' => '10k, Axial 1/4W', 'lot' => 'a-7', 'supplier' => 'Fenland Parts', 'sure' => true]],
            $life->json('life.lots'),
        );
    }

    public function test_a_serial_that_is_none_of_ours_offers_the_nearest(): void
    {
        $serial = $this->serial();
        $other = substr($serial, 0, -1) . ($serial[-1] === 'A' ? 'B' : 'A');
        $this->life($other)->assertJsonPath('life', null)->assertJsonPath('near.0', $serial);
        $this->life('')->assertJsonPath('life', null)->assertJsonPath('near', []);
        $this->life(strtolower($serial))->assertJsonPath('life.serial', $serial);
    }

    public function test_a_kit_that_came_back_is_packed_again_or_scrapped_and_no_other_way(): void
    {
        $serial = $this->serial();
        $unit = (int) DB::table('units')->where('serial', $serial)->value('id');
        $this->move($unit, 'packed')->assertStatus(422);
        $order = (int) DB::table('unit_states')->where('unit_id', $unit)->value('order_id');
        $this->postJson("/api/orders/{$order}/return", [
            'operationId' => (string) Str::uuid(),
            'serials' => [$serial],
            'again' => false,
        ])->assertOk();
        $this->life($serial)
            ->assertJsonPath('life.may', ['packed', 'scrapped'])
            ->assertJsonPath('life.order', null);
        $this->move($unit, 'scrapped')->assertStatus(422)->assertJsonPath('message', 'Say why, for the book.');
        $operation = (string) Str::uuid();
        foreach ([1, 2] as $time) {
            $this->move($unit, 'packed', '', $operation)->assertCreated()->assertJsonPath('life.entry', 'packed');
        }
        $this->move($unit, 'held', 'a scratch')
            ->assertCreated()
            ->assertJsonPath('life.may', ['freed', 'scrapped']);
        $this->move($unit, 'scrapped', 'board cracked')->assertCreated()->assertJsonPath('life.may', []);
        $this->life('')->assertJsonPath('waiting', []);
        self::assertSame(
            'scrapped: board cracked',
            array_column((array) $this->life($serial)->json('life.events'), 'what')[7],
        );
    }

    private function serial(): string
    {
        $serial = DB::table('units')->where('run_id', $this->run->id)->orderBy('id')->value('serial');
        self::assertIsString($serial);

        return $serial;
    }

    private function life(string $serial): TestResponse
    {
        return $this->actingAs($this->maker)
            ->getJson('/api/serials/life?serial=' . rawurlencode($serial))
            ->assertOk();
    }

    private function move(int $unit, string $entry, string $note = '', ?string $operation = null): TestResponse
    {
        return $this->actingAs($this->maker)->postJson("/api/units/{$unit}/moves", [
            'operationId' => $operation ?? (string) Str::uuid(),
            'entry' => $entry,
            'note' => $note,
        ]);
    }
}
