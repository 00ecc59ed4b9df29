<?php

declare(strict_types=1);

namespace ChiralexAdapters\Mail;

/** A file that came with a mail. */
final readonly class MailFile
{
    /** @param string $type as the mail says it, `image/jpeg`; nobody has looked into the bytes */
    public function __construct(public string $name, public string $type, public string $bytes) {}
}
