<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Article;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** Tables of orders as shops outside write them: looked at first, then booked. */
final class OrderTableTest extends TradeCase
{
    private const FOREIGN =
        "Order ID;Created at;Shipping name;Email;Shipping street;Shipping zip;Shipping city;Item;Qty;Unit price\n" .
        "#1001;25/11/2026;Ines Caldeira;ines@example.org;Rua Nova 5;1100;Lisboa;Test kit, green;2;18,50\n" .
        "#1001;;;;;;;TEST  kit;1;18,50\n" .
        "#1002;03/11/2026;Luc Armand;;;;;Test kit;zero;18,50\n" .
        "#1003;04/11/2026;Gwen Tressel;;;;;Test kit;1;24.50\n";
    private User $seller;
    private int $article;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seller = $this->person(Role::Packer);
        $run = $this->run_($this->released(), 5);
        $this->packed($this->seller, $run);
        $this->article = Article::query()->where('kit_id', $run->release->revision->kit_id)->firstOrFail()->id;
    }

    public function test_columns_days_and_addresses_of_a_foreign_table_are_found(): void
    {
        $told = $this->upload('/api/orders/file/read', self::FOREIGN)->assertOk();
        $columns = array_column((array) $told->json('columns'), 'column', 'field');
        self::assertSame([0, 1, 2, 3, null, 4, 5, 6, null, 7, 8, 9], array_values(array_slice($columns, 0, 12)));
        self::assertSame(['Test kit, green'], $told->json('unknown'));
        self::assertSame([1, 0, 0, 2], array_map($told->json(...), ['new', 'known', 'differ', 'bad']));
        self::assertSame(['bad', 'bad', 'new'], array_column((array) $told->json('rows'), 'state'));
        self::assertSame('2026-11-04, 1 piece, 24.50 EUR', $told->json('rows.2.says.0'));
        self::assertSame(0, DB::table('orders')->count());
    }

    public function test_good_rows_are_booked_the_others_named_and_a_name_that_was_said_is_known_from_then_on(): void
    {
        $names = ['names' => json_encode(['Test kit, green' => $this->article])];
        $this->upload('/api/orders/file', self::FOREIGN, $names)
            ->assertCreated()
            ->assertJsonPath('booked', 2)
            ->assertJsonPath('faults', ['orders.csv, row 4, quantity: "zero" is no whole number from 1 to 999.']);
        self::assertSame(['#1001', '#1003'], DB::table('orders')->orderBy('id')->pluck('number')->all());
        self::assertSame(3, (int) DB::table('order_states')->orderBy('order_id')->value('wanted'));
        self::assertSame(
            "Rua Nova 5\n1100 Lisboa",
            DB::table('customers')->where('name', 'Ines Caldeira')->value('address'),
        );
        $again = str_replace('zero', '1', self::FOREIGN);
        $this->upload('/api/orders/file', $again)
            ->assertCreated()
            ->assertJsonPath('booked', 1)
            ->assertJsonPath('known', 2)
            ->assertJsonPath('faults', []);
    }

    public function test_a_column_that_nobody_would_guess_can_be_said(): void
    {
        $csv = "a,b,c,d,e\nX-1,2026-11-25,Elin Skarp,Test kit,2\n";
        $told = $this->upload('/api/orders/file/read', $csv)->assertOk();
        self::assertSame([0, 0, []], [$told->json('new'), $told->json('bad'), $told->json('rows')]);
        $this->upload('/api/orders/file', $csv)->assertStatus(422);
        $said = ['columns' => json_encode(['number' => 0, 'date' => 1, 'customer' => 2, 'kit' => 3, 'quantity' => 4])];
        $this->upload('/api/orders/file/read', $csv, $said)->assertOk()->assertJsonPath('new', 1);
        $this->upload('/api/orders/file', $csv, $said)->assertCreated()->assertJsonPath('booked', 1);
        $this->upload('/api/orders/file/read', $csv, ['columns' => json_encode(['number' => 99])])
            ->assertOk()
            ->assertJsonPath('columns.0.column', null);
        $this->upload('/api/orders/file/read', $csv, ['columns' => '{damaged'])->assertStatus(422);
    }

    public function test_days_that_can_be_read_in_two_ways_are_asked_for_once(): void
    {
        $csv = "number,date,customer,kit,quantity\nX-1,03/04/2026,Elin Skarp,Test kit,2\n";
        $this->upload('/api/orders/file/read', $csv)->assertOk()->assertJsonPath('daysOpen', true);
        $this->upload('/api/orders/file', $csv, ['dates' => 'month'])->assertCreated();
        self::assertSame('2026-03-04', DB::table('orders')->value('placed_on'));
    }

    public function test_a_known_order_that_is_told_otherwise_is_shown_and_changed_when_wanted(): void
    {
        $csv = static fn(
            int $many,
        ): string => "number,date,customer,kit,quantity,price\nX-1,2026-11-25,Elin Skarp,Test kit,{$many},20\n";
        $this->upload('/api/orders/file', $csv(2))->assertCreated();
        $this->upload('/api/orders/file/read', $csv(2))->assertOk()->assertJsonPath('known', 1);
        $this->upload('/api/orders/file/read', $csv(3))
            ->assertOk()
            ->assertJsonPath('differ', 1)
            ->assertJsonPath('rows.0.says', ['Test kit at 20.00 EUR: 2 here, 3 in the table']);
        $this->upload('/api/orders/file', $csv(3))->assertCreated()->assertJsonPath('differ', 1);
        self::assertSame(2, (int) DB::table('order_states')->value('wanted'));
        foreach ([1, 0] as $changed) {
            $this->upload('/api/orders/file', $csv(3), ['changes' => '1'])
                ->assertCreated()
                ->assertJsonPath('changed', $changed);
        }
        self::assertSame(3, (int) DB::table('order_states')->value('wanted'));
    }

    public function test_a_change_that_takes_away_what_has_left_is_refused_by_its_row(): void
    {
        $csv = static fn(
            int $many,
        ): string => "number,date,customer,kit,quantity\nX-1,2026-11-25,Elin Skarp,Test kit,{$many}\n";
        $this->upload('/api/orders/file', $csv(2))->assertCreated();
        $id = DB::table('orders')->value('id');
        foreach (['allocate', 'ship'] as $what) {
            $this->postJson("/api/orders/{$id}/{$what}", ['operationId' => fake()->uuid()])->assertOk();
        }
        $this->upload('/api/orders/file', $csv(1), ['changes' => '1'])
            ->assertCreated()
            ->assertJsonPath('changed', 0)
            ->assertJsonPath(
                'faults.0',
                static fn(string $says): bool => str_starts_with($says, 'orders.csv, row 2: 2 of Test kit have left'),
            );
    }

    public function test_customers_are_found_again_and_who_was_erased_is_not(): void
    {
        $this->upload('/api/orders/file', str_replace('Test kit, green', 'Test kit', self::FOREIGN))->assertCreated();
        $this->getJson('/api/customers?search=CALD')
            ->assertOk()
            ->assertJsonPath('total', 1)
            ->assertJsonPath('customers.0.email', 'ines@example.org')
            ->assertJsonPath('customers.0.orders', 1);
        $this->actingAs($this->person(Role::Maker))
            ->deleteJson('/api/customers/' . DB::table('customers')->where('name', 'Ines Caldeira')->value('id'), [
                'operationId' => fake()->uuid(),
            ])
            ->assertSuccessful();
        $this->getJson('/api/customers?search=cald')->assertOk()->assertJsonPath('total', 0);
    }

    /** @param array<string, string|false> $fields */
    private function upload(string $to, string $csv, array $fields = []): TestResponse
    {
        return $this->actingAs($this->seller)->post(
            $to,
            ['files' => [UploadedFile::fake()->createWithContent('orders.csv', $csv)]] + $fields,
            ['Accept' => 'application/json'],
        );
    }
}
