<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kit;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** From what a batch needs to what lies in its bins: planks, offers, the plan, the order, what comes of it. */
final class BuyingTest extends TradeCase
{
    private const SUPPLIERS = "supplier,currency,shipping,free_from,least_order,lead_days\nReedwire,EUR,4.50,20.00,,5\nMarl Parts,GBP,3.00,,,\n";
    private const OFFERS = "part,supplier,currency,from,unit_price,minimum,multiple,available\n10k,Reedwire,EUR,1,0.10,,,\n10k,Reedwire,EUR,100,0.045,,,\n10k,Marl Parts,GBP,1,0.01,,10,\n1N4148,Reedwire,EUR,1,\"0,08\",,,\n";

    public function test_a_demand_becomes_a_plan_an_order_and_lots_in_their_bins(): void
    {
        $maker = $this->person(Role::Maker);
        $kit = $this->released()->revision->kit_id;
        $this->file($maker, self::SUPPLIERS)->assertCreated()->assertJsonPath('suppliers', 2);
        $this->file($maker, self::OFFERS)->assertCreated()->assertJsonPath('offers', 3)->assertJsonPath('problems', []);
        $this->rate($maker, 'GBP', '1.20')->assertCreated()->assertJsonPath('rates.0.rate', '1.2');
        $this->received($maker, 'r|10k|axial 1/4w|', 'a', 5);

        // 45 of R1: 50 at Marl for 0.50 + 3.00 pounds are 4.20; 45 at Reedwire for 4.50. 50 of D1 at Reedwire for 4.00 + 4.50.
        $plan = $this->plan($maker, "kits={$kit}:50")
            ->assertOk()
            ->assertJsonPath('total', '12.70')
            ->assertJsonPath('proved', true)
            ->assertJsonPath('missing', [])
            ->assertJsonPath('lines.0.needed', 45)
            ->assertJsonPath('lines.0.origins', [['what' => '50 Test kit', 'pieces' => 50]])
            ->assertJsonPath('lines.0.orders.0.supplier', 'Marl Parts')
            ->assertJsonPath('lines.0.orders.0.pieces', 50)
            ->assertJsonPath('lines.0.nextBest.more', '0.30')
            ->assertJsonPath('lines.1.nextBest', null);
        self::assertSame('12.70', $plan->json('bound'));
        $this->plan($maker, "kits={$kit}:50&without=" . $this->supplier('Marl Parts'))
            ->assertOk()
            ->assertJsonPath('total', '13.00');
        $this->plan($maker, "kits={$kit}:50&rates=GBP=1.60")
            ->assertOk()
            ->assertJsonPath('total', '13.00');

        $operation = (string) Str::uuid();
        $this->ordered($maker, "{$kit}:50", '12.69')->assertStatus(409);
        $purchase = $this->ordered($maker, "{$kit}:50", '12.70', $operation)->assertCreated();
        $this->ordered($maker, "{$kit}:50", '12.70', $operation)->assertCreated();
        $this->ordered($maker, "{$kit}:50", '12.70')->assertStatus(409);
        self::assertSame(1, DB::table('purchases')->count(), 'pressed twice, and by two people, it is ordered once');
        $this->plan($maker, "kits={$kit}:50")
            ->assertJsonPath('total', '0.00')
            ->assertJsonPath('lines.0.onOrder', 50)
            ->assertJsonPath('lines.0.needed', 0);

        $line = $purchase->json('lines.0.id');
        $this->came($maker, $line, '', '50')->assertUnprocessable()->assertJsonValidationErrorFor('lot');
        $this->came($maker, $line, 'M-1', '30')->assertCreated()->assertJsonPath('lines.0.received', 30);
        $this->planks($maker, $kit)
            ->assertOk()
            ->assertJsonPath('waterline', 0)
            ->assertJsonPath('later', 50)
            ->assertJsonPath('planks.0.title', '1N4148, DO-35')
            ->assertJsonPath('planks.1.kits', 35)
            ->assertJsonPath('planks.1.laterKits', 55);
        self::assertSame(
            '0.01200000',
            DB::table('lot_states')->where('supplier', 'Marl Parts')->value('unit_cost'),
            'a penny at 1.20',
        );
        $this->deleteJson("/api/purchases/{$purchase->json('id')}")
            ->assertUnprocessable()
            ->assertJsonPath(
                'message',
                "Something of order {$purchase->json(
                    'id',
                )} has come already; say of each line that the rest will not come.",
            );
        $this->came($maker, $line, 'M-2', '5', true)->assertCreated()->assertJsonPath('lines.0.done', true);
        $this->planks($maker, $kit)->assertJsonPath('planks.1.laterKits', 40);

        // Of the other line nothing will come: it makes no lot and is awaited no more.
        $lots = DB::table('lots')->count();
        $this->came($maker, $purchase->json('lines.1.id'), '', '0')->assertUnprocessable();
        $this->came($maker, $purchase->json('lines.1.id'), '', '0', true)
            ->assertCreated()
            ->assertJsonPath('lines.1.done', true);
        self::assertSame($lots, DB::table('lots')->count());
        $this->plan($maker, "kits={$kit}:50")->assertJsonPath('lines.1.onOrder', 0);
    }

    public function test_an_order_that_was_called_off_is_awaited_no_more(): void
    {
        $maker = $this->person(Role::Maker);
        $kit = $this->released()->revision->kit_id;
        $this->file($maker, self::SUPPLIERS);
        $this->file($maker, str_replace('Marl Parts,GBP', 'Reedwire,EUR', self::OFFERS));
        $total = (string) $this->plan($maker, "kits={$kit}:3")->json('total');
        $purchase = $this->ordered($maker, "{$kit}:3", $total)->assertCreated();
        $this->deleteJson("/api/purchases/{$purchase->json('id')}")
            ->assertOk()
            ->assertJsonPath('cancelled', true);
        $this->plan($maker, "kits={$kit}:3")
            ->assertJsonPath('lines.0.onOrder', 0)
            ->assertJsonPath('total', $total);
        $this->came($maker, $purchase->json('lines.0.id'), 'a', '3')->assertUnprocessable();
    }

    public function test_a_currency_without_a_rate_stops_the_order_and_is_named(): void
    {
        $maker = $this->person(Role::Maker);
        $kit = $this->released()->revision->kit_id;
        $this->file($maker, self::SUPPLIERS);
        $this->file($maker, self::OFFERS);
        $this->plan($maker, "kits={$kit}:10")
            ->assertOk()
            ->assertJsonPath('missing', [['supplier' => 'Marl Parts', 'currency' => 'GBP']]);
        $this->ordered($maker, "{$kit}:10", '9.99')
            ->assertUnprocessable()
            ->assertJsonPath(
                'message',
                'Marl Parts sells in GBP, and nobody said what that is worth. Write the rate under Suppliers first.',
            );
        $this->rate($maker, 'EUR', '2')->assertUnprocessable()->assertJsonValidationErrorFor('currency');
        $this->rate($maker, 'GBP', '0,0')->assertUnprocessable()->assertJsonValidationErrorFor('rate');
    }

    public function test_bad_rows_are_named_by_row_and_column_and_the_others_are_booked(): void
    {
        $maker = $this->person(Role::Maker);
        $this->released();
        $csv = implode("\n", [
            'part,supplier,currency,from,unit_price,minimum,multiple,available',
            '10k,Reedwire,EUR,1,0.10,,5,',
            '10k,Reedwire,EUR,100,0.20,,5,',
            '10k,Reedwire,EUR,500,0.02,,7,',
            'unheard of,Reedwire,EUR,1,0.10,,,',
            '1N4148,Reedwire,EUR,1,ten,,,',
            '1N4148,Reedwire,USD,1,0.10,,,',
            '1N4148,Reedwire,EUR,0,0.10,,,',
            '1N4148,Reedwire,EUR,1,"0,09",,,',
        ]);
        $taken = $this->file($maker, $csv)
            ->assertCreated()
            ->assertJsonPath('offers', 2)
            ->assertJsonPath('added', ['Reedwire']);
        self::assertSame(
            ['multiple 4', 'part 5', 'unit_price 6', 'currency 7', 'from 8', 'unit_price 2'],
            array_map(
                static fn(array $problem): string => "{$problem['column']} {$problem['row']}",
                (array) $taken->json('problems'),
            ),
        );
        $this->getJson('/api/offers?search=10k')->assertOk()->assertJsonPath('offers.0.breaks.1.price', '0.2');
        $this->file($maker, $csv)->assertCreated()->assertJsonPath('offers', 0);
        $this->file($maker, "name,price\nR,1\n")->assertUnprocessable();
        $this->file($maker, '')->assertUnprocessable();
    }

    public function test_the_newest_offer_counts_and_the_book_only_grows(): void
    {
        $maker = $this->person(Role::Maker);
        $kit = $this->released()->revision->kit_id;
        $row = "part,supplier,currency,from,unit_price\n10k,Reedwire,EUR,1,%s\n1N4148,Reedwire,EUR,1,1\n";
        $this->file($maker, sprintf($row, '0.50'));
        $this->file($maker, sprintf($row, '0.20'));
        $this->plan($maker, "kits={$kit}:10")->assertJsonPath('total', '12.00');
        self::assertSame(3, DB::table('offers')->count());
        $this->expectException(QueryException::class);
        DB::table('offers')->delete();
    }

    public function test_of_two_people_who_change_a_supplier_the_second_is_told(): void
    {
        $maker = $this->person(Role::Maker);
        $terms = [
            'operationId' => (string) Str::uuid(),
            'name' => 'Reedwire',
            'currency' => 'EUR',
            'shipping' => '4,50',
        ];
        $id = $this->actingAs($maker)->postJson('/api/suppliers', $terms)->assertCreated()->json('suppliers.0.id');
        $this->postJson('/api/suppliers', ['name' => 'reedWIRE'] + $terms)->assertUnprocessable();
        $this->putJson("/api/suppliers/{$id}", ['version' => 0, 'leadDays' => 4] + $terms)
            ->assertOk()
            ->assertJsonPath('suppliers.0.leadDays', 4);
        $this->putJson("/api/suppliers/{$id}", ['version' => 0, 'leadDays' => 9] + $terms)->assertStatus(409);
    }

    public function test_what_runs_still_take_is_promised_and_bought(): void
    {
        $maker = $this->person(Role::Maker);
        $release = $this->released();
        $kit = $release->revision->kit_id;
        $this->received($maker, 'r|10k|axial 1/4w|', 'a', 10);
        $run = $this->run_($release, 4);
        $this->pressed($maker, $run, 'in', 0, 0)->assertOk();
        $planks = collect((array) $this->planks($maker, $kit)->json('planks'))->keyBy('title');
        $resistor = $planks['10k, Axial 1/4W'];
        self::assertSame([9, 3, 6], [$resistor['onHand'], $resistor['promised'], $resistor['kits']]);
        $this->plan($maker, "kits={$kit}:10")
            ->assertJsonPath('lines.0.origins.1', ['what' => "run {$run->id}", 'pieces' => 3])
            ->assertJsonPath('lines.0.needed', 4)
            ->assertJsonPath('lines.0.noOffer', true);
    }

    public function test_who_may_not_sell_sees_planks_but_no_prices(): void
    {
        $kit = $this->released()->revision->kit_id;
        $support = $this->person(Role::Support);
        $this->planks($support, $kit)->assertOk();
        $this->plan($support, "kits={$kit}:1")->assertForbidden();
        $this->getJson('/api/suppliers')->assertForbidden();
        $maker = $this->person(Role::Maker);
        foreach (
            ["kits={$kit}:0", 'kits=x', "kits={$kit}:100000", "kits={$kit}:1&rates=EUR", "kits={$kit}:1&without=7"] as $bad
        ) {
            $this->plan($maker, $bad)->assertUnprocessable();
        }
        $this->plan($maker, 'kits=99999:1')->assertNotFound();
        self::assertSame('Test kit', Kit::query()->findOrFail($kit)->name);
    }

    private function supplier(string $name): int
    {
        return (int) DB::table('suppliers')->where('name', $name)->value('id');
    }

    private function file(User $user, string $csv): TestResponse
    {
        return $this->actingAs($user)->post(
            '/api/offers/file',
            ['files' => [UploadedFile::fake()->createWithContent('offers.csv', $csv)]],
            ['Accept' => 'application/json'],
        );
    }

    private function rate(User $user, string $currency, string $rate): TestResponse
    {
        return $this->actingAs($user)->postJson('/api/rates', [
            'operationId' => (string) Str::uuid(),
            'currency' => $currency,
            'rate' => $rate,
        ]);
    }

    private function plan(User $user, string $query): TestResponse
    {
        return $this->actingAs($user)->getJson("/api/buying?{$query}");
    }

    private function planks(User $user, int $kit): TestResponse
    {
        return $this->actingAs($user)->getJson("/api/kits/{$kit}/planks");
    }

    private function ordered(User $user, string $kits, string $total, ?string $operation = null): TestResponse
    {
        return $this->actingAs($user)->postJson('/api/purchases', [
            'operationId' => $operation ?? (string) Str::uuid(),
            'kits' => $kits,
            'total' => $total,
        ]);
    }

    private function came(User $user, int $line, string $lot, string $quantity, bool $isLast = false): TestResponse
    {
        return $this->actingAs($user)->postJson("/api/purchase-lines/{$line}/receipts", [
            'operationId' => (string) Str::uuid(),
            'lot' => $lot,
            'quantity' => $quantity,
            'isLast' => $isLast,
        ]);
    }

    private function received(User $user, string $part, string $lot, int $quantity): void
    {
        $this->actingAs($user)
            ->postJson('/api/lots', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => $part,
                'lot' => $lot,
                'quantity' => (string) $quantity,
                'receivedOn' => now()->toDateString(),
            ])
            ->assertCreated();
    }
}
