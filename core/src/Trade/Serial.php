<?php

declare(strict_types=1);

namespace Chiralex\Trade;

use Chiralex\Trade\Exception\InvalidSerial;

/**
 * A serial number: kit code, revision, five digits, check character.
 *
 * The check character is that of ISO/IEC 7064 MOD 37-36 (hybrid system), which finds every single wrong character and nearly all
 * neighbours that were swapped; hyphens are for reading and do not count.
 */
final readonly class Serial
{
    private const ALPHABET = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ';
    private const M = 36;
    private const DIGITS = 5;

    private function __construct(public string $code, public string $revision, public int $number) {}

    /** @throws InvalidSerial when code or revision is not letters and digits, or the number does not fit */
    public static function of(string $code, string $revision, int $number): self
    {
        [$code, $revision] = [strtoupper($code), strtoupper($revision)];
        if (
            preg_match('~^[A-Z0-9]{1,6}$~', $code) !== 1 ||
            preg_match('~^[A-Z0-9]{1,4}$~', $revision) !== 1 ||
            $number < 1 ||
            $number >= 10 ** self::DIGITS
        ) {
            throw InvalidSerial::parts($code, $revision, $number);
        }

        return new self($code, $revision, $number);
    }

    /**
     * Serials behind a number; those whose check character is O or I are passed over, which hands read as 0 and 1.
     *
     * @return list<self>
     * @throws InvalidSerial when code or revision is not letters and digits, or the numbers run out
     */
    public static function following(string $code, string $revision, int $number, int $count): array
    {
        $serials = [];
        while (count($serials) < $count) {
            $serial = self::of($code, $revision, ++$number);
            $serials = in_array($serial->check(), ['O', 'I'], true) ? $serials : [...$serials, $serial];
        }

        return $serials;
    }

    /** @throws InvalidSerial when it has not the shape of one, or its check character is wrong */
    public static function parse(string $text): self
    {
        $plain = strtoupper(trim($text));
        $parts = array_values(
            array_filter(preg_split('~[\s-]+~', $plain) ?: [], static fn(string $part): bool => $part !== ''),
        );
        if (count($parts) !== 4 || preg_match('~^\d{5}$~', $parts[2]) !== 1 || strlen($parts[3]) !== 1) {
            throw InvalidSerial::shape($text);
        }
        $serial = self::of($parts[0], $parts[1], (int) $parts[2]);

        return $serial->check() === $parts[3] ? $serial : throw InvalidSerial::check($text);
    }

    public function check(): string
    {
        return self::checkOf($this->code . $this->revision . $this->digits());
    }

    public function text(): string
    {
        return "{$this->code}-{$this->revision}-{$this->digits()}-{$this->check()}";
    }

    /**
     * @param string $text letters and digits, upper case
     * @return string the check character of ISO/IEC 7064 MOD 37-36
     */
    public static function checkOf(string $text): string
    {
        $p = self::M;
        foreach (str_split($text) as $character) {
            $s = ($p + (int) strpos(self::ALPHABET, $character)) % self::M;
            $p = (($s === 0 ? self::M : $s) * 2) % (self::M + 1);
        }

        return self::ALPHABET[(self::M + 1 - $p) % self::M];
    }

    private function digits(): string
    {
        return str_pad((string) $this->number, self::DIGITS, '0', STR_PAD_LEFT);
    }
}
