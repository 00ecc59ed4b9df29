<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Export;
use App\Models\Shop;
use App\Models\User;
use App\Policies\Role;
use App\Queries\Export\Pages;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;

/** Sheets of buying and selling: what goes to suppliers, what customs ask; and a heap that is counted by its weight. */
final class TradePrintTest extends TradeCase
{
    private User $packer;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->packer = $this->person(Role::Packer);
    }

    public function test_customs_lines_hold_contents_weight_value_and_origin(): void
    {
        $run = $this->run_($this->released(), 3);
        $order = (int) $this->actingAs($this->packer)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => 'C-9',
                'placedOn' => '2026-11-25',
                'customer' => 'Gwen Tressel',
                'address' => 'Kelp Lane 2',
                'lines' => [
                    ['kitId' => $run->release->revision->kit_id, 'quantity' => 2, 'price' => '24.50'],
                    ['kitId' => $run->release->revision->kit_id, 'quantity' => 1, 'price' => '20'],
                ],
            ])
            ->assertCreated()
            ->json('id');
        $html = $this->page('customs-lines', $order);
        self::assertStringContainsString('For the customs form, order C-9', $html);
        self::assertStringContainsString('Kelp Lane 2', $html);
        // A resistor and a diode: half a gram a kit at most, whole grams upwards for three.
        self::assertMatchesRegularExpression(
            '~<td class="num">3</td><td>Test kit</td><td class="num">[12]</td>~',
            $html,
        );
        self::assertStringContainsString('<b>69.00</b>', $html);
        self::assertStringContainsString('The country of origin is not set', $html);
        self::assertStringContainsString('the usual one of their kind is taken', $html);
        Shop::query()->update(['country' => 'Reedland']);
        $html = $this->page('customs-lines', $order);
        self::assertStringContainsString('<td>Reedland</td>', $html);
        self::assertStringNotContainsString('not set', $html);
    }

    public function test_an_order_to_suppliers_is_a_page_for_each(): void
    {
        $kit = $this->released()->revision->kit_id;
        $this->actingAs($this->person(Role::Maker))->post(
            '/api/offers/file',
            [
                'files' => [
                    UploadedFile::fake()->createWithContent(
                        'offers.csv',
                        "part,supplier,currency,from,unit_price\n10k,Reedwire,EUR,1,0.10\n1N4148,Marl & Sons,EUR,1,0.08\n",
                    ),
                ],
            ],
            ['Accept' => 'application/json'],
        );
        $purchase = (int) $this->postJson('/api/purchases', [
            'operationId' => (string) Str::uuid(),
            'kits' => "{$kit}:20",
            'total' => (string) $this->getJson("/api/buying?kits={$kit}:20")->json('total'),
        ])
            ->assertCreated()
            ->json('id');
        $html = $this->page('purchase-order', $purchase);
        self::assertSame(2, substr_count($html, '<section class="order">'));
        self::assertStringContainsString("Order {$purchase}: Reedwire", $html);
        self::assertStringContainsString("Order {$purchase}: Marl &amp; Sons", $html);
        self::assertStringContainsString('<td class="num">20</td><td>10k, Axial 1/4W</td>', $html);
        self::assertStringContainsString('<b>2.00</b>', $html);
        self::assertStringContainsString('Without shipping.', $html);
    }

    public function test_what_is_not_there_is_not_printed_and_support_prints_no_orders(): void
    {
        foreach (['customs-lines', 'purchase-order'] as $kind) {
            $this->actingAs($this->packer)
                ->postJson('/api/exports', ['operationId' => (string) Str::uuid(), 'kind' => $kind, 'subject' => 999])
                ->assertStatus(422);
        }
        self::assertSame(0, DB::table('exports')->count());
        $run = $this->run_($this->released());
        $order = (int) $this->postJson('/api/orders', [
            'operationId' => (string) Str::uuid(),
            'number' => 'C-9',
            'placedOn' => '2026-11-25',
            'customer' => 'Gwen Tressel',
            'lines' => [['kitId' => $run->release->revision->kit_id, 'quantity' => 1]],
        ])->json('id');
        $this->actingAs($this->person(Role::Support))
            ->postJson('/api/exports', [
                'operationId' => (string) Str::uuid(),
                'kind' => 'customs-lines',
                'subject' => $order,
            ])
            ->assertForbidden();
    }

    public function test_a_heap_is_counted_by_its_weight_and_nothing_is_booked(): void
    {
        $count = fn(array $said) => $this->actingAs($this->packer)->postJson('/api/stock/count', $said);
        $count(['sample' => 10, 'sampleGrams' => 12, 'grams' => 24])
            ->assertOk()
            ->assertJsonPath('count', 20)
            ->assertJsonPath('least', 20)
            ->assertJsonPath('most', 20);
        $count(['sample' => 0, 'sampleGrams' => 0, 'grams' => -1])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['sample', 'sampleGrams', 'grams']);
        $count(['sample' => 1, 'sampleGrams' => 0.001, 'grams' => 100000])
            ->assertOk()
            ->assertJsonPath('count', 100000);
        self::assertSame(0, DB::table('lot_moves')->count());
    }

    private function page(string $kind, int $subject): string
    {
        $id = $this->actingAs($this->packer)
            ->postJson('/api/exports', ['operationId' => (string) Str::uuid(), 'kind' => $kind, 'subject' => $subject])
            ->assertSuccessful()
            ->json('id');

        return $this->app->make(Pages::class)->of(Export::query()->findOrFail($id))['html'];
    }
}
