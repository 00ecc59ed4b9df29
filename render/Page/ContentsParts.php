<?php

declare(strict_types=1);

namespace ChiralexRender\Page;

/** Each line of the contents list as it lies in the hand, and the lines that it may be taken for. */
final readonly class ContentsParts
{
    /**
     * @param array<string, mixed> $manual
     * @param array<string, mixed> $pictures each part as it lies in the hand
     * @param array<string, mixed> $parts the list, with what is alike
     * @return array<array-key, array{svg: string, width: float, height: float, isTrue: bool, alike: list<string>}> by the first designator of the line
     */
    public function of(array $manual, array $pictures, array $parts): array
    {
        /** @var array{bags: list<array{items: list<array{designators: list<string>}>}>} $packed */
        $packed = $manual['bags'] ?? ['bags' => []];
        /** @var array<array-key, array{svg: string, width: float, height: float, isTrue: bool}> $drawn */
        $drawn = $pictures['pictures'] ?? [];
        /** @var list<array{designators: list<string>, alike?: list<string>}> $rows */
        $rows = $parts['lines'] ?? [];
        $alike = [];
        foreach ($rows as $line) {
            foreach ($line['designators'] as $designator) {
                $alike[$designator] = $line['alike'] ?? [];
            }
        }
        $lines = $first = [];
        foreach ($packed['bags'] as $bag) {
            foreach ($bag['items'] as $item) {
                $lines[] = $item['designators'];
                foreach ($item['designators'] as $designator) {
                    $first[$designator] = $item['designators'][0];
                }
            }
        }
        $told = [];
        foreach ($lines as $designators) {
            $picture = $drawn[$designators[0]] ?? null;
            if ($picture === null) {
                continue;
            }
            $others = [];
            foreach ($alike[$designators[0]] ?? [] as $other) {
                if (isset($first[$other]) && $first[$other] !== $designators[0]) {
                    $others[$first[$other]] = true;
                }
            }
            $told[$designators[0]] = [
                'svg' => $picture['svg'],
                'width' => $picture['width'],
                'height' => $picture['height'],
                'isTrue' => $picture['isTrue'],
                'alike' => array_map(strval(...), array_keys($others)),
            ];
        }

        return $told;
    }
}
