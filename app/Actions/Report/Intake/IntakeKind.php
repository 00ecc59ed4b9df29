<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use Chiralex\Fault\Letter\ReportBlock;
use ChiralexAdapters\Mail\Mbox;

/** What a file of letters is, by what stands in it. */
enum IntakeKind: string
{
    case Mbox = 'mbox';
    case Mail = 'eml';
    case Block = 'block';
    case JsonLines = 'jsonl';
    case Table = 'csv';

    private const HEAD = '~\A(?:[\x21-\x39\x3B-\x7E]{2,60}:[^\r\n]*(?:\r?\n[ \t][^\r\n]*)*\r?\n){2,}~';
    private const FIELDS = '~^(?:from|subject|date|message-id|received|return-path|mime-version|to|delivered-to):~im';

    public static function of(string $name, string $bytes): self
    {
        $start = substr($bytes, 0, 20_000);
        $isTable = preg_match('~\.(csv|tsv)$~i', $name) === 1;

        return match (true) {
            Mbox::is($bytes) => self::Mbox,
            preg_match('~\.eml$~i', $name) === 1,
            !$isTable && preg_match(self::HEAD, $start, $found) === 1 && preg_match(self::FIELDS, $found[0]) === 1
                => self::Mail,
            str_starts_with(ltrim($start), '{') => self::JsonLines,
            !$isTable && ReportBlock::in($start) !== null => self::Block,
            default => self::Table,
        };
    }
}
