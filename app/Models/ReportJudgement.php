<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\JudgedCauses;
use Chiralex\Fault\JudgedCause;
use Illuminate\Database\Eloquent\Model;

/**
 * What support made of a report; the last one counts, the others stay.
 *
 * @property int $id
 * @property int $report_id
 * @property string $operation_id
 * @property int $kit_id
 * @property string $symptom a general one by its code, or the kit's own
 * @property list<JudgedCause> $causes
 * @property ?int $user_id
 */
final class ReportJudgement extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['report_id', 'operation_id', 'kit_id', 'symptom', 'causes', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['causes' => JudgedCauses::class];
    }
}
