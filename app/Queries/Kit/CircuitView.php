<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Revision;
use Chiralex\ChiralexException;
use Chiralex\Kit\RoleList;
use ChiralexAdapters\Circuit\CircuitDrawings;
use Illuminate\Support\Facades\Cache;

/**
 * The circuit drawings of a revision, made safe once and kept as long as neither the file nor the designators change.
 *
 * @phpstan-import-type Drawing from CircuitDrawings
 */
final readonly class CircuitView
{
    private const DAYS = 30;

    public function __construct(private KitFolder $folder) {}

    /**
     * @return list<Drawing>
     * @throws ChiralexException when the kit cannot be read
     */
    public function of(Revision $revision): array
    {
        $drawn = array_filter($revision->files, CircuitDrawings::isDrawing(...), ARRAY_FILTER_USE_KEY);
        if ($drawn === []) {
            return [];
        }
        $files = $this->folder->files($revision);
        $said = RoleList::of($files['kit.json'] ?? null);
        $designators = array_map(strval(...), array_keys($this->folder->kit($revision)->parts));
        $key = 'circuit:' . hash('sha256', json_encode([$drawn, $said, $designators], JSON_THROW_ON_ERROR));

        /** @var list<Drawing> */
        return Cache::remember(
            $key,
            now()->addDays(self::DAYS),
            static fn(): array => (new CircuitDrawings())->of(array_intersect_key($files, $drawn), $said, $designators),
        );
    }

    /**
     * All pages of all drawings, for print.
     *
     * @return list<string> SVG
     * @throws ChiralexException when the kit cannot be read
     */
    public function pages(Revision $revision): array
    {
        return array_merge(...array_column($this->of($revision), 'pages'));
    }
}
