<?php

declare(strict_types=1);

namespace App\Devices;

/** Prints one label at the packing bench. */
interface LabelPrinter
{
    /**
     * @param string $name what the label is of
     * @param string $pdf one page as large as the label
     */
    public function print(string $name, string $pdf): void;
}
