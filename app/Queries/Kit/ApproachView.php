<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Actions\Kit\Derived;
use App\Actions\Kit\Documents;
use App\Models\Revision;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use ChiralexRender\Svg\ApproachSvg;
use ChiralexRender\Words;

/** The free directions about a part, kept like every derived result. */
final readonly class ApproachView
{
    public function __construct(private KitFolder $folder, private Derived $derived) {}

    /**
     * @param ?int $step number of the step whose parts are the last ones fitted; null for all parts
     * @return array<string, mixed>
     * @throws ChiralexException when the files cannot be read
     */
    public function of(Revision $revision, string $designator, ?int $step, string $options): array
    {
        return $this->derived->document(
            $revision,
            Documents::kept("approach {$designator} " . ($step ?? 'all'), $options),
            function () use ($revision, $designator, $step, $options): array {
                $kit = $this->folder->kit($revision, $options);
                $order = $step === null ? null : (new Planner())->plan($kit);
                $fitted =
                    $order instanceof BuildOrder
                        ? array_map(
                            strval(...),
                            array_keys(array_filter($order->stepOf(), static fn(int $index): bool => $index < $step)),
                        )
                        : null;

                return (new ApproachSvg($kit, Words::english()))->of($designator, $fitted);
            },
        );
    }
}
