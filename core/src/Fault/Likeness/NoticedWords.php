<?php

declare(strict_types=1);

namespace Chiralex\Fault\Likeness;

use Chiralex\Fault\Symptom;

/** What a text most likely notices, and the parts it names: a guess from the concepts of its words; common practice, no source. */
final readonly class NoticedWords
{
    /** Concepts that have to be there, of each list one; the first row that fits counts. */
    private const ROWS = [
        [Symptom::Hot, [['hot', 'smell']]],
        [Symptom::Missing, [['missing']]],
        [Symptom::Broke, [['broke']]],
        [Symptom::Scratched, [['scratch']]],
        [Symptom::LightNoSound, [['silent'], ['lamp', 'flash']]],
        [Symptom::Dies, [['died', 'empty']]],
        [Symptom::LampDark, [['dark'], ['lamp', 'display', 'segment', 'digit']]],
        [Symptom::Noise, [['hum', 'radio']]],
        [Symptom::CannotAdjust, [['adjust', 'frostpoint', 'trimmer']]],
        [Symptom::Unstable, [['jump', 'loose']]],
        [Symptom::Frequency, [['fast']]],
        [Symptom::Nothing, [['dead']]],
        [Symptom::Picture, [['different'], ['picture']]],
        [Symptom::Unclear, [['unclear']]],
    ];

    /**
     * @param ?Symptom $symptom null where its words tell nothing
     * @param list<string> $parts designators of the kit that it names
     */
    private function __construct(public ?Symptom $symptom, public array $parts) {}

    /** @param array<array-key, string> $parts designator to what it is, in words; only these are parts */
    public static function of(string $text, array $parts): self
    {
        $read = (new Wording())->of($text, $parts);
        $named = array_map(strval(...), array_keys($read['parts']));
        foreach (self::ROWS as [$symptom, $lists]) {
            $fits = array_filter(
                $lists,
                static fn(array $any): bool => array_intersect_key(array_flip($any), $read['words']) === [],
            );
            if ($fits === []) {
                return new self($symptom, $named);
            }
        }

        return new self(null, $named);
    }
}
