<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;
use App\Models\Slip;
use App\School\SlipBox;

/** A new slip with its code, which is told this once. */
final readonly class SlipMade extends View
{
    public const STATUS = 201;

    /**
     * @param  string  $path  of the page that its QR opens
     * @param  bool  $is_new  somebody new; or a new password for somebody who is here
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $school,
        public string $code,
        public string $path,
        public string $ends_at,
        public bool $is_new,
        public bool $mailed,
    ) {
    }

    public static function of(Slip $slip, string $code, SlipBox $slips, bool $wantsMail): self
    {
        $mails = $wantsMail && $slips->canMail();
        if ($mails) {
            $slips->mail($slip, $code);
        }

        return new self(
            $slip->id, $slip->name, $slip->kitchen->school->name, $code, "/welcome/$code", $slip->ends_at->toJSON(),
            $slip->teacher_id === null, $mails,
        );
    }
}
