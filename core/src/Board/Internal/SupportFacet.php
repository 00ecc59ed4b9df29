<?php

declare(strict_types=1);

namespace Chiralex\Board\Internal;

use Chiralex\Board\Plane;
use Chiralex\Board\Point;
use Chiralex\Board\SupportCloud;

/**
 * The facet of the upper hull over a centre: the plane of least height there among all planes above every point.
 *
 * A triangle of points around the centre is kept; the point that stands out most replaces one of its corners until none
 * stands out (the simplex method on the dual of a linear program in three variables, so the height at the centre only rises).
 */
final readonly class SupportFacet
{
    private const EPSILON = 1e-9;
    /** A centre on an edge belongs to both facets; it is moved by this while the first facet is sought, then ties are settled. */
    private const NUDGE = [1.37e-7, 0.71e-7];

    /** @var list<float> */
    private array $x;

    /** @var list<float> */
    private array $y;

    /** @var list<float> */
    private array $z;

    public function __construct(SupportCloud $cloud)
    {
        [$this->x, $this->y, $this->z] = [$cloud->x, $cloud->y, $cloud->z];
    }

    /**
     * @param ?array{int, int, int} $start three points around the centre to begin with
     * @return array{int, int, int} indices of the facet's triangle
     */
    public function triangle(Point $centre, ?array $start = null): array
    {
        $cx = $centre->x + self::NUDGE[0];
        $cy = $centre->y + self::NUDGE[1];
        $triangle =
            $start !== null && $this->insideness($start, $cx, $cy) >= 0 ? $start : $this->firstTriangle($cx, $cy);
        [$x, $y] = [$this->x, $this->y];
        $count = count($x);
        for ($round = 0; $round < 10 * $count + 100; ++$round) {
            $plane = $this->plane($triangle);
            [$h, $gx, $gy] = [$plane->h, $plane->gx, $plane->gy];
            $worst = -1;
            $most = self::EPSILON;
            foreach ($this->z as $i => $height) {
                $over = $height - $h - $gx * $x[$i] - $gy * $y[$i];
                if ($over > $most) {
                    $most = $over;
                    $worst = $i;
                }
            }
            if ($worst < 0) {
                break;
            }
            $triangle = $this->replaced($triangle, $worst, $cx, $cy);
        }

        return $triangle;
    }

    /** @param array{int, int, int} $triangle */
    public function plane(array $triangle): Plane
    {
        [$a, $b, $c] = $triangle;
        $ux = $this->x[$b] - $this->x[$a];
        $uy = $this->y[$b] - $this->y[$a];
        $uz = $this->z[$b] - $this->z[$a];
        $vx = $this->x[$c] - $this->x[$a];
        $vy = $this->y[$c] - $this->y[$a];
        $vz = $this->z[$c] - $this->z[$a];
        $det = $ux * $vy - $uy * $vx;
        if (abs($det) < 1e-15) {
            return new Plane(max($this->z[$a], $this->z[$b], $this->z[$c]), 0.0, 0.0);
        }
        $gx = ($uz * $vy - $vz * $uy) / $det;
        $gy = ($ux * $vz - $vx * $uz) / $det;

        return new Plane($this->z[$a] - $gx * $this->x[$a] - $gy * $this->y[$a], $gx, $gy);
    }

    /**
     * The facet across an edge: turning the plane about a and b until it meets a point beyond; null at the hull's rim.
     *
     * @param int $inside a point of the present facet that is not on the edge's line
     * @return ?array{int, int, int}
     */
    public function across(int $a, int $b, int $inside, Plane $plane): ?array
    {
        $dx = $this->x[$b] - $this->x[$a];
        $dy = $this->y[$b] - $this->y[$a];
        $sign = $dx * ($this->y[$inside] - $this->y[$a]) - $dy * ($this->x[$inside] - $this->x[$a]) > 0 ? -1.0 : 1.0;
        $best = null;
        $least = INF;
        foreach ($this->x as $i => $x) {
            $beyond = $sign * ($dx * ($this->y[$i] - $this->y[$a]) - $dy * ($x - $this->x[$a]));
            if ($beyond <= 1e-7) {
                continue;
            }
            $turn = ($plane->h + $plane->gx * $x + $plane->gy * $this->y[$i] - $this->z[$i]) / $beyond;
            if ($turn < $least - 1e-13) {
                $least = $turn;
                $best = $i;
            }
        }

        return $best === null ? null : [$a, $b, $best];
    }

    /**
     * @param array{int, int, int} $triangle
     * @return array{int, int, int}
     */
    private function replaced(array $triangle, int $new, float $cx, float $cy): array
    {
        [$a, $b, $c] = $triangle;
        $best = [$new, $a, $b];
        $most = -INF;
        foreach ([[$new, $a, $b], [$new, $b, $c], [$new, $c, $a]] as $candidate) {
            $inside = $this->insideness($candidate, $cx, $cy);
            if ($inside > $most) {
                [$most, $best] = [$inside, $candidate];
            }
        }

        return $best;
    }

    /**
     * The least barycentric coordinate of the centre; not negative when it is inside.
     *
     * @param array{int, int, int} $triangle
     */
    private function insideness(array $triangle, float $cx, float $cy): float
    {
        [$a, $b, $c] = $triangle;
        $area = $this->cross($this->x[$a], $this->y[$a], $this->x[$b], $this->y[$b], $this->x[$c], $this->y[$c]);
        if (abs($area) < 1e-12) {
            return -INF;
        }

        return min(
            $this->cross($cx, $cy, $this->x[$b], $this->y[$b], $this->x[$c], $this->y[$c]) / $area,
            $this->cross($this->x[$a], $this->y[$a], $cx, $cy, $this->x[$c], $this->y[$c]) / $area,
            $this->cross($this->x[$a], $this->y[$a], $this->x[$b], $this->y[$b], $cx, $cy) / $area,
        );
    }

    private function cross(float $ax, float $ay, float $bx, float $by, float $cx, float $cy): float
    {
        return ($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax);
    }

    /**
     * Three points around the centre: any one, and on either side of its direction the one turned farthest from it.
     *
     * @return array{int, int, int}
     */
    private function firstTriangle(float $cx, float $cy): array
    {
        $zero = atan2($this->y[0] - $cy, $this->x[0] - $cx);
        $left = $right = 0;
        $most = $least = 0.0;
        foreach ($this->x as $i => $x) {
            $turn = fmod(atan2($this->y[$i] - $cy, $x - $cx) - $zero + 3 * M_PI, 2 * M_PI) - M_PI;
            if ($turn > $most) {
                [$most, $left] = [$turn, $i];
            }
            if ($turn < $least) {
                [$least, $right] = [$turn, $i];
            }
        }

        return [0, $left, $right];
    }
}
