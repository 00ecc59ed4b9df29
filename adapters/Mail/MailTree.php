<?php

declare(strict_types=1);

namespace ChiralexAdapters\Mail;

/** The parts of a mail as mailparse sees them, up to a number and a depth that no letter of a person has. */
final readonly class MailTree
{
    /** @var array<array-key, mixed> */
    private array $fields;
    /** @var list<MailLeaf> */
    private array $leaves;
    /** @var list<string> */
    public array $flags;

    /** @param resource $mail as mailparse has parsed it */
    public function __construct($mail, string $bytes, int $most, int $deepest)
    {
        /** @var list<string> $names */
        $names = mailparse_msg_get_structure($mail);
        $data = self::data($mail, $names[0] ?? '1');
        $this->fields = is_array($data['headers'] ?? null) ? $data['headers'] : [];
        $leaves = [];
        $attached = null;
        foreach (array_slice($names, 0, $most) as $name) {
            // What is inside an attached mail belongs to that mail.
            if (($attached !== null && str_starts_with($name, "{$attached}.")) || substr_count($name, '.') > $deepest) {
                continue;
            }
            $leaf = new MailLeaf(self::data($mail, $name), $bytes, count($leaves) + 1);
            $attached = $leaf->type() === 'message/rfc822' ? $name : null;
            if (!str_starts_with($leaf->type(), 'multipart/')) {
                $leaves[] = $leaf;
            }
        }
        $this->leaves = $leaves;
        $this->flags =
            count($names) > $most ||
            max([0, ...array_map(static fn(string $name): int => substr_count($name, '.'), $names)]) > $deepest
                ? ['too-many-parts']
                : [];
    }

    /** @return array<string, string> */
    public function head(): array
    {
        $head = [];
        foreach ($this->fields as $name => $value) {
            $last = is_array($value) ? end($value) : $value;
            if (is_string($last)) {
                $head[strtolower((string) $name)] = Charset::field($last);
            }
        }

        return $head;
    }

    public function count(string $field): int
    {
        return isset($this->fields[$field]) ? count((array) $this->fields[$field]) : 0;
    }

    public function all(string $field): string
    {
        return implode("\n", array_filter((array) ($this->fields[$field] ?? []), is_string(...)));
    }

    /** @return list<MailLeaf> */
    public function leaves(): array
    {
        return $this->leaves;
    }

    /**
     * @param resource $mail
     * @return array<array-key, mixed>
     */
    private static function data($mail, string $name): array
    {
        $part = mailparse_msg_get_part($mail, $name);
        return is_resource($part) ? mailparse_msg_get_part_data($part) : [];
    }
}
