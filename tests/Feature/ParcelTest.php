<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\SendMail;
use App\Models\Run;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A claim of a missing part: weighed with what the builder has looked at, settled by a parcel of its own. */
final class ParcelTest extends TradeCase
{
    private User $maker;
    private Run $run;

    protected function setUp(): void
    {
        parent::setUp();
        $this->maker = $this->person(Role::Maker);
        $release = $this->released();
        $this->actingAs($this->maker)
            ->postJson('/api/lots', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => 'r|10k|axial 1/4w|',
                'lot' => 'a',
                'quantity' => '50',
                'unitCost' => '0.02',
                'receivedOn' => '2026-05-10',
            ])
            ->assertCreated();
        $this->run = $this->shippedRun($this->maker, $release, 2, '2026-06-01');
    }

    public function test_a_claim_of_the_page_is_weighed_without_asking_again_and_settled_by_a_parcel(): void
    {
        $id = $this->claimed('gwen@example.org');
        $this->actingAs($this->maker)
            ->getJson("/api/reports/{$id}/proposal")
            ->assertOk()
            ->assertJsonPath('claim.part', 'R1')
            ->assertJsonPath('claim.send', 1)
            ->assertJsonMissingPath('claim.odds');
        $letter = $this->getJson("/api/reports/{$id}/proposal")->json('text');
        self::assertIsString($letter);
        self::assertStringContainsString('We send you 1 of R1 today', $letter);
        self::assertStringNotContainsString('fold', $letter, 'what was looked at is not asked again');
        self::assertStringNotContainsString('%', $letter, 'the customer never sees odds');

        // Pressed twice, it is one parcel and one answer.
        foreach ([1, 2] as $time) {
            $this->answer($id, 'R1', 1)
                ->assertOk()
                ->assertJsonPath('parcel.number', "REPORT-{$id}")
                ->assertJsonPath('parcel.what', '1 × Spare 10k, Axial 1/4W')
                ->assertJsonPath('parcel.shipped', false);
        }
        $left = DB::table('lot_states')->join('lots', 'lots.id', '=', 'lot_id')->where('name', 'a')->sum('on_hand');
        self::assertSame(47, (int) $left, 'two packed, one in the parcel');
        $order = DB::table('orders')->where('source', 'report')->sole();
        self::assertSame("REPORT-{$id}", $order->number);
        $this->postJson("/api/orders/{$order->id}/ship", ['operationId' => (string) Str::uuid()])
            ->assertOk()
            ->assertJsonPath('stage', 'shipped');
        $this->getJson("/api/reports/{$id}")->assertJsonPath('parcel.shipped', true);
        // A second claim of another customer uses the same article.
        $this->answer($this->claimed('jost@example.org', 1), 'R1', 1)->assertOk();
        self::assertSame(1, DB::table('articles')->where('form', 'spare')->count());
    }

    public function test_an_answer_that_is_taken_back_takes_its_parcel_with_it_and_can_be_sent_again(): void
    {
        Queue::fake([SendMail::class]);
        $id = $this->claimed('gwen@example.org');
        $bin = static fn(): int => (int) DB::table('lot_states')
            ->join('lots', 'lots.id', '=', 'lot_id')
            ->where('name', 'a')
            ->sum('on_hand');
        $this->answer($id, 'R1', 1)->assertOk();
        self::assertSame(47, $bin());
        $mail = DB::table('mails')->where('report_id', $id)->value('id');
        foreach ([1, 2] as $time) {
            $this->deleteJson('/api/mails/' . (is_int($mail) ? $mail : 0), [
                'operationId' => (string) Str::uuid(),
            ])->assertOk();
        }
        self::assertSame(48, $bin(), 'the piece lies in its bin again');
        self::assertSame('cancelled', DB::table('order_states')->orderByDesc('order_id')->value('stage'));
        $this->getJson("/api/reports/{$id}")
            ->assertOk()
            ->assertJsonPath('parcel', null);
        $this->answer($id, 'R1', 2)->assertOk()->assertJsonPath('parcel.what', '2 × Spare 10k, Axial 1/4W');
        self::assertSame(
            [46, 'allocated'],
            [$bin(), DB::table('order_states')->orderByDesc('order_id')->value('stage')],
        );
    }

    public function test_what_cannot_be_sent_says_why_and_answers_nothing(): void
    {
        $id = $this->claimed('');
        $this->answer($id, 'R1', 1)
            ->assertStatus(422)
            ->assertJsonPath('message', static fn(string $said): bool => str_contains($said, 'names no customer'));
        $named = $this->claimed('gwen@example.org');
        $this->answer($named, 'X9', 1)
            ->assertStatus(422)
            ->assertJsonPath('message', static fn(string $said): bool => str_contains($said, 'no part X9'));
        $this->answer($named, 'R1', 101)->assertStatus(422)->assertJsonValidationErrors('sendPieces');
        $lot = DB::table('lots')->where('name', 'a')->value('id');
        $this->postJson('/api/lots/' . (is_int($lot) ? $lot : 0) . '/moves', [
            'operationId' => (string) Str::uuid(),
            'entry' => 'held',
            'quantity' => null,
            'note' => 'doubtful',
        ])->assertCreated();
        $this->answer($named, 'R1', 1)
            ->assertClientError()
            ->assertJsonPath('message', static fn(string $said): bool => str_contains($said, 'on hold'));
        self::assertSame(
            [0, 0, 0],
            [
                DB::table('report_answers')->count(),
                DB::table('orders')->where('source', 'report')->count(),
                DB::table('article_moves')->count(),
            ],
        );
        $this->actingAs($this->person(Role::Packer));
        $this->postJson("/api/reports/{$named}/answers", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Sent.',
        ])->assertForbidden();
    }

    private function claimed(string $email, int $index = 0): int
    {
        $checks = [
            ['check' => 'missing', 'answer' => 'R1'],
            ['check' => 'missing pieces', 'answer' => '1'],
            ['check' => 'left-over', 'answer' => 'not there'],
            ['check' => 'on-board', 'answer' => 'not there'],
        ];
        $id = $this->postJson("/api/public/{$this->unitToken($this->run, $index)}/reports", [
            'operationId' => (string) Str::uuid(),
            // More names in the words do not make more pieces missing.
            'text' => '1 of 1 is missing: 10k resistor R1, D1',
            'symptom' => 'part-missing',
            'email' => $email,
            'checks' => $checks,
        ])
            ->assertCreated()
            ->json('id');

        return is_int($id) ? $id : 0;
    }

    private function answer(int $report, string $part, int $pieces): TestResponse
    {
        return $this->actingAs($this->maker)->postJson("/api/reports/{$report}/answers", [
            'operationId' => Str::uuid()->toString(),
            'text' => 'We send you one today.',
            'sendPart' => $part,
            'sendPieces' => $pieces,
        ]);
    }
}
