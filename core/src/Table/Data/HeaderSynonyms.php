<?php

declare(strict_types=1);

namespace Chiralex\Table\Data;

/** Column names met in parts lists and placement files, in six languages; compared in lower case without punctuation. Common practice, no source. */
final readonly class HeaderSynonyms
{
    public const PARTS = [
        'designator' => ['designator', 'designators', 'reference', 'references', 'ref', 'refs', 'refdes', 'reference designator', 'reference designators', 'part reference', 'bezeichner', 'referenz', 'bauteil', 'position', 'repere', 'reference composant', 'referencia', 'referentie', 'oznaczenie', 'ref des', 'reference s', 'designator s', 'ref s', 'part', 'parts', 'component', 'components'],
        'quantity' => ['quantity', 'qty', 'count', 'amount', 'number', 'menge', 'anzahl', 'stueck', 'quantite', 'qte', 'nombre', 'cantidad', 'aantal', 'ilosc', 'pcs', 'pieces', 'quantity per pcb', 'qty per board', 'qty per pcb'],
        'value' => ['value', 'val', 'wert', 'valeur', 'valor', 'waarde', 'wartosc', 'comment', 'nominal'],
        'package' => ['package', 'footprint', 'case', 'outline', 'body', 'gehaeuse', 'bauform', 'boitier', 'empreinte', 'encapsulado', 'huella', 'behuizing', 'obudowa', 'pattern'],
        'description' => ['description', 'desc', 'details', 'beschreibung', 'bezeichnung', 'designation', 'descripcion', 'omschrijving', 'opis', 'name', 'part', 'article', 'artikel'],
        'tolerance' => ['tolerance', 'tol', 'toleranz', 'tolerancia', 'tolerantie', 'tolerancja'],
        'fitted' => ['dnp', 'dni', 'do not populate', 'do not fit', 'fitted', 'populate', 'populated', 'mounted', 'bestueckt'],
        'supply' => ['supply', 'status', 'supplied', 'lieferung'],
        'kind' => ['kind', 'type', 'part type', 'category', 'typ', 'kategorie', 'categorie', 'categoria'],
        'height' => ['height', 'seated height', 'hoehe', 'hauteur', 'altura', 'hoogte', 'wysokosc'],
        'note' => ['note', 'notes', 'remark', 'remarks', 'bemerkung', 'remarque', 'nota', 'opmerking', 'uwagi'],
        'legend' => ['legend', 'board print', 'silk'],
    ];

    public const PLACEMENTS = [
        'designator' => ['designator', 'ref', 'refdes', 'reference', 'reference designator', 'part', 'name', 'component'],
        'x' => ['x', 'pos x', 'posx', 'mid x', 'midx', 'center x', 'centre x', 'x pos', 'xpos', 'x location', 'x coord', 'x coordinate', 'location x', 'center xcoordinate', 'x center', 'x centre', 'ref x'],
        'y' => ['y', 'pos y', 'posy', 'mid y', 'midy', 'center y', 'centre y', 'y pos', 'ypos', 'y location', 'y coord', 'y coordinate', 'location y', 'center ycoordinate', 'y center', 'y centre', 'ref y'],
        'rotation' => ['rotation', 'rot', 'angle', 'orientation', 'rotate', 'theta', 'drehung', 'winkel'],
        'side' => ['side', 'layer', 'tb', 'face', 'board side', 'seite', 'lage'],
        'board' => ['board', 'pcb', 'platine'],
        'package' => ['package', 'footprint', 'case', 'outline'],
        'value' => ['value', 'val', 'comment'],
    ];
}
