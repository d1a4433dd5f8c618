<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** Why a look-up came to nothing. Code asks for these; the sentence next to them is for people. */
enum Reason: string
{
    case EmptyBox = 'empty-box';
    case NoAddress = 'no-address';
    case TooLong = 'too-long';
    case TooMany = 'too-many';
    case WrongIsbn = 'wrong-isbn';
    case SearchPage = 'search-page';
    case Unreadable = 'unreadable';
    case NotText = 'not-text';
    case UnknownHost = 'unknown-host';
    case ClosedNetwork = 'closed-network';
    case ClosedPort = 'closed-port';
    case NoAnswer = 'no-answer';
    case TooSlow = 'too-slow';
    case BrokeOff = 'broke-off';
    case BadCertificate = 'bad-certificate';
    case Circle = 'circle';
    case NoSuchPage = 'no-such-page';
    case Forbidden = 'forbidden';
    case Busy = 'busy';
    case SiteTrouble = 'site-trouble';
    case NoPage = 'no-page';
    case EmptyPage = 'empty-page';
    case TooLarge = 'too-large';
    case NotFound = 'not-found';
    case NotSetUp = 'not-set-up';
    /** The page is built so that it could not be read within the limits. */
    case TooMuchToRead = 'too-much-to-read';
    case NoMatch = 'no-match';
    case PaperFull = 'paper-full';
    case SourceGone = 'source-gone';
    /** Whatever worked on it went away. */
    case Interrupted = 'interrupted';
    case NotTakenUp = 'not-taken-up';
    case OwnFault = 'own-fault';
}
