<?php

declare(strict_types=1);

namespace App\School;

/** What adults do that somebody may have to answer for: each has its sentence, `log.ID`, in the phrasebook. */
enum Act: string
{
    case SetUp = 'set-up';
    case SignedIn = 'signed-in';
    case Invited = 'invited';
    case Uninvited = 'uninvited';
    case Came = 'came';
    case ResetSignIn = 'reset-sign-in';
    case ChangedPassword = 'changed-password';
    case SignedOutEverywhere = 'signed-out-everywhere';
    case ChangedPerson = 'changed-person';
    case ChangedSchool = 'changed-school';
    case MadeClass = 'made-class';
    case HandedOver = 'handed-over';
    case ChangedHelp = 'changed-help';
    case RenewedCode = 'renewed-code';
    case TookInRoster = 'took-in-roster';
    case ResetPin = 'reset-pin';
    case MadePins = 'made-pins';
    case MergedStudents = 'merged-students';
    case LetIn = 'let-in';
    case Corrected = 'corrected';
    case Exported = 'exported';
    case TookIn = 'took-in-class';
    case Archived = 'archived';
    case RolledOver = 'rolled-over';
    case ErasedStudent = 'erased-student';
    case ErasedClass = 'erased-class';
    case ErasedByTime = 'erased-by-time';
    case Kept = 'kept';
}
