<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\SendMail;
use App\Models\Lot;
use App\Models\Mail;
use App\Models\Release;
use App\Models\UnitState;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A bad lot is stopped in one go: pieces, kits in the shop, letters to those who have it; and all of it is taken back. */
final class LotStopTest extends TradeCase
{
    private const D1 = 'd|1n4148|do-35|';

    private User $maker;
    private Release $release;
    private int $lot;

    /** Four kits with diodes of one lot: two shipped, one set aside, one on the shelf. */
    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake([SendMail::class]);
        $this->maker = $this->person(Role::Maker);
        $this->release = $this->released();
        $this->actingAs($this->maker)
            ->postJson('/api/lots', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => self::D1,
                'lot' => '26-118',
                'quantity' => '50',
                'unitCost' => '0.02',
                'receivedOn' => '2026-11-10',
            ])
            ->assertCreated();
        $this->lot = Lot::query()->where('name', '26-118')->firstOrFail()->id;
        $this->packed($this->maker, $this->run_($this->release, 4));
        $this->order('S-1', 2, 'gwen@example.org', true);
        $this->order('S-2', 1, 'jost@example.org', false);
    }

    public function test_the_sheet_says_what_would_happen_and_changes_nothing(): void
    {
        $this->stopped()
            ->assertOk()
            ->assertJsonPath('onHand', 46)
            ->assertJsonPath('held', false)
            ->assertJsonCount(2, 'shelf')
            ->assertJsonPath('shipped', 2)
            ->assertJsonPath('customers', 1)
            ->assertJsonPath('stop', null);
        $letter = $this->stopped()->json('letter');
        self::assertIsString($letter);
        self::assertStringContainsString('in your kit {kits} the part D1 (1N4148', $letter);
        self::assertSame(['allocated', 'packed', 'shipped', 'shipped'], $this->entries());
    }

    public function test_one_action_holds_lot_and_kits_drafts_the_letters_and_is_taken_back(): void
    {
        $this->stop()->assertCreated()->assertJsonPath('stop.held', 2)->assertJsonPath('stop.drafts', 1);
        self::assertTrue(DB::table('lot_states')->where('lot_id', $this->lot)->value('held'));
        self::assertSame(['held', 'held', 'shipped', 'shipped'], $this->entries());
        $mail = Mail::query()->sole();
        self::assertSame('draft', $mail->status->value);
        self::assertStringStartsWith("Hello Gwen,\n\nin your kit Test kit TK-A-00001-", $mail->body);
        self::assertStringContainsString(', Test kit TK-A-00002-', $mail->body);
        Queue::assertNothingPushed();
        // The order waits for other kits, and the held ones are nobody's.
        $this->moved(2, 'allocate')->assertStatus(422);

        $this->postJson("/api/lots/{$this->lot}/stop/letters", ['operationId' => (string) Str::uuid()])
            ->assertOk()
            ->assertJsonPath('stop.drafts', 0);
        Queue::assertPushed(SendMail::class, 1);
        $this->back()->assertOk()->assertJsonPath('stop', null)->assertJsonPath('held', false);
        self::assertSame(['freed', 'freed', 'shipped', 'shipped'], $this->entries());
        self::assertSame('taken-back', $mail->refresh()->status->value);
        $this->moved(2, 'allocate')->assertOk();
        // Taken back twice, nothing happens; it can be stopped again.
        $this->back()->assertOk();
        $this->stop()->assertCreated()->assertJsonPath('stop.held', 2);
    }

    public function test_pressed_twice_and_by_two_people_it_is_stopped_once(): void
    {
        $operation = (string) Str::uuid();
        $this->stop($operation)->assertCreated();
        $this->stop($operation)->assertCreated();
        $this->actingAs($this->person(Role::Packer));
        $this->stop()->assertCreated();
        self::assertSame([1, 1], [DB::table('lot_stops')->count(), Mail::query()->count()]);
    }

    public function test_a_kit_that_two_stopped_lots_are_in_stays_held_until_both_are_let_go(): void
    {
        $other = DB::table('lots')->where('id', '<>', $this->lot)->value('id');
        self::assertIsInt($other);
        $this->stop()->assertCreated();
        $this->postJson("/api/lots/{$other}/stop", [
            'operationId' => (string) Str::uuid(),
            'note' => 'cracked',
            'subject' => '',
            'letter' => '',
        ])
            ->assertCreated()
            ->assertJsonPath('stop.held', 2);
        $this->back()->assertOk();
        self::assertSame(['held', 'held', 'shipped', 'shipped'], $this->entries());
        $this->deleteJson("/api/lots/{$other}/stop", ['operationId' => (string) Str::uuid()])->assertOk();
        self::assertSame(['freed', 'freed', 'shipped', 'shipped'], $this->entries());
    }

    public function test_a_lot_that_was_on_hold_before_stays_so_and_without_words_no_letter_is_made(): void
    {
        $this->actingAs($this->maker)
            ->postJson("/api/lots/{$this->lot}/moves", [
                'operationId' => (string) Str::uuid(),
                'entry' => 'held',
                'quantity' => null,
                'note' => 'measured',
            ])
            ->assertCreated();
        $this->stop(letter: '')->assertCreated()->assertJsonPath('stop.letters', 0);
        $this->back()->assertOk()->assertJsonPath('held', true);
    }

    public function test_who_left_no_address_or_is_erased_is_named_and_not_written_to(): void
    {
        DB::table('customers')
            ->where('email', 'gwen@example.org')
            ->update(['email' => null, 'erased_at' => now()]);
        $sheet = $this->stopped()->assertJsonPath('customers', 0);
        self::assertCount(2, (array) $sheet->json('unreached'));
        $this->stop()->assertCreated()->assertJsonPath('stop.letters', 0);
    }

    public function test_it_is_refused_without_a_reason_to_who_may_not_and_where_there_is_no_lot(): void
    {
        $this->stop(note: '')->assertStatus(422)->assertJsonValidationErrors('note');
        $this->actingAs($this->maker)->getJson('/api/lots/999999/stop')->assertNotFound();
        $this->postJson("/api/lots/{$this->lot}/stop/letters", [
            'operationId' => (string) Str::uuid(),
        ])->assertNotFound();
        $this->actingAs($this->person(Role::Support));
        $this->stop()->assertForbidden();
    }

    private function order(string $number, int $quantity, string $email, bool $shipped): void
    {
        $this->actingAs($this->maker)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => $number,
                'placedOn' => '2026-11-25',
                'customer' => ucfirst(explode('@', $email)[0]) . ' Tressel',
                'email' => $email,
                'lines' => [['kitId' => $this->release->revision->kit_id, 'quantity' => $quantity, 'price' => '24.50']],
            ])
            ->assertCreated();
        foreach ($shipped ? ['allocate', 'ship'] : ['allocate'] as $what) {
            $this->moved((int) substr($number, 2), $what)->assertOk();
        }
    }

    private function moved(int $order, string $what): TestResponse
    {
        $id = DB::table('orders')
            ->where('number', "S-{$order}")
            ->value('id');

        return $this->actingAs($this->maker)->postJson('/api/orders/' . (is_int($id) ? $id : 0) . "/{$what}", [
            'operationId' => (string) Str::uuid(),
        ]);
    }

    private function stopped(): TestResponse
    {
        return $this->actingAs($this->maker)->getJson("/api/lots/{$this->lot}/stop");
    }

    private function stop(?string $operation = null, string $note = 'they stick', ?string $letter = null): TestResponse
    {
        return $this->postJson("/api/lots/{$this->lot}/stop", [
            'operationId' => $operation ?? (string) Str::uuid(),
            'note' => $note,
            'subject' => 'A part of your Test kit',
            'letter' => $letter ?? "Hello {name},\n\nin your kit {kits} a diode may be faulty.",
        ]);
    }

    private function back(): TestResponse
    {
        return $this->deleteJson("/api/lots/{$this->lot}/stop", ['operationId' => (string) Str::uuid()]);
    }

    /** @return list<string> */
    private function entries(): array
    {
        /** @var list<string> */
        return UnitState::query()->toBase()->orderBy('entry')->pluck('entry')->all();
    }
}
