<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Build\LookAlikeGroup;
use Chiralex\Kit\Kit;
use ChiralexRender\Svg\PartPicture;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** Parts a builder may take for each other, side by side, the worst pair first; of a crowd the first pairs. */
final readonly class LineUp
{
    private const MOST = 40;

    public function __construct(private Words $words) {}

    /**
     * @param list<LookAlikeGroup> $groups
     * @return list<array{degree: float, why: array<string, mixed>, these: array<string, mixed>, those: array<string, mixed>}>
     */
    public function of(Kit $kit, array $groups): array
    {
        $pairs = array_merge(
            ...array_map(static fn(LookAlikeGroup $group): array => $group->split(self::MOST), $groups),
            ...[[]],
        );
        usort(
            $pairs,
            static fn(LookAlikeGroup $a, LookAlikeGroup $b): int => [
                $b->confusion->degree,
                $a->looks[0][0],
                $a->looks[1][0] ?? '',
            ] <=> [$a->confusion->degree, $b->looks[0][0], $b->looks[1][0] ?? ''],
        );

        return array_map(
            fn(LookAlikeGroup $pair): array => [
                'degree' => $pair->confusion->degree,
                'why' => (new Told($this->words))->reason($pair->confusion->reason),
                'these' => $this->side($kit, $pair->looks[0]),
                'those' => $this->side($kit, $pair->looks[1] ?? $pair->looks[0]),
            ],
            array_slice($pairs, 0, self::MOST),
        );
    }

    /**
     * @param non-empty-list<string> $designators
     * @return array{designators: list<string>, value: string, kindName: string, picture: string, width: float, height: float}
     */
    private function side(Kit $kit, array $designators): array
    {
        $part = $kit->part($designators[0]);
        $drawn = $part === null ? ['svg' => '', 'width' => 0.0, 'height' => 0.0] : (new PartPicture())->of($part);

        return [
            'designators' => $designators,
            'value' => $part?->recognition->value?->value->display() ?? ($part->line->cells->value ?? ''),
            'kindName' => $part === null ? '' : $this->words->kind($part->kind()),
            'picture' => $drawn['svg'],
            'width' => $drawn['width'],
            'height' => $drawn['height'],
        ];
    }
}
