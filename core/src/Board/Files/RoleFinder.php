<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

use Chiralex\Board\Drill\DrillReader;
use Chiralex\Board\Layer\LayerReader;
use Chiralex\Board\Net\NetReader;

/**
 * Tells what a file is: as its maker says, by its own attribute, by its name, by what is in it. Names of layers are common
 * practice: a side with legend, mask or copper, the word for the outline, and the customary endings of fabrication files.
 */
final readonly class RoleFinder
{
    private const ENDINGS = [
        'gto' => FileRole::LegendTop,
        'gbo' => FileRole::LegendBottom,
        'gts' => FileRole::MaskTop,
        'gbs' => FileRole::MaskBottom,
        'gtl' => FileRole::CopperTop,
        'gbl' => FileRole::CopperBottom,
        'gko' => FileRole::Outline,
        'gm1' => FileRole::Outline,
        'gml' => FileRole::Outline,
        'drl' => FileRole::Drill,
        'xln' => FileRole::Drill,
        'exc' => FileRole::Drill,
        'ipc' => FileRole::Nets,
        'd356' => FileRole::Nets,
        '356' => FileRole::Nets,
        'svg' => FileRole::Drawing,
        'odt' => FileRole::Text,
        'docx' => FileRole::Text,
        'md' => FileRole::Text,
        'txt' => FileRole::Text,
        'jpg' => FileRole::Photo,
        'jpeg' => FileRole::Photo,
        'png' => FileRole::Photo,
        'webp' => FileRole::Photo,
        'pdf' => FileRole::Drawing,
    ];
    private const NAMES = [
        'kit.json' => FileRole::Kit,
        'bom.csv' => FileRole::Parts,
        'bom.tsv' => FileRole::Parts,
        'bom.txt' => FileRole::Parts,
        'bom.xlsx' => FileRole::Parts,
        'placements.csv' => FileRole::Places,
        'placements.tsv' => FileRole::Places,
        'placements.txt' => FileRole::Places,
        'masses.csv' => FileRole::Other,
        'offers.csv' => FileRole::Other,
        'suppliers.csv' => FileRole::Other,
        'shelf.csv' => FileRole::Other,
        'shipped.csv' => FileRole::Other,
        'measurements.csv' => FileRole::Other,
        'reports.csv' => FileRole::Other,
        'pilot.csv' => FileRole::Other,
        'datapackage.json' => FileRole::Other,
    ];
    private const WORDS = '(?<![a-z])(?:%s)(?![a-z])';
    private const TOP = 'top|front|f|component|oben|dessus|oberseite|arriba|boven|cs';
    private const BOTTOM = 'bottom|bot|back|b|solder|unten|dessous|unterseite|abajo|onder|ss';

    /** @param array<string, string> $said file to role, as the maker says */
    public function __construct(private array $said = []) {}

    /** True for the bytes of a layer, a drill file or a net list, under whatever name. */
    public static function isOfBoard(string $bytes): bool
    {
        return LayerReader::isLayer($bytes) || DrillReader::isDrill($bytes) || NetReader::isNets($bytes);
    }

    /** True for a file that its name tells: a table of places, a circuit drawing, an old manual. */
    public static function isNamed(string $name): bool
    {
        $lower = mb_strtolower($name);
        $role = self::NAMES[$lower] ?? (self::ENDINGS[pathinfo($lower, PATHINFO_EXTENSION)] ?? null);

        return in_array($role, [FileRole::Places, FileRole::Drawing, FileRole::Text], true) &&
            !str_ends_with($lower, '.txt');
    }

    public function of(string $name, string $bytes): FileFate
    {
        $lower = mb_strtolower($name);
        $said = FileRole::tryFrom(array_change_key_case($this->said)[strtolower($name)] ?? '');
        $attribute = $this->byAttribute($bytes);
        $named = self::NAMES[$lower] ?? null;
        $isLayer = LayerReader::isLayer($bytes);
        $layer = $isLayer ? $this->byWords($lower) : null;
        $content = $this->byContent($bytes);

        return match (true) {
            $said !== null => new FileFate($said, 'maker'),
            $named !== null => new FileFate($named, 'name'),
            $attribute !== null => new FileFate($attribute, 'attribute'),
            $layer !== null => new FileFate($layer, 'name'),
            $isLayer => new FileFate($this->guess($lower), 'unknown'),
            $content !== null && (self::ENDINGS[$this->ending($lower)] ?? null) === $content => new FileFate(
                $content,
                'name',
            ),
            $content !== null => new FileFate($content, 'content'),
            default => $this->byEnding($lower, $bytes),
        };
    }

    /** The file function of a layer or drill file; component layers are places. */
    private function byAttribute(string $bytes): ?FileRole
    {
        if (
            preg_match(
                '~TF\.FileFunction,([A-Za-z]+)(?:,([A-Za-z0-9]+))?(?:,([A-Za-z0-9]+))?~',
                substr($bytes, 0, 20_000),
                $found,
            ) !== 1
        ) {
            return null;
        }
        $side = in_array('Bot', $found, true) ? 'bottom' : 'top';

        return match ($found[1]) {
            'Profile' => FileRole::Outline,
            'Legend' => FileRole::from("legend-{$side}"),
            'Soldermask' => FileRole::from("mask-{$side}"),
            'Copper' => in_array('Inr', $found, true) ? FileRole::Other : FileRole::from("copper-{$side}"),
            'Plated', 'NonPlated', 'MixedPlating', 'Drillmap' => $found[1] === 'Drillmap'
                ? FileRole::Other
                : FileRole::Drill,
            'Component' => FileRole::Places,
            default => FileRole::Other,
        };
    }

    /** A layer by the words of its name, or its customary ending. */
    private function byWords(string $name): ?FileRole
    {
        $says = static fn(string $words): bool => preg_match('~' . sprintf(self::WORDS, $words) . '~u', $name) === 1;
        $side = $says(self::TOP) ? 'top' : ($says(self::BOTTOM) ? 'bottom' : null);
        $ending = self::ENDINGS[$this->ending($name)] ?? null;

        return match (true) {
            $says('outline|profile|edges?|edge[ _-]?cuts|umriss|kontur|contour|contorno|omtrek|cuts|dimension')
                => FileRole::Outline,
            $says('drill|drills|bohrung|bohrungen|per(?:ç|c)age|taladro|boring|npth|pth') => FileRole::Drill,
            $side !== null && $says('legend|silk|silks|silkscreen|overlay|best(?:ü|ue)ckungsdruck|s(?:é|e)rigraphie')
                => FileRole::from("legend-{$side}"),
            $side !== null && $says('mask|soldermask|resist|stop|l(?:ö|oe)tstopp?|(?:é|e)pargne') => FileRole::from(
                "mask-{$side}",
            ),
            $side !== null && $says('copper|cu|kupfer|cuivre|cobre|koper') => FileRole::from("copper-{$side}"),
            default => $ending,
        };
    }

    private function byContent(string $bytes): ?FileRole
    {
        return match (true) {
            DrillReader::isDrill($bytes) => FileRole::Drill,
            NetReader::isNets($bytes) => FileRole::Nets,
            default => null,
        };
    }

    private function byEnding(string $name, string $bytes): FileFate
    {
        $ending = $this->ending($name);
        $role = self::ENDINGS[$ending] ?? null;
        if ($role !== null) {
            return new FileFate($role, 'name');
        }
        if (in_array($ending, ['csv', 'tsv', 'xlsx'], true)) {
            $places = preg_match('~\b(?:x|pos ?x|center-?x|rotation|rot)\b~i', (string) strtok($bytes, "\n")) === 1;

            return new FileFate($places ? FileRole::Places : FileRole::Parts, 'unknown');
        }

        return new FileFate(FileRole::Other, 'unknown');
    }

    /** What a layer without attribute or telling name may be: the side at least, where that is told. */
    private function guess(string $name): FileRole
    {
        return preg_match('~' . sprintf(self::WORDS, self::BOTTOM) . '~u', $name) === 1
            ? FileRole::LegendBottom
            : FileRole::LegendTop;
    }

    private function ending(string $name): string
    {
        return pathinfo($name, PATHINFO_EXTENSION);
    }
}
