<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Packing\StartRun;
use App\Actions\Release\PublicToken;
use App\Actions\Release\ReleaseRevision;
use App\Models\Release;
use App\Models\Run;
use App\Models\Unit;
use App\Models\User;
use Chiralex\Trade\Dealing;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A small kit, released and packed, for tests of what follows. */
abstract class TradeCase extends FeatureCase
{
    protected const KIT = [
        'kit.json' => '{"format": 1, "code": "TK", "name": "Test kit", "revision": "A"}',
        'bom.csv' => "Ref,Value,Package\nR1,10k,Axial 1/4W\nD1,1N4148,DO-35\n",
        'placements.csv' => "Ref,X,Y,Rotation,Side\nR1,10,10,0,top\nD1,10,20,0,top\n",
    ];

    protected function released(string $name = 'Test kit'): Release
    {
        $revision = $this->kit(['kit.json' => str_replace('Test kit', $name, self::KIT['kit.json'])] + self::KIT);

        return $this->app->make(ReleaseRevision::class)($revision->id, null, (string) Str::uuid(), 0);
    }

    /** @param int<1, 500> $packs */
    protected function run_(Release $release, int $packs = 2, int $size = 1, Dealing $dealing = Dealing::ByKind): Run
    {
        return $this->app->make(StartRun::class)($release, $packs, $size, (string) Str::uuid(), null, '', $dealing);
    }

    protected function pressed(
        User $user,
        Run $run,
        string $action,
        int $line,
        int $pack,
        ?string $operation = null,
        string $lot = '',
    ): TestResponse {
        return $this->actingAs($user)->postJson(
            "/api/runs/{$run->id}/events",
            [
                'operationId' => $operation ?? (string) Str::uuid(),
                'action' => $action,
                'line' => $line,
                'pack' => $pack,
            ] + ($lot === '' ? [] : ['lot' => $lot]),
        );
    }

    /** Packs every line of a run into every pack. */
    protected function packed(User $user, Run $run): void
    {
        foreach (array_keys($run->lines) as $line) {
            for ($pack = 0; $pack < $run->packs; ++$pack) {
                $this->pressed($user, $run, 'in', $line, $pack)->assertOk();
            }
        }
    }

    protected function token(Release $release): string
    {
        return $this->app->make(PublicToken::class)->forRelease($release);
    }

    protected function unitToken(Run $run, int $index = 0): string
    {
        return $this->app
            ->make(PublicToken::class)
            ->forUnit(Unit::query()->where('run_id', $run->id)->orderBy('number')->skip($index)->firstOrFail());
    }

    /**
     * Kits that were packed, ordered and shipped on a day.
     *
     * @param int<1, 500> $packs
     */
    protected function shippedRun(User $maker, Release $release, int $packs, string $day): Run
    {
        Carbon::setTestNow("{$day} 09:00");
        $run = $this->run_($release, $packs);
        $this->packed($maker, $run);
        $order = $this->actingAs($maker)
            ->postJson('/api/orders', [
                'operationId' => (string) Str::uuid(),
                'number' => "S-{$run->id}",
                'placedOn' => $day,
                'customer' => 'Gwen Tressel',
                'email' => 'gwen@example.org',
                'lines' => [['kitId' => $release->revision->kit_id, 'quantity' => $packs, 'price' => '24.50']],
            ])
            ->assertCreated()
            ->json('id');
        foreach (['allocate', 'ship'] as $what) {
            $this->postJson('/api/orders/' . (is_int($order) ? $order : 0) . "/{$what}", [
                'operationId' => (string) Str::uuid(),
            ])->assertOk();
        }

        return $run;
    }
}
