<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kit;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Class packs are sold as they are packed, and opened by an explicit move; holes are filled at any later time. */
final class ClassPackTest extends TradeCase
{
    public function test_a_class_pack_is_on_hand_as_a_pack_and_its_kits_are_not_sold_singly(): void
    {
        $maker = $this->person(Role::Maker);
        $this->packed($maker, $this->run_($this->released(), 2, 5));

        self::assertSame([0, [['size' => 5, 'options' => '', 'n' => 2]]], $this->stock($maker));
        $single = (int) $this->order($maker, 'S1', 1, 1)->assertCreated()->json('id');
        $refused = $this->act($maker, $single, 'allocate')->assertUnprocessable();
        self::assertStringContainsString('0 are on hand', (string) $refused->json('message'));
    }

    public function test_an_order_of_class_packs_takes_whole_packs_and_ships_all_their_kits(): void
    {
        $maker = $this->person(Role::Maker);
        $this->packed($maker, $this->run_($this->released(), 3, 5));
        $order = (int) $this->order($maker, 'P1', 2, 5)->assertCreated()->json('id');
        self::assertSame(10, $this->getJson('/api/orders?search=P1')->json('orders.0.wanted'));

        $this->act($maker, $order, 'allocate')->assertOk()->assertJsonPath('allocated', 10);
        self::assertSame([0, [['size' => 5, 'options' => '', 'n' => 1]]], $this->stock($maker));
        $this->act($maker, $order, 'free')->assertOk();
        self::assertSame([0, [['size' => 5, 'options' => '', 'n' => 3]]], $this->stock($maker));
        $this->act($maker, $order, 'allocate')->assertOk();
        $this->act($maker, $order, 'ship')->assertOk()->assertJsonPath('stage', 'shipped');
    }

    public function test_a_pack_that_is_opened_becomes_single_kits_once(): void
    {
        $maker = $this->person(Role::Maker);
        $this->packed($maker, $this->run_($this->released(), 1, 5));
        $operation = (string) Str::uuid();
        $open = fn(?string $id = null): TestResponse => $this->actingAs($maker)->postJson('/api/packs/open', [
            'operationId' => $id ?? (string) Str::uuid(),
            'kitId' => Kit::query()->where('name', 'Test kit')->firstOrFail()->id,
            'packSize' => 5,
        ]);
        self::assertCount(5, (array) $open($operation)->assertCreated()->json('serials'));
        self::assertCount(5, (array) $open($operation)->assertCreated()->json('serials'));
        self::assertSame([5, []], $this->stock($maker));
        $open()->assertUnprocessable();

        $single = (int) $this->order($maker, 'S1', 5, 1)->assertCreated()->json('id');
        $this->act($maker, $single, 'allocate')->assertOk()->assertJsonPath('allocated', 5);
    }

    public function test_a_kit_with_a_hole_waits_and_is_filled_later_without_undoing_anything(): void
    {
        $maker = $this->person(Role::Maker);
        $run = $this->run_($this->released(), 2);
        $this->pressed($maker, $run, 'short', 0, 0)->assertOk();
        $this->pressed($maker, $run, 'in', 0, 1)->assertOk();
        $this->pressed($maker, $run, 'in', 1, 0)->assertOk();
        $finished = $this->pressed($maker, $run, 'in', 1, 1)->assertOk();
        self::assertSame(
            [true, 1, [['pack' => 0, 'lines' => [0], 'canBeFilled' => false]]],
            [$finished->json('finished'), $finished->json('packed'), $finished->json('holes')],
        );
        $this->actingAs($maker)
            ->postJson('/api/lots', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => 'r|10k|axial 1/4w|',
                'lot' => 'late',
                'quantity' => '3',
                'receivedOn' => '2026-11-20',
            ])
            ->assertCreated();
        self::assertTrue($this->getJson("/api/runs/{$run->id}")->json('holes.0.canBeFilled'));

        $operation = (string) Str::uuid();
        $this->pressed($maker, $run, 'fill', 0, 0, $operation)->assertOk()->assertJsonPath('packed', 2);
        $this->pressed($maker, $run, 'fill', 0, 0, $operation)->assertOk();
        $this->pressed($maker, $run, 'fill', 0, 0)->assertConflict();
        self::assertSame([2, []], $this->stock($maker));
        // One went into the second kit before, below nought, and one into the hole.
        self::assertSame(
            1.0,
            (float) $this->getJson('/api/stock/part?fingerprint=r%7C10k%7Caxial%201/4w%7C')->json('onHand'),
        );

        $this->pressed($maker, $run, 'undo', 0, 0)->assertOk()->assertJsonPath('packed', 1);
        self::assertSame(
            2.0,
            (float) $this->getJson('/api/stock/part?fingerprint=r%7C10k%7Caxial%201/4w%7C')->json('onHand'),
        );
    }

    /** @return array{int, list<array{size: int, options: string, n: int}>} single kits and class packs on hand */
    private function stock(User $user): array
    {
        $stock = $this->actingAs($user)->getJson('/api/stock?search=Test+kit')->assertOk();

        return [(int) $stock->json('kits.0.onHand'), (array) $stock->json('kits.0.packs')];
    }

    private function order(User $user, string $number, int $quantity, int $size): TestResponse
    {
        return $this->actingAs($user)->postJson('/api/orders', [
            'operationId' => (string) Str::uuid(),
            'number' => $number,
            'placedOn' => '2026-11-20',
            'customer' => 'Elin Skarp',
            'kitId' => Kit::query()->where('name', 'Test kit')->firstOrFail()->id,
            'quantity' => $quantity,
            'packSize' => $size,
            'price' => '18.50',
        ]);
    }

    private function act(User $user, int $order, string $what): TestResponse
    {
        return $this->actingAs($user)->postJson("/api/orders/{$order}/{$what}", [
            'operationId' => (string) Str::uuid(),
        ]);
    }
}
