<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use App\Http\Requests\OperationRequest;

/** The bin was lifted; once, however often it is said. */
final class LiftRequest extends OperationRequest {}
