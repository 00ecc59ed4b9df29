<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\Symptom;
use Illuminate\Database\Eloquent\Model;

/**
 * What support made of a report; the last one counts, the others stay.
 *
 * @property int $id
 * @property int $report_id
 * @property string $operation_id
 * @property int $kit_id
 * @property Symptom $symptom
 * @property Cause $cause
 * @property FaultOrigin $fault_origin
 * @property string $part
 * @property ?int $user_id
 */
final class ReportJudgement extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'report_id',
        'operation_id',
        'kit_id',
        'symptom',
        'cause',
        'fault_origin',
        'part',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['symptom' => Symptom::class, 'cause' => Cause::class, 'fault_origin' => FaultOrigin::class];
    }
}
