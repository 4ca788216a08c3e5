<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

/** What the ledger remembers. */
enum Event: string
{
    case Opened = 'opened';
    case Agreed = 'agreed';
    case Offered = 'offered';
    case Supplement = 'supplement';
    case Invoiced = 'invoiced';
    case Planned = 'planned';
    case Started = 'started';
    case Done = 'done';
    case GatePassed = 'gate-passed';
    case GateNotYet = 'gate-not-yet';
    case LookEnough = 'look-enough';
    case LookNotEnough = 'look-not-enough';
    case Overridden = 'overridden';
    case PutDown = 'put-down';
    case Again = 'again';
    case Interrupted = 'interrupted';
    case TakenOver = 'taken-over';
    case Spoiled = 'spoiled';
    case Keyed = 'keyed';
    case Promised = 'promised';
    case Finished = 'finished';
    case ColourRead = 'colour-read';
    case Compared = 'compared';
    case PotLaid = 'pot-laid';
    case Collected = 'collected';
    case CalledOff = 'called-off';
    case Told = 'told';
    case Corrected = 'corrected';
    case TakenBack = 'taken-back';
    case Noted = 'noted';
}
