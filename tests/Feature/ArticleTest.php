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

/** A board, a case, a spare part, a parcel: articles made of parts in stock, with a price and a stock of their own. */
final class ArticleTest extends TradeCase
{
    private const R1 = ['fingerprint' => 'r|10k|axial 1/4w|', 'title' => '10k', 'unit' => 'piece', 'quantity' => '2'];

    public function test_goods_are_made_of_parts_from_their_lots_and_taken_apart_again(): void
    {
        $maker = $this->person(Role::Maker);
        $this->released();
        $this->received($maker, 'a', 3);
        $this->received($maker, 'b', 20);
        $id = $this->made($maker, 'Two resistors')->assertCreated()->assertJsonPath('unitPrice', 90)->json('id');
        $operation = (string) Str::uuid();
        $this->moved($maker, $id, 'made', 5, $operation)->assertCreated()->assertJsonPath('onHand', 5);
        $this->moved($maker, $id, 'made', 5, $operation)->assertCreated()->assertJsonPath('onHand', 5);
        self::assertSame(['a' => 0.0, 'b' => 13.0], $this->lots($maker), 'the oldest lot first, once');

        $this->moved($maker, $id, 'unmade', 4)->assertCreated()->assertJsonPath('onHand', 1);
        self::assertSame(['a' => 1.0, 'b' => 20.0], $this->lots($maker), 'the pieces taken last come back first');
        $this->moved($maker, $id, 'unmade', 2)
            ->assertUnprocessable()
            ->assertJsonPath('message', '2 of Two resistors are wanted, 1 is on hand; make more first.');
        $this->moved($maker, $id, 'scrapped', 1)->assertCreated()->assertJsonPath('onHand', 0);
        self::assertSame(['a' => 1.0, 'b' => 20.0], $this->lots($maker), 'what is thrown away gives nothing back');
    }

    public function test_an_order_holds_kits_and_goods_and_either_all_of_it_is_set_aside_or_nothing(): void
    {
        $maker = $this->person(Role::Maker);
        $this->packed($maker, $this->run_($this->released(), 1));
        $id = $this->made($maker, 'Two resistors')->json('id');
        $order = $this->ordered($maker, $id, 3);
        $this->moved($maker, $id, 'made', 2);
        $this->act($maker, $order, 'allocate')->assertUnprocessable();
        self::assertSame(0, DB::table('article_moves')->where('entry', 'allocated')->count());
        $this->moved($maker, $id, 'made', 2);
        $this->act($maker, $order, 'allocate')->assertOk()->assertJsonPath('stage', 'allocated');
        self::assertSame([1, 3, 0, 0], $this->counts($maker, $id));
        $this->act($maker, $order, 'free')->assertOk()->assertJsonPath('stage', 'open');
        self::assertSame([4, 0, 0, 3], $this->counts($maker, $id));
        $this->act($maker, $order, 'allocate')->assertOk();
        $this->act($maker, $order, 'ship')->assertOk()->assertJsonPath('stage', 'shipped');
        self::assertSame([1, 0, 3, 0], $this->counts($maker, $id));
        self::assertSame(
            ['made', 'made', 'allocated', 'freed', 'allocated', 'shipped'],
            DB::table('article_moves')->orderBy('id')->pluck('entry')->all(),
        );
    }

    public function test_orders_from_a_table_may_name_an_article(): void
    {
        $maker = $this->person(Role::Maker);
        $this->made($maker, 'Two resistors');
        $csv = "number,date,customer,kit,quantity,price\nG-1,2026-11-20,Elin Skarp,two RESISTORS,4,0.90\n";
        $this->actingAs($maker)
            ->post(
                '/api/orders/file',
                ['files' => [UploadedFile::fake()->createWithContent('orders.csv', $csv)]],
                ['Accept' => 'application/json'],
            )
            ->assertCreated()
            ->assertJsonPath('booked', 1);
        $this->getJson('/api/orders?search=resistors')->assertJsonPath('orders.0.lines.0.name', 'Two resistors');
    }

    public function test_a_lot_on_hold_goes_into_no_article(): void
    {
        $maker = $this->person(Role::Maker);
        $this->released();
        $lot = $this->received($maker, 'a', 9);
        $id = $this->made($maker, 'Two resistors')->json('id');
        $this->moved($maker, $id, 'made', 1)->assertCreated();
        $this->postJson("/api/lots/{$lot}/moves", [
            'operationId' => (string) Str::uuid(),
            'entry' => 'held',
            'note' => 'reads 100k',
        ])->assertCreated();
        $refused = $this->moved($maker, $id, 'made', 1)->assertUnprocessable();
        self::assertStringContainsString('reads 100k', (string) $refused->json('message'));
        $this->getJson("/api/lots/{$lot}/kits")
            ->assertOk()
            ->assertJsonPath('goods', [['name' => 'Two resistors', 'pieces' => 2]]);
        $this->getJson('/api/articles?search=two')->assertJsonPath('articles.0.onHand', 1);
    }

    public function test_what_is_offered_of_a_kit_is_its_bags_and_each_part_once(): void
    {
        $this->released();
        $kit = Kit::query()->where('name', 'Test kit')->firstOrFail();
        $sets = (array) $this->actingAs($this->person(Role::Maker))
            ->getJson("/api/kits/{$kit->id}/sets")
            ->assertOk()
            ->json('sets');
        self::assertContains('Test kit, bag A', array_column($sets, 'name'));
        self::assertCount(
            2,
            array_filter($sets, static fn(mixed $set): bool => is_array($set) && $set['form'] === 'spare'),
        );
    }

