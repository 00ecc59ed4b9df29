<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Symptom;
use Illuminate\Database\Eloquent\Model;

/**
 * The question and answer of a kit for a symptom and its cause.
 *
 * @property int $id
 * @property int $kit_id
 * @property Symptom $symptom
 * @property Cause $cause
 * @property string $question
 * @property string $answer
 * @property list<string> $anchor designators of its step, or the name of a gate
 * @property bool $published
 */
final class FaqAnswer extends Model
{
    protected $table = 'faq_entries';

    protected $fillable = ['kit_id', 'symptom', 'cause', 'question', 'answer', 'anchor', 'published'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['symptom' => Symptom::class, 'cause' => Cause::class, 'anchor' => 'array', 'published' => 'boolean'];
    }
}
