<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Export\ExportKind;
use App\Actions\Export\RequestExport;
use App\Devices\LabelPrinter;
use App\Jobs\MakeExport;
use App\Models\Export;
use App\Policies\Role;
use App\Queries\Export\Pages;
use App\Support\FileStore;
use ChiralexAdapters\BookPdf;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

final class BuilderPageTest extends TradeCase
{
    public function test_a_page_holds_its_kit_and_nothing_else_and_needs_no_session(): void
    {
        $other = $this->released('Other kit');
        $run = $this->run_($this->released());
        $answer = $this->getJson('/api/public/' . $this->unitToken($run))
            ->assertOk()
            ->assertJsonPath('keeps', 'server')
            ->assertJsonPath('manual.kit', 'Test kit');
        self::assertStringNotContainsString('Other kit', (string) $answer->getContent());
        self::assertStringNotContainsString($this->token($other), (string) $answer->getContent());
        $this->get('/b/' . $this->unitToken($run))
            ->assertOk()
            ->assertSee('Test kit');
    }

    public function test_minutes_of_ticks_are_counted_with_consent_and_said_from_five_builders_on(): void
    {
        $release = $this->released();
        $run = $this->run_($release, 6);
        $maker = $this->person(Role::Maker);
        $told = fn(): TestResponse => $this->actingAs($maker)
            ->getJson("/api/revisions/{$release->revision_id}/times")
            ->assertOk();
        $step = $told()->json('steps.0.key');
        self::assertIsString($step);
        foreach ([2.5, 3.5, 4.5, 5.5, null, 6.5] as $index => $minutes) {
            self::assertNull($told()->json('steps.0.median'), "{$index} are too few");
            $this->postJson("/api/public/{$this->unitToken($run, $index)}/ticks", [
                'ticks' => [
                    ['operationId' => (string) Str::uuid(), 'step' => $step, 'done' => true] +
                    ($minutes === null ? [] : ['minutes' => $minutes]),
                ],
            ])->assertOk();
        }
        $told()
            ->assertJsonPath('builders', 6)
            ->assertJsonPath('steps.0.builders', 5)
            ->assertJsonPath('steps.0.median', 4.5)
            ->assertJsonPath('steps.0.stopped', 0);
        $this->postJson("/api/public/{$this->unitToken($run)}/ticks", [
            'ticks' => [['operationId' => (string) Str::uuid(), 'step' => $step, 'done' => true, 'minutes' => 601]],
        ])->assertStatus(422);
    }

    public function test_ticks_are_kept_under_the_kits_own_token_and_a_resend_is_harmless(): void
    {
        $token = $this->unitToken($this->run_($this->released()));
        $tick = static fn(string $step, bool $done, ?string $operation = null): array => [
            'operationId' => $operation ?? (string) Str::uuid(),
            'step' => $step,
            'done' => $done,
        ];
        $operation = (string) Str::uuid();
        $this->postJson("/api/public/{$token}/ticks", [
            'ticks' => [$tick('solder:R1', true, $operation), $tick('solder:D1', true)],
        ])
            ->assertOk()
            ->assertJsonPath('ticks', ['solder:R1', 'solder:D1']);
        $this->postJson("/api/public/{$token}/ticks", ['ticks' => [$tick('solder:R1', false)]])
            ->assertOk()
            ->assertJsonPath('ticks', ['solder:D1']);
        $this->postJson("/api/public/{$token}/ticks", ['ticks' => [$tick('solder:R1', true, $operation)]])
            ->assertOk()
            ->assertJsonPath('ticks', ['solder:D1']);
        $this->getJson("/api/public/{$token}")->assertJsonPath('ticks', ['solder:D1']);
    }

    public function test_ticks_of_one_kit_are_not_those_of_another(): void
    {
        $run = $this->run_($this->released());
        $this->postJson('/api/public/' . $this->unitToken($run, 0) . '/ticks', [
            'ticks' => [['operationId' => (string) Str::uuid(), 'step' => 'solder:R1', 'done' => true]],
        ])->assertOk();
        $this->getJson('/api/public/' . $this->unitToken($run, 1))->assertJsonPath('ticks', []);
    }

