<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Policies\Role;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

final class SalesTest extends TradeCase
{
    public function test_an_order_is_allocated_shipped_and_its_slip_names_the_serials(): void
    {
        [$seller, $kitId] = $this->packedKits(3);
        $id = $this->order($seller, $kitId, 'S-1', 2);
        $this->moved($seller, $id, 'allocate')->assertOk()->assertJsonPath('stage', 'allocated');
        $this->moved($seller, $id, 'ship')->assertOk()->assertJsonPath('stage', 'shipped');
        self::assertSame(
            ['onHand' => 1, 'packs' => [], 'allocated' => 0, 'shipped' => 2, 'wanted' => 0],
            $this->stock($kitId),
        );
        self::assertSame(
            ['packed', 'packed', 'packed', 'allocated', 'allocated', 'shipped', 'shipped'],
            DB::table('unit_moves')->orderBy('id')->pluck('entry')->all(),
        );
    }

    public function test_too_few_kits_allocate_nothing_and_say_how_many_there_are(): void
    {
        [$seller, $kitId] = $this->packedKits(1);
        $id = $this->order($seller, $kitId, 'S-1', 2);
        $this->moved($seller, $id, 'allocate')
            ->assertStatus(422)
            ->assertJsonPath('message', '2 of Test kit are wanted, 1 is on hand; pack more first.');
        self::assertSame(
            ['onHand' => 1, 'packs' => [], 'allocated' => 0, 'shipped' => 0, 'wanted' => 2],
            $this->stock($kitId),
        );
    }

    public function test_the_same_kit_is_never_promised_twice_and_can_be_freed(): void
    {
        [$seller, $kitId] = $this->packedKits(1);
        [$first, $second] = [$this->order($seller, $kitId, 'S-1', 1), $this->order($seller, $kitId, 'S-2', 1)];
        $this->moved($seller, $first, 'allocate')->assertOk();
        $this->moved($seller, $second, 'allocate')->assertStatus(422);
        $this->moved($seller, $first, 'free')->assertOk();
        $this->moved($seller, $second, 'allocate')->assertOk();
        $this->moved($seller, $first, 'ship')
            ->assertStatus(422)
            ->assertJsonPath('message', 'Order S-1 has nothing allocated; allocate first.');
    }

    public function test_orders_that_each_could_ship_are_told_which_of_them_do_and_what_the_others_wait_for(): void
    {
        $seller = $this->person(Role::Packer);
        $release = $this->released();
        $run = $this->run_($release, 3);
        $this->packed($seller, $run);
        $kitId = $run->release->revision->kit_id;
        $coming = $this->run_($release, 2);
        $ids = array_map(
            fn(int $quantity, int $at): int => $this->order($seller, $kitId, "S-{$at}", $quantity),
            [2, 2, 1, 2],
            range(1, 4),
        );
        $on = now()->toDateString();
        $today = ['today' => true, 'day' => $on, 'chance' => 1, 'runs' => [], 'missing' => []];
        $told = $this->actingAs($seller)->getJson('/api/orders')->assertOk();
        self::assertSame([4, 2], [$told->json('toShip'), $told->json('canShip')]);
        self::assertSame(
            [$today, [$coming->id], $today],
            [$told->json('orders.0.promise'), $told->json('orders.1.promise.runs'), $told->json('orders.2.promise')],
        );
        self::assertSame(
            [2, []],
            [$told->json('orders.3.promise.missing.0.quantity'), $told->json('orders.3.promise.runs')],
        );
        $this->moved($seller, $ids[3], 'allocate')->assertOk()->assertJsonPath('promise', null);
        $told = $this->getJson('/api/orders')->assertOk();
        self::assertSame([4, 2], [$told->json('toShip'), $told->json('canShip')]);
        self::assertSame($today, $told->json('orders.2.promise'));
        self::assertSame([$coming->id], $told->json('orders.0.promise.runs'));
        $this->packed($seller, $coming);
        self::assertSame($today, $this->getJson('/api/orders')->json('orders.0.promise'));
    }

