<?php

declare(strict_types=1);

namespace App\Actions\Release;

use App\Models\Release;
use App\Models\Run;
use App\Models\Unit;
use Illuminate\Support\Facades\DB;

/** The 128-bit tokens of public pages: one for each release, one for each packed kit; they can be revoked. */
final readonly class PublicToken
{
    private const BYTES = 16;
    private const CHUNK = 1000;

    public function forRelease(Release $release): string
    {
        $known = DB::table('public_tokens')
            ->where('release_id', $release->id)
            ->whereNull('unit_id')
            ->whereNull('revoked_at')
            ->value('token');

        return is_string($known) ? $known : $this->make($release->id, null);
    }

    public function forUnit(Unit $unit): string
    {
        $known = DB::table('public_tokens')->where('unit_id', $unit->id)->value('token');

        return is_string($known) ? $known : $this->make($unit->release_id, $unit->id);
    }

    /** One for each kit of a run. */
    public function forRun(Run $run): void
    {
        $chunks = array_chunk(Unit::query()->where('run_id', $run->id)->orderBy('id')->pluck('id')->all(), self::CHUNK);
        foreach ($chunks as $units) {
            DB::table('public_tokens')->insert(
                array_map(
                    static fn(mixed $unit): array => [
                        'token' => bin2hex(random_bytes(self::BYTES)),
                        'release_id' => $run->release_id,
                        'unit_id' => $unit,
                        'created_at' => now(),
                    ],
                    $units,
                ),
            );
        }
    }

    private function make(int $releaseId, ?int $unitId): string
    {
        $token = bin2hex(random_bytes(self::BYTES));
        DB::table('public_tokens')->insert([
            'token' => $token,
            'release_id' => $releaseId,
            'unit_id' => $unitId,
            'created_at' => now(),
        ]);

        return $token;
    }
}