    public function test_the_bare_address_of_a_revision_keeps_ticks_on_the_device_only(): void
    {
        $token = $this->token($this->released());
        $this->getJson("/api/public/{$token}")
            ->assertJsonPath('keeps', 'device')
            ->assertJsonPath('serial', null);
        $this->postJson("/api/public/{$token}/ticks", [
            'ticks' => [['operationId' => (string) Str::uuid(), 'step' => 'x', 'done' => true]],
        ])->assertStatus(422);
        self::assertSame(0, DB::table('unit_ticks')->count());
    }

    public function test_an_address_that_opens_nothing_or_was_revoked_says_what_to_do(): void
    {
        $token = $this->token($this->released());
        DB::table('public_tokens')
            ->where('token', $token)
            ->update(['revoked_at' => now()]);
        $cases = [$token => [410, 'withdrew'], str_repeat('0', 32) => [404, 'Scan the code on the label']];
        foreach ($cases as $gone => [$status, $said]) {
            $this->getJson("/api/public/{$gone}")
                ->assertStatus($status)
                ->assertJsonPath('message', fn(string $text): bool => str_contains($text, $said));
        }
        $this->getJson('/api/public/1')->assertNotFound();
    }

    public function test_somebody_who_asks_without_end_is_slowed_down(): void
    {
        $token = $this->token($this->released());
        for ($i = 0; $i < 60; ++$i) {
            $this->postJson("/api/public/{$token}/reports", [
                'operationId' => (string) Str::uuid(),
                'text' => "Report {$i}",
            ])->assertCreated();
        }
        $this->postJson("/api/public/{$token}/reports", ['operationId' => (string) Str::uuid(), 'text' => 'One more'])
            ->assertStatus(429)
            ->assertHeader('Retry-After');
        // Another kit's builder and this one's reading are not slowed down.
        $this->getJson("/api/public/{$token}")->assertOk();
        $this->postJson("/api/public/{$this->token($this->released('Other kit'))}/reports", [
            'operationId' => (string) Str::uuid(),
            'text' => 'Mine',
        ])->assertCreated();
    }

    public function test_the_manual_is_printed_in_the_background_and_fetched_when_it_is_done(): void
    {
        $maker = $this->person();
        $release = $this->released();
        $body = [
            'operationId' => (string) Str::uuid(),
            'kind' => 'manual',
            'subject' => $release->revision_id,
            'paper' => 'Letter',
        ];
        $made = $this->actingAs($maker)
            ->postJson('/api/exports', $body)
            ->assertCreated()
            ->assertJsonPath('status', 'done')
            ->assertJsonPath('progress', 100)
            ->assertJsonPath('name', 'Test kit A manual.pdf');
        self::assertSame($made->json('id'), $this->postJson('/api/exports', $body)->json('id'));
        $file = $this->get('/api/exports/' . $made->json('id') . '/file')->assertOk();
        self::assertStringStartsWith('%PDF', (string) $file->getContent());
    }

