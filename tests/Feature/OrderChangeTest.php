<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Policies\Role;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Orders with several articles, changed, cancelled, back, and moved in their row. */
final class OrderChangeTest extends TradeCase
{
    private User $seller;
    private int $kit;
    private int $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seller = $this->person(Role::Packer);
        $run = $this->run_($this->released(), 5);
        $this->packed($this->seller, $run);
        $this->kit = $run->release->revision->kit_id;
        $second = $this->run_($this->released('Other kit'), 2);
        $this->packed($this->seller, $second);
        $this->other = $second->release->revision->kit_id;
    }

    public function test_an_order_of_several_articles_ships_whole(): void
    {
        $id = $this->order('C-1', [[$this->kit, 2, '24.50'], [$this->other, 1, '31,00']]);
        $this->act($id, 'allocate')->assertOk()->assertJsonPath('allocated', 3);
        $this->act($id, 'ship', ['tracking' => 'RR 12 345'])
            ->assertOk()
            ->assertJsonPath('tracking', 'RR 12 345');
        $sheet = $this->sheet($id);
        self::assertSame([1, ['tracked']], [$sheet['seen'], array_column($sheet['changes'], 'kind')]);
        self::assertCount(3, $sheet['gone']);
        self::assertSame([2450, 3100], array_column($sheet['order']['lines'], 'unitPrice'));
    }

    public function test_an_order_without_a_line_or_with_a_bad_one_is_not_booked(): void
    {
        $this->actingAs($this->seller);
        $order = fn(array $lines): TestResponse => $this->postJson('/api/orders', [
            'operationId' => (string) Str::uuid(),
            'number' => 'C-1',
            'placedOn' => '2026-11-25',
            'customer' => 'Gwen Tressel',
            'lines' => $lines,
        ]);
        $order([])->assertStatus(422);
        $good = ['kitId' => $this->kit, 'quantity' => 1, 'price' => '24.50'];
        $order([$good, ['quantity' => 0] + $good])->assertJsonValidationErrors(['lines.1.quantity']);
        $order([$good, ['kitId' => 99_999] + $good])->assertJsonValidationErrors(['lines.1.kitId']);
        $order(array_fill(0, 61, $good))->assertStatus(422);
        self::assertSame(0, DB::table('orders')->count());
        $order(array_fill(0, 60, $good))->assertCreated()->assertJsonPath('wanted', 60);
    }

    public function test_a_changed_order_wants_what_was_said_last_and_keeps_what_stood_before(): void
    {
        $id = $this->order('C-1', [[$this->kit, 2, '24.50']]);
        $this->change($id, 0, [[$this->kit, 1, '24.50'], [$this->other, 1, '30.00']])
            ->assertOk()
            ->assertJsonPath('order.wanted', 2)
            ->assertJsonPath('seen', 1)
            ->assertJsonPath('changes.0.lines', [
                ['article' => 'Other kit', 'quantity' => 1],
                ['article' => 'Test kit', 'quantity' => -1],
            ]);
        self::assertSame([2, 1, -1], DB::table('order_lines')->orderBy('id')->pluck('quantity')->all());
        $this->act($id, 'allocate')->assertOk()->assertJsonPath('stage', 'allocated');
        // Fewer than are set aside: they go back first.
        $this->change($id, 1, [[$this->kit, 1, '24.50']])
            ->assertOk()
            ->assertJsonPath('order.stage', 'open');
        self::assertSame(0, DB::table('unit_states')->where('entry', 'allocated')->count());
    }

    public function test_the_second_of_two_who_change_an_order_is_told(): void
    {
        $id = $this->order('C-1', [[$this->kit, 2, '24.50']]);
        $operation = (string) Str::uuid();
        $this->change($id, 0, [[$this->kit, 1, '24.50']], $operation)->assertOk();
        $this->change($id, 0, [[$this->kit, 1, '24.50']], $operation)->assertOk();
        $this->change($id, 0, [[$this->kit, 4, '24.50']])
            ->assertStatus(409)
            ->assertJsonPath(
                'message',
                'Somebody else changed order C-1 since you saw it; look again, then change it.',
            );
        $this->change($id, 1, [[$this->kit, 1, '24.50']])->assertStatus(409);
        self::assertSame([1, 1], [$this->sheet($id)['order']['wanted'], DB::table('order_changes')->count()]);
    }

    public function test_a_cancelled_order_frees_its_kits_waits_for_nothing_and_can_be_taken_up_again(): void
    {
        $id = $this->order('C-1', [[$this->kit, 2, '24.50']]);
        $this->act($id, 'allocate')->assertOk();
        $this->act($id, 'cancel', ['seen' => 0, 'note' => 'changed their mind'])
            ->assertOk()
            ->assertJsonPath('order.stage', 'cancelled')
            ->assertJsonPath('order.lines', [])
            ->assertJsonPath('changes.0.note', 'changed their mind');
        self::assertSame(
            5,
            DB::table('unit_states')->where('kit_id', $this->kit)->where('entry', 'freed')->count() + 3,
        );
        self::assertSame(0, $this->getJson('/api/orders')->json('toShip'));
        self::assertSame([], $this->getJson('/api/orders/strip')->json('orders'));
        $this->act($id, 'allocate')->assertOk()->assertJsonPath('allocated', 0);
        $this->act($id, 'cancel', ['seen' => 1])->assertStatus(409);
        $this->change($id, 1, [[$this->kit, 2, '24.50']])
            ->assertOk()
            ->assertJsonPath('order.stage', 'open');
    }

    public function test_what_has_left_can_neither_be_cancelled_nor_changed_away(): void
    {
        $id = $this->order('C-1', [[$this->kit, 2, '24.50']]);
        $this->act($id, 'allocate')->assertOk();
        $this->act($id, 'ship')->assertOk();
        $this->act($id, 'cancel', ['seen' => 0])
            ->assertStatus(409)
            ->assertJsonPath(
                'message',
                'Order C-1 is so already; nothing was changed. What has left is noted under Came back.',
            );
        $this->change($id, 0, [[$this->kit, 1, '24.50']])
            ->assertStatus(409)
            ->assertJsonPath(
                'message',
                '2 of Test kit have left with order C-1; what came back is noted under Came back.',
            );
        // More can be wanted; cancelled then, only what left remains.
        $this->change($id, 0, [[$this->kit, 3, '24.50']])
            ->assertOk()
            ->assertJsonPath('order.stage', 'open');
        $this->act($id, 'cancel', ['seen' => 1])
            ->assertOk()
            ->assertJsonPath('order.stage', 'shipped')
            ->assertJsonPath('order.wanted', 2);
    }

    public function test_a_kit_that_came_back_is_replaced_or_not(): void
    {
        $id = $this->order('C-1', [[$this->kit, 2, '24.50']]);
        $this->act($id, 'allocate')->assertOk();
        $this->act($id, 'ship')->assertOk();
        [$first, $second] = array_column($this->sheet($id)['gone'], 'serial');
        $this->act($id, 'return', ['serials' => ['no such'], 'again' => true])->assertStatus(409);
        $this->act($id, 'return', ['serials' => [], 'again' => true])->assertStatus(422);
        $this->act($id, 'return', ['serials' => [$first], 'again' => true, 'note' => 'board cracked'])
            ->assertOk()
            ->assertJsonPath('order.stage', 'open')
            ->assertJsonPath('order.wanted', 2)
            ->assertJsonPath('changes.0.note', 'another is sent. board cracked');
        $this->act($id, 'return', ['serials' => [$first], 'again' => true])->assertStatus(409);
        $this->act($id, 'allocate')->assertOk()->assertJsonPath('stage', 'allocated');
        $this->act($id, 'ship')->assertOk();
        $this->act($id, 'return', ['serials' => [$second], 'again' => false])
            ->assertOk()
            ->assertJsonPath('order.stage', 'shipped')
            ->assertJsonPath('order.wanted', 1);
        self::assertSame(2, DB::table('unit_states')->where('entry', 'returned')->count());
    }

    public function test_a_class_pack_comes_back_whole(): void
    {
        $run = $this->run_($this->released('Class kit'), 1, 5);
        $this->packed($this->seller, $run);
        $id = $this->order('C-1', [[$run->release->revision->kit_id, 1, '90', 5]]);
        $this->act($id, 'allocate')->assertOk();
        $this->act($id, 'ship')->assertOk();
        $serials = array_column($this->sheet($id)['gone'], 'serial');
        $this->act($id, 'return', ['serials' => [$serials[0]], 'again' => false])
            ->assertStatus(409)
            ->assertJsonPath(
                'message',
                "Kit {$serials[0]} left in a class pack of 5, which comes back whole; mark all its kits.",
            );
        $this->act($id, 'return', ['serials' => $serials, 'again' => false])
            ->assertOk()
            ->assertJsonPath('order.stage', 'cancelled');
    }

    public function test_orders_are_served_in_the_row_that_somebody_gave_them(): void
    {
        $ids = array_map(fn(int $at): int => $this->order("C-{$at}", [[$this->kit, 3, '0']]), [1, 2, 3]);
        $row = fn(): array => array_column((array) $this->getJson('/api/orders/strip')->json('orders'), 'id');
        $today = fn(): array => array_column(
            array_column((array) $this->getJson('/api/orders/strip')->json('orders'), 'promise'),
            'today',
        );
        self::assertSame([$ids, [true, false, false]], [$row(), $today()]);
        $this->act($ids[2], 'turn', ['before' => $ids[0]])
            ->assertOk()
            ->assertJsonPath('orders.0.id', $ids[2])
            ->assertJsonPath('orders.0.promise.today', true)
            ->assertJsonPath('orders.1.promise.today', false);
        for ($again = 0; $again < 30; ++$again) {
            $this->act($row()[2], 'turn', ['before' => $row()[1]])->assertOk();
        }
        self::assertSame([$ids[2], $ids[0], $ids[1]], $row());
        $this->act($ids[2], 'turn', ['before' => $ids[2]])->assertOk();
        self::assertSame([$ids[2], $ids[0], $ids[1]], $row(), 'before itself it stays');
        $this->act($ids[2], 'turn', ['before' => null])->assertOk();
        self::assertSame([$ids[0], $ids[1], $ids[2]], $row());
        $this->act($ids[0], 'cancel', ['seen' => 0])->assertOk();
        $this->act($ids[0], 'turn', ['before' => $ids[2]])->assertStatus(409);
        $this->act($ids[2], 'turn', ['before' => $ids[0]])->assertStatus(409);
        self::assertSame([$ids[1], $ids[2]], $row(), 'what has gone moves nobody');
    }

    public function test_kits_with_the_same_letters_are_numbered_in_one_row(): void
    {
        self::assertSame([1, 2, 3, 4, 5, 6, 7], DB::table('units')->orderBy('id')->pluck('number')->all());
        self::assertSame(2, DB::table('units')->distinct()->count('release_id'));
    }

    public function test_the_book_of_changes_is_append_only_and_no_line_takes_away_by_itself(): void
    {
        $id = $this->order('C-1', [[$this->kit, 2, '24.50']]);
        $line = (array) DB::table('order_lines')->where('order_id', $id)->first();
        unset($line['id']);
        $this->expectException(QueryException::class);
        DB::table('order_lines')->insert(['quantity' => -1] + $line);
    }

    /** @param list<array{0: int, 1: int, 2: string, 3?: int}> $lines kit, how many, price, pack size */
    private function order(string $number, array $lines): int
    {
        return (int) $this->actingAs($this->seller)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => $number,
                'placedOn' => '2026-11-25',
                'customer' => 'Gwen Tressel',
                'lines' => self::lines($lines),
            ])
            ->assertCreated()
            ->json('id');
    }

    /** @param list<array{0: int, 1: int, 2: string, 3?: int}> $lines */
    private function change(int $order, int $seen, array $lines, ?string $operation = null): TestResponse
    {
        return $this->act($order, 'change', ['seen' => $seen, 'lines' => self::lines($lines)], $operation);
    }

    /** @param array<string, mixed> $more */
    private function act(int $order, string $what, array $more = [], ?string $operation = null): TestResponse
    {
        return $this->postJson(
            "/api/orders/{$order}/{$what}",
            ['operationId' => $operation ?? (string) Str::uuid()] + $more,
        );
    }

    /** @return array<string, mixed> */
    private function sheet(int $order): array
    {
        /** @var array<string, mixed> */
        return $this->getJson("/api/orders/{$order}")
            ->assertOk()
            ->json();
    }

    /**
     * @param list<array{0: int, 1: int, 2: string, 3?: int}> $lines
     * @return list<array<string, mixed>>
     */
    private static function lines(array $lines): array
    {
        return array_map(
            static fn(array $line): array => [
                'kitId' => $line[0],
                'quantity' => $line[1],
                'price' => $line[2],
            ] + (isset($line[3]) ? ['packSize' => $line[3], 'dealing' => 'kind'] : []),
            $lines,
        );
    }
}
