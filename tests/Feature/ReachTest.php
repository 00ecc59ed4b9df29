<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Release;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Node;
use Sabre\VObject\Reader;

/** How long kits last, by when parts have to be ordered, and the days of the shop as a calendar. */
final class ReachTest extends TradeCase
{
    private User $maker;
    private int $kit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 10:00:00');
        $this->maker = $this->person(Role::Maker);
        $run = $this->run_($this->released(), 4);
        $this->packed($this->maker, $run);
        $this->kit = $run->release->revision->kit_id;
        $this->lot('r|10k|axial 1/4w|', '20');
        $this->lot('d|1n4148|do-35|', '6');
    }

    public function test_kits_on_hand_and_those_that_the_parts_reach_for_are_told_with_the_part_that_ends_first(): void
    {
        $reach = $this->reach();
        // Four of the six went into the kits before the lot was noted.
        self::assertSame([4, 2, 2], [$reach['free'], $reach['packable'], $reach['later']]);
        self::assertStringContainsString('1N4148', (string) $reach['limit']);
        self::assertSame([null, null, 2], [$reach['soldOut'], $reach['orderBy'], $reach['unknownLead']]);
        $this->order('R-1', 3);
        self::assertSame(1, $this->reach()['free']);
        $this->order('R-2', 5);
        self::assertSame(-4, $this->reach()['free']);
        // A run takes its parts off the planks and brings its kits.
        $this->run_(Release::query()->firstOrFail(), 2);
        $reach = $this->reach();
        self::assertSame([-2, 2, 0], [$reach['free'], $reach['coming'], $reach['packable']]);
    }

    public function test_the_last_day_comes_from_the_supplier_that_says_how_long_it_takes(): void
    {
        $this->order('R-1', 1);
        self::assertNull($this->reach()['orderBy']);
        $this->offers("part,supplier,currency,from,unit_price\n1N4148,Fenland Parts,EUR,1,0.02\n");
        self::assertNull($this->reach()['orderBy'], 'nobody knows how long it takes');
        DB::table('suppliers')->update(['lead_days' => 5]);
        $reach = $this->reach();
        $by = (array) $reach['orderBy'];
        self::assertSame(['Fenland Parts', 5, 5], [$by['supplier'], $by['leadDays'], $by['kits']]);
        self::assertSame(1, $reach['unknownLead']);
        self::assertSame(
            now()
                ->parse((string) $by['soldOut'])
                ->subDays(5 + (int) $by['packingDays'])
                ->toDateString(),
            $by['day'],
        );
    }

    public function test_the_calendar_is_read_by_a_library_and_tells_what_ships_when(): void
    {
        $this->order('R-1', 3);
        $this->order('R-2', 3);
        $this->run_(Release::query()->firstOrFail(), 4);
        $this->offers("part,supplier,currency,from,unit_price\n1N4148,Fenland Parts,EUR,1,0.02\n");
        DB::table('suppliers')->update(['lead_days' => 5]);
        $answer = $this->actingAs($this->maker)->get('/api/calendar.ics')->assertOk();
        self::assertSame('text/calendar; charset=utf-8', $answer->headers->get('Content-Type'));
        $calendar = Reader::read((string) $answer->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $titles = [];
        foreach ($calendar->select('VEVENT') as $event) {
            self::assertInstanceOf(Node::class, $event);
            $titles[(string) $event->SUMMARY] = (string) $event->DTSTART;
        }
        self::assertSame('20261201', $titles['R-1 ships, Gwen Tressel']);
        self::assertGreaterThan('20261201', $titles['R-2 ships, Gwen Tressel']);
        self::assertArrayHasKey('Order 1N4148, DO-35 for Test kit', $titles);
        $this->actingAs($this->person(Role::Support))->get('/api/calendar.ics')->assertForbidden();
    }

    public function test_kits_that_are_none_are_left_out(): void
    {
        $this->actingAs($this->maker)
            ->getJson("/api/reach?kits=0,-3,x,{$this->kit},999999")
            ->assertOk()
            ->assertJsonCount(1, 'kits');
        $this->getJson('/api/reach')->assertOk()->assertJsonPath('kits', []);
    }

    /** @return array<string, mixed> */
    private function reach(): array
    {
        /** @var array<string, mixed> */
        return $this->actingAs($this->maker)
            ->getJson("/api/reach?kits={$this->kit}")
            ->assertOk()
            ->json('kits.0');
    }

    private function lot(string $part, string $pieces): void
    {
        $this->actingAs($this->maker)
            ->postJson('/api/lots', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => $part,
                'lot' => 'a',
                'quantity' => $pieces,
                'unitCost' => '0.02',
                'receivedOn' => '2026-11-10',
            ])
            ->assertCreated();
    }

    private function order(string $number, int $quantity): void
    {
        $this->actingAs($this->maker)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => $number,
                'placedOn' => '2026-11-25',
                'customer' => 'Gwen Tressel',
                'lines' => [['kitId' => $this->kit, 'quantity' => $quantity]],
            ])
            ->assertCreated();
    }

    private function offers(string $csv): void
    {
        $this->actingAs($this->maker)
            ->post(
                '/api/offers/file',
                ['files' => [UploadedFile::fake()->createWithContent('offers.csv', $csv)]],
                ['Accept' => 'application/json'],
            )
            ->assertSuccessful();
    }
}
