<?php

declare(strict_types=1);

namespace Chiralex\Polarity\Data;

use Chiralex\Part\KindMark;
use Chiralex\Part\KindRow;
use Chiralex\Part\LetterFamily;
use Chiralex\Part\Mark;
use Chiralex\Part\Outline;

/** The mark that the body at hand shows: a small plastic body has no metal side whatever is in it. Common practice. */
final readonly class BodyMarks
{
    /** Outline to its mark and what that stands for. */
    private const MARKS = [
        'TO-92' => [Mark::Flat, 'body outline'],
        'TO-126' => [Mark::MetalSide, 'metal side'],
        'TO-220' => [Mark::MetalSide, 'metal side'],
        'TO-247' => [Mark::MetalSide, 'metal side'],
        'TO-18' => [Mark::Tab, 'emitter'],
        'TO-5' => [Mark::Tab, 'emitter'],
    ];

    /** The usual mark of the kind, or that of its body where transistors, regulators and sensors share bodies; null without direction. */
    public static function of(KindRow $row, Outline $outline): ?KindMark
    {
        $body = self::MARKS[$outline->name] ?? null;

        return $row->mark === null || $body === null || $row->name->letters !== LetterFamily::Silicon
            ? $row->mark
            : new KindMark($body[0], $body[0], $body[1], $row->mark->consequence);
    }
}
