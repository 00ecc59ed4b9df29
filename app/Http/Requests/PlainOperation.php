<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Something to do once, without further fields. */
final class PlainOperation extends OperationRequest {}
