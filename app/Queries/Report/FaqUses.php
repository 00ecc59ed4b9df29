<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** How builders used the answers of a kit's FAQ. */
final readonly class FaqUses
{
    /** @return array<int, array{int, int, int}> by entry: kits whose builders opened it, were helped, and sent no report afterwards */
    public function of(int $kitId): array
    {
        $quiet =
            'not exists (select 1 from reports where reports.unit_id = faq_uses.unit_id and reports.created_at > faq_uses.created_at)';
        $uses = [];
        foreach (
            Row::all(
                DB::table('faq_uses')
                    ->join('faq_entries', 'faq_entries.id', '=', 'faq_entry_id')
                    ->where('kit_id', $kitId)
                    ->groupBy('faq_entry_id')
                    ->selectRaw(
                        "faq_entry_id, count(*) filter (where entry = 'shown') as shown, " .
                            "count(*) filter (where entry = 'helped') as helped, " .
                            "count(*) filter (where entry = 'helped' and {$quiet}) as kept",
                    ),
            ) as $row
        ) {
            $uses[$row->int('faq_entry_id')] = [$row->int('shown'), $row->int('helped'), $row->int('kept')];
        }

        return $uses;
    }
}
