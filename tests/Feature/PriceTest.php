<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Policies\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What a kit costs step by step, and its price, from the shop's own offers, lots, bags and reports. */
final class PriceTest extends TradeCase
{
    public function test_the_stair_is_made_of_what_the_shop_knows_and_says_what_it_does_not(): void
    {
        $maker = $this->person(Role::Maker);
        $kit = $this->released()->revision->kit_id;
        $bare = $this->price($maker, $kit)->assertOk();
        self::assertSame(['10k, Axial 1/4W', '1N4148, DO-35'], $bare->json('unpriced'));
        self::assertSame([], $bare->json('said'));

        $this->offers(
            $maker,
            "part,supplier,currency,from,unit_price\n10k,Reedwire,EUR,1,0.10\n10k,Reedwire,EUR,50,0.08\n",
        );
        $this->actingAs($maker)
            ->postJson('/api/lots', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => 'd|1n4148|do-35|',
                'lot' => 'a',
                'quantity' => '10',
                'unitCost' => '0.25',
                'receivedOn' => now()->toDateString(),
            ])
            ->assertCreated();
        $sheet = $this->price($maker, $kit, 'batch=40')
            ->assertJsonPath('unpriced', [])
            ->assertJsonPath('fromLots', ['1N4148, DO-35']);
        // 40 of R1 for 4.00, or 50 for 4.00 too; 0.25 of D1.
        self::assertSame('0.35', $this->step($sheet, 'parts')['amount']);
        // An hour of 18.00 over forty kits.
        self::assertSame('0.45', $this->step($sheet, 'set-up')['amount']);
        self::assertSame('0.00', $this->step($sheet, 'support')['amount']);
        $curve = $this->getJson("/api/kits/{$kit}/curve")
            ->assertOk()
            ->json('curve');
        self::assertSame([500, 0.35, 0.33], [count((array) $curve), $curve[0], $curve[99]]);
    }

    public function test_the_batch_that_costs_least_a_year_comes_of_what_was_ordered(): void
    {
        $maker = $this->person(Role::Maker);
        $kit = $this->released()->revision->kit_id;
        $this->offers(
            $maker,
            "part,supplier,currency,from,unit_price\n10k,Reedwire,EUR,1,0.10\n1N4148,Reedwire,EUR,1,0.20\n",
        );
        $this->actingAs($maker)
            ->getJson("/api/kits/{$kit}/curve")
            ->assertOk()
            ->assertJsonPath('best', null);
        $this->postJson('/api/orders', [
            'operationId' => (string) Str::uuid(),
            'number' => 'P-2',
            'placedOn' => now()->subWeeks(9)->toDateString(),
            'customer' => 'Gwen Tressel',
            'email' => '',
            'lines' => [['kitId' => $kit, 'quantity' => 20, 'price' => '24.50']],
        ])->assertCreated();
        // Twenty in ten weeks are 104 a year; 18.00 of set-up, 0.30 of parts: the root of 2 x 104 x 18 / (0.2 x 0.3) is 249.8.
        $this->getJson("/api/kits/{$kit}/curve")
            ->assertOk()
            ->assertJsonPath('best.demand', 104)
            ->assertJsonPath('best.kits', 250);
    }

    public function test_a_price_has_its_margin_and_a_margin_its_price(): void
    {
        $maker = $this->person(Role::Maker);
        $kit = $this->released()->revision->kit_id;
        $asked = $this->price($maker, $kit, 'margin=0.5')->assertOk();
        $back = $this->price($maker, $kit, 'price=' . $asked->json('price'))->assertOk();
        self::assertGreaterThanOrEqual(0.5, $back->json('margin'));
        self::assertLessThan(0.51, $back->json('margin'));
        $this->price($maker, $kit, 'margin=0.97')
            ->assertOk()
            ->assertJsonPath('price', null)
            ->assertJsonPath('packs', []);
        $this->price($maker, $kit, 'margin=1')->assertUnprocessable();
        $this->price($maker, $kit, 'batch=0')->assertUnprocessable();
        $this->price($maker, $kit, 'batch=501')->assertUnprocessable();
        $this->price($maker, $kit, 'price=0,00')->assertUnprocessable();
        $this->price($maker, 99_999)->assertNotFound();
    }

    public function test_what_is_said_of_costs_is_kept_and_of_two_people_the_second_is_told(): void
    {
        $maker = $this->person(Role::Maker);
        $kit = $this->released()->revision->kit_id;
        $say = fn(int $version, array $facts): TestResponse => $this->actingAs($maker)->putJson(
            "/api/kits/{$kit}/price",
            ['operationId' => (string) Str::uuid(), 'version' => $version] + $facts,
        );
        $say(0, ['setUp' => '80,00', 'tax' => '.19'])
            ->assertOk()
            ->assertJsonPath('facts.setUp', '80.00')
            ->assertJsonPath('facts.tax', '0.19')
            ->assertJsonPath('said', ['setUp', 'tax'])
            ->assertJsonPath('version', 1);
        $say(0, ['setUp' => '10'])->assertStatus(409);
        $say(1, ['setUp' => '-1'])->assertUnprocessable();
        $say(1, ['setUp' => '90'])
            ->assertOk()
            ->assertJsonPath('facts.tax', '0.19');
        // A kit that nobody priced takes what is the shop's, and not the set-up of another board.
        $other = $this->released('Other kit')->revision->kit_id;
        $this->price($maker, $other)->assertJsonPath('facts.tax', '0.19')->assertJsonPath('facts.setUp', '0');
    }

    public function test_support_costs_what_the_reports_say(): void
    {
        $maker = $this->person(Role::Maker);
        $release = $this->released();
        $run = $this->run_($release, 4);
        $this->packed($maker, $run);
        $order = $this->actingAs($maker)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => 'P-1',
                'placedOn' => '2026-01-25',
                'customer' => 'Gwen Tressel',
                'email' => '',
                'lines' => [['kitId' => $release->revision->kit_id, 'quantity' => 4, 'price' => '24.50']],
            ])
            ->assertCreated()
            ->json('id');
        $this->travelTo(now()->subDays(60), function () use ($order): void {
            foreach (['allocate', 'ship'] as $deed) {
                $this->postJson("/api/orders/{$order}/{$deed}", ['operationId' => (string) Str::uuid()])->assertOk();
            }
        });
        $this->postJson("/api/public/{$this->unitToken($run)}/reports", [
            'operationId' => (string) Str::uuid(),
            'symptom' => 'nothing-happens',
            'text' => 'It stays dark.',
        ])->assertCreated();
        $sheet = $this->price($maker, $release->revision->kit_id)->assertOk();
        $support = $this->step($sheet, 'support');
        // One of four, twenty minutes at 18.00 an hour.
        self::assertSame(
            ['1', '4', '6.00'],
            [$support['figures']['reported'], $support['figures']['shipped'], $support['figures']['report']],
        );
        self::assertSame('1.50', $support['amount']);
        self::assertLessThan(1.5, (float) $support['low']);
        self::assertGreaterThan(1.5, (float) $support['high']);
    }

    public function test_whoever_answers_reports_sees_no_prices_and_a_packer_changes_none(): void
    {
        $kit = $this->released()->revision->kit_id;
        $this->price($this->person(Role::Support), $kit)->assertForbidden();
        $this->actingAs($this->person(Role::Packer))
            ->putJson("/api/kits/{$kit}/price", ['operationId' => (string) Str::uuid(), 'version' => 0])
            ->assertForbidden();
    }

    /** @return array{amount: string, low: string, high: string, figures: array<string, string>} */
    private function step(TestResponse $sheet, string $kind): array
    {
        foreach ((array) $sheet->json('steps') as $step) {
            if ($step['kind'] === $kind) {
                return $step;
            }
        }
        self::fail("there is no step {$kind}");
    }

    private function price(User $user, int $kit, string $query = ''): TestResponse
    {
        return $this->actingAs($user)->getJson("/api/kits/{$kit}/price?{$query}");
    }

    private function offers(User $user, string $csv): void
    {
        $this->actingAs($user)
            ->post(
                '/api/offers/file',
                ['files' => [UploadedFile::fake()->createWithContent('offers.csv', $csv)]],
                ['Accept' => 'application/json'],
            )
            ->assertCreated();
    }
}
