<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Revision;
use Chiralex\Bom\Designators;
use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;
use Chiralex\Review\FactOffers;
use ChiralexRender\Text\RowName;
use ChiralexRender\Words;

/** What the maker has said of a kit as a whole, and the names that can be chosen from where something is said of them. */
final readonly class KitFacts
{
    public function __construct(private KitFolder $folder) {}

    /**
     * @return array{facts: array<string, mixed>, offers: object, called: object, lines: object, parts: list<string>, pins: list<string>, boards: list<string>, blocks: list<string>, gates: list<string>}
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
            'offers' => self::offers($kit, $folder->facts()),
            'lines' => (object) $folder->lines(),
            'parts' => $parts,
            'called' => (object) self::called($kit),
            'pins' => self::pins($kit),
            'boards' => array_column($kit->boards, 'name'),
            'blocks' => array_map(strval(...), array_keys($kit->work->groups->blocks)),
            'gates' => array_column($kit->work->gates, 'name'),
        ];
    }

    /**
     * What can be worked out where nothing is said, with the reason.
     *
     * @param array<string, mixed> $said
     */
    private static function offers(Kit $kit, array $said): object
    {
        $offers = [];
        foreach ((new FactOffers($kit))->all() as $offer) {
            if (($said[$offer->fact] ?? null) === null) {
                $offers[$offer->fact] = ['value' => $offer->value, 'why' => Words::english()->of($offer->why)];
            }
        }

        return (object) $offers;
    }

    /** @return array<string, string> what rows without a designator are: `M3x6, screw` */
    private static function called(Kit $kit): array
    {
        $called = [];
        $names = new RowName($kit, Words::english());
        foreach (array_keys($kit->parts) as $name) {
            if (!Designators::isNamed((string) $name)) {
                $called[(string) $name] = $names->full((string) $name);
            }
        }

        return $called;
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
