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
        // Where nothing happens at all the lamp is dark, too.
        [Symptom::Nothing, [['dead'], ['dark']]],
        [Symptom::LampDark, [['dark'], ['lamp', 'display', 'segment', 'digit']]],
        [Symptom::Noise, [['hum', 'radio']]],
        [Symptom::CannotAdjust, [['adjust', 'frostpoint', 'trimmer']]],
        [Symptom::Unstable, [['jump', 'loose']]],
        [Symptom::Frequency, [['fast']]],
        [Symptom::Nothing, [['dead']]],
        [Symptom::Picture, [['different'], ['picture']]],
        [Symptom::Unclear, [['unclear']]],
    ];

    /** A part that lies the wrong way round, and what says that it does not, or only asks. */
    private const TURNED =
        '~\b(?:wrong (?:way|end|side)|reversed|backwards|the other way round|verkehrt|verdreht|falsch ?(?:herum|rum)|' .
        'andersherum|andersrum)\b~iu';
    private const NOT = '~\b(?:not|never|no|nicht|nie|kein\w*)\b|n[\'’]t\b|\?$~iu';

    /**
     * @param ?Symptom $symptom null where its words tell nothing
     * @param list<string> $parts designators of the kit that it names
     * @param list<string> $turned those of them that lie the wrong way round, as it says
     */
    private function __construct(public ?Symptom $symptom, public array $parts, public array $turned) {}

    /** @param array<array-key, string> $parts designator to what it is, in words; only these are parts */
    public static function of(string $text, array $parts): self
    {
        $read = (new Wording())->of($text, $parts);
        $named = array_map(strval(...), array_keys($read['parts']));
        $turned = self::turned($text, $parts);
        foreach (self::ROWS as [$symptom, $lists]) {
            $fits = array_filter(
                $lists,
                static fn(array $any): bool => array_intersect_key(array_flip($any), $read['words']) === [],
            );
            if ($fits === []) {
                return new self($symptom, $named, $turned);
            }
        }

        return new self(null, $named, $turned);
    }

    /**
     * Sentence by sentence: what names one part alone, says that it is turned, and neither denies nor asks it.
     *
     * @param array<array-key, string> $parts
     * @return list<string>
     */
    private static function turned(string $text, array $parts): array
    {
        $turned = [];
        foreach (preg_split('~(?<=[.!?])\s+|\n+~u', $text) ?: [] as $sentence) {
            $plain = trim($sentence);
            if (preg_match(self::TURNED, $plain) !== 1 || preg_match(self::NOT, $plain) === 1) {
                continue;
            }
            $named = array_keys((new Wording())->of($plain, $parts)['parts']);
            if (count($named) === 1) {
                $turned[(string) $named[0]] = true;
            }
        }

        return array_map(strval(...), array_keys($turned));
    }
}
