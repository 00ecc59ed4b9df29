<?php

declare(strict_types=1);

namespace Chiralex\Bom\Data;

use Chiralex\Part\Kind as K;

/**
 * Words in value, package or description that tell a kind. Earlier rows win. Type numbers are registered or customary
 * numbers of the trade; common practice, no source.
 */
final readonly class KindWords
{
    /** @var list<array{string, K}> pattern on lower-case text, kind */
    public const WORDS = [
        [
            '~socket strip|pin ?socket|female header|buchsenleiste|receptacle strip|barrette femelle|tira hembra~',
            K::SocketStrip,
        ],
        [
            '~\b(?:audio|din|phono|banana|headphone|usb|mains|rca) socket|klinke|cinch|\brca\b|\bdin[- ]?buchse|bananenbuchse|prise jack|embase rca|(?:toma|conector) jack|tulp|gniazdo jack~u',
            K::Jack,
        ],
        [
            '~\b(?:ic|dip|dil)?[- ]?socket(?! ?strip)\b|\bsocket.*\b(?:dip|dil|ic)\b|\bic[- ]?(?:fassung|sockel|voet)|support (?:ci|dil|dip|\d+)|z(?:ó|o)calo|podstawka~u',
            K::IcSocket,
        ],
        ['~box(?:ed)? header|shrouded|wannenstecker|\bidc\b~', K::BoxHeader],
        [
            '~(?:pin|male) ?header|stiftleiste|pin strip|\bhdr\b|conn header|barrette m(?:â|a)le|tira de pines|listwa kołkowa~u',
            K::PinHeader,
        ],
        [
            '~terminal block|screw terminal|term(?:inal)? blk|klemme\b|bornier|\bbornes?\b|\bterminal\b|bornera|kroonsteen|printklem|złącze śrubowe~u',
            K::TerminalBlock,
        ],
        ['~barrel|dc jack|power jack|dc[- ]?buchse|hohlbuchse|dc power~', K::BarrelJack],
        [
            '~(?:battery|coin ?cell|cell|9 ?v) (?:snap|holder|clip|case|box)|snap holder|batterie(?:halter|clip|fach)|(?:clip|coupleur|support) (?:pour )?(?:de )?pile|portapilas|batterijhouder|koszyk~u',
            K::BatteryHolder,
        ],
        [
            '~\bbattery\b|\bbatterie\b|\bcoin cell\b|\bpile\b|\bpila\b|\bbatterij\b|\bbateria\b|\bknopfzelle~u',
            K::Battery,
        ],
        ['~fuse ?(?:holder|clip)|sicherungshalter|porte-?fusible|portafusible|zekeringhouder~u', K::FuseHolder],
        ['~heat ?sink|kühlkörper~u', K::HeatSink],
        ['~bridge rectifier|\bbridge\b|gleichrichterbr~', K::Bridge],
        [
            '~photo(?:transistor|diode|cell)|\bldr\b|infrared (?:detector|receiver)|light sensor|\bgl55\d\d|photo(?:r(?:é|e)sist|widerst)|fotoresist|fotowiderstand|fotorezystor|light dependent~u',
            K::Photo,
        ],
        ['~\bleds?\b|leuchtdiode|light emitting|infrared emitter|\bir emitter\b~', K::Led],
        [
            '~zener|\bz-?diode|\bzpd ?\d|\bbz[xvy]\d|\b1n47[2-6]\d|\b\d{1,2}v\d\b(?=.*(?:do-?35|do-?41|glass))~',
            K::Zener,
        ],
        ['~\b1n400\d|\b1n540\d|\b1n58(?:1|2)\d|rectifier|schottky~', K::Rectifier],
        ['~\b1n4148\b|\b1n914\b|signal diode|\bdiodes?\b|\bdiod[ao]\b~', K::Diode],
        ['~ntc|ptc|thermistor~', K::Thermistor],
        ['~trim(?:mer|[- ]?pot)|preset|multi-?turn|ajustable|instelpot|montażowy~u', K::Trimmer],
        [
            '~poten[tc]j?i?(?:o|ó)m(?:e|è|é)t(?:er|re|ro|r)|\bpoti?\b|rotary.*(?:log|lin)|\d\s*[kmKM](?:ohm)?\d* (?:log|lin)\b|volume control~u',
            K::Potentiometer,
        ],
        ['~resistor (?:network|array)|\bsip[- ]?\d+|bussed~', K::Network],
        ['~tantal~', K::Tantalum],
        [
            '~electrolytic|\belko\b|aluminium cap|\belec\b|bipolar cap|chimique|electrol(?:í|i)tico|\belco\b|elektrolit|elektrolyt~u',
            K::Electrolytic,
        ],
        ['~\bx[12]\b|folie|poli(?:é|e)ster|foliowy|polyester|\bmk[tps]\b|\bfilm\b|polyprop~u', K::Film],
        [
            '~cer(?:a|á)mi[ck]|c(?:é|e)rami|keram|\by[12]\b|\bmlcc\b|\bx[57]r\b|\bnp0\b|\bc0g\b|\bdisc\b(?!.*ntc)~u',
            K::Ceramic,
        ],
        [
            '~\bresistor\b|widerstand|r(?:é|e)sistance|resistencia|weerstand|rezystor|metallschicht|kohleschicht|metal film|carbon film|axial.*\d\s*w\b~u',
            K::Resistor,
        ],
        ['~transformer|trafo\b|transfo\b|transformador~', K::Transformer],
        ['~\binductor\b|\bchoke\b|ferrite bead|\bcoil\b~', K::Inductor],
        [
            '~\b(?:l|lm|mc|ua|ka)?78l?\d\d[a-z]*\b|\b(?:l|lm|mc|ua|ka)?79l?\d\d[a-z]*\b|\blm317|\blp29\d\d|regulator|spannungsregler|r(?:é|e)gulateur|regulador|spanningsregelaar|stabilizator~u',
            K::Regulator,
        ],
        [
            '~\bbc[3-5]\d\d|\b2n[2-7]\d\d\d|\bbs170|(?<!photo)(?<!foto)transistor|mosfet|\bto-?92\b.*(?:npn|pnp)|\bnpn\b|\bpnp\b|tranzystor|\birf\w*\d|\btip\d|\bbd1\d\d|\bbs\d{2,3}\b~',
            K::Transistor,
        ],
        ['~crystal|quartz|\bquarz\b|cristal|kristal|kwarc|\bhc-?49|resonator~u', K::Crystal],
        ['~\brelay\b|\brelais\b|\brel(?:é|e)\b|przekaźnik~u', K::Relay],
        ['~buzzer|sounder|piezo~', K::Buzzer],
        ['~loudspeaker|\bspeaker\b|lautsprecher|haut-?parleur|altavoz|luidspreker|głośnik~u', K::Speaker],
        ['~\btact|push ?button|\bsw push\b|\bbutton\b|taster|poussoir|pulsador|drukknop|przycisk~u', K::Button],
        [
            '~\bswitch\b|schalter|interrupteur|inverseur|commutateur|interruptor|conmutador|schakelaar|przełącznik|\bslide\b|toggle|rotary selector|selector~u',
            K::Switch,
        ],
        ['~\bjack\b|phono|buchse\b~', K::Jack],
        ['~display|\blcd\b|7-?segment|seven[- ]segment|\b\d digits?\b|anzeige\b|afficheur|pantalla~', K::Display],
        [
            '~\bsensor\b|microphone|\bprobe\b|thermocouple|thermoelement|\bpir\b|\bsensor|capteur|mikrofon|micrófono~u',
            K::Sensor,
        ],
        [
            '~\bknob\b|\b(?:dreh)?knopf\b|bouton (?:pour|de) (?:axe|pot|r(?:é|e)glage)|perilla|\bmando\b|knop\b|gałka~u',
            K::Knob,
        ],
        [
            '~standoff|stand-off|spacer|abstands(?:bolzen|h(?:ü|ue)lse|halter)|entretoise|separador|afstandsbus|tulejka|dystans~u',
            K::Standoff,
        ],
        ['~washer|scheibe\b|f(?:ä|ae)cherscheibe|rondelle|arandela|\bring\b|podkładka|solder lug|lötöse~u', K::Washer],
        ['~\bscrew\b|schraube|\bvis\b|tornillo|\bschroef|wkręt|śruba~u', K::Screw],
        ['~\bnuts?\b|mutter\b|(?:é|e)crou|tuerca|\bmoer\b|nakrętka|^ *m[234](?:[.,]5)? *$~u', K::Nut],
        ['~front panel|\bpanel\b~', K::Panel],
        [
            '~enclosure|\bcase\b|\bgeh(?:ä|ae)use|\blid\b|\bbox\b(?! ?header)|bo(?:î|i)tier (?:plastique|alu|m(?:é|e)tal)|coffret|caja\b|behuizing|obudowa|deckel\b|couvercle~u',
            K::Enclosure,
        ],
        [
            '~(?:rubber|stick-?on) f(?:oo|ee)t|\bfeet\b|gummif(?:u|ü|ue)(?:ß|ss)|pieds? (?:caoutchouc|adh(?:é|e)sif)|patas? de goma|rubber ?voet|nóżka~u',
            K::Feet,
        ],
        [
            '~grommet|t(?:ü|ue)lle\b|passe-fil|pasacables|doorvoer|przepust|cable (?:tie|gland|clamp)|strain relief|kabelbinder|zugentlastung~u',
            K::Consumable,
        ],
        ['~ribbon|\bcable\b|kabel|\bc(?:â|a)ble\b~u', K::Cable],
        [
            '~wire ?(?:link|bridge|jumper)|jumper wire|zero[- ]ohm link|\blink\b(?! ?(?:header|pin))|drahtbr(?:ü|ue)cke|\bstrap de\b~u',
            K::Link,
        ],
        ['~hook-?up|\bwire\b|draht\b|litze|\bfil\b|\bhilo\b|\bdraad\b|przewód~u', K::Wire],
        [
            '~\bpcb\b|printed circuit board|bare board|leiterplatte|platine\b|circuit imprim|placa de circuito|printplaat|płytka~u',
            K::Board,
        ],
        [
            '~label|sticker|aufkleber|etikett|(?:é|e)tiquette|etiqueta|insulat(?:or|ing)|isolier|isolant|aislante~u',
            K::Label,
        ],
        ['~solder\b|flux|sleeving|heat ?shrink|\bglue\b|tape\b~', K::Consumable],
        ['~\bformer\b|mandrel~', K::Former],
        ['~connector|\bplug\b|stecker|\bjst\b|\bxh-?\d|connecteur|conector~', K::Connector],
        [
            '~comparator|op-?amp|timer ic|counter|flip-?flop|microcontroller|logic|\blm(?:3(?:58|93|24|39)|555)|\bne555|\btlc?\d{3}|\bcd4\d{3}|\b74hc~',
            K::Ic,
        ],
    ];

    /** A package that nearly always holds a chip; it tells only where no letters do. */
    public const CHIP_PACKAGE = '~\b(?:p?dip|dil)[- ]?\d+~';

    /** A thread and a length: a screw, where nothing else is said. */
    public const THREAD = '~\b\d?m[234](?:[.,]5)? ?x ?\d+~';

    /** Footprints of drawing programs that begin with what they are. @var list<array{string, K}> pattern, kind */
    public const FOOTPRINTS = [
        ['~^(?:[\w ]+:)?r axial~', K::Resistor],
        ['~^(?:[\w ]+:)?cp[ -]~', K::Electrolytic],
        ['~^(?:[\w ]+:)?c disc~', K::Ceramic],
        ['~^(?:[\w ]+:)?c rect~', K::Film],
        ['~^(?:[\w ]+:)?led ~', K::Led],
        ['~^(?:tact(?:ile)? )?6(?:\.0)? ?x ?6(?:\.0)?\b~', K::Button],
        ['~^(?:[\w ]+:)?l (?:axial|radial)~', K::Inductor],
        ['~^(?:[\w ]+:)?(?:crystal|xtal)|hc-?49~', K::Crystal],
    ];

    /** A light-dependent resistor among the light sensors: it has no direction. */
    public const CELL = '~\b(?:ldr\d*|gl55\d\d)\b|photocell|fotowiderstand|photor(?:é|e)sist|fotorezystor|light dependent~u';

    /** What a lamp is listed by. */
    public const COLOURS = '~\b(?:red|green|blue|yellow|amber|orange|white|warm white|rot|gr(?:ü|ue)n|blau|gelb|wei(?:ß|ss)|rouge|verte?|bleue?|jaune|rojo|verde|azul|amarillo|rood|groen|blauw|geel|wit|czerwon[ay]|zielon[ay]|niebiesk[ai])\b~u';

    /** Type numbers that name their body. @var list<array{string, string}> pattern, outline name */
    public const BODIES = [
        ['~\b1n4148\b|\b1n914\b|\bbzx(?:55|79)|\b1n52\d\d~', 'DO-35'],
        ['~\b1n400\d|\b1n58(?:1\d)|\b1n47\d\d|\bbzx85~', 'DO-41'],
        ['~\b1n540\d|\b1n582\d~', 'DO-201'],
        ['~thermocouple|thermoelement~', 'leads-2'],
        ['~electret|microphone|mikrofon|micr(?:o|ó)fono~u', 'capsule-9.7'],
        ['~\b7[89]l\d\d~', 'TO-92'],
        ['~\b7[89]\d\d\b|\blm317~', 'TO-220'],
        ['~\bbc[3-5]\d\d|\b2n39\d\d|\b2n7000|\bbs170|\b2n22\d\d~', 'TO-92'],
    ];
}
