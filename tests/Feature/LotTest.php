<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Export;
use App\Models\Run;
use App\Models\Unit;
use App\Models\User;
use App\Policies\Role;
use App\Queries\Export\Pages;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Parts in stock by lot: received, packed, given back, counted, held. The kit has R1 (line 0) and D1 (line 1). */
final class LotTest extends TradeCase
{
    private const R1 = 'r|10k|axial 1/4w|';
    private const D1 = 'd|1n4148|do-35|';

    public function test_what_goes_into_a_bag_is_taken_from_the_oldest_lot_and_an_undo_gives_it_back(): void
    {
        [$packer, $run] = $this->begun(3);
        $this->receive($packer, self::R1, 'new', 100, '0.02', '2026-11-20')->assertCreated();
        $this->receive($packer, self::R1, 'old', 2, '0.01', '2026-11-03')->assertCreated();
        for ($pack = 0; $pack < 3; ++$pack) {
            $this->pressed($packer, $run, 'in', 0, $pack)->assertOk();
        }
        self::assertSame(['old' => 0.0, 'new' => 99.0], $this->onHand($packer, self::R1));

        $this->pressed($packer, $run, 'undo', 0, 0)->assertOk();
        $this->pressed($packer, $run, 'undo', 0, 0)->assertOk();
        self::assertSame(['old' => 1.0, 'new' => 100.0], $this->onHand($packer, self::R1));
    }

    public function test_a_key_sent_twice_takes_once_and_a_class_pack_takes_for_each_of_its_kits(): void
    {
        $packer = $this->person(Role::Packer);
        $run = $this->run_($this->released(), 1, 5);
        $this->receive($packer, self::R1, 'a', 50)->assertCreated();
        $operation = (string) Str::uuid();
        $this->pressed($packer, $run, 'in', 0, 0, $operation)->assertOk();
        $this->pressed($packer, $run, 'in', 0, 0, $operation)->assertOk();

        self::assertSame(['a' => 45.0], $this->onHand($packer, self::R1));
    }

    public function test_stock_below_nought_asks_for_a_count_and_never_stops_a_run(): void
    {
        [$packer, $run] = $this->begun(3);
        $this->receive($packer, self::R1, 'a', 1)->assertCreated();
        $this->packed($packer, $run);

        self::assertSame(['a' => -2.0], $this->onHand($packer, self::R1));
        self::assertSame(['' => -3.0], $this->onHand($packer, self::D1), 'nothing was ever received of it');
        $stock = $this->getJson('/api/stock/parts')->assertOk();
        self::assertSame(
            [2, true, true],
            [$stock->json('toCount'), $stock->json('parts.0.toCount'), $stock->json('parts.1.toCount')],
        );
        $lot = (int) $this->part($packer, self::R1)->json('allLots.0.id');
        $this->move($packer, $lot, 'counted', '40')->assertCreated();
        self::assertSame(['a' => 40.0], $this->onHand($packer, self::R1));
    }

    public function test_a_bin_that_is_topped_up_holds_both_lots_and_a_kit_points_at_either(): void
    {
        [$packer, $run] = $this->begun(4);
        $this->receive($packer, self::R1, 'a', 2, received: '2026-11-01')->assertCreated();
        $this->receive($packer, self::R1, 'b', 10, received: '2026-11-02')->assertCreated();
        $this->pressed($packer, $run, 'in', 0, 0)->assertOk();
        $this->pressed($packer, $run, 'lot', 0, 1, lot: 'B')->assertOk();
        $this->pressed($packer, $run, 'in', 0, 1)->assertOk();
        $this->pressed($packer, $run, 'in', 0, 2)->assertOk();

        [$a, $b] = $this->lots($packer, self::R1, ['a', 'b']);
        self::assertSame([[1, true], [2, false], [3, false]], $this->kits($packer, $a));
        self::assertSame([[2, false], [3, false]], $this->kits($packer, $b), 'they are mixed until it is emptied');

        // What is taken out of a bag again points at neither.
        $this->pressed($packer, $run, 'undo', 0, 0)->assertOk();
        self::assertSame([[2, false]], $this->kits($packer, $b));
        $first = $this->getJson("/api/lots/{$a}/kits")->json('serials.0');
        self::assertSame(['A', true], [$first['bags'] ?? null, $first['there'] ?? null]);
    }

