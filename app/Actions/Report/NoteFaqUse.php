<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\FaqAnswer;
use App\Models\Unit;
use Illuminate\Support\Facades\DB;

/** Counts that a builder opened an answer, or was helped by it: once a kit, however often it is sent. */
final readonly class NoteFaqUse
{
    /** @param list<array{faq: int, entry: string}> $uses */
    public function __invoke(Unit $unit, array $uses): void
    {
        $known = FaqAnswer::query()
            ->where('kit_id', $unit->release->revision->kit_id)
            ->where('published', true)
            ->pluck('id')
            ->flip();
        $rows = [];
        foreach ($uses as $use) {
            // What helped was read.
            foreach ($known->has($use['faq']) ? array_unique(['shown', $use['entry']]) : [] as $entry) {
                $rows[] = [
                    'faq_entry_id' => $use['faq'],
                    'unit_id' => $unit->id,
                    'entry' => $entry,
                    'created_at' => now(),
                ];
            }
        }
        DB::table('faq_uses')->insertOrIgnore($rows);
    }
}