    public function test_bad_articles_are_refused_field_by_field_and_a_name_is_taken_once(): void
    {
        $maker = $this->person(Role::Maker);
        $this->released();
        $this->made($maker, 'Two resistors')->assertCreated();
        $this->made($maker, 'Two resistors')->assertJsonValidationErrors('name');
        $this->made($maker, 'Test kit')->assertJsonValidationErrors('name');
        $this->made($maker, "a\nb")->assertJsonValidationErrors('name');
        $this->made($maker, 'A', ['price' => 'cheap'])->assertJsonValidationErrors('price');
        $this->made($maker, 'A', ['parts' => []])->assertJsonValidationErrors('parts');
        $this->made($maker, 'A', ['parts' => [['quantity' => '0'] + self::R1]])->assertJsonValidationErrors(
            'parts.0.quantity',
        );
        $this->made($maker, 'A', ['parts' => [self::R1, self::R1]])->assertUnprocessable();
        $this->made($maker, 'A', ['form' => 'kit'])->assertJsonValidationErrors('form');
        $this->made($maker, 'A', ['operationId' => '7b3f2pare'])->assertJsonValidationErrors('operationId');
        $this->postJson('/api/orders', ['operationId' => 'none', 'number' => 'A'])->assertJsonValidationErrors(
            'operationId',
        );
        self::assertSame(1, DB::table('articles')->where('form', 'spare')->count());
    }

    public function test_two_who_price_an_article_at_once_are_told_and_one_with_stock_is_sold_on(): void
    {
        $maker = $this->person(Role::Maker);
        $id = $this->made($maker, 'Two resistors')->json('id');
        $price = fn(int $version, string $price, bool $sold = true): TestResponse => $this->putJson(
            "/api/articles/{$id}",
            [
                'operationId' => (string) Str::uuid(),
                'version' => $version,
                'price' => $price,
                'sold' => $sold,
            ],
        );
        $price(0, '1.20')->assertOk()->assertJsonPath('unitPrice', 120);
        $price(0, '1.30')->assertConflict();
        $this->moved($maker, $id, 'made', 1);
        $price(1, '1.20', false)->assertConflict();
        $this->moved($maker, $id, 'scrapped', 1);
        $price(1, '1.20', false)->assertOk();
        $this->getJson('/api/articles?search=two')->assertJsonPath('total', 0);
    }

    public function test_the_book_of_goods_only_grows(): void
    {
        $maker = $this->person(Role::Maker);
        $this->moved($maker, $this->made($maker, 'Two resistors')->json('id'), 'made', 1);
        $this->expectException(QueryException::class);
        DB::table('article_moves')->update(['quantity' => 5]);
    }

    public function test_support_sees_articles_and_neither_makes_nor_sells_them(): void
    {
        $id = $this->made($this->person(Role::Maker), 'Two resistors')->json('id');
        $support = $this->person(Role::Support);
        $this->actingAs($support)->getJson('/api/articles')->assertOk()->assertJsonPath('total', 1);
        $this->moved($support, $id, 'made', 1)->assertForbidden();
        $this->made($support, 'Other')->assertForbidden();
    }

    /** @param array<string, mixed> $more */
    private function made(User $user, string $name, array $more = []): TestResponse
    {
        return $this->actingAs($user)->postJson(
            '/api/articles',
            $more + [
                'operationId' => (string) Str::uuid(),
                'form' => 'spare',
                'name' => $name,
                'price' => '0.90',
                'parts' => [self::R1],
            ],
        );
    }

    private function moved(User $user, mixed $id, string $entry, int $quantity, ?string $operation = null): TestResponse
    {
        self::assertIsInt($id);

        return $this->actingAs($user)->postJson("/api/articles/{$id}/moves", [
            'operationId' => $operation ?? (string) Str::uuid(),
            'entry' => $entry,
            'quantity' => $quantity,
        ]);
    }

    private function ordered(User $user, mixed $article, int $quantity): int
    {
        return (int) $this->actingAs($user)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => 'A-1',
                'placedOn' => '2026-11-20',
                'customer' => 'Elin Skarp',
                'lines' => [['articleId' => $article, 'quantity' => $quantity, 'price' => '0.90']],
            ])
            ->assertCreated()
            ->json('id');
    }

    private function act(User $user, int $order, string $what): TestResponse
    {
        return $this->actingAs($user)->postJson("/api/orders/{$order}/{$what}", [
            'operationId' => (string) Str::uuid(),
        ]);
    }

    /** @return list<int> on hand, set aside, shipped, wanted */
    private function counts(User $user, mixed $id): array
    {
        /** @var list<array{id: int, onHand: int, allocated: int, shipped: int, wanted: int}> $articles */
        $articles = $this->actingAs($user)->getJson('/api/articles')->assertOk()->json('articles');
        foreach ($articles as $each) {
            if ($each['id'] === $id) {
                return [$each['onHand'], $each['allocated'], $each['shipped'], $each['wanted']];
            }
        }

        return [];
    }

    private function received(User $user, string $lot, int $quantity): int
    {
        return (int) $this->actingAs($user)
            ->postJson('/api/lots', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => self::R1['fingerprint'],
                'lot' => $lot,
                'quantity' => (string) $quantity,
                'receivedOn' => $lot === 'a' ? '2026-11-03' : '2026-11-10',
            ])
            ->assertCreated()
            ->json('allLots.0.id');
    }

    /** @return array<string, float> */
    private function lots(User $user): array
    {
        /** @var list<array{name: string, onHand: float}> $lots */
        $lots = $this->actingAs($user)
            ->getJson('/api/stock/part?fingerprint=' . urlencode(self::R1['fingerprint']))
            ->json('allLots');
        $hand = array_column($lots, 'onHand', 'name');
        ksort($hand);

        return array_map(floatval(...), $hand);
    }
}