    public function test_the_days_until_kits_are_sold_come_from_what_was_ordered(): void
    {
        [$seller, $kitId] = $this->packedKits(3);
        $out = fn(): mixed => collect(
            (array) $this->actingAs($seller)->getJson('/api/stock')->json('kits'),
        )->firstWhere('kitId', $kitId)['runsOut'];
        self::assertNull($out());
        $this->travelTo('2026-12-10');
        $this->order($seller, $kitId, 'S-1', 1);
        $told = (array) $out();
        self::assertSame([1, 3], [$told['ordered'], $told['weeks']]);
        self::assertGreaterThan('2026-12-10', $told['middle']);
        self::assertGreaterThan($told['earliest'], $told['middle']);
        $this->order($seller, $kitId, 'S-2', 2);
        self::assertSame('2026-12-10', ((array) $out())['latest']);
        $this->travelTo('2027-06-20');
        self::assertSame([0, 26], [((array) $out())['ordered'], ((array) $out())['weeks']]);
    }

    public function test_a_resent_shipment_ships_once(): void
    {
        [$seller, $kitId] = $this->packedKits(1);
        $id = $this->order($seller, $kitId, 'S-1', 1);
        $this->moved($seller, $id, 'allocate')->assertOk();
        $operation = (string) Str::uuid();
        $this->moved($seller, $id, 'ship', $operation)->assertOk();
        $this->moved($seller, $id, 'ship', $operation)->assertOk();
        self::assertSame(1, DB::table('unit_moves')->where('entry', 'shipped')->count());
    }

    public function test_two_entries_of_one_kit_cannot_have_the_same_place_in_the_book(): void
    {
        $this->packedKits(1);
        $row = (array) DB::table('unit_moves')->first();
        unset($row['id']);
        $this->expectException(QueryException::class);
        DB::table('unit_moves')->insert(['operation_id' => (string) Str::uuid()] + $row);
    }

    public function test_orders_come_from_a_table_and_known_numbers_are_left_alone(): void
    {
        [$seller, $kitId] = $this->packedKits(1);
        $csv =
            "number;date;customer;email;kit;quantity;price\nC-1;2026-11-20;Ines Caldeira;ines@example.org;test KIT;2;18,50\nC-1;2026-11-20;Ines Caldeira;ines@example.org;Test kit;1;18,50\nC-2;2026-11-21;Luc Armand;;Test kit;1;0\n";
        $this->upload($seller, $csv)->assertCreated()->assertJsonPath('booked', 2)->assertJsonPath('known', 0);
        $this->upload($seller, $csv)->assertCreated()->assertJsonPath('booked', 0)->assertJsonPath('known', 2);
        self::assertSame(4, $this->stock($kitId)['wanted']);
        self::assertSame([1850, 1850, 0], DB::table('order_lines')->orderBy('id')->pluck('unit_price')->all());
    }

    /** @return iterable<string, array{string, string}> table, part of the refusal */
    public static function badTables(): iterable
    {
        yield 'a column is missing' => [
            "number,date,customer,kit\nC-1,2026-11-20,A,Test kit\n",
            'lacks the column quantity',
        ];
        yield 'a kit that is not on the Shelf' => [
            "number,date,customer,kit,quantity\nC-1,2026-11-20,A,Lamp,1\n",
            'orders.csv, row 2, kit: "Lamp" is not on the Shelf',
        ];
        yield 'a date that is none' => [
            "number,date,customer,kit,quantity\nC-1,20.13.26,A,Test kit,1\n",
            'row 2, date: "20.13.26" is none',
        ];
        yield 'a date that can be read in two ways' => [
            "number,date,customer,kit,quantity\nC-1,03/04/2026,A,Test kit,1\n",
            'date: "03/04/2026": say whether the day or the month stands first.',
        ];
        yield 'no quantity' => [
            "number,date,customer,kit,quantity\nC-1,2026-11-20,A,Test kit,1\nC-1,2026-11-20,A,Test kit,many\n",
            'row 3, quantity: "many"',
        ];
        yield 'rows of one order that disagree' => [
            "number,date,customer,kit,quantity\nC-1,2026-11-20,A,Test kit,1\nC-1,2026-11-20,B,Test kit,1\n",
            'row 3, customer: "B", but row 2 of the same order says "A".',
        ];
        yield 'a price that is none' => [
            "number,date,customer,kit,quantity,price\nC-1,2026-11-20,A,Test kit,1,cheap\n",
            'price: "cheap"',
        ];
        yield 'nothing in it' => ["number,date,customer,kit,quantity\n", 'holds no orders'];
        yield 'a formula for a number' => [
            "number,date,customer,kit,quantity\nC-1,2026-11-20,A,Test kit,=1+1\n",
            'quantity: "=1+1"',
        ];
    }

