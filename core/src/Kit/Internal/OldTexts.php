<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\Files\FileRole;
use Chiralex\Kit\OldParagraph;
use Chiralex\Limits;

/** Reads old manuals, as Markdown, paragraph by paragraph. */
final readonly class OldTexts
{
    /** Files of a repository that are no manual. */
    private const ASIDE = ['readme.md', 'changelog.md', 'license.md', 'licence.md', 'contributing.md'];

    /**
     * @param array<string, string> $files of a kit, name to bytes
     * @param array<string, string> $said file to role, as the maker says
     * @param list<string> $done ids of paragraphs that are done with
     * @return list<OldParagraph>
     */
    public static function read(array $files, array $said, array $done): array
    {
        $paragraphs = [];
        foreach ($files as $name => $bytes) {
            $role = FileRole::tryFrom(array_change_key_case($said)[strtolower((string) $name)] ?? '');
            if (self::isText((string) $name) && ($role === null || $role === FileRole::Text)) {
                array_push($paragraphs, ...self::file((string) $name, mb_scrub($bytes), $done));
            }
        }

        return array_slice($paragraphs, 0, Limits::OLD_PARAGRAPHS);
    }

    public static function isText(string $name): bool
    {
        return str_ends_with(strtolower($name), '.md') && !in_array(strtolower($name), self::ASIDE, true);
    }

    /**
     * @param list<string> $done
     * @return list<OldParagraph>
     */
    private static function file(string $name, string $text, array $done): array
    {
        $paragraphs = [];
        foreach (preg_split('~\R\s*\R+|\R(?=\s*(?:[-*+]|\d{1,3}[.)])\s)|(?<=\n)(?=#)~u', $text) ?: [] as $part) {
            $isHeading = preg_match('~^\s*#{1,6}\s~', $part) === 1;
            $plain = trim(
                (string) preg_replace(
                    ['~^\s*(?:#{1,6}|[-*+]|>|\d{1,3}[.)])\s+~u', '~[*_`]{1,3}(?=\S)|(?<=\S)[*_`]{1,3}~u', '~\s+~u'],
                    ['', '', ' '],
                    $part,
                ),
            );
            if ($plain === '' || preg_match('~\pL~u', $plain) !== 1) {
                continue;
            }
            $plain = mb_strimwidth($plain, 0, Limits::OLD_SIGNS, '...');
            $id = substr(hash('sha256', mb_strtolower($plain)), 0, 12);
            $paragraphs[] = new OldParagraph(
                $id,
                $name,
                count($paragraphs) + 1,
                $plain,
                $isHeading,
                in_array($id, $done, true),
            );
            if (count($paragraphs) >= Limits::OLD_PARAGRAPHS) {
                break;
            }
        }

        return $paragraphs;
    }
}
