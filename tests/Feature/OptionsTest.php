<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Release\ReleaseRevision;
use App\Models\Release;
use App\Models\Run;
use App\Policies\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What a customer chooses goes through every room: documents, release, packing, orders, the builder's page. */
final class OptionsTest extends TradeCase
{
    private const WITH_BOX = [
        'kit.json' =>
            '{"format": 1, "code": "TK", "name": "Box kit", "revision": "A", "options": {"box": {"default": "plain", "plain": ["BOX1"], "drilled": ["BOX2"]}}}',
        'bom.csv' =>
            "Ref,Value,Package,Description\nR1,10k,Axial 1/4W,\nBOX1,plain,,enclosure\nBOX2,drilled,,enclosure\n",
        'placements.csv' => "Ref,X,Y,Rotation,Side\nR1,10,10,0,top\n",
    ];

    public function test_documents_follow_what_is_chosen(): void
    {
        $revision = $this->kit(self::WITH_BOX);
        $this->actingAs($this->person());

        $this->getJson("/api/revisions/{$revision->id}")
            ->assertOk()
            ->assertJsonPath('options', [
                ['name' => 'box', 'values' => ['plain', 'drilled'], 'default' => 'plain', 'chosen' => 'plain'],
            ]);
        self::assertStringContainsString(
            'BOX1',
            (string) $this->getJson("/api/revisions/{$revision->id}/documents/bags")
                ->assertOk()
                ->getContent(),
        );
        $drilled = (string) $this->getJson("/api/revisions/{$revision->id}/documents/bags?options=box%3Ddrilled")
            ->assertOk()
            ->getContent();
        self::assertStringContainsString('BOX2', $drilled);
        self::assertStringNotContainsString('BOX1', $drilled);
        $this->getJson("/api/revisions/{$revision->id}/documents/manual?options=box%3Ddrilled")
            ->assertOk()
            ->assertJsonPath('choice', [['name' => 'box', 'value' => 'drilled']]);
        $this->getJson("/api/revisions/{$revision->id}/documents/bags?options=box%3Dpainted")
            ->assertStatus(422)
            ->assertJsonPath('message', 'Option "box=painted" is none of this kit (its options: box).');
    }

    public function test_what_a_choice_adds_to_the_price_stands_beside_it_and_no_other_text_is_taken_for_money(): void
    {
        $priced = static fn(string $price): array => [
            'kit.json' => str_replace(
                '"plain": [',
                "\"prices\": {\"drilled\": \"{$price}\"}, \"plain\": [",
                self::WITH_BOX['kit.json'],
            ),
        ] + self::WITH_BOX;
        $this->actingAs($this->person());

        $this->getJson("/api/revisions/{$this->kit($priced('4.00'))->id}")
            ->assertOk()
            ->assertJsonPath('options.0.prices', ['drilled' => '4.00']);
        $this->expectExceptionMessage('"options.box.prices.drilled"');
        $this->kit($priced('four'));
    }

    public function test_a_release_keeps_every_choice_and_a_matter_of_one_choice_blocks_it(): void
    {
        $release = $this->withBox();
        self::assertSame(
            2,
            DB::table('release_documents')
                ->where('release_id', $release->id)
                ->where('name', 'like', 'manual%')
                ->count(),
        );

        $broken = $this->kit(
            [
                'bom.csv' => str_replace('BOX2,drilled,,enclosure', 'J2,2 way,,', self::WITH_BOX['bom.csv']),
                'kit.json' => str_replace(['BOX2', 'Box kit'], ['J2', 'Other kit'], self::WITH_BOX['kit.json']),
            ] + self::WITH_BOX,
        );
        $maker = $this->person();
        $header = $this->actingAs($maker)
            ->getJson("/api/revisions/{$broken->id}")
            ->assertOk();
        self::assertContains(
            'J2: what is it? A guess: pin header. Say the kind. (box=drilled)',
            array_column((array) $header->json('matters'), 'message'),
        );
        $this->postJson(
            "/api/revisions/{$broken->id}/release",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '"0"'],
        )->assertStatus(422);
    }

    public function test_a_run_packs_what_was_chosen_and_only_such_kits_go_to_such_an_order(): void
    {
        $release = $this->withBox();
        $packer = $this->person(Role::Packer);
        $run = $this->actingAs($packer)
            ->postJson('/api/runs', [
                'operationId' => (string) Str::uuid(),
                'releaseId' => $release->id,
                'packs' => 1,
                'packSize' => 1,
                'options' => 'box=drilled',
            ])
            ->assertCreated()
            ->assertJsonPath('options', 'box=drilled');
        $drilled = Run::query()->findOrFail((int) $run->json('id'));
        self::assertSame(
            [['R1'], ['BOX2']],
            array_map(static fn(array $line): mixed => $line['item']['designators'] ?? null, $drilled->lines),
        );
        $this->packed($packer, $drilled);

        $seller = $this->person();
        $order = fn(string $number, string $options): int => (int) $this->actingAs($seller)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => $number,
                'placedOn' => '2026-11-20',
                'customer' => 'A. Reed',
                'lines' => [
                    ['kitId' => $release->revision->kit_id, 'quantity' => 1, 'price' => '18.50', 'options' => $options],
                ],
            ])
            ->assertCreated()
            ->json('id');
        $plain = $order('P-1', '');
        $wants = $order('P-2', 'box=drilled');
        $this->postJson("/api/orders/{$plain}/allocate", ['operationId' => (string) Str::uuid()])->assertStatus(422);
        $this->postJson("/api/orders/{$wants}/allocate", ['operationId' => (string) Str::uuid()])->assertOk();
        self::assertSame(
            'drilled',
            $this->getJson('/api/public/' . $this->unitToken($drilled))
                ->assertOk()
                ->json('manual.choice.0.value'),
        );
    }

    public function test_parts_are_bought_for_options_by_their_share_in_past_orders(): void
    {
        $kit = $this->withBox()->revision->kit_id;
        $plan = fn(): array => (array) $this->actingAs($this->person(Role::Packer))
            ->getJson("/api/buying?kits={$kit}:10")
            ->assertOk()
            ->json();
        self::assertSame([['options' => '', 'kits' => 10]], $plan()['batches'][0]['mix']);
        foreach (['' => 2, 'box=drilled' => 1, 'box=painted' => 9] as $options => $many) {
            $this->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => "M-{$many}",
                'placedOn' => now()->toDateString(),
                'customer' => 'A. Reed',
                'lines' => [['kitId' => $kit, 'quantity' => $many, 'options' => $options]],
            ])->assertCreated();
        }
        // What the revision does not offer any more counts for nothing.
        $mixed = $plan();
        self::assertSame(
            [['options' => '', 'kits' => 7], ['options' => 'box=drilled', 'kits' => 3]],
            $mixed['batches'][0]['mix'],
        );
        $needed = array_column($mixed['lines'], 'needed', 'title');
        self::assertSame(
            [10, 7, 3],
            [$needed['10k, Axial 1/4W'], $needed['plain, enclosure'] ?? 0, $needed['drilled, enclosure'] ?? 0],
        );
        self::assertSame(
            ['7 Box kit', '3 Box kit (box: drilled)'],
            array_column(array_column($mixed['lines'], 'origins', 'title')['10k, Axial 1/4W'], 'what'),
        );
    }

    private function withBox(): Release
    {
        return $this->app->make(ReleaseRevision::class)($this->kit(self::WITH_BOX)->id, null, (string) Str::uuid(), 0);
    }
}
