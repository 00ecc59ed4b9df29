<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Release\ReleaseRevision;
use App\Models\Run;
use App\Models\Shop;
use App\Policies\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** In which order a run is packed, in whose words, with which codes and labels. The kit has R1 and D1, a bag each. */
final class PackWayTest extends TradeCase
{
    public function test_bag_by_bag_a_kit_is_in_stock_before_the_next_is_begun(): void
    {
        $packer = $this->person(Role::Packer);
        $run = $this->bagByBag(2);
        $this->pressed($packer, $run, 'in', 0, 0)
            ->assertOk()
            ->assertJsonPath('turn', ['line' => 1, 'pack' => 0]);
        $this->pressed($packer, $run, 'in', 0, 1)->assertStatus(409);
        $this->pressed($packer, $run, 'in', 1, 0)
            ->assertOk()
            ->assertJsonPath('turn', ['line' => 0, 'pack' => 1])
            ->assertJsonPath('packed', 1);
        DB::table('run_states')->where('run_id', $run->id)->delete();
        $this->pressed($packer, $run, 'undo', 1, 0)->assertOk()->assertJsonPath('packed', 0);
        $this->getJson("/api/runs/{$run->id}")
            ->assertJsonPath('way', 'bag')
            ->assertJsonPath('cells', ['i.', '..']);
    }

    public function test_minutes_of_both_ways_are_common_practice_until_the_shops_own_keys_say_more(): void
    {
        $release = $this->released();
        $packer = $this->person(Role::Packer);
        $ways = $this->actingAs($packer)
            ->getJson("/api/releases/{$release->id}/ways")
            ->assertOk()
            ->assertJsonPath('timed', false)
            ->json();
        self::assertGreaterThan($ways['lineEach'], $ways['bagEach']);
        $run = $this->run_($release, 60);
        foreach ([0, 1] as $line) {
            for ($pack = 0; $pack < 60; ++$pack) {
                $this->event($run, $line, $pack, ($line * 60 + $pack) * 9 + $line * 60);
            }
        }
        $this->getJson("/api/releases/{$release->id}/ways")->assertJsonPath('timed', false);
        for ($other = 0; $other < 10; ++$other) {
            $next = $this->run_($release, 1);
            $this->event($next, 0, 0, 10_000 + $other * 100);
            $this->event($next, 1, 0, 10_030 + $other * 100);
        }
        $timed = $this->getJson("/api/releases/{$release->id}/ways")
            ->assertJsonPath('timed', true)
            ->json();
        self::assertGreaterThan($ways['lineEach'], $timed['lineEach'], 'nine seconds a piece are slow');
    }

    public function test_the_packer_reads_the_words_of_the_shop_and_the_builder_his_own(): void
    {
        $release = $this->released();
        self::assertSame('resistor', $this->run_($release)->lines[0]['item']['kindName'] ?? null);
        Shop::ours()->update(['language' => 'de']);
        self::assertSame('Widerstand', $this->run_($release)->lines[0]['item']['kindName'] ?? null);
        $this->actingAs($this->person(Role::Maker))
            ->getJson("/api/revisions/{$release->revision_id}/documents/bags")
            ->assertJsonPath('bags.0.items.0.kindName', 'resistor');
    }

    public function test_where_bins_bear_codes_a_line_waits_until_its_own_bin_was_read(): void
    {
        $maker = $this->person(Role::Maker);
        $this->actingAs($maker)
            ->putJson('/api/shop', [
                'operationId' => (string) Str::uuid(),
                'version' => $this->getJson('/api/shop')->json('version'),
                'readsBins' => true,
            ])
            ->assertOk()
            ->assertJsonPath('readsBins', true);
        $run = $this->run_($this->released());
        $this->receive($run, 0, 'R-26-1');
        $this->receive($run, 1, 'D-26-1');
        self::assertStringContainsString(
            'was not read yet',
            (string) $this->pressed($maker, $run, 'in', 0, 0)->assertStatus(409)->json('message'),
        );
        $this->pressed($maker, $run, 'lot', 0, 0, null, 'D-26-1')->assertStatus(409);
        $this->pressed($maker, $run, 'lot', 0, 0, null, 'R-26-1')->assertOk();
        $this->pressed($maker, $run, 'in', 0, 0)->assertOk();
        $this->pressed($maker, $run, 'in', 0, 1)->assertOk();
        $this->pressed($maker, $run, 'in', 1, 0)->assertStatus(409);
        $this->pressed($maker, $run, 'short', 1, 0)->assertOk();
    }

