<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Upkeep\Prune;
use App\Models\RevisionFact;
use App\Support\FileStore;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What nothing uses goes, what something uses stays. */
final class UpkeepTest extends FeatureCase
{
    public function test_results_of_other_code_or_of_a_draft_as_it_was_go_and_those_in_use_stay(): void
    {
        $revision = $this->kit();
        $this->actingAs($this->person())
            ->getJson("/api/revisions/{$revision->id}/documents/order")
            ->assertOk();
        $used = DB::table('derived_results')->count();
        self::assertGreaterThan(0, $used);
        $row = (array) DB::table('derived_results')->first();
        unset($row['id']);
        foreach (
            [
                'a' => ['code' => 'older code'],
                'b' => ['files_hash' => str_repeat('a', 64), 'created_at' => now()->subHours(2)],
                'c' => ['files_hash' => str_repeat('b', 64), 'created_at' => now()],
            ] as $sign => $other
        ) {
            DB::table('derived_results')->insert(['hash' => str_repeat($sign, 62)] + $other + $row);
        }

        self::assertSame(2, $this->app->make(Prune::class)()['derived results']);
        self::assertSame($used + 1, DB::table('derived_results')->count());
    }

    public function test_expired_sessions_and_cache_rows_go_and_live_ones_stay(): void
    {
        $session = ['payload' => '', 'user_id' => null, 'ip_address' => null, 'user_agent' => null];
        DB::table('sessions')->insert([
            ['id' => 'old', 'last_activity' => time() - 60 * (config()->integer('session.lifetime') + 1)] + $session,
            ['id' => 'live', 'last_activity' => time() - 60 * (config()->integer('session.lifetime') - 1)] + $session,
        ]);
        DB::table('cache')->insert([
            ['key' => 'old', 'value' => '', 'expiration' => time() - 1],
            ['key' => 'live', 'value' => '', 'expiration' => time() + 60],
        ]);

        $this->app->make(Prune::class)();

        self::assertSame(
            ['live'],
            DB::table('sessions')
                ->whereIn('id', ['old', 'live'])
                ->pluck('id')
                ->all(),
        );
        self::assertSame(
            ['live'],
            DB::table('cache')
                ->whereIn('key', ['old', 'live'])
                ->pluck('key')
                ->all(),
        );
    }

    public function test_a_discarded_file_is_given_back_until_the_bin_is_emptied(): void
    {
        $store = $this->app->make(FileStore::class);
        $hash = $store->put('once kept ' . Str::random());
        $store->discard($hash);
        $this->app->make(Prune::class)();
        self::assertStringStartsWith('once kept', $store->get($hash));

        $store->discard($hash);
        $store->emptyBin(0);
        $this->expectExceptionMessage('missing');
        $store->get($hash);
    }

    public function test_health_writes_nothing(): void
    {
        $before = [DB::table('sessions')->count(), DB::table('cache')->count()];
        $this->get('/health')->assertOk()->assertCookieMissing('XSRF-TOKEN');
        self::assertSame($before, [DB::table('sessions')->count(), DB::table('cache')->count()]);
    }

    public function test_what_lists_show_is_renewed_when_the_code_is_another(): void
    {
        $revision = $this->kit();
        RevisionFact::query()
            ->where('revision_id', $revision->id)
            ->update(['code' => 'older code']);
        $this->actingAs($this->person())
            ->getJson("/api/kits/{$revision->kit_id}")
            ->assertOk()
            ->assertJsonPath('current', false);

        $this->artisan('chiralex:renew')->assertSuccessful();
        $this->getJson("/api/kits/{$revision->kit_id}")
            ->assertOk()
            ->assertJsonPath('current', true);
    }

    public function test_what_a_killed_worker_held_is_given_back_to_the_next_one_of_its_queue_only(): void
    {
        $job = [
            'payload' => '{}',
            'attempts' => 1,
            'reserved_at' => time(),
            'available_at' => time(),
            'created_at' => time(),
        ];
        DB::table('jobs')->insert([['queue' => 'first'] + $job, ['queue' => 'default'] + $job]);

        $this->artisan('chiralex:take-up', ['queue' => 'first'])->assertSuccessful();

        self::assertSame(['first'], DB::table('jobs')->whereNull('reserved_at')->pluck('queue')->all());
    }
}
