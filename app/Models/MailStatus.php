<?php

declare(strict_types=1);

namespace App\Models;

/** How far a mail of ours is. */
enum MailStatus: string
{
    /** Goes out in a moment, and can be taken back until then. */
    case Waiting = 'waiting';
    case TakenBack = 'taken-back';
    /** The simulated mailbox has it. */
    case Kept = 'kept';
    /** A person has to send it from their own mail program. */
    case Draft = 'draft';
    case Sent = 'sent';
    case Failed = 'failed';
    case Bounced = 'bounced';
}
