<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\JudgedCauses;
use Chiralex\Fault\JudgedCause;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a report stands at: the last judgement, whether it is answered; kept by the database.
 *
 * @property int $report_id
 * @property ?int $kit_id
 * @property bool $judged
 * @property bool $answered
 * @property ?string $symptom a general one by its code, or the kit's own
 * @property list<JudgedCause> $causes
 * @property Carbon $at
 * @property-read Report $report
 */
final class ReportState extends Model
{
    public $timestamps = false;
    public $incrementing = false;

    protected $primaryKey = 'report_id';

    /** @return BelongsTo<Report, $this> */
    public function report(): BelongsTo
    {
        return $this->belongsTo(Report::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'causes' => JudgedCauses::class,
            'at' => 'datetime',
        ];
    }
}
