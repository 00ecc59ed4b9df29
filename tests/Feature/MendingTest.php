<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Report\WriteFaq;
use App\Models\Release;
use App\Models\Run;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What a cause costs, what was done about it, and whether that helped. */
final class MendingTest extends TradeCase
{
    private Release $release;
    private User $maker;

    protected function setUp(): void
    {
        parent::setUp();
        $this->release = $this->released();
        $this->maker = $this->person(Role::Maker);
    }

    public function test_a_cause_is_priced_mended_watched_and_taken_back(): void
    {
        $old = $this->shipped(20, '2026-06-01');
        foreach ([0, 1, 2, 3, 4] as $index) {
            $this->found($old, $index);
        }
        $faults = $this->faults()->assertOk();
        // 20 minutes at the usual wage are what a report costs; five of twenty kits.
        $cause = $faults->json('savings.causes.0');
        self::assertIsArray($cause);
        self::assertSame(['D1 reversed', 5, 20], [$cause['name'], $cause['kits'], $cause['of']]);
        $report = $faults->json('savings.report');
        self::assertIsString($report);
        self::assertEqualsWithDelta(0.25 * (float) $report, (float) (string) $cause['each'], 0.006);
        self::assertSame([], $faults->json('mended'));

        Carbon::setTestNow('2026-07-10 09:00');
        $first = (string) Str::uuid();
        $this->mend('callout', $first)->assertCreated()->assertJsonPath('mended.0.turn', 'open');
        // Pressed twice, and by somebody else at the same time: once.
        $this->mend('callout', $first)->assertCreated()->assertJsonCount(1, 'mended');
        $this->mend('callout')->assertCreated()->assertJsonCount(1, 'mended');
        $this->mend('manual')->assertCreated()->assertJsonCount(2, 'mended');

        $this->shipped(40, '2026-07-12');
        Carbon::setTestNow('2026-09-20 09:00');
        $this->faults()
            ->assertJsonPath('mended.1.place', 'callout')
            ->assertJsonPath('mended.1.revision', null)
            ->assertJsonPath('mended.1.before.reported', 5)
            ->assertJsonPath('mended.1.before.kits', 20)
            ->assertJsonPath('mended.1.after.kits', 40)
            ->assertJsonPath('mended.1.turn', 'fell');
        $id = $this->faults()->json('mended.1.id');
        self::assertIsInt($id);
        $this->deleteJson("/api/revisions/{$this->release->revision_id}/mendings/{$id}")
            ->assertOk()
            ->assertJsonCount(1, 'mended');
        self::assertSame(1, DB::table('audit')->where('operation', 'cause.unmend')->count());
        // Taken back, it can be done again.
        $this->mend('callout')->assertCreated()->assertJsonCount(2, 'mended');
    }

    public function test_what_is_mended_in_a_draft_holds_for_the_kits_of_that_revision_on(): void
    {
        $draft = $this->actingAs($this->maker)
            ->postJson("/api/revisions/{$this->release->revision_id}/revisions", [
                'operationId' => (string) Str::uuid(),
            ])
            ->assertCreated()
            ->json('revisionId');
        self::assertIsInt($draft);
        $this->postJson("/api/revisions/{$draft}/mendings", self::words('callout'))
            ->assertCreated()
            ->assertJsonPath('mended.0.revision', 'B');
    }

    public function test_a_place_that_cannot_be_mended_and_a_mending_of_another_kit_are_refused(): void
    {
        $this->mend('weather')->assertStatus(422);
        $other = $this->released('Other kit');
        $id = $this->mend('bag')->json('mended.0.id');
        self::assertIsInt($id);
        $this->deleteJson("/api/revisions/{$other->revision_id}/mendings/{$id}")->assertNotFound();
        $this->actingAs($this->person(Role::Packer))
            ->postJson("/api/revisions/{$this->release->revision_id}/mendings", self::words('bag'))
            ->assertForbidden();
    }

    public function test_answers_that_were_opened_and_that_helped_are_counted_once_a_kit(): void
    {
        $run = $this->shipped(3, '2026-06-01');
        $id = $this->app->make(WriteFaq::class)(
            $this->release->revision->kit_id,
            null,
            ['symptom' => 'nothing-happens', 'cause' => 'reversed', 'part' => 'D1'],
            [
                'question' => 'Nothing happens.',
                'answer' => 'Turn D1.',
                'anchor' => ['D1'],
                'published' => true,
                'option' => '',
                'from_revision_id' => null,
                'to_revision_id' => null,
            ],
        );
        foreach ([0, 0, 1] as $index) {
            $this->uses($this->unitToken($run, $index), $id, 'shown')->assertNoContent();
        }
        // What helped was read, too; the manual's own page counts nobody.
        $this->uses($this->unitToken($run, 1), $id, 'helped')->assertNoContent();
        $this->uses($this->unitToken($run, 2), $id, 'helped')->assertNoContent();
        $this->uses($this->token($this->release), $id, 'helped')->assertNoContent();
        $this->uses($this->unitToken($run), 999_999, 'helped')->assertNoContent();
        $this->uses($this->unitToken($run), $id, 'read aloud')->assertStatus(422);
        $this->uses(str_repeat('0', 32), $id, 'shown')->assertNotFound();
        Carbon::setTestNow('2026-09-21 09:00');
        $this->postJson("/api/public/{$this->unitToken($run, 2)}/reports", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Still nothing.',
        ])->assertCreated();
        $faq = $this->faults()->json('faq.0');
        self::assertIsArray($faq);
        self::assertSame([3, 2, 1], [$faq['shown'], $faq['helped'], $faq['kept']]);
        self::assertEqualsWithDelta(2 / 5, $faq['share'], 1e-4);
    }

    /** @param int<1, 500> $packs */
    private function shipped(int $packs, string $day): Run
    {
        $run = $this->shippedRun($this->maker, $this->release, $packs, $day);
        Carbon::setTestNow('2026-09-20 09:00');

        return $run;
    }

    private function found(Run $run, int $index): void
    {
        $id = $this->postJson("/api/public/{$this->unitToken($run, $index)}/reports", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Nothing happens.',
        ])
            ->assertCreated()
            ->json('id');
        $this->actingAs($this->maker)
            ->postJson('/api/reports/' . (is_int($id) ? $id : 0) . '/judgements', [
                'operationId' => (string) Str::uuid(),
                'kitId' => $this->release->revision->kit_id,
                'symptom' => 'nothing-happens',
                'causes' => [['cause' => 'reversed', 'part' => 'D1', 'faultOrigin' => 'builder']],
            ])
            ->assertSuccessful();
    }

    private function faults(): TestResponse
    {
        return $this->actingAs($this->maker)->getJson("/api/revisions/{$this->release->revision_id}/faults");
    }

    private function mend(string $place, ?string $operation = null): TestResponse
    {
        return $this->actingAs($this->maker)->postJson(
            "/api/revisions/{$this->release->revision_id}/mendings",
            self::words($place, $operation),
        );
    }

    private function uses(string $token, int $faq, string $entry): TestResponse
    {
        return $this->postJson("/api/public/{$token}/faq", ['uses' => [['faq' => $faq, 'entry' => $entry]]]);
    }

    /** @return array<string, string> */
    private static function words(string $place, ?string $operation = null): array
    {
        return [
            'operationId' => $operation ?? (string) Str::uuid(),
            'cause' => 'reversed',
            'part' => 'D1',
            'place' => $place,
        ];
    }
}