    public function test_the_sheet_before_you_buy_says_what_is_in_and_what_it_takes(): void
    {
        $maker = $this->person();
        $files = [
            'bom.csv' =>
                "Ref,Value,Package,Supply\nR1,10k,Axial 1/4W,\nR2,47k,Axial 1/4W,\nD1,1N4148,DO-35,\nBT1,9 V,battery,builder\n",
            'kit.json' =>
                '{"name": "Sheet kit", "supply": {"volts": [8, 9.6], "amps": 0.05}, "settings": {"skill": "practised"}}',
        ];
        $made = $this->actingAs($maker)
            ->postJson('/api/exports', [
                'operationId' => (string) Str::uuid(),
                'kind' => 'before-you-buy',
                'subject' => $this->kit($files)->id,
                'paper' => 'A4',
            ])
            ->assertCreated()
            ->assertJsonPath('name', 'Sheet kit A before you buy.pdf');
        $file = tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents(
            (string) $file,
            (string) $this->get('/api/exports/' . $made->json('id') . '/file')
                ->assertOk()
                ->getContent(),
        );
        $text = (string) preg_replace(
            '~\s+~u',
            ' ',
            (string) shell_exec('pdftotext ' . escapeshellarg((string) $file) . ' -'),
        );

        foreach (
            [
                "2 \u{00D7} resistor",
                "1 \u{00D7} signal diode",
                '8 to 9.6',
                '9 V, battery',
                'Somebody who has built kits before',
                '6 joints to solder',
                'The iron burns',
                'Local rules come first.',
            ] as $words
        ) {
            self::assertStringContainsString($words, $text);
        }
        self::assertStringNotContainsString("1 \u{00D7} battery", $text);
    }

    public function test_a_print_that_was_taken_back_is_not_made(): void
    {
        Queue::fake();
        $maker = $this->person();
        $release = $this->released();
        $id = $this->actingAs($maker)
            ->postJson('/api/exports', [
                'operationId' => (string) Str::uuid(),
                'kind' => 'tick-list',
                'subject' => $release->revision_id,
            ])
            ->assertCreated()
            ->assertJsonPath('status', 'queued')
            ->json('id');
        $this->deleteJson("/api/exports/{$id}")
            ->assertOk()
            ->assertJsonPath('status', 'cancelled');
        $this->getJson("/api/exports/{$id}/file")->assertNotFound();
        $export = Export::query()->findOrFail($id);
        (new MakeExport($export->id))->handle(
            $this->app->make(Pages::class),
            $this->app->make(FileStore::class),
            new BookPdf(),
            $this->app->make(LabelPrinter::class),
        );
        self::assertSame('cancelled', $export->refresh()->status);
    }

    public function test_the_manual_is_made_as_a_booklet_with_two_pages_on_each_side(): void
    {
        Queue::fake();
        $made = $this->app->make(RequestExport::class)(
            ExportKind::Booklet,
            $this->released()->revision_id,
            'Letter',
            (string) Str::uuid(),
            null,
        );
        (new MakeExport($made->id))->handle(
            $this->app->make(Pages::class),
            $this->app->make(FileStore::class),
            new BookPdf(),
            $this->app->make(LabelPrinter::class),
        );
        $made->refresh();
        self::assertSame(['done', null], [$made->status, $made->fault]);
        self::assertStringEndsWith('booklet.pdf', (string) $made->name);
        $pdf = (string) $this->actingAs($this->person())
            ->get("/api/exports/{$made->id}/file")
            ->assertOk()
            ->getContent();
        // Two halves of Letter paper, 11 by 8.5 inches of 72 points.
        self::assertMatchesRegularExpression('~/MediaBox \[0 0 792\.\d+ 612\.\d+\]~', $pdf);
    }

    public function test_each_kind_of_print_is_for_those_who_need_it(): void
    {
        Queue::fake();
        $run = $this->run_($this->released());
        $made = $this->app->make(RequestExport::class)(
            ExportKind::KitLabels,
            $run->id,
            'A4',
            (string) Str::uuid(),
            null,
        );
        $this->actingAs($this->person(Role::Support))
            ->getJson("/api/exports/{$made->id}")
            ->assertForbidden();
        $this->postJson('/api/exports', [
            'operationId' => (string) Str::uuid(),
            'kind' => 'kit-labels',
            'subject' => $run->id,
        ])->assertForbidden();
        $this->actingAs($this->person(Role::Packer))
            ->getJson("/api/exports/{$made->id}")
            ->assertOk();
        $this->postJson('/api/exports', [
            'operationId' => (string) Str::uuid(),
            'kind' => 'packing-slip',
            'subject' => 999999,
        ])
            ->assertStatus(422)
            ->assertJsonPath('message', fn(string $text): bool => str_contains($text, 'nothing with that number'));
    }
}
