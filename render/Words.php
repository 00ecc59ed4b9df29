<?php

declare(strict_types=1);

namespace ChiralexRender;

use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Problem;
use Chiralex\Reason\Reason;

/**
 * The words of one language: codes to sentences, kinds to names. What a language lacks is said in English.
 *
 * A length in a sentence is written `{0.8 mm}` or `{3..5 mm}` and printed in the units of the kit; a number with what it counts
 * `{count|hole|holes}`.
 */
final readonly class Words
{
    public const LANGUAGES = ['en' => 'English', 'de' => 'Deutsch'];

    /**
     * @param array<string, string> $sentences
     * @param array{kind: array<string, array{string, string}>, mark: array<string, string>, consequence: array<string, string>, action: array<string, string>, direction: array<string, string>, colour: array<string, string>, terminal: array<string, string>, edge: array<string, string>} $names
     * @param array<string, string> $own sentences the maker wrote, by `sentence.<code>`
     */
    private function __construct(
        public string $language,
        private array $sentences,
        private array $names,
        public LengthText $lengths,
        private array $own = [],
    ) {}

    public static function english(): self
    {
        return self::in('en');
    }

    /** @param string $language one of LANGUAGES; any other is English */
    public static function in(string $language, string $units = 'mm'): self
    {
        $language = isset(self::LANGUAGES[$language]) ? $language : 'en';
        $english = self::sentences('en');

        return new self(
            $language,
            $language === 'en' ? $english : [...$english, ...self::sentences($language)],
            self::names($language),
            new LengthText($units),
        );
    }

    /** What the builder reads: the kit's language and units, and the sentences its maker wrote. */
    public static function forBuilder(Kit $kit): self
    {
        $words = self::in($kit->choices->settings->page->language, $kit->choices->settings->page->units->value);

        return new self($words->language, $words->sentences, $words->names, $words->lengths, $kit->choices->words);
    }

    public function of(Reason|Matter|Problem $said): string
    {
        return $this->sentence($said->code, $said->args);
    }

    public function knows(string $code): bool
    {
        return isset($this->sentences[$code]);
    }

    /** @return list<string> every code there is a sentence for, the maker's own left out */
    public function codes(): array
    {
        return array_map(strval(...), array_keys($this->sentences));
    }

    /** @param array<string, string|int|float|list<string>> $args */
    public function sentence(string $code, array $args = []): string
    {
        $replace = [];
        foreach ($args as $name => $value) {
            $text = is_array($value) ? $this->list($value) : (string) $value;
            $replace["{{$name}}"] = match ($name) {
                'edge' => $this->names['edge'][$text] ?? $text,
                'kind' => is_string($value) ? $this->kindNamed($value) : $text,
                'kinds' => is_array($value) ? $this->list(array_map($this->kindNamed(...), $value)) : $text,
                default => $text,
            };
        }
        // A reason told inside another sentence has the same arguments.
        $why = $replace['{why}'] ?? null;
        if ($why !== null && isset($this->sentences[$why])) {
            $replace['{why}'] = strtr($this->sentences[$why], $replace);
        }

        return $this->measured(strtr(self::counted($this->template($code), $args), $replace));
    }

    /**
     * `{count|hole|holes}` is the number with the word that fits it.
     *
     * @param array<string, string|int|float|list<string>> $args
     */
    private static function counted(string $template, array $args): string
    {
        return (string) preg_replace_callback(
            '~\{(\w+)\|([^|{}]+)\|([^|{}]+)\}~u',
            static function (array $found) use ($args): string {
                $number = $args[$found[1]] ?? '';
                $text = is_array($number) ? (string) count($number) : (string) $number;

                return $text . ' ' . $found[$text === '1' ? 2 : 3];
            },
            $template,
        );
    }

    /** The sentence as a maker may write it: what stands in braces is filled in when it is said. */
    public function template(string $code): string
    {
        $own = trim($this->own["sentence.{$code}"] ?? '');

        return $own === '' ? $this->sentences[$code] ?? $code : $own;
    }

    public function kind(Kind $kind, bool $many = false): string
    {
        return $this->names['kind'][$kind->value][$many ? 1 : 0] ?? $kind->value;
    }

    /** What is called by the name of a kind; any other word stays. */
    private function kindNamed(string $name): string
    {
        return $this->names['kind'][$name][0] ?? $name;
    }

    public function mark(string $mark): string
    {
        return $this->names['mark'][$mark] ?? $mark;
    }

    public function consequence(string $consequence): string
    {
        return $this->names['consequence'][$consequence] ?? '';
    }

    public function action(string $action): string
    {
        return $this->names['action'][$action] ?? $action;
    }

    /** One of eight words for a bearing. */
    public function direction(string $direction): string
    {
        return $this->names['direction'][$direction] ?? $direction;
    }

    /** What a terminal is called: `cathode`, `pin 1`. */
    public function terminal(string $terminal): string
    {
        return $this->names['terminal'][$terminal] ?? $terminal;
    }

    /** The colour of a wire; a text that names none stays as the maker typed it. */
    public function colour(string $colour): string
    {
        return $this->names['colour'][mb_strtolower(trim($colour))] ?? $colour;
    }

    /** A name in the middle of a sentence: small, where the language writes nouns small and it is no abbreviation. */
    public function inside(string $name): string
    {
        return $this->language === 'de' || preg_match('~^\p{Lu}{2}~u', $name) === 1 ? $name : lcfirst($name);
    }

    /** The decimal sign. */
    public function point(): string
    {
        return $this->language === 'de' ? ',' : '.';
    }

    private function measured(string $sentence): string
    {
        return (string) preg_replace_callback(
            '~\{(\d+(?:\.\d+)?)(?:\.\.(\d+(?:\.\d+)?))? mm\}~',
            fn(array $found): string => isset($found[2])
                ? $this->lengths->between($found[1], $found[2], $this->sentences['page.to'] ?? 'to', $this->point())
                : $this->lengths->of($found[1], $this->point()),
            $sentence,
        );
    }

    /** @return array<string, string> */
    private static function sentences(string $language): array
    {
        /** @var array<string, array<string, string>> $read the files are read once */
        static $read = [];
        if (isset($read[$language])) {
            return $read[$language];
        }
        $sentences = [];
        foreach (['sentences', 'manual', 'faults', 'page', 'public', 'cost', 'print', 'trouble'] as $file) {
            $path = __DIR__ . "/words/{$language}/{$file}.php";
            /** @var array<string, string> $here */
            $here = is_file($path) ? require $path : [];
            $sentences += $here;
        }

        return $read[$language] = $sentences;
    }

    /** @return array{kind: array<string, array{string, string}>, mark: array<string, string>, consequence: array<string, string>, action: array<string, string>, direction: array<string, string>, colour: array<string, string>, terminal: array<string, string>, edge: array<string, string>} */
    private static function names(string $language): array
    {
        /** @var array{kind: array<string, array{string, string}>, mark: array<string, string>, consequence: array<string, string>, action: array<string, string>, direction: array<string, string>, colour: array<string, string>, terminal: array<string, string>, edge: array<string, string>} $names */
        $names = require __DIR__ . "/words/{$language}/names.php";

        return $names;
    }

    /** @param list<string> $names */
    private function list(array $names): string
    {
        return count($names) > 12
            ? strtr($this->sentences['page.and-more'] ?? '', [
                '{names}' => implode(', ', array_slice($names, 0, 11)),
                '{count}' => (string) (count($names) - 11),
            ])
            : implode(', ', $names);
    }
}