    #[DataProvider('badTables')]
    public function test_a_bad_table_books_nothing_and_names_row_and_column(string $csv, string $says): void
    {
        [$seller] = $this->packedKits(1);
        $this->upload($seller, $csv)
            ->assertStatus(422)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, $says));
        self::assertSame(0, DB::table('orders')->count());
    }

    public function test_an_order_by_hand_with_bad_words_is_refused_field_by_field(): void
    {
        [$seller, $kitId] = $this->packedKits(1);
        $this->actingAs($seller)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => '',
                'placedOn' => 'today',
                'customer' => '',
                'email' => 'x',
                'lines' => [['kitId' => 0, 'quantity' => 0, 'price' => '-5', 'currency' => 'euro']],
            ])
            ->assertStatus(422)
            ->assertJsonValidationErrors([
                'number',
                'placedOn',
                'customer',
                'email',
                'lines.0.kitId',
                'lines.0.quantity',
                'lines.0.price',
                'lines.0.currency',
            ]);
        $this->order($seller, $kitId, 'S-1', 1);
        $this->postJson('/api/orders', [
            'operationId' => (string) Str::uuid(),
            'number' => 'S-1',
            'placedOn' => '2026-11-25',
            'customer' => 'B',
            'lines' => [['kitId' => $kitId, 'quantity' => 1]],
        ])
            ->assertStatus(422)
            ->assertJsonPath('message', 'That number is taken: the order is booked already.');
    }

    public function test_erasing_a_customer_leaves_the_book_as_it_is(): void
    {
        [$seller, $kitId] = $this->packedKits(1);
        $id = $this->order($seller, $kitId, 'S-1', 1);
        DB::table('customers')->update(['name' => '', 'email' => null, 'address' => null, 'erased_at' => now()]);
        $this->moved($seller, $id, 'allocate')->assertOk()->assertJsonPath('customer', 'erased');
    }

    /** @return array{User, int} seller and kit */
    private function packedKits(int $count): array
    {
        $seller = $this->person(Role::Packer);
        $run = $this->run_($this->released(), max(1, $count));
        $this->packed($seller, $run);

        return [$seller, $run->release->revision->kit_id];
    }

    private function order(User $seller, int $kitId, string $number, int $quantity): int
    {
        return (int) $this->actingAs($seller)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => $number,
                'placedOn' => '2026-11-25',
                'customer' => 'Gwen Tressel',
                'email' => '',
                'lines' => [['kitId' => $kitId, 'quantity' => $quantity, 'price' => '24.50']],
            ])
            ->assertCreated()
            ->json('id');
    }

    private function moved(User $seller, int $order, string $what, ?string $operation = null): TestResponse
    {
        return $this->actingAs($seller)->postJson("/api/orders/{$order}/{$what}", [
            'operationId' => $operation ?? (string) Str::uuid(),
        ]);
    }

    private function upload(User $seller, string $csv): TestResponse
    {
        return $this->actingAs($seller)->post(
            '/api/orders/file',
            ['files' => [UploadedFile::fake()->createWithContent('orders.csv', $csv)]],
            ['Accept' => 'application/json'],
        );
    }

    /** @return array<string, int> */
    private function stock(int $kitId): array
    {
        $row = array_values(
            array_filter(
                (array) $this->getJson('/api/stock')->json('kits'),
                static fn(mixed $kit): bool => is_array($kit) && $kit['kitId'] === $kitId,
            ),
        )[0];

        return array_diff_key((array) $row, ['kitId' => 0, 'kit' => 0, 'runsOut' => 0]);
    }
}
