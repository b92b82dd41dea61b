<?php

declare(strict_types=1);

namespace App\School;

use App\Classes\Code;
use App\Models\Kitchen;
use App\Models\Slip;
use App\Models\Teacher;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

/** Makes slips, sends them where a mail server is set, and lets in who brings one. */
final class SlipBox
{
    /**
     * @return array{Slip, string} the slip, and its code, which is told this once
     *
     * @throws InvalidInput when somebody here has that mail
     */
    public function invite(Kitchen $kitchen, string $name, string $email, AdultRole $role): array
    {
        if (Teacher::query()->where('email', $email)->exists()) {
            throw InvalidInput::because('email', Phrase::of('refusal.mail-taken'));
        }

        return $this->make($kitchen, null, $name, $email, $role);
    }

    /** @return array{Slip, string} with which they choose a new password */
    public function reset(Teacher $person): array
    {
        return $this->make($person->kitchen, $person, $person->name, $person->email, $person->role);
    }

    /** Whether there is a mail server to send them by. */
    public function canMail(): bool
    {
        return config('mail.default') !== 'none';
    }

    public function mail(Slip $slip, string $code): void
    {
        $school = $slip->kitchen->school;
        $said = fn (string $id): string => Said::phraseIn($school->language, Phrase::of($id, [
            'name' => $slip->name, 'school' => $school->name, 'days' => Slip::DAYS, 'code' => $code,
            'address' => rtrim((string) config('app.url'), '/').'/welcome/'.$code,
        ]));
        $kind = $slip->teacher_id === null ? 'invitation' : 'reset';
        Mail::raw(
            $said("mail.$kind.text"),
            fn (Message $mail): Message => $mail->to($slip->email, $slip->name)->subject($said("mail.$kind.subject")),
        );
    }

    /** The one who brought it, with their password; the slip is used up. */
    public function use(Slip $slip, string $password, ?string $name): Teacher
    {
        return DB::transaction(function () use ($slip, $password, $name): Teacher {
            // Two at once: one finds it gone.
            if (Slip::query()->whereKey($slip->id)->delete() !== 1) {
                throw InvalidInput::because('code', Phrase::of('refusal.no-such-slip'));
            }
            $person = $slip->teacher;
            if ($person === null) {
                // Another school's slip was used before this one's.
                if (Teacher::query()->where('email', $slip->email)->exists()) {
                    throw InvalidInput::because('code', Phrase::of('refusal.mail-taken'));
                }

                return Teacher::query()->create([
                    'kitchen_id' => $slip->kitchen_id, 'name' => $name ?? $slip->name, 'email' => $slip->email, 'role' => $slip->role,
                    'password' => $password,
                ]);
            }
            $person->update(['password' => $password]);
            $person->endSessions();

            return $person;
        });
    }

    /** @return array{Slip, string} */
    private function make(Kitchen $kitchen, ?Teacher $person, string $name, string $email, AdultRole $role): array
    {
        return DB::transaction(function () use ($kitchen, $person, $name, $email, $role): array {
            // The newest of a school counts; another school may have invited the same person.
            Slip::query()->where('email', $email)->whereIn('kitchen_id', $kitchen->school->kitchens->modelKeys())->delete();
            $code = Code::ofSlip();

            return [Slip::query()->create([
                'kitchen_id' => $kitchen->id, 'teacher_id' => $person?->id, 'name' => $name, 'email' => $email, 'role' => $role,
                'code_hash' => Slip::hash($code), 'ends_at' => now()->addDays(Slip::DAYS),
            ]), $code];
        });
    }
}
