<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Article;
use App\Models\Kit;
use App\Models\User;
use App\Policies\Role;
use Chiralex\Trade\Dealing;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Class packs are sold as they are packed, and opened by an explicit move; holes are filled at any later time. */
final class ClassPackTest extends TradeCase
{
    public function test_a_class_pack_is_on_hand_as_a_pack_and_its_kits_are_not_sold_singly(): void
    {
        $maker = $this->person(Role::Maker);
        $this->packed($maker, $this->run_($this->released(), 2, 5));

        self::assertSame([0, [['size' => 5, 'dealing' => 'kind', 'n' => 2]]], $this->stock($maker));
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
        self::assertSame([0, [['size' => 5, 'dealing' => 'kind', 'n' => 1]]], $this->stock($maker));
        $this->act($maker, $order, 'free')->assertOk();
        self::assertSame([0, [['size' => 5, 'dealing' => 'kind', 'n' => 3]]], $this->stock($maker));
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
            'articleId' => Article::query()->where('pack_size', 5)->firstOrFail()->id,
        ]);
        self::assertCount(5, (array) $open($operation)->assertCreated()->json('serials'));
        self::assertCount(5, (array) $open($operation)->assertCreated()->json('serials'));
        self::assertSame([5, []], $this->stock($maker));
        $open()->assertUnprocessable();

        $single = (int) $this->order($maker, 'S1', 5, 1)->assertCreated()->json('id');
        $this->act($maker, $single, 'allocate')->assertOk()->assertJsonPath('allocated', 5);
    }

    public function test_a_pack_of_a_kit_a_pupil_is_filled_kit_by_kit_and_is_another_article_than_one_dealt_by_part(): void
    {
        $maker = $this->person(Role::Maker);
        $run = $this->run_($this->released(), 2, 5, Dealing::ByPupil);
        self::assertSame([10, 1], [$run->packs, $run->kitsAtOnce()]);
        foreach (array_keys($run->lines) as $line) {
            for ($kit = 0; $kit < 10; ++$kit) {
                $this->pressed($maker, $run, $line === 0 && $kit === 9 ? 'short' : 'in', $line, $kit)->assertOk();
            }
        }
        self::assertSame(
            [0, [['size' => 5, 'dealing' => 'pupil', 'n' => 1]]],
            $this->stock($maker),
            'the second pack lacks a kit',
        );
        $this->pressed($maker, $run, 'fill', 0, 9)->assertOk();
        self::assertSame([0, [['size' => 5, 'dealing' => 'pupil', 'n' => 2]]], $this->stock($maker));

        $dealt = (int) $this->order($maker, 'K1', 1, 5, 'kind')->assertCreated()->json('id');
        $this->act($maker, $dealt, 'allocate')->assertUnprocessable();
        $order = (int) $this->order($maker, 'U1', 1, 5, 'pupil')->assertCreated()->json('id');
        $this->act($maker, $order, 'allocate')->assertOk()->assertJsonPath('allocated', 5);
        self::assertSame([0, [['size' => 5, 'dealing' => 'pupil', 'n' => 1]]], $this->stock($maker));
    }

    public function test_more_bags_than_a_run_holds_are_refused_with_how_many_packs_it_can_have(): void
    {
        $release = $this->released();
        $start = fn(int $packs): TestResponse => $this->actingAs($this->person(Role::Maker))->postJson('/api/runs', [
            'operationId' => (string) Str::uuid(),
            'releaseId' => $release->id,
            'packs' => $packs,
            'packSize' => 20,
            'dealing' => 'pupil',
        ]);
        $start(26)->assertJsonValidationErrors(['packs' => '25 packs of 20']);
        $start(25)->assertCreated()->assertJsonPath('packs', 500);
    }

    public function test_a_kit_with_a_hole_waits_and_is_filled_a_week_later_without_undoing_anything(): void
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
        $this->travel(7)->days();
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

    /** @return array{int, list<array{size: int, dealing: string, n: int}>} single kits and class packs on hand */
    private function stock(User $user): array
    {
        $stock = $this->actingAs($user)->getJson('/api/stock?search=Test+kit')->assertOk();

        /** @var list<array{articleId: int, size: int, dealing: string, options: string, n: int}> $packs */
        $packs = $stock->json('kits.0.packs');

        return [
            (int) $stock->json('kits.0.onHand'),
            array_map(
                static fn(array $pack): array => [
                    'size' => $pack['size'],
                    'dealing' => $pack['dealing'],
                    'n' => $pack['n'],
                ],
                $packs,
            ),
        ];
    }

    private function order(User $user, string $number, int $quantity, int $size, string $dealing = 'kind'): TestResponse
    {
        return $this->actingAs($user)->postJson('/api/orders', [
            'operationId' => (string) Str::uuid(),
            'number' => $number,
            'placedOn' => '2026-11-20',
            'customer' => 'Elin Skarp',
            'lines' => [
                [
                    'kitId' => Kit::query()->where('name', 'Test kit')->firstOrFail()->id,
                    'quantity' => $quantity,
                    'packSize' => $size,
                    'dealing' => $dealing,
                    'price' => '18.50',
                ],
            ],
        ]);
    }

    private function act(User $user, int $order, string $what): TestResponse
    {
        return $this->actingAs($user)->postJson("/api/orders/{$order}/{$what}", [
            'operationId' => (string) Str::uuid(),
        ]);
    }
}
