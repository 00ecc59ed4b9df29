<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the maker knows of a part, whatever kit it is in.
 *
 * @property int $id
 * @property string $fingerprint
 * @property ?string $number the maker's own part number
 * @property string $title
 * @property array<string, mixed> $facts fields of a line in kit.json
 * @property array<string, string> $origins where each fact comes from
 * @property string $note what else to know, look-alikes above all
 * @property ?string $photo
 * @property int $version
 */
final class LibraryPart extends Model
{
    protected $fillable = ['fingerprint', 'number', 'title', 'facts', 'origins', 'note', 'photo', 'version'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['facts' => 'array', 'origins' => 'array', 'version' => 'integer'];
    }
}
