<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Packing\StartRun;
use App\Actions\Release\ReleaseRevision;
use App\Devices\BenchScale;
use App\Devices\ScaleStandIn;
use App\Models\Run;
use App\Policies\Role;
use Chiralex\Bagging\Packing\ScaleReading;
use Chiralex\Trade\PackWay;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** The scale of the packing bench: the shop's own, or one that is connected to the browser. The kit has R1 (weighed) and D1. */
final class BenchScaleTest extends TradeCase
{
    private const MASSES = "part,pieces,grams\nR1,10,2.14\nR1,10,2.15\nR1,20,4.28\nR1,20,4.27\nR1,40,8.56\n";

    public function test_pieces_that_left_the_bin_are_told_in_kits_and_a_line_that_was_not_weighed_is_counted_by_eye(): void
    {
        $run = $this->weighed();
        $this->stands([[0.0, 120.0], [2.0, 119.36]]);
        $this->asked($run, 0)->assertOk()->assertJsonPath('state', 'took')->assertJsonPath('kits', 3);
        $this->asked($run, 1)->assertOk()->assertJsonPath('byEye', 'not-weighed')->assertJsonPath('kits', 0);
        $this->asked($run, 9)->assertNotFound();
    }

    public function test_lines_of_a_scale_at_the_browser_are_read_by_the_shops_pattern(): void
    {
        $run = $this->weighed();
        $maker = $this->person(Role::Maker);
        $this->actingAs($maker)
            ->putJson('/api/shop', [
                'operationId' => (string) Str::uuid(),
                'version' => $this->getJson('/api/shop')->json('version'),
                'scaleUnit' => 'kg',
                'scaleStable' => '=ST',
            ])
            ->assertOk();
        $lines = [];
        for ($i = 0; $i < 20; ++$i) {
            $lines[] = ['at' => $i / 10, 'text' => 'ST 0.12000'];
        }
        $lines[] = ['at' => 2.1, 'text' => 'MO 0.11800'];
        $lines[] = ['at' => 2.15, 'text' => 'OVERLOAD'];
        for ($i = 22; $i < 30; ++$i) {
            $lines[] = ['at' => $i / 10, 'text' => 'ST 0.11979'];
        }
        $this->postJson("/api/runs/{$run->id}/bins/0", ['now' => 3.0, 'lines' => $lines])
            ->assertOk()
            ->assertJsonPath('state', 'took')
            ->assertJsonPath('kits', 1);
        $this->postJson("/api/runs/{$run->id}/bins/0", ['now' => 3.0, 'lines' => []])->assertJsonPath('state', 'off');
        $this->postJson("/api/runs/{$run->id}/bins/0", ['now' => 'x', 'lines' => [['at' => 1]]])->assertUnprocessable();
    }

    public function test_the_check_mass_is_asked_for_at_the_start_and_a_scale_that_is_off_is_told(): void
    {
        $run = $this->weighed();
        $this->stands([[0.0, 120.0], [2.0, 170.5]]);
        $this->asked($run, 0)->assertJsonPath('check', ['due' => true, 'mass' => 50]);
        $this->checked($run)->assertOk()->assertJsonPath('right', false)->assertJsonPath('shown', 50.5);
        $this->asked($run, 0)->assertJsonPath('check.due', true);
        $this->stands([[0.0, 120.0], [2.0, 170.02]]);
        $this->checked($run)->assertOk()->assertJsonPath('right', true);
        $this->asked($run, 0)->assertJsonPath('check.due', false);
        $this->travel(31)->minutes();
        $this->asked($run, 0)->assertJsonPath('check.due', true);
        $this->stands([]);
        $this->checked($run)->assertOk()->assertJsonPath('right', null);
    }

    public function test_after_the_bin_was_lifted_nothing_counts_until_the_check_mass_was_right(): void
    {
        $run = $this->weighed();
        $this->stands([[0.0, 120.0], [2.0, 170.0]]);
        $this->checked($run)->assertJsonPath('right', true);
        $this->stands([[0.0, 120.0], [2.0, 0.0]]);
        $this->asked($run, 0)->assertJsonPath('state', 'lifted')->assertJsonPath('check.due', false);
        $operation = ['operationId' => (string) Str::uuid()];
        $this->postJson("/api/runs/{$run->id}/lifts", $operation)->assertNoContent();
        $this->asked($run, 0)->assertJsonPath('check.due', true);
        $this->stands([[0.0, 120.0], [2.0, 170.0]]);
        $this->checked($run)->assertJsonPath('right', true);
        $this->postJson("/api/runs/{$run->id}/lifts", $operation)->assertNoContent();
        $this->asked($run, 0)->assertJsonPath('check.due', false);
    }