    public function test_a_run_of_a_revision_that_has_a_newer_one_is_packed_the_old_way_and_says_so(): void
    {
        $packer = $this->person(Role::Maker);
        $release = $this->released();
        $run = $this->run_($release);
        $this->actingAs($packer)
            ->getJson("/api/runs/{$run->id}")
            ->assertJsonPath('newer', null);
        $copy = (int) $this->postJson("/api/revisions/{$release->revision_id}/revisions", [
            'operationId' => (string) Str::uuid(),
        ])->json('revisionId');
        $this->getJson("/api/runs/{$run->id}")->assertJsonPath('newer', null);
        $this->app->make(ReleaseRevision::class)($copy, null, (string) Str::uuid(), 0);
        $this->getJson("/api/runs/{$run->id}")
            ->assertJsonPath('newer', 'B')
            ->assertJsonPath('newerId', $copy);
        $this->getJson('/api/runs')->assertJsonPath('runs.0.newer', 'B');
    }

    public function test_a_single_label_lands_in_the_tray_of_the_printer_as_large_as_a_label(): void
    {
        $tray = sys_get_temp_dir() . '/chiralex-tray-' . Str::random(8);
        config(['app.labels' => $tray]);
        $run = $this->run_($this->released(), 1);
        $serial = $this->actingAs($this->person(Role::Packer))
            ->getJson("/api/runs/{$run->id}/serials")
            ->json('serials.0.serial');
        foreach (['bag-label' => 'A', 'kit-label' => $serial] as $kind => $piece) {
            $this->postJson('/api/exports', [
                'operationId' => (string) Str::uuid(),
                'kind' => $kind,
                'subject' => $run->id,
                'piece' => $piece,
            ])
                ->assertCreated()
                ->assertJsonPath('status', 'done');
        }
        $labels = glob("{$tray}/*.pdf") ?: [];
        self::assertCount(2, $labels);
        foreach ($labels as $label) {
            self::assertStringContainsString(
                '175.92 x 282.96',
                (string) shell_exec('pdfinfo ' . escapeshellarg($label)),
            );
        }
        $this->postJson('/api/exports', [
            'operationId' => (string) Str::uuid(),
            'kind' => 'bag-label',
            'subject' => $run->id,
        ])->assertUnprocessable();
        foreach (['bag-label' => 'Z', 'kit-label' => 'FB-A-99999-0'] as $kind => $piece) {
            $this->postJson('/api/exports', [
                'operationId' => (string) Str::uuid(),
                'kind' => $kind,
                'subject' => $run->id,
                'piece' => $piece,
            ])->assertUnprocessable();
        }
        array_map(unlink(...), $labels);
        rmdir($tray);
    }

    private function bagByBag(int $packs): Run
    {
        $id = $this->actingAs($this->person(Role::Packer))
            ->postJson('/api/runs', [
                'operationId' => (string) Str::uuid(),
                'releaseId' => $this->released()->id,
                'packs' => $packs,
                'packSize' => 1,
                'way' => 'bag',
            ])
            ->assertCreated()
            ->json('id');

        return Run::query()->findOrFail($id);
    }

    private function event(Run $run, int $line, int $pack, int $seconds): void
    {
        DB::table('run_events')->insert([
            'run_id' => $run->id,
            'operation_id' => (string) Str::uuid(),
            'action' => 'in',
            'line' => $line,
            'pack' => $pack,
            'lot' => '',
            'created_at' => now()->startOfDay()->addSeconds($seconds),
        ]);
    }

    private function receive(Run $run, int $line, string $lot): void
    {
        $this->postJson('/api/lots', [
            'operationId' => (string) Str::uuid(),
            'fingerprint' => $run->lines[$line]['part'] ?? '',
            'lot' => $lot,
            'quantity' => 100,
            'receivedOn' => '2026-11-01',
        ])->assertSuccessful();
    }
}
