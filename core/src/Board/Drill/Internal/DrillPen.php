<?php

declare(strict_types=1);

namespace Chiralex\Board\Drill\Internal;

use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Point;
use Chiralex\Limits;

/** The state of a drill file between two lines. */
final readonly class DrillPen
{
    /** Lines that change nothing here: program control, speeds, version. */
    private const SILENT = '~^(?:|;.*|M48|M47.*|FMAT.*|VER.*|G0?5|G9[03]|G93.*|M17|M30|M00|M0?9|S\d+.*|F\d+.*|ATC.*|DETECT.*|G40|G41|G42|ICI.*)$~';

    public function __construct(
        public Point $at = new Point(0.0, 0.0),
        public int $tool = 0,
        public bool $isHeader = true,
        public bool $incremental = false,
        public bool $routing = false,
        public ?Point $cut = null,
        public Coordinates $coordinates = new Coordinates(),
    ) {}

    public function with(mixed ...$changes): self
    {
        /** @var array{at: Point, tool: int, isHeader: bool, incremental: bool, routing: bool, cut: ?Point, coordinates: Coordinates} $all */
        $all = array_merge(get_object_vars($this), $changes);

        return new self(...$all);
    }

    /**
     * @return array{self, list<Point|array{Point, Point}>, bool} the pen after, holes and slots made, and whether the line was understood
     * @throws UnreadableLayer when a place lies beyond all boards
     */
    public function take(string $line, string $file, int $number): array
    {
        if ($line === '%' || $line === 'M95') {
            return [$this->with(isHeader: false), [], true];
        }
        $pen = match (true) {
            str_starts_with($line, 'G91') || $line === 'ICI,ON' => $this->with(incremental: true),
            str_starts_with($line, 'G90') || $line === 'ICI,OFF' => $this->with(incremental: false),
            $line === 'M15' => $this->with(cut: $this->at),
            in_array($line, ['M16', 'M17'], true) => $this->with(cut: null),
            $line === 'G05' || $line === 'G5' => $this->with(routing: false, cut: null),
            default => $this,
        };
        if ($pen !== $this || preg_match(self::SILENT, $line) === 1) {
            return [$pen, [], true];
        }
        if (preg_match('~^T0*(\d+)$~', $line, $found) === 1) {
            return [$this->with(tool: (int) $found[1]), [], true];
        }

        return $this->moved($line, $file, $number);
    }

    /**
     * @return array{self, list<Point|array{Point, Point}>, bool}
     * @throws UnreadableLayer
     */
    private function moved(string $line, string $file, int $number): array
    {
        $xy = '(?:X([+-]?[\d.]+))?(?:Y([+-]?[\d.]+))?';
        if (preg_match("~^(G0?0|G0?1)?(?:R(\\d+))?{$xy}(?:G85{$xy})?$~", $line, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            return [$this, [], false];
        }
        $repeat = min(10_000, (int) ($found[2] ?? 0));
        $made = [];
        $pen = $this;
        if ($repeat > 0) {
            for ($i = 0; $i < $repeat; ++$i) {
                $pen = $pen->with(at: $pen->place($found[3], $found[4], true, $file, $number));
                $made[] = $pen->at;
            }

            return [$pen, $made, true];
        }
        $from = $this->place($found[3], $found[4], $this->incremental, $file, $number);
        if (($found[5] ?? null) !== null || ($found[6] ?? null) !== null) {
            $pen = $this->with(at: $from);
            $to = $pen->place($found[5] ?? null, $found[6] ?? null, $this->incremental, $file, $number);

            return [$pen->with(at: $to), [[$from, $to]], true];
        }
        $way = $found[1] === null ? '' : ltrim(substr($found[1], 1), '0');
        if ($found[1] !== null && $way === '') {
            return [$this->with(at: $from, routing: true, cut: null), [], true];
        }
        if ($this->cut !== null || $way === '1') {
            $made = $this->cut === null ? [] : [[$this->cut, $from]];

            return [$this->with(at: $from, cut: $this->cut === null ? null : $from), $made, true];
        }

        return [$this->with(at: $from), $this->routing ? [] : [$from], true];
    }

    /** @throws UnreadableLayer */
    private function place(?string $x, ?string $y, bool $incremental, string $file, int $number): Point
    {
        $to = new Point(
            $x === null ? $this->at->x : ($incremental ? $this->at->x : 0.0) + $this->coordinates->length($x),
            $y === null ? $this->at->y : ($incremental ? $this->at->y : 0.0) + $this->coordinates->length($y),
        );
        if (max(abs($to->x), abs($to->y)) >= Limits::PLACE_MM) {
            throw UnreadableLayer::tooFar($file, $number, (int) Limits::PLACE_MM);
        }

        return $to;
    }
}
