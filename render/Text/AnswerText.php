<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use Chiralex\Fault\Claim\ClaimAdvice;
use Chiralex\Fault\Diagnosis\Look;
use Chiralex\Fault\Diagnosis\Suspect;
use ChiralexRender\Words;

/** A letter to a builder, plain text, in their language; the maker reads it before it goes. Nothing of chances stands in it. */
final readonly class AnswerText
{
    public function __construct(private Words $words, private string $name, private string $shop) {}

    /**
     * What to do, with the words of the FAQ where it has some.
     *
     * @param list<Suspect> $causes
     */
    public function remedy(array $causes, CheckText $texts, ?string $faq): string
    {
        $lines = array_map(static fn(Suspect $cause): string => $texts->remedy($cause), $causes);

        return $this->letter([
            $this->say('answer.likely'),
            ...$faq !== null ? [$faq] : $this->numbered($lines),
            ...count($lines) > 1 ? [$this->say('answer.together')] : [],
        ]);
    }

    /**
     * The looks of one round, so that a letter a day is enough.
     *
     * @param list<array{look: Look, good: ?Look, bad: ?Look}> $round
     */
    public function round(array $round, CheckText $texts): string
    {
        $lines = [];
        foreach ($round as $each) {
            $lines[] = $texts->ask($each['look']->check);
            foreach (['good', 'bad'] as $answer) {
                if ($each[$answer] !== null) {
                    $lines[] = $this->words->sentence("answer.if-{$answer}", [
                        'ask' => $texts->ask($each[$answer]->check),
                    ]);
                }
            }
        }

        return $this->letter([$this->say('answer.round'), ...$this->numbered($lines), $this->say('answer.tell')]);
    }

    public function claim(ClaimAdvice $advice, string $part): string
    {
        $asked = array_map(fn(string $each): string => $this->say("answer.{$each}"), $advice->ask);

        return $this->letter(
            $advice->send > 0
                ? [
                    $this->words->sentence('answer.sent', ['pieces' => (string) $advice->send, 'part' => $part]),
                    ...$asked,
                ]
                : [$this->words->sentence('answer.ask-first', ['part' => $part]), ...$this->numbered($asked)],
        );
    }

    public function mains(): string
    {
        return $this->letter([$this->say('answer.mains')]);
    }

    public function whichKit(): string
    {
        return $this->letter([$this->say('answer.which-kit')]);
    }

    /** @param list<string> $lines */
    private function letter(array $lines): string
    {
        $hello =
            $this->name === ''
                ? $this->say('answer.hello-nobody')
                : $this->words->sentence('answer.hello', ['name' => $this->name]);

        return implode("\n", [
            $hello,
            '',
            $this->say('answer.thanks'),
            '',
            ...$lines,
            '',
            $this->say('answer.bye'),
            $this->shop,
        ]);
    }

    /**
     * @param list<string> $lines
     * @return list<string>
     */
    private function numbered(array $lines): array
    {
        return array_map(static fn(int $at, string $line): string => $at + 1 . ". {$line}", array_keys($lines), $lines);
    }

    private function say(string $code): string
    {
        return $this->words->sentence($code);
    }
}