    public function test_a_lot_on_hold_is_not_packed_until_another_lot_is_named(): void
    {
        [$packer, $run] = $this->begun(3);
        $this->receive($packer, self::R1, 'a', 9)->assertCreated();
        $this->receive($packer, self::R1, 'b', 9, received: '2026-11-21')->assertCreated();
        $this->pressed($packer, $run, 'in', 0, 0)->assertOk();
        [$a] = $this->lots($packer, self::R1, ['a']);
        $this->move($packer, $a, 'held', null, 'reads 100k')->assertCreated();
        $this->move($packer, $a, 'held', null)->assertUnprocessable();

        $refused = $this->pressed($packer, $run, 'in', 0, 1)->assertConflict();
        self::assertStringContainsString('Lot a', (string) $refused->json('message'));
        self::assertStringContainsString('reads 100k', (string) $refused->json('message'));
        self::assertSame(1, $refused->json('run.done'));
        $this->pressed($packer, $run, 'lot', 0, 1, lot: 'a')->assertConflict();

        $this->pressed($packer, $run, 'lot', 0, 1, lot: 'b')->assertOk();
        $this->pressed($packer, $run, 'in', 0, 1)->assertOk();
        self::assertSame(['a' => 8.0, 'b' => 8.0], $this->onHand($packer, self::R1));
        self::assertSame([[1, true]], $this->kits($packer, $a));
        $this->move($packer, $a, 'freed', null)->assertCreated();
    }

    public function test_a_slip_is_printed_for_exactly_the_bags_that_have_the_lot(): void
    {
        [$packer, $run] = $this->begun(2);
        $this->receive($packer, self::R1, 'a', 9)->assertCreated();
        $this->pressed($packer, $run, 'in', 0, 0)->assertOk();
        [$a] = $this->lots($packer, self::R1, ['a']);
        $this->move($packer, $a, 'held', null, 'reads <100k>')->assertCreated();
        $made = $this->postJson('/api/exports', [
            'operationId' => (string) Str::uuid(),
            'kind' => 'lot-slip',
            'subject' => $a,
        ])
            ->assertCreated()
            ->assertJsonPath('name', 'lot a bags concerned.pdf');
        $html = app(Pages::class)->of(Export::query()->findOrFail($made->json('id')))['html'];
        $serials = array_map(static fn(Unit $unit): string => $unit->serial, [
            ...Unit::query()->where('run_id', $run->id)->orderBy('number')->get(),
        ]);
        self::assertSame(
            [2, 0],
            [substr_count($html, ">{$serials[0]}<"), substr_count($html, $serials[1])],
            'in the list and on its slip; the other kit nowhere',
        );
        self::assertStringContainsString('In the shop: open these bags (1)', $html);
        self::assertStringNotContainsString('Shipped', $html);
        self::assertStringContainsString('reads &lt;100k&gt;', $html);
        self::assertStringContainsString('before you fit R1', $html);

        $this->actingAs($this->person(Role::Support));
        $this->postJson('/api/exports', [
            'operationId' => (string) Str::uuid(),
            'kind' => 'lot-slip',
            'subject' => $a,
        ])->assertForbidden();
    }

    public function test_a_lot_of_another_part_is_refused_and_a_new_name_makes_a_lot(): void
    {
        [$packer, $run] = $this->begun(2);
        $this->receive($packer, self::D1, 'L7', 9)->assertCreated();
        $refused = $this->pressed($packer, $run, 'lot', 0, 0, lot: 'l7')->assertConflict();
        self::assertStringContainsString('Lot L7 is', (string) $refused->json('message'));
        self::assertSame([], $this->part($packer, self::R1)->json('allLots'));

        $this->pressed($packer, $run, 'lot', 0, 0, lot: '24-07')->assertOk();
        $this->pressed($packer, $run, 'in', 0, 0)->assertOk();
        self::assertSame(['24-07' => -1.0], $this->onHand($packer, self::R1));
        $this->receive($packer, self::R1, '24-07', 100, '0.015')->assertCreated();
        self::assertSame(['24-07' => 99.0], $this->onHand($packer, self::R1));
        $this->receive($packer, self::R1, '24-07', 100)->assertUnprocessable();
    }

