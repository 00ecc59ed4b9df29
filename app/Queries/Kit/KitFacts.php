<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Revision;
use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;

/** What the maker has said of a kit as a whole, and the names that can be chosen from where something is said of them. */
final readonly class KitFacts
{
    public function __construct(private KitFolder $folder) {}

    /**
     * @return array{facts: array<string, mixed>, lines: object, parts: list<string>, pins: list<string>, boards: list<string>}
     * @throws ChiralexException when the kit cannot be read
     */
    public function of(Revision $revision): array
    {
        $kit = $this->folder->kit($revision);
        $folder = $this->folder->of($revision);
        $parts = array_map(strval(...), array_keys($kit->parts));
        sort($parts, SORT_NATURAL);

        return [
            'facts' => $folder->facts(),
            'lines' => (object) $folder->lines(),
            'parts' => $parts,
            'pins' => self::pins($kit),
            'boards' => array_column($kit->boards, 'name'),
        ];
    }

    /** @return list<string> `J1.1`, of parts that a wire can end at */
    private static function pins(Kit $kit): array
    {
        $pins = [];
        foreach ($kit->parts as $name => $part) {
            foreach (array_keys($part->place->body->pins ?? $part->shape->outline->pins) as $pin) {
                $pins[] = "{$name}.{$pin}";
            }
        }
        sort($pins, SORT_NATURAL);

        return $pins;
    }
}
