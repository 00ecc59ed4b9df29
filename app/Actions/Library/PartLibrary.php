<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Models\LibraryPart;
use Chiralex\Kit\Edit\LineEdit;
use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;

/** What the maker said of a part once is kept with it and given to the next kit; the kit keeps its own copy. */
final readonly class PartLibrary
{
    /** Fields of a line that belong to the part and not to its place. */
    public const FACTS = ['kind', 'package', 'height', 'leadLength', 'mass', 'hold', 'sensitivity', 'polarity'];

    /** @param mixed $value as kit.json holds it; null takes nothing away from the library */
    public function remember(KitPart $part, string $field, mixed $value, string $origin): void
    {
        if (!in_array($field, self::FACTS, true) || $value === null) {
            return;
        }
        $known = LibraryPart::query()->firstOrNew(
            ['fingerprint' => Fingerprint::of($part)],
            ['title' => self::title($part), 'facts' => [], 'origins' => [], 'version' => 0],
        );
        $known->facts = [$field => $value] + $known->facts;
        $known->origins = [$field => $origin] + $known->origins;
        ++$known->version;
        $known->save();
        KnownParts::ensure($known->fingerprint, $known->title, $part->kind()->value);
    }

    /**
     * What the library adds to a kit: facts of its parts that the kit does not state itself.
     *
     * @param Folder $folder that the kit was read from
     * @return list<LineEdit>
     * @throws UnusableKit when the kit file cannot be read
     * @throws UnusableEdit when the library holds what no part can have
     */
    public function edits(Kit $kit, Folder $folder): array
    {
        $facts = [];
        $wanted = array_values(array_unique(array_map(Fingerprint::of(...), array_values($kit->parts))));
        foreach (LibraryPart::query()->whereIn('fingerprint', $wanted)->get() as $known) {
            $facts[$known->fingerprint] = $known->facts;
        }
        $edits = [];
        $said = $folder->stated();
        foreach ($facts === [] ? [] : $kit->parts as $part) {
            foreach ($facts[Fingerprint::of($part)] ?? [] as $field => $value) {
                $known = $field === 'kind' && $value === $part->kind()->value;
                if (!$known && !isset($said[$part->designator][$field])) {
                    $edits[] = LineEdit::read($part->designator, $field, $value);
                }
            }
        }

        return $edits;
    }

    public static function title(KitPart $part): string
    {
        $words = array_filter(
            [$part->line->cells->value, $part->line->cells->package, $part->line->cells->description],
            static fn(string $word): bool => $word !== '',
        );

        return mb_substr($words === [] ? $part->designator : implode(', ', $words), 0, 190);
    }
}