    public function test_more_than_is_there_cannot_be_wasted_and_everything_stays_in_the_book(): void
    {
        $packer = $this->person(Role::Packer);
        $this->released();
        $this->receive($packer, self::R1, 'a', 10)->assertCreated();
        [$a] = $this->lots($packer, self::R1, ['a']);
        $this->move($packer, $a, 'wasted', '11')->assertUnprocessable();
        $this->move($packer, $a, 'wasted', '10')->assertCreated();
        $this->move($packer, $a, 'returned', '3')->assertCreated();
        $this->move($packer, $a, 'corrected', '-1')->assertCreated();
        $this->move($packer, $a, 'counted', '-1')->assertUnprocessable();

        self::assertSame(['a' => 2.0], $this->onHand($packer, self::R1));
        self::assertSame(
            ['corrected', 'returned', 'wasted', 'received'],
            array_column((array) $this->part($packer, self::R1)->json('moves'), 'entry'),
        );
    }

    public function test_the_book_of_lots_only_grows(): void
    {
        $packer = $this->person(Role::Packer);
        $this->released();
        $this->receive($packer, self::R1, 'a', 10)->assertCreated();
        $this->expectException(QueryException::class);

        DB::table('lot_moves')->update(['quantity' => 1000]);
    }

    public function test_a_table_of_lots_is_booked_whole_and_once(): void
    {
        $packer = $this->person(Role::Packer);
        $this->released();
        $table =
            "part;lot;quantity;unit_cost;received;supplier\n10k;a;200;0,0125;2026-11-03;Reed & Pin\n1N4148;b;50;;;\n";
        self::assertSame(2, $this->table($packer, $table)->assertCreated()->json('received'));
        $this->table($packer, $table)->assertCreated();

        self::assertSame(['a' => 200.0], $this->onHand($packer, self::R1));
        self::assertSame(
            ['Reed & Pin', '2026-11-03', '0.0125'],
            array_values(
                array_intersect_key((array) $this->part($packer, self::R1)->json('allLots.0'), [
                    'supplier' => true,
                    'unitCost' => true,
                    'receivedOn' => true,
                ]),
            ),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function badRows(): iterable
    {
        yield 'a part of no kit' => ['9k,a,5,,', 'row 3, column part'];
        yield 'no lot' => ['1N4148,,5,,', 'row 3, column lot'];
        yield 'nothing received' => ['1N4148,a,0,,', 'row 3, column quantity'];
        yield 'less than nothing' => ['1N4148,a,-5,,', 'row 3, column quantity'];
        yield 'a price that is a word' => ['1N4148,a,5,cheap,', 'row 3, column unit_cost'];
        yield 'a day that is none' => ['1N4148,a,5,,3.11.26', 'row 3, column received'];
        yield 'a lot twice' => ['10k,A,5,,', 'row 2 has the same part and lot'];
    }

    #[DataProvider('badRows')]
    public function test_a_bad_row_is_named_with_its_column_and_nothing_is_booked(string $row, string $said): void
    {
        $packer = $this->person(Role::Packer);
        $this->released();
        $refused = $this->table($packer, "part,lot,quantity,unit_cost,received\n10k,a,200,,\n{$row}\n");

        self::assertStringContainsString($said, (string) $refused->assertUnprocessable()->json('message'));
        self::assertSame(0, DB::table('lots')->count());
    }

    public function test_the_first_piece_is_compared_with_the_list(): void
    {
        $packer = $this->person(Role::Packer);
        $this->released();
        $look = fn(array $said): TestResponse => $this->actingAs($packer)->postJson(
            '/api/stock/look',
            ['fingerprint' => self::R1] + $said,
        );

        self::assertSame('bands', $look([])->assertOk()->json('asks'));
        self::assertSame(
            'accepted',
            $look(['bands' => ['brown', 'black', 'orange', 'gold']])
                ->assertOk()
                ->json('verdict'),
        );
        $other = $look(['bands' => ['brown', 'black', 'red', 'gold']])->assertOk();
        self::assertSame(['stranger', "1\u{2009}k\u{03A9}"], [$other->json('verdict'), $other->json('readings.0')]);
        $look(['bands' => ['mauve']])->assertUnprocessable();
    }

    public function test_a_lot_that_is_doubted_is_packed_again_only_after_a_look_at_one_piece(): void
    {
        [$packer, $run] = $this->begun(3);
        $this->receive($packer, self::R1, 'a', 9)->assertCreated();
        [$a] = $this->lots($packer, self::R1, ['a']);
        $look = fn(array $bands): TestResponse => $this->actingAs($packer)->postJson('/api/stock/look', [
            'fingerprint' => self::R1,
            'lot' => $a,
            'bands' => $bands,
        ]);
        $this->move($packer, $a, 'look', null, 'a report')->assertCreated();
        $refused = $this->pressed($packer, $run, 'in', 0, 0)->assertConflict();
        self::assertStringContainsString('Look at one piece of lot a', (string) $refused->json('message'));

        $look(['brown', 'black', 'orange', 'gold'])
            ->assertOk()
            ->assertJsonPath('verdict', 'accepted');
        $this->pressed($packer, $run, 'in', 0, 0)->assertOk();
        // A wrong reading of a lot that nobody doubts changes nothing; of one that is doubted it holds it.
        $look(['brown', 'black', 'red', 'gold'])->assertOk();
        self::assertFalse($this->part($packer, self::R1)->json('allLots.0.held'));
        $this->move($packer, $a, 'look', null)->assertCreated();
        $look(['brown', 'black', 'red', 'gold'])->assertOk();
        self::assertTrue($this->part($packer, self::R1)->json('allLots.0.held'));
        self::assertStringContainsString('reads as', (string) $this->part($packer, self::R1)->json('allLots.0.note'));
    }

    public function test_only_those_who_pack_move_stock(): void
    {
        $this->released();
        $support = $this->person(Role::Support);
        $this->receive($support, self::R1, 'a', 10)->assertForbidden();
        $this->actingAs($support)->getJson('/api/stock/parts')->assertOk();
    }

    /**
     * @param int<1, 500> $packs
     * @return array{User, Run}
     */
    private function begun(int $packs): array
    {
        return [$this->person(Role::Packer), $this->run_($this->released(), $packs)];
    }

    private function receive(
        User $user,
        string $part,
        string $lot,
        int $quantity,
        string $cost = '',
        string $received = '2026-11-10',
    ): TestResponse {
        return $this->actingAs($user)->postJson('/api/lots', [
            'operationId' => (string) Str::uuid(),
            'fingerprint' => $part,
            'lot' => $lot,
            'quantity' => (string) $quantity,
            'unitCost' => $cost,
            'receivedOn' => $received,
        ]);
    }

    private function move(User $user, int $lot, string $entry, ?string $quantity, string $note = ''): TestResponse
    {
        return $this->actingAs($user)->postJson("/api/lots/{$lot}/moves", [
            'operationId' => (string) Str::uuid(),
            'entry' => $entry,
            'quantity' => $quantity,
            'note' => $note,
        ]);
    }

    private function table(User $user, string $bytes): TestResponse
    {
        return $this->actingAs($user)->post(
            '/api/lots/file',
            ['files' => [UploadedFile::fake()->createWithContent('shelf.csv', $bytes)]],
            ['Accept' => 'application/json'],
        );
    }

    private function part(User $user, string $part): TestResponse
    {
        return $this->actingAs($user)
            ->getJson('/api/stock/part?fingerprint=' . rawurlencode($part))
            ->assertOk();
    }

    /** @return array<string, float> lot to pieces, in the order of receipt */
    private function onHand(User $user, string $part): array
    {
        $lots = (array) $this->part($user, $part)->json('allLots');
        usort(
            $lots,
            static fn(array $a, array $b): int => $a['receivedOn'] <=> $b['receivedOn'] ?: $a['id'] <=> $b['id'],
        );

        return array_map(floatval(...), array_column($lots, 'onHand', 'name'));
    }

    /**
     * @param list<string> $names
     * @return list<int>
     */
    private function lots(User $user, string $part, array $names): array
    {
        $ids = array_column((array) $this->part($user, $part)->json('allLots'), 'id', 'name');

        return array_map(static fn(string $name): int => (int) $ids[$name], $names);
    }

    /** @return list<array{int, bool}> number of the kit, and whether it has pieces of the lot for sure */
    private function kits(User $user, int $lot): array
    {
        return array_map(
            static fn(array $kit): array => [(int) explode('-', (string) $kit['serial'])[2], (bool) $kit['sure']],
            (array) $this->actingAs($user)
                ->getJson("/api/lots/{$lot}/kits")
                ->assertOk()
                ->json('serials'),
        );
    }
}
