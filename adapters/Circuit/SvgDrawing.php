<?php

declare(strict_types=1);

namespace ChiralexAdapters\Circuit;

use ChiralexAdapters\UnusableFile;
use DOMDocument;
use DOMElement;
use DOMText;

/**
 * An SVG drawing written anew from what only draws: shapes, texts and their looks. Nothing of it is executed or fetched: scripts,
 * links, foreign objects, pictures, animations, events and entities are left out.
 */
final readonly class SvgDrawing
{
    private const MOST_ELEMENTS = 40_000;
    private const DEPTH = 40;
    private const SHAPES = ['g', 'path', 'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon', 'text', 'tspan'];
    private const ATTRIBUTES = [
        ...[
            'd',
            'x',
            'y',
            'x1',
            'y1',
            'x2',
            'y2',
            'cx',
            'cy',
            'r',
            'rx',
            'ry',
            'dx',
            'dy',
            'width',
            'height',
            'points',
        ],
        ...['transform', 'textLength', 'lengthAdjust', 'rotate'],
    ];
    private const LOOKS = [
        ...['fill', 'stroke', 'stroke-width', 'stroke-linecap', 'stroke-linejoin', 'stroke-dasharray', 'fill-opacity'],
        ...['stroke-opacity', 'opacity', 'fill-rule', 'font-size', 'font-weight', 'font-style', 'text-anchor'],
        ...['dominant-baseline', 'display', 'visibility'],
    ];

    /** @throws UnusableFile when it is no SVG, damaged, or beyond a limit */
    public function page(string $name, string $bytes): DrawnPage
    {
        if (stripos($bytes, '<!ENTITY') !== false) {
            throw UnusableFile::badDrawing($name, 'it defines entities');
        }
        $document = new DOMDocument();
        $silent = libxml_use_internal_errors(true);
        $isRead = $document->loadXML($bytes, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($silent);
        $root = $document->documentElement;
        if (!$isRead || $root === null || $root->localName !== 'svg') {
            throw UnusableFile::badDrawing($name, 'it is no SVG');
        }
        if ($document->getElementsByTagName('*')->length > self::MOST_ELEMENTS) {
            throw UnusableFile::badDrawing(
                $name,
                'it has more than ' . number_format(self::MOST_ELEMENTS) . ' elements',
            );
        }
        $styles = self::styles($document);
        $drawing = self::look($root, $styles);
        $drawn = $this->children($root, $styles, 0);

        return new DrawnPage(self::box($root), $drawing === '' ? $drawn : "<g{$drawing}>{$drawn}</g>");
    }

    /** @param array<string, string> $styles */
    private function children(DOMElement $parent, array $styles, int $depth): string
    {
        $svg = '';
        foreach ($depth > self::DEPTH ? [] : $parent->childNodes as $child) {
            if ($child instanceof DOMText && in_array($parent->localName, ['text', 'tspan'], true)) {
                $svg .= self::escaped($child->data);
            } elseif ($child instanceof DOMElement) {
                $svg .= $this->element($child, $styles, $depth);
            }
        }

        return $svg;
    }

    /** @param array<string, string> $styles */
    private function element(DOMElement $element, array $styles, int $depth): string
    {
        if ($element->localName === 'svg' || $element->localName === 'a' || $element->localName === 'switch') {
            return $this->children($element, $styles, $depth + 1);
        }
        if (!in_array($element->localName, self::SHAPES, true)) {
            return '';
        }
        $attributes = '';
        foreach (self::ATTRIBUTES as $name) {
            $value = $element->getAttribute($name);
            if ($value !== '' && preg_match('~^[\w\s.,+()%-]*$~', $value) === 1) {
                $attributes .= " {$name}=\"" . self::escaped($value) . '"';
            }
        }
        $word = $element->localName === 'text' ? trim($element->textContent) : '';
        // `R1`, and `R1 470` in one text.
        $mark =
            preg_match('~^([A-Za-z]{1,6}\d{1,4}[A-Za-z]?)(?=$|[\s:,;=(/])~', $word, $found) === 1
                ? " data-word=\"{$found[1]}\""
                : '';

        return "<{$element->localName}{$attributes}{$mark}" .
            self::look($element, $styles) .
            ">{$this->children($element, $styles, $depth + 1)}</{$element->localName}>";
    }

    /**
     * How an element looks: its class, then its attributes, then its own style.
     *
     * @param array<string, string> $styles
     */
    private static function look(DOMElement $element, array $styles): string
    {
        $looks = [];
        $classes = preg_split('~\s+~', trim($element->getAttribute('class'))) ?: [];
        $rules = [...array_map(static fn(string $class): string => $styles[$class] ?? '', $classes)];
        foreach (self::LOOKS as $name) {
            $rules[] = $element->getAttribute($name) === '' ? '' : "{$name}:{$element->getAttribute($name)}";
        }
        foreach (explode(';', implode(';', [...$rules, $element->getAttribute('style')])) as $rule) {
            [$name, $value] = array_map(trim(...), [...explode(':', $rule, 2), '']);
            if (in_array($name, self::LOOKS, true) && preg_match('~^[\w#%.,() -]{1,80}$~', $value) === 1) {
                $looks[$name] = str_contains(strtolower($value), 'url') ? 'none' : $value;
            }
        }
        $text = '';
        foreach ($looks as $name => $value) {
            $text .= " {$name}=\"{$value}\"";
        }

        return $text;
    }

    /** @return array<string, string> class to what it says */
    private static function styles(DOMDocument $document): array
    {
        $styles = [];
        foreach ($document->getElementsByTagName('style') as $style) {
            preg_match_all(
                '~\.([\w-]+)\s*\{([^{}]*)\}~',
                substr($style->textContent, 0, 200_000),
                $rules,
                PREG_SET_ORDER,
            );
            foreach ($rules as [, $class, $says]) {
                $styles[$class] = $says;
            }
        }

        return $styles;
    }

    /** @return array{float, float, float, float} */
    private static function box(DOMElement $root): array
    {
        $given = array_map(floatval(...), preg_split('~[\s,]+~', trim($root->getAttribute('viewBox'))) ?: []);
        $box =
            count($given) === 4
                ? [$given[0], $given[1], $given[2], $given[3]]
                : [0.0, 0.0, (float) $root->getAttribute('width'), (float) $root->getAttribute('height')];

        return $box[2] > 0.0 && $box[3] > 0.0 && max(array_map(abs(...), $box)) < 1e7
            ? $box
            : [0.0, 0.0, 1000.0, 700.0];
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE);
    }
}