    public function test_bag_by_bag_it_is_the_bag_in_the_cup_that_is_watched(): void
    {
        $run = $this->weighed(PackWay::BagByBag);
        $this->stands([[0.0, 0.0], [2.0, 1.3]]);
        $this->asked($run, 0)->assertJsonPath('state', 'bag-set')->assertJsonPath('gains', true);
        $this->stands([[0.0, 1.3], [2.0, 1.51]]);
        $this->asked($run, 0)
            ->assertJsonPath('state', 'took')
            ->assertJsonPath('kits', 1)
            ->assertJsonPath('change', 0.21);
        $this->stands([[0.0, 1.3], [2.0, 1.73]]);
        $this->asked($run, 0)->assertJsonPath('state', 'unclear')->assertJsonPath('pieces', 2);
    }

    public function test_a_finished_bag_is_told_right_or_what_most_likely_is_wrong(): void
    {
        $run = $this->weighed();
        $weigh = fn(string $bag, float $grams): TestResponse => $this->actingAs($this->person(Role::Packer))->postJson(
            "/api/runs/{$run->id}/weighings",
            ['bag' => $bag, 'grams' => $grams],
        );
        $weigh('A', 0.21)->assertOk()->assertJsonPath('inside', true)->assertJsonPath('byEye', []);
        $weigh('A', 0.43)
            ->assertOk()
            ->assertJsonPath('inside', false)
            ->assertJsonPath('suspects.0.what', 'extra')
            ->assertJsonPath('suspects.0.designators', ['R1']);
        $weigh('B', 0.2)
            ->assertOk()
            ->assertJsonPath('low', null)
            ->assertJsonPath('unweighed', [['D1']]);
        $weigh('Z', 0.2)->assertNotFound();
        $weigh('A', -1.0)->assertUnprocessable();
    }

    public function test_lines_that_were_pasted_show_what_is_read_of_each(): void
    {
        $this->actingAs($this->person(Role::Maker))
            ->postJson('/api/scale/lines', ['lines' => ['12.1 g ?', '12.4 g ?', '12.5 g', '12.5 g', 'ERR']])
            ->assertOk()
            ->assertJsonPath('unit', 'g')
            ->assertJsonPath('stable', '=')
            ->assertJsonPath('lines.1', ['line' => '12.4 g ?', 'grams' => 12.4, 'stable' => false])
            ->assertJsonPath('lines.4.grams', null);
        $this->postJson('/api/scale/lines', ['lines' => ['HELLO']])
            ->assertOk()
            ->assertJsonPath('unit', null);
    }

    public function test_the_stand_in_swings_after_a_hand_was_in_it_and_is_silent_when_it_is_off(): void
    {
        $scale = new ScaleStandIn();
        $scale->tick(0.0, 0.1);
        self::assertStringContainsString('ST,+', $scale->hear('READ', 0.0)[0]);
        $scale->hear('TAKE 20', 0.1);
        $scale->tick(0.2, 0.1);
        $scale->tick(2.0, 0.1);
        $lines = $scale->hear('READ', 2.0);
        self::assertStringContainsString('US,', $lines[1]);
        self::assertMatchesRegularExpression('~ST,\+\s+(?:99\.9|100\.0)\d g~', $lines[2]);
        $scale->hear('OFF', 2.0);
        $scale->tick(30.0, 0.1);
        $scale->hear('ON', 30.0);
        $scale->tick(50.0, 0.1);
        self::assertCount(1, $scale->hear('READ', 50.0), 'what was said long ago is forgotten');
    }

    private function weighed(PackWay $way = PackWay::LineByLine): Run
    {
        $revision = $this->kit(self::KIT + ['masses.csv' => self::MASSES]);

        $release = $this->app->make(ReleaseRevision::class)($revision->id, null, (string) Str::uuid(), 0);
        $start = $this->app->make(StartRun::class);

        return $start($release, 5, 1, (string) Str::uuid(), null, way: $way);
    }

    private function asked(Run $run, int $line): TestResponse
    {
        return $this->actingAs($this->person(Role::Packer))->getJson("/api/runs/{$run->id}/bins/{$line}");
    }

    private function checked(Run $run): TestResponse
    {
        return $this->actingAs($this->person(Role::Packer))->postJson("/api/runs/{$run->id}/checks", [
            'operationId' => (string) Str::uuid(),
        ]);
    }

    /** @param list<array{float, float}> $stands from when, how many grams; each for a second and a half */
    private function stands(array $stands): void
    {
        $readings = [];
        foreach ($stands as [$from, $grams]) {
            for ($i = 0; $i < 15; ++$i) {
                $readings[] = new ScaleReading($from + $i / 10, $grams);
            }
        }
        $now = ($stands[count($stands) - 1][0] ?? 0.0) + 1.5;
        $this->app->instance(
            BenchScale::class,
            new class ($readings, $now) implements BenchScale {
                /** @param list<ScaleReading> $readings */
                public function __construct(private readonly array $readings, private readonly float $now) {}

                public function readings(): array
                {
                    return $this->readings;
                }

                public function now(): float
                {
                    return $this->now;
                }
            },
        );
    }
}
