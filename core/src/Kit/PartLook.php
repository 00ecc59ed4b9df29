<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Marking\Look;
use Chiralex\Marking\MarkingWriter;
use Chiralex\Part\Kind;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Role;

/** What a builder sees of a kit's part: its bands, its code, its body. */
final readonly class PartLook
{
    /** Letters and figures of a type, `LM393`; a frequency, a voltage or what is left of a decimal number is none. */
    private const TYPE = '~(?<![\w.,])(?=[A-Za-z0-9]*[A-Za-z])(?=[A-Za-z0-9]*\d)(?!\d+(?:[kMG]?Hz|[kmu]?[VAWFH]|ppm|dB)\b)[A-Za-z0-9]{3,}~i';

    /** A lens that tells nothing of what is in it: clear, or made for light that nobody sees. Common practice. */
    private const HIDES = '~clear|infra|\bir\b|\b(?:850|880|940) ?nm~u';

    public static function of(KitPart $part): Look
    {
        $value = $part->recognition->value;
        $bands = [];
        $code = null;
        if ($value !== null) {
            $tolerance = $part->tolerance();
            if ($part->kind() === Kind::Resistor && $part->shape->outline->leads->style === LeadStyle::AxialWire) {
                $tight = in_array($tolerance, ['1', '2', '0.5', '0.25', '0.1'], true);
                $bands =
                    (new MarkingWriter())->bands($value->value, $tight ? 3 : 2, $tolerance ?? '5') ??
                    ((new MarkingWriter())->bands($value->value, 3, $tolerance ?? '1') ?? []);
            } elseif ($part->kind() === Kind::Electrolytic) {
                $code = str_replace(' ', '', $value->value->display());
            } else {
                $code = (new MarkingWriter())->three($value->value);
            }
        } elseif (
            $part->row->is(Role::NamePrinted) &&
            preg_match(self::TYPE, $part->line->cells->value, $found) === 1
        ) {
            $code = strtoupper($found[0]);
        }
        $text = mb_strtolower(
            "{$part->line->cells->value} {$part->line->cells->description} {$part->line->cells->package}",
        );

        return new Look(
            $part->kind(),
            $part->valueKey(),
            $part->shape->outline->name,
            $bands,
            $code,
            preg_match(self::HIDES, $text) === 1,
        );
    }
}
