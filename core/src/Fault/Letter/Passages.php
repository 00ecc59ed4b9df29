<?php

declare(strict_types=1);

namespace Chiralex\Fault\Letter;

/** A letter in passages: the writer's own words, what they quote, their signature, the prepared block. Nothing is left out. */
final readonly class Passages
{
    /** Lines that stand before a quotation; common practice, no source. */
    private const BEFORE_QUOTE = [
        '~^(on|am|le|el|il|op)\b.{4,200}\b(wrote|writes|schrieb|schreibt|escribió|a écrit|ha scritto|schreef)\b.{0,120}:\s*$~iu',
        '~^.{1,160}\b(wrote|schrieb)\s*:\s*$~iu',
    ];
    /** From here on all is an earlier letter. */
    private const REST_QUOTED = '~^\s*(-{2,}\s*(original message|original-nachricht|ursprüngliche nachricht|forwarded message|weitergeleitete nachricht)\s*-{2,}|_{20,})\s*$~iu';
    /** RFC 3676 4.3. */
    private const SIGNATURE = '~^-- ?$~';
    private const LONGEST_SIGNATURE = 15;

    /** @param list<Passage> $all in their order */
    private function __construct(public array $all) {}

    /** @param string $text in UTF-8, whatever its line ends */
    public static function of(string $text): self
    {
        $lines = explode("\n", str_replace(["\r\n", "\r"], "\n", $text));
        $kinds = self::kinds($lines);
        $passages = [];
        $from = 0;
        $count = count($lines);
        for ($at = 1; $at <= $count; ++$at) {
            if ($at === $count || $kinds[$at] !== $kinds[$from]) {
                $passages[] = new Passage($kinds[$from], implode("\n", array_slice($lines, $from, $at - $from)));
                $from = $at;
            }
        }

        return new self($passages);
    }

    /** The writer's own words; where they wrote none, what else there is but signature and block. */
    public function said(): string
    {
        $said = $this->joined(PassageKind::Said);

        return $said !== '' ? $said : $this->joined(PassageKind::Quoted);
    }

    /** What is folded away under the letter. */
    public function folded(): string
    {
        return $this->joined(PassageKind::Said) === ''
            ? $this->joined(PassageKind::Signature)
            : trim($this->joined(PassageKind::Quoted) . "\n\n" . $this->joined(PassageKind::Signature));
    }

    private function joined(PassageKind $kind): string
    {
        return trim(
            implode(
                "\n",
                array_map(
                    static fn(Passage $each): string => $each->text,
                    array_filter($this->all, static fn(Passage $each): bool => $each->kind === $kind),
                ),
            ),
            "\n",
        );
    }

    /**
     * @param list<string> $lines
     * @return list<PassageKind>
     */
    private static function kinds(array $lines): array
    {
        $kinds = [];
        $isBlock = $isRest = false;
        foreach ($lines as $at => $line) {
            $plain = ReportBlock::unquoted($line);
            $isBlock = $isBlock || ReportBlock::begins($plain);
            $isRest = $isRest || preg_match(self::REST_QUOTED, $line) === 1;
            $kinds[] = match (true) {
                $isBlock => PassageKind::Block,
                $isRest, str_starts_with(ltrim($line), '>'), self::introduces($lines, $at) => PassageKind::Quoted,
                default => PassageKind::Said,
            };
            $isBlock = $isBlock && !ReportBlock::ends($plain);
        }

        return self::signed($lines, $kinds);
    }

    /** @param list<string> $lines */
    private static function introduces(array $lines, int $at): bool
    {
        $line = trim($lines[$at]);
        // What introduces a quotation may be folded over two lines.
        $next = trim($lines[$at + 1] ?? '');
        $isFolded = preg_match('~^(on|am)\b~iu', $line) === 1 && !str_starts_with($next, '>');
        $whole = $isFolded ? "{$line} {$next}" : $line;
        foreach (self::BEFORE_QUOTE as $pattern) {
            if (preg_match($pattern, $whole) === 1 && self::isQuotedAfter($lines, $at + ($isFolded ? 2 : 1))) {
                return true;
            }
        }
        $before = trim($lines[$at - 1] ?? '');

        return preg_match('~\b(wrote|schrieb)\b.{0,120}:$~iu', $line) === 1 &&
            preg_match(self::BEFORE_QUOTE[0], "{$before} {$line}") === 1 &&
            self::isQuotedAfter($lines, $at + 1);
    }

    /** @param list<string> $lines */
    private static function isQuotedAfter(array $lines, int $at): bool
    {
        while (trim($lines[$at] ?? '>') === '') {
            ++$at;
        }

        return str_starts_with(ltrim($lines[$at] ?? ''), '>');
    }

    /**
     * @param list<string> $lines
     * @param list<PassageKind> $kinds
     * @return list<PassageKind>
     */
    private static function signed(array $lines, array $kinds): array
    {
        $from = null;
        foreach ($lines as $at => $line) {
            if ($kinds[$at] === PassageKind::Said && preg_match(self::SIGNATURE, $line) === 1) {
                $from = $at;
            }
        }
        if ($from === null) {
            return $kinds;
        }
        $signed = $kinds;
        for ($at = $from; $at < count($lines) && $at <= $from + self::LONGEST_SIGNATURE; ++$at) {
            if ($kinds[$at] !== PassageKind::Said) {
                break;
            }
            $signed[$at] = PassageKind::Signature;
        }

        return array_values($signed);
    }
}
