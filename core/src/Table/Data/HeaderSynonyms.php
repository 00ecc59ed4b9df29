<?php

declare(strict_types=1);

namespace Chiralex\Table\Data;

/** Column names met in parts lists and placement files, in six languages; compared in lower case without punctuation. Common practice, no source. */
final readonly class HeaderSynonyms
{
    public const PARTS = [
        'designator' => ['designator', 'designators', 'reference', 'references', 'ref', 'refs', 'refdes', 'reference designator', 'reference designators', 'part reference', 'bezeichner', 'referenz', 'bauteil', 'position', 'repere', 'reference composant', 'referencia', 'referentie', 'oznaczenie', 'ref des', 'reference s', 'designator s', 'ref s', 'part', 'parts', 'component', 'components', 'bauteilbezeichner', 'bauteilreferenz', 'pos', 'positionsnummer', 'reperes', 'repere topologique', 'designateur', 'references composants', 'designador', 'referencias', 'identificador', 'aanduiding', 'referenties', 'referentieaanduiding', 'desygnator', 'referencja', 'oznaczenia', 'oznaczenie schematowe'],
        'quantity' => ['quantity', 'qty', 'count', 'amount', 'number', 'menge', 'anzahl', 'stueck', 'quantite', 'qte', 'nombre', 'cantidad', 'aantal', 'ilosc', 'pcs', 'pieces', 'quantity per pcb', 'qty per board', 'qty per pcb', 'mge', 'stueckzahl', 'quantites', 'nb', 'cant', 'numero', 'unidades', 'hoeveelheid', 'stuks', 'liczba', 'szt', 'sztuk', 'qnt'],
        'value' => ['value', 'val', 'wert', 'valeur', 'valor', 'waarde', 'wartosc', 'comment', 'nominal', 'werte', 'valeurs', 'valores', 'nennwert', 'valeur nominale', 'valor nominal', 'nominale waarde', 'wartosc nominalna', 'warde'],
        'package' => ['package', 'footprint', 'case', 'outline', 'body', 'gehaeuse', 'bauform', 'boitier', 'empreinte', 'encapsulado', 'huella', 'behuizing', 'obudowa', 'pattern', 'gehaeuseform', 'footprints', 'boitiers', 'formato', 'encapsulados', 'footprint naam', 'footprint name', 'obudowy', 'rozmiar', 'taille'],
        'description' => ['description', 'desc', 'details', 'beschreibung', 'bezeichnung', 'designation', 'descripcion', 'omschrijving', 'opis', 'name', 'part', 'article', 'artikel', 'descriptions', 'libelle', 'detalles', 'detalle', 'omschrijvingen', 'opisy', 'bezeichnung artikel', 'nazwa'],
        'tolerance' => ['tolerance', 'tol', 'toleranz', 'tolerancia', 'tolerantie', 'tolerancja', 'tolerancje', 'toleranzen'],
        'fitted' => ['dnp', 'dni', 'do not populate', 'do not fit', 'fitted', 'populate', 'populated', 'mounted', 'bestueckt', 'montiert', 'nicht bestueckt', 'bestuecken', 'monte', 'non monte', 'ne pas monter', 'montado', 'no montar', 'no montado', 'gemonteerd', 'niet monteren', 'montaz', 'nie montowac', 'place', 'assemble'],
        'supply' => ['supply', 'status', 'supplied', 'lieferung', 'fourniture', 'suministro', 'levering', 'dostawa'],
        'kind' => ['kind', 'type', 'part type', 'category', 'typ', 'kategorie', 'categorie', 'categoria', 'art', 'genre', 'tipo', 'soort', 'rodzaj', 'bauteiltyp'],
        'height' => ['height', 'seated height', 'hoehe', 'hauteur', 'altura', 'hoogte', 'wysokosc', 'bauhoehe', 'hauteur mm', 'alto'],
        'note' => ['note', 'notes', 'remark', 'remarks', 'bemerkung', 'remarque', 'nota', 'opmerking', 'uwagi', 'comments', 'anmerkung', 'hinweis', 'commentaire', 'comentario', 'observaciones', 'notitie', 'uwaga', 'komentarz'],
        'legend' => ['legend', 'board print', 'silk'],
    ];

    public const PLACEMENTS = [
        'designator' => ['designator', 'ref', 'refdes', 'reference', 'reference designator', 'part', 'name', 'component', 'bezeichner', 'referenz', 'repere', 'referencia', 'referentie', 'oznaczenie', 'bauteil'],
        'x' => ['x', 'pos x', 'posx', 'mid x', 'midx', 'center x', 'centre x', 'x pos', 'xpos', 'x location', 'x coord', 'x coordinate', 'location x', 'center xcoordinate', 'x center', 'x centre', 'ref x', 'x mm', 'pos x mm', 'mitte x', 'centre x mm'],
        'y' => ['y', 'pos y', 'posy', 'mid y', 'midy', 'center y', 'centre y', 'y pos', 'ypos', 'y location', 'y coord', 'y coordinate', 'location y', 'center ycoordinate', 'y center', 'y centre', 'ref y', 'y mm', 'pos y mm', 'mitte y', 'centre y mm'],
        'rotation' => ['rotation', 'rot', 'angle', 'orientation', 'rotate', 'theta', 'drehung', 'winkel', 'orientierung', 'angulo', 'rotacion', 'hoek', 'kat', 'obrot', 'rotatie'],
        'side' => ['side', 'layer', 'tb', 'face', 'board side', 'seite', 'lage', 'cote', 'couche', 'cara', 'capa', 'lado', 'zijde', 'strona', 'warstwa', 'bestueckungsseite'],
        'board' => ['board', 'pcb', 'platine', 'carte', 'placa', 'print', 'plytka', 'leiterplatte'],
        'package' => ['package', 'footprint', 'case', 'outline', 'gehaeuse', 'boitier', 'encapsulado', 'behuizing', 'obudowa'],
        'value' => ['value', 'val', 'comment', 'wert', 'valeur', 'valor', 'waarde', 'wartosc'],
    ];
}
