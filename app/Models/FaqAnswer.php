<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Fault\Cause;
use Illuminate\Database\Eloquent\Model;

/**
 * The question and answer of a kit for a symptom, its cause and the place of that.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $symptom a general one by its code, or the kit's own
 * @property Cause $cause
 * @property string $part the place of the cause; empty where it has none
 * @property string $option `box=drilled`; empty where it holds for all
 * @property ?int $from_revision_id first revision it holds for; null from the beginning
 * @property ?int $to_revision_id last one; null to the end
 * @property string $question
 * @property string $answer
 * @property list<string> $anchor designators of its step, or the name of a gate
 * @property bool $published
 */
final class FaqAnswer extends Model
{
    protected $table = 'faq_entries';

    protected $fillable = [
        'kit_id',
        'symptom',
        'cause',
        'part',
        'option',
        'from_revision_id',
        'to_revision_id',
        'question',
        'answer',
        'anchor',
        'published',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['cause' => Cause::class, 'anchor' => 'array', 'published' => 'boolean'];
    }
}
